/** Tonight: what is left to do over all classes, spread over the evenings left. */

import { type EveningAhead, eveningsAhead, helpful, overOf, type Way } from "@elm-basket/core/calendar/ahead.ts";
import { addDays, daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { type EveningPlan, type EveningTask, tonight } from "@elm-basket/core/calendar/evenings.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { ORDER_MINUTES, ORDER_MINUTES_PER_THING, PACK_MINUTES_PER_KIT } from "@elm-basket/core/plan/pace-of-hands.ts";
import { preparedOn } from "@elm-basket/core/plan/prepared.ts";
import { runSheetOf } from "@elm-basket/core/plan/thing-document.ts";
import { destinationsOf, type Posting, postBy } from "@elm-basket/core/posting/posting.ts";
import { withProposal } from "@elm-basket/core/proposal/merge.ts";
import { propose } from "@elm-basket/core/proposal/propose.ts";
import { earliestEvenings } from "@elm-basket/core/scheduling/earliest.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { freeOn } from "@/account/free-evenings.ts";
import type { Host } from "@/account/session.ts";
import { type ClassListRow, leadOf, listClasses } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { type KitRow, listKits, type SeatWork, workBySeat, workLeft } from "@/data/making.ts";
import { eraseAddresses, listParcels, type ParcelRow, readPosting } from "@/data/parcels.ts";
import { doneTasks, PRINTED } from "@/data/task-marks.ts";
import { type Planned, type PlannedClass, plannedClass } from "@/planning/planned-class.ts";
import { factsByThing } from "@/planning/proposal.ts";
import { todayIn } from "@/ui/dates.ts";
import { type KitWork, kitTasks } from "./kit-tasks.ts";
import { dueOn, type TonightTask } from "./task.ts";

/** A way to make a week less full, that was tried. */
export interface WayOut {
  readonly words: string;
  readonly href: string;
  /** Minutes that then fit. */
  readonly saves: number;
}

export interface TonightView {
  readonly today: string;
  readonly plan: EveningPlan;
  readonly tasks: readonly TonightTask[];
  /** The evenings to come, as tonight's rule will ask day by day. */
  readonly ahead: readonly EveningAhead[];
  /** All that is left, whenever it is done. */
  readonly every: readonly TonightTask[];
  /** By id, what each task of them is. */
  readonly all: Readonly<Record<string, Pick<TonightTask, "kind" | "title" | "detail">>>;
  readonly waysOut: readonly WayOut[];
  /** Whether the studio has never made a class. */
  readonly none: boolean;
  readonly classes: readonly { readonly row: ClassListRow; readonly kits: readonly KitRow[]; readonly stops: number; readonly labels: Readonly<Record<string, string>> }[];
}

/** Classes farther away than this do not press yet. */
const HORIZON_DAYS = 45;
const MOST_CLASSES = 12;

/** Whose evenings they are; nobody has to be signed in. */
export type Desk = Pick<Host, "studioId" | "studio">;

export async function loadTonight(host: Desk): Promise<TonightView> {
  const today = todayIn(host.studio.zone);
  const rows = await withStudio(host.studioId, listClasses);
  const near = rows.filter((row) => row.class_date >= today && daysBetween(today, row.class_date) <= HORIZON_DAYS).slice(0, MOST_CLASSES);
  const planned: (Planned | null)[] = [];
  for (const row of near) planned.push(await plannedClass(host.studioId, row.id));
  const ids = near.map(({ id }) => id);
  const { left, kits, done, posted } = await withStudio(host.studioId, async (sql) => {
    await eraseAddresses(sql);
    const lists: KitRow[][] = [];
    for (const id of ids) lists.push(await listKits(sql, id));
    const sent = near.filter((row) => leadOf(row).postBy !== undefined).map(({ id }) => id);
    return {
      left: await workLeft(sql, PACK_MINUTES_PER_KIT),
      kits: lists,
      done: await doneTasks(sql, ids),
      posted: new Map(
        await Promise.all(sent.map(async (id) => [id, { posting: (await readPosting(sql, id)).posting, parcels: await listParcels(sql, id), seats: await workBySeat(sql, id) }] as const)),
      ),
    };
  });
  const free = (date: string) => freeOn(host.studio, date);
  const tasks = near.flatMap((row, i) => {
    const own = planned[i];
    const ticked = done.get(row.id) ?? new Map<string, Date>();
    const work = left.find(({ id }) => id === row.id);
    return [
      ...(own?.ok ? [...orderTask(row, own.value, today), ...blankTasks(row, own.value.document, { done: ticked, today, host })] : []),
      ...(work ? kitTasks({ row, left: work, handsOver: own?.ok ? own.value.document.handsOver : undefined, printed: ticked.has(PRINTED), today, ...parcelsFor(row, posted.get(row.id)) }) : []),
    ];
  });
  const asked = tasks.map(asEvening);
  const plan = tonight(asked, today, free);
  const ahead = eveningsAhead(asked, today, free, DAYS_AHEAD);
  const waysOut = overOf(ahead) < 1 ? [] : waysOf(host, tasks, { near, planned, kits, today });
  const chosen = plan.tasks.flatMap(({ id, minutes }) => {
    const task = tasks.find((candidate) => candidate.id === id);
    return task ? [{ ...task, minutes }] : [];
  });
  const classes = near.map((row, i) => {
    const own = planned[i];
    return {
      row,
      kits: kits[i] ?? [],
      stops: own?.ok ? own.value.plan.findings.filter(({ severity }) => severity === "stop").length : 1,
      labels: own?.ok ? Object.fromEntries(own.value.plan.seats.map(({ seat, label }) => [seat, label])) : {},
    };
  });
  return {
    today,
    plan,
    tasks: chosen,
    every: tasks,
    ahead,
    all: Object.fromEntries(tasks.map(({ id, kind, title, detail }) => [id, { kind, title, detail }])),
    waysOut,
    none: rows.length === 0,
    classes,
  };
}

/** What a class lacks is ordered by its day, and is off the list as soon as it is ticked off as bought. */
function orderTask(row: ClassListRow, { plan }: PlannedClass, today: string): TonightTask[] {
  const lacking = plan.supplies.filter(({ packs }) => packs > 0);
  const days = leadOf(row).orderBy;
  if (lacking.length === 0 || days === undefined) return [];
  return [
    {
      id: `${row.id}-order`,
      kind: "order",
      minutes: 0,
      allMinutes: ORDER_MINUTES + lacking.length * ORDER_MINUTES_PER_THING,
      title: `Order ${lacking.length === 1 ? (lacking[0]?.name ?? "one thing") : `${lacking.length} things`}`,
      detail: row.title,
      href: `/shelf/shopping?for=${row.id}`,
      ...dueOn(addDays(row.class_date, -days), today),
      classId: row.id,
    },
  ];
}

interface Sent {
  readonly posting: Posting;
  readonly parcels: readonly ParcelRow[];
  readonly seats: readonly SeatWork[];
}

function parcelsFor(row: ClassListRow, sent: Sent | undefined): Pick<KitWork, "parcels" | "destinations" | "seats"> {
  if (!sent) return { parcels: [], destinations: [], seats: [] };
  const usual = leadOf(row).postBy ?? 0;
  const known = sent.parcels
    .filter(({ address, postedAt }) => address !== null || postedAt !== null)
    .map(({ seat, address, postedAt }) => ({ seat, address, posted: postedAt !== null, postBy: address && postBy(sent.posting, row.class_date, usual, address.country) }));
  return { parcels: known, destinations: destinationsOf(known, sent.posting, row.class_date, usual), seats: sent.seats };
}

/** Two weeks: further off much changes. */
const DAYS_AHEAD = 14;
/** A helper who is as quick as the host halves what is weeded. */
const HELPED = 0.5;
const MOST_WAYS = 4;

const asEvening = ({ id, allMinutes, dueDate, notBefore }: TonightTask): EveningTask => ({ id, minutes: allMinutes, dueDate, ...(notBefore === undefined ? {} : { notBefore }) });

interface Near {
  readonly near: readonly ClassListRow[];
  readonly planned: readonly (Planned | null)[];
  readonly kits: readonly (readonly KitRow[])[];
  readonly today: string;
}

/** What would make the evenings hold it, each tried over the same evenings. */
function waysOf(host: Desk, tasks: readonly TonightTask[], { near, planned, kits, today }: Near): WayOut[] {
  const but = (change: (task: TonightTask) => number): EveningTask[] => tasks.map((task) => ({ ...asEvening(task), minutes: Math.max(0, change(task)) }));
  const weeding = tasks.find(({ kind }) => kind === "weed");
  const ways: Way<Omit<WayOut, "saves">>[] = [];
  if (weeding) {
    const tried = but((task) => (task.kind === "weed" ? HELPED * task.allMinutes : task.allMinutes));
    ways.push({ what: { words: "Somebody weeds beside you, as quick as you are", href: weeding.href }, tasks: tried });
  }
  near.forEach((row, i) => {
    const own = planned[i];
    const weed = tasks.find(({ id }) => id === `${row.id}-weed`);
    if (!weed || !own?.ok) return;
    const { document } = own.value;
    const spare = (kits[i] ?? []).filter(({ seat, weeded }) => seat.startsWith("spare-") && !weeded).reduce((sum, { weedMinutes }) => sum + weedMinutes, 0);
    if (spare > 0)
      ways.push({
        what: { words: `${row.title}: no spare kits. What fails in the class is then not replaced`, href: `/classes/${row.id}/plan` },
        tasks: but((task) => task.allMinutes - (task.id === weed.id ? spare : 0)),
      });
    if (document.proposed) {
      const longer = runSheetOf(inClass(own.value, host)).endMinute - runSheetOf(document).endMinute;
      ways.push({
        what: { words: `${row.title}: they weed in the class, which grows by ${showMinutes(Math.max(0, longer))}; beginners fail at it most`, href: `/classes/${row.id}/teach` },
        tasks: but((task) => (task.kind === "weed" && task.classId === row.id ? 0 : task.allMinutes)),
      });
    }
  });
  return helpful(tasks.map(asEvening), ways, today, (date) => freeOn(host.studio, date), DAYS_AHEAD)
    .slice(0, MOST_WAYS)
    .map(({ what, saves }) => ({ ...what, saves }));
}

/** The class as it would be with kits handed over as they are cut. */
function inClass({ document, plan }: PlannedClass, host: Desk): ClassDocument {
  const next: ClassDocument = { ...document, handsOver: "cut" };
  return withProposal(next, propose(next, { schools: host.studio.settings.schools, facts: factsByThing(plan.facts) }));
}

/** Each evening's share of a task is due on that evening, and waits for what it follows to be dry. Those of an evening stand together. */
function blankTasks(row: ClassListRow, document: ClassDocument, { done, today, host }: { done: ReadonlyMap<string, Date>; today: string; host: Desk }): TonightTask[] {
  const { preparation } = document;
  const dated = preparedOn(document, (date) => freeOn(host.studio, date));
  const restedOn = new Map(
    preparation.flatMap(({ id, waitMinutes }) => {
      const at = done.get(id);
      return at ? [[id, todayIn(host.studio.zone, new Date(at.getTime() + waitMinutes * 60_000))] as const] : [];
    }),
  );
  const earliest = earliestEvenings({ tasks: preparation, dated, today, restedOn });
  const groups = new Map<string, { dueDate: string; notBefore: string; minutes: number; marks: { id: string; title: string }[] }>();
  for (const { id, date: begun, evenings } of dated) {
    const first = earliest.get(id);
    if (first === undefined) continue;
    const title = preparation.find((task) => task.id === id)?.title ?? id;
    for (const { date, minutes } of evenings) {
      // A later round of it has no place before the one before is dry.
      const [dueDate, notBefore] = [date < today ? today : date, addDays(first, daysBetween(begun, date))];
      const key = `${dueDate}-${notBefore}`;
      const there = groups.get(key) ?? { dueDate, notBefore, minutes: 0, marks: [] };
      groups.set(key, { ...there, minutes: there.minutes + minutes, marks: there.marks.some((mark) => mark.id === id) ? there.marks : [...there.marks, { id, title }] });
    }
  }
  return [...groups].map(([key, { dueDate, notBefore, minutes, marks }]) => ({
    id: `${row.id}-blanks-${key}`,
    kind: "blanks" as const,
    minutes: 0,
    allMinutes: minutes,
    title: marks.length > 2 ? `${titlesOf(marks.slice(0, 2))} and ${marks.length - 2} more` : titlesOf(marks),
    detail: row.title,
    href: `/classes/${row.id}/plan`,
    dueDate,
    notBefore,
    marks,
    classId: row.id,
  }));
}

const titlesOf = (marks: readonly { readonly title: string }[]): string => marks.map(({ title }) => title).join(", ");
