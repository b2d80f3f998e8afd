/** Tonight: what is left to do over all classes, spread over the evenings left. */

import { type EveningAhead, eveningsAhead, helpful, overOf, type Way } from "@elm-basket/core/calendar/ahead.ts";
import { addDays, type DeadlineCode, daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { type EveningPlan, type EveningTask, tonight } from "@elm-basket/core/calendar/evenings.ts";
import type { ClassDocument, HandedOver } from "@elm-basket/core/plan/document.ts";
import { PACK_MINUTES_PER_KIT, TAPE_MINUTES_PER_KIT } from "@elm-basket/core/plan/pace-of-hands.ts";
import { preparedOn } from "@elm-basket/core/plan/prepared.ts";
import { runSheetOf } from "@elm-basket/core/plan/thing-document.ts";
import { withProposal } from "@elm-basket/core/proposal/merge.ts";
import { propose } from "@elm-basket/core/proposal/propose.ts";
import { earliestEvenings } from "@elm-basket/core/scheduling/earliest.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { freeOn } from "@/account/free-evenings.ts";
import type { Host } from "@/account/session.ts";
import { type ClassListRow, leadOf, listClasses } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { type KitRow, listKits, workLeft } from "@/data/making.ts";
import { doneTasks } from "@/data/task-marks.ts";
import { type Planned, type PlannedClass, plannedClass } from "@/planning/planned-class.ts";
import { factsByThing } from "@/planning/proposal.ts";
import { todayIn } from "@/ui/dates.ts";

export interface TonightTask {
  readonly id: string;
  readonly minutes: number;
  readonly allMinutes: number;
  readonly title: string;
  readonly detail: string;
  readonly href: string;
  readonly kind: "blanks" | "cut" | "weed" | "pack";
  readonly dueDate: string;
  readonly notBefore?: string;
  /** Of the preparation, what is ticked off by itself. */
  readonly marks?: readonly { readonly id: string; readonly title: string }[];
  readonly classId: string;
}

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

export async function loadTonight(host: Host): Promise<TonightView> {
  const today = todayIn(host.studio.zone);
  const rows = await withStudio(host.studioId, listClasses);
  const near = rows.filter((row) => row.class_date >= today && daysBetween(today, row.class_date) <= HORIZON_DAYS).slice(0, MOST_CLASSES);
  const planned: (Planned | null)[] = [];
  for (const row of near) planned.push(await plannedClass(host.studioId, row.id));
  const { left, kits, done } = await withStudio(host.studioId, async (sql) => {
    const lists: KitRow[][] = [];
    for (const row of near) lists.push(await listKits(sql, row.id));
    return {
      left: await workLeft(sql, PACK_MINUTES_PER_KIT),
      kits: lists,
      done: await doneTasks(
        sql,
        near.map(({ id }) => id),
      ),
    };
  });
  const free = (date: string) => freeOn(host.studio, date);
  const tasks = near.flatMap((row, i) => {
    const own = planned[i];
    const blanks = own?.ok ? blankTasks(row, own.value.document, { done: done.get(row.id) ?? new Map(), today, host }) : [];
    return [
      ...blanks,
      ...tasksOf(
        row,
        left.find(({ id }) => id === row.id),
        today,
        own?.ok ? own.value.document.handsOver : undefined,
      ),
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
  return { today, plan, tasks: chosen, ahead, all: Object.fromEntries(tasks.map(({ id, kind, title, detail }) => [id, { kind, title, detail }])), waysOut, none: rows.length === 0, classes };
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
function waysOf(host: Host, tasks: readonly TonightTask[], { near, planned, kits, today }: Near): WayOut[] {
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
        tasks: but((task) => (task.id === weed.id ? 0 : task.allMinutes)),
      });
    }
  });
  return helpful(tasks.map(asEvening), ways, today, (date) => freeOn(host.studio, date), DAYS_AHEAD)
    .slice(0, MOST_WAYS)
    .map(({ what, saves }) => ({ ...what, saves }));
}

/** The class as it would be with kits handed over as they are cut. */
function inClass({ document, plan }: PlannedClass, host: Host): ClassDocument {
  const next: ClassDocument = { ...document, handsOver: "cut" };
  return withProposal(next, propose(next, { schools: host.studio.settings.schools, facts: factsByThing(plan.facts) }));
}

/** Each evening's share of a task is due on that evening, and waits for what it follows to be dry. Those of an evening stand together. */
function blankTasks(row: ClassListRow, document: ClassDocument, { done, today, host }: { done: ReadonlyMap<string, Date>; today: string; host: Host }): TonightTask[] {
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

function tasksOf(row: ClassListRow, left: Awaited<ReturnType<typeof workLeft>>[number] | undefined, today: string, handsOver: HandedOver | undefined): TonightTask[] {
  if (!left) return [];
  const lead = leadOf(row);
  const due = (code: DeadlineCode) => {
    const date = addDays(row.class_date, -(lead[code] ?? 0));
    return date < today ? today : date;
  };
  const base = `/classes/${row.id}`;
  const plural = (n: number, word: string) => `${n} ${word}${n === 1 ? "" : "s"}`;
  return [
    { id: `${row.id}-cut`, kind: "cut" as const, allMinutes: left.cutLeft, title: `Cut ${plural(left.sheetsLeft, "load")}`, href: `${base}/cut`, dueDate: due("cutBy") },
    {
      id: `${row.id}-weed`,
      kind: "weed" as const,
      allMinutes: handsOver === "cut" ? 0 : left.weedLeft,
      title: `Weed ${plural(left.weedKits, "kit")}, hard ones first`,
      href: `${base}/weed`,
      dueDate: due("weedBy"),
    },
    {
      id: `${row.id}-pack`,
      kind: "pack" as const,
      allMinutes: left.packLeft * (handsOver === "taped" ? 1 + TAPE_MINUTES_PER_KIT / PACK_MINUTES_PER_KIT : 1),
      title: handsOver === "taped" ? "Tape, check and pack the kits" : "Check and pack the kits",
      href: `${base}/pack`,
      dueDate: due("packBy"),
    },
  ]
    .filter((task) => task.allMinutes > 0)
    .map((task) => ({ ...task, minutes: 0, detail: row.title, classId: row.id }));
}
