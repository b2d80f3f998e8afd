/**
 * A proposal, what the host made of it, and the proposal as it is now, merged three ways: what the
 * host changed stays; what nobody
 * touched follows; where both moved, it is told and decided by the host. A document keeps of the
 * old proposal only the ids it took, and
 * what was proposed where the host says otherwise.
 */
import type { ClassDocument, Proposed } from "../document/document.ts";
import { soundLikes, soundOrder } from "../scheduling/reorder.ts";
import { MOST_STEPS } from "../scheduling/step-kinds.ts";
import { soundTasks } from "../scheduling/tasks.ts";
import type { Proposal } from "./propose.ts";
import { kept } from "./told.ts";

export const LISTS = ["steps", "supplies", "preparation"] as const;
export type List = (typeof LISTS)[number];
export const NOTHING_TAKEN: Proposed = { steps: [], supplies: [], preparation: [] };

type Row = Readonly<Record<string, unknown>> & { readonly id: string };

/** What a proposal speaks of; prices, packs and stock are the host's alone. */
const FIELDS: Readonly<Record<List, readonly string[]>> = {
  steps: [
    "title",
    "minutes",
    "half",
    "who",
    "tool",
    "after",
    "say",
    "show",
    "check",
    "care",
    "slip",
    "doIt",
    "thing",
    "like",
  ],
  supplies: ["name", "per", "amount", "seats", "unit", "uses", "substitute", "spares", "thing"],
  preparation: ["title", "minutes", "after", "waitMinutes", "atOnce", "say", "care", "thing"],
};

const isSame = (a: unknown, b: unknown): boolean =>
  (a ?? null) === (b ?? null) || JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
const sorted = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== "object" || value === null) return value ?? null;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, own]) => own !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, own]) => [key, sorted(own)]),
  );
};

/** The lists of a proposal as a class would keep them, without their reasons. */
export function listsOf({
  steps,
  materials,
  preparation,
}: Pick<Proposal, "steps" | "materials" | "preparation">): Readonly<Record<List, readonly Row[]>> {
  const bare = (rows: readonly object[]): Row[] => rows.map((row) => kept(row) as Row);
  return { steps: bare(steps), supplies: bare(materials), preparation: bare(preparation) };
}

export interface FieldMoved {
  readonly list: List;
  readonly id: string;
  readonly title: string;
  readonly field: string;
  /** As it stands in the class. */
  readonly here: unknown;
  /** What was proposed when it was taken; the same as `here` where the host has not touched it. */
  readonly was: unknown;
  readonly now: unknown;
  /** Whether the host said otherwise than was proposed. */
  readonly yours: boolean;
}

export interface RowMoved {
  readonly list: List;
  readonly id: string;
  readonly title: string;
  readonly what: "new" | "gone";
}

export interface Differences {
  readonly fields: readonly FieldMoved[];
  readonly rows: readonly RowMoved[];
}

type Taken = Proposed["steps"][number];
const titleOf = (row: Row): string => String(row.title ?? row.name ?? row.id);

/**
 * Where the class stands otherwise than is proposed now; nothing of a class that never took a
 * proposal.
 */
export function differences(
  document: Pick<ClassDocument, List | "proposed">,
  proposal: Pick<Proposal, "steps" | "materials" | "preparation">,
): Differences {
  if (!document.proposed) return { fields: [], rows: [] };
  const now = listsOf(proposal);
  const fields: FieldMoved[] = [];
  const rows: RowMoved[] = [];
  for (const list of LISTS) {
    const here = new Map((document[list] as readonly Row[]).map((row) => [row.id, row]));
    const taken = new Map(document.proposed[list].map((row) => [row.id, row]));
    const proposed = new Map(now[list].map((row) => [row.id, row]));
    for (const row of now[list]) {
      const own = here.get(row.id);
      const base = taken.get(row.id);
      if (!base && !own) rows.push({ list, id: row.id, title: titleOf(row), what: "new" });
      if (!own || !base) continue;
      for (const field of FIELDS[list]) {
        if (isSame(own[field], row[field])) continue;
        const yours = base.was !== undefined && Object.hasOwn(base.was, field);
        fields.push({
          list,
          id: row.id,
          title: titleOf(own),
          field,
          here: own[field],
          was: yours ? base.was?.[field] : own[field],
          now: row[field],
          yours,
        });
      }
    }
    for (const { id } of document.proposed[list]) {
      const own = here.get(id);
      if (own && !proposed.has(id)) rows.push({ list, id, title: titleOf(own), what: "gone" });
    }
  }
  return { fields, rows };
}

/** Differences that wait for a word of the host: the proposal has moved since it was taken. */
export function moved({ fields, rows }: Differences): Differences {
  return { fields: fields.filter(({ yours, was, now }) => !yours || !isSame(was, now)), rows };
}

export interface Choice {
  /** Only these; all when left out. */
  readonly list?: List;
  readonly id?: string;
  readonly field?: string;
  /** Also what the host said otherwise: by name only. */
  readonly overYours?: boolean;
}

/**
 * Takes what is proposed now where the host has not said otherwise; by `overYours` also where they
 * have. What they added stays, what they
 * took out stays out.
 */
export function withProposal(
  document: ClassDocument,
  proposal: Pick<Proposal, "steps" | "materials" | "preparation" | "tools">,
  choice: Choice = {},
): ClassDocument {
  const now = listsOf(proposal);
  const before = document.proposed ?? NOTHING_TAKEN;
  const merged = Object.fromEntries(
    LISTS.map((list) => [
      list,
      choice.list !== undefined && choice.list !== list
        ? { rows: document[list] as readonly Row[], taken: before[list] }
        : mergedList(list, document[list] as readonly Row[], before[list], now[list], choice),
    ]),
  ) as Record<List, { rows: readonly Row[]; taken: Taken[] }>;
  const steps = soundLikes(
    soundOrder(merged.steps.rows as unknown as ClassDocument["steps"]).slice(0, MOST_STEPS),
  );
  const known = new Set(document.tools.map(({ id }) => id));
  const needed = new Set(steps.flatMap(({ tool }) => tool ?? []));
  return {
    ...document,
    steps,
    supplies: merged.supplies.rows as unknown as ClassDocument["supplies"],
    preparation: soundTasks(merged.preparation.rows as unknown as ClassDocument["preparation"]),
    tools: [
      ...document.tools,
      ...proposal.tools.filter(
        ({ id }) => !known.has(id) && (needed.has(id) || before.steps.length === 0),
      ),
    ],
    proposed: {
      steps: merged.steps.taken,
      supplies: merged.supplies.taken,
      preparation: merged.preparation.taken,
    },
  };
}

function mergedList(
  list: List,
  here: readonly Row[],
  taken: readonly Taken[],
  now: readonly Row[],
  { id: only, field: onlyField, overYours }: Choice,
): { rows: Row[]; taken: Taken[] } {
  const base = new Map(taken.map((row) => [row.id, row]));
  const proposed = new Map(now.map((row) => [row.id, row]));
  const isMeant = (id: string) => only === undefined || only === id;
  const nextTaken = new Map(base);
  const rows: Row[] = [];
  for (const row of here) {
    const next = proposed.get(row.id);
    const was = base.get(row.id);
    if (!isMeant(row.id) || !was) rows.push(row);
    // No longer proposed: it goes where nobody has made it their own.
    else if (!next) {
      if (was.was && Object.keys(was.was).length > 0 && !overYours) rows.push(row);
      else nextTaken.delete(row.id);
    } else {
      const put = mergedRow(list, row, was, next, {
        field: onlyField,
        overYours: overYours ?? false,
      });
      rows.push(put.row);
      nextTaken.set(row.id, put.taken);
    }
  }
  // What is new comes behind what it follows in the proposal.
  now.forEach((row, i) => {
    if (!isMeant(row.id) || base.has(row.id) || here.some(({ id }) => id === row.id)) return;
    const earlier = now.slice(0, i).map(({ id }) => id);
    const at = rows.findLastIndex(({ id }) => earlier.includes(id));
    rows.splice(at + 1, 0, row);
    nextTaken.set(row.id, { id: row.id });
  });
  const ordered = isInOrder(here, taken) ? inOrderOf(now, rows) : rows;
  const place = new Map(ordered.map(({ id }, i) => [id, i]));
  const at = ({ id }: Taken): number => place.get(id) ?? ordered.length;
  return { rows: ordered, taken: [...nextTaken.values()].sort((a, b) => at(a) - at(b)) };
}

/** Whether the host has left what was taken in the order in which it was proposed. */
function isInOrder(here: readonly Row[], taken: readonly Taken[]): boolean {
  const there = new Set(here.map(({ id }) => id));
  const was = taken.flatMap(({ id }) => (there.has(id) ? [id] : []));
  const known = new Set(was);
  return here.filter(({ id }) => known.has(id)).every(({ id }, i) => id === was[i]);
}

/** As it is proposed now; what is the host's own stays behind what it followed. */
function inOrderOf(now: readonly Row[], rows: readonly Row[]): Row[] {
  const known = new Map(rows.map((row) => [row.id, row]));
  const ordered = now.flatMap(({ id }) => known.get(id) ?? []);
  const placed = new Set(ordered.map(({ id }) => id));
  rows.forEach((row, i) => {
    if (placed.has(row.id)) return;
    const before = rows[i - 1];
    ordered.splice(before ? ordered.findIndex(({ id }) => id === before.id) + 1 : 0, 0, row);
    placed.add(row.id);
  });
  return ordered;
}

function mergedRow(
  list: List,
  row: Row,
  taken: Taken,
  next: Row,
  { field: only, overYours }: { field: string | undefined; overYours: boolean },
): { row: Row; taken: Taken } {
  const put: Record<string, unknown> = { ...row };
  const was: Record<string, unknown> = { ...taken.was };
  for (const field of FIELDS[list]) {
    if (only !== undefined && field !== only) continue;
    const yours = Object.hasOwn(was, field);
    if (yours && !overYours) continue;
    delete was[field];
    if (next[field] === undefined) delete put[field];
    else put[field] = next[field];
  }
  return {
    row: put as Row,
    taken: Object.keys(was).length > 0 ? { id: row.id, was } : { id: row.id },
  };
}

/** The host keeps what stands there: it is theirs from now on, over what is proposed now. */
export function keptAsIs(
  document: ClassDocument,
  proposal: Pick<Proposal, "steps" | "materials" | "preparation">,
  { list, id, field }: Choice,
): ClassDocument {
  const open = differences(document, proposal);
  const before = document.proposed ?? NOTHING_TAKEN;
  const proposed = Object.fromEntries(
    LISTS.map((one) => {
      if (list !== undefined && list !== one) return [one, before[one]];
      const isMeant = (row: { readonly id: string; readonly field?: string }) =>
        (id === undefined || row.id === id) && (field === undefined || row.field === field);
      const rows = before[one].flatMap((taken): Taken[] => {
        // What is no longer proposed is the host's own now.
        if (
          open.rows.some(
            (row) => row.list === one && row.what === "gone" && row.id === taken.id && isMeant(row),
          )
        )
          return [];
        const own = open.fields.filter(
          (row) => row.list === one && row.id === taken.id && isMeant(row),
        );
        if (own.length === 0) return [taken];
        return [
          {
            id: taken.id,
            was: {
              ...taken.was,
              ...Object.fromEntries(own.map((row) => [row.field, row.now ?? null])),
            },
          },
        ];
      });
      const refused = open.rows
        .filter((row) => row.list === one && row.what === "new" && isMeant(row))
        .map((row): Taken => ({ id: row.id }));
      return [one, [...rows, ...refused]];
    }),
  ) as unknown as Proposed;
  return { ...document, proposed };
}

/**
 * What a save changed against what stood there becomes the host's own; what was set back to what
 * was proposed is no longer theirs.
 */
export function noted(before: ClassDocument, after: ClassDocument): ClassDocument {
  const taken = after.proposed ?? before.proposed;
  if (!taken) return after;
  // An edit that itself took something over says so.
  if (!isSame(after.proposed, before.proposed)) return after;
  // Other figures bring other minutes with them: they are proposed, not the host's.
  if (!isSame(after.figures, before.figures)) return after;
  const proposed = Object.fromEntries(
    LISTS.map((list) => [
      list,
      notedList(list, before[list] as readonly Row[], after[list] as readonly Row[], taken[list]),
    ]),
  ) as unknown as Proposed;
  return { ...after, proposed };
}

function notedList(
  list: List,
  before: readonly Row[],
  after: readonly Row[],
  taken: readonly Taken[],
): Taken[] {
  const old = new Map(before.map((row) => [row.id, row]));
  const next = new Map(after.map((row) => [row.id, row]));
  return taken.map((row) => {
    const [was, is] = [old.get(row.id), next.get(row.id)];
    if (!was || !is) return row;
    const changed: Record<string, unknown> = { ...row.was };
    for (const field of FIELDS[list]) {
      if (isSame(was[field], is[field])) continue;
      if (!Object.hasOwn(changed, field)) changed[field] = was[field] ?? null;
      else if (isSame(changed[field], is[field])) delete changed[field];
    }
    return Object.keys(changed).length > 0 ? { id: row.id, was: changed } : { id: row.id };
  });
}
