/** Tonight: what is left to do over all classes, spread over the evenings left. */
import { addDays, CRAFT_ALONG_LEAD_DAYS, type DeadlineCode, daysBetween, ROOM_LEAD_DAYS } from "@elm-basket/core/calendar/dates.ts";
import { type EveningPlan, tonight } from "@elm-basket/core/calendar/evenings.ts";
import type { ClassDocument, HandedOver } from "@elm-basket/core/plan/document.ts";
import { PACK_MINUTES_PER_KIT, TAPE_MINUTES_PER_KIT } from "@elm-basket/core/plan/pace-of-hands.ts";
import { preparedOn } from "@elm-basket/core/plan/prepared.ts";
import { earliestEvenings } from "@elm-basket/core/scheduling/earliest.ts";
import { freeOn } from "@/account/free-evenings.ts";
import type { Host } from "@/account/session.ts";
import { type ClassListRow, listClasses } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { type KitRow, listKits, workLeft } from "@/data/making.ts";
import { doneTasks } from "@/data/task-marks.ts";
import { type Planned, plannedClass } from "@/planning/planned-class.ts";
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
}

export interface TonightView {
  readonly today: string;
  readonly plan: EveningPlan;
  readonly tasks: readonly TonightTask[];
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
  const plan = tonight(
    tasks.map(({ id, allMinutes, dueDate, notBefore = today }) => ({ id, minutes: allMinutes, dueDate, notBefore })),
    today,
    free,
  );
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
  return { today, plan, tasks: chosen, none: rows.length === 0, classes };
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
  const groups = new Map<string, { dueDate: string; notBefore: string; minutes: number; titles: string[] }>();
  for (const { id, date: begun, evenings } of dated) {
    const first = earliest.get(id);
    if (first === undefined) continue;
    const title = preparation.find((task) => task.id === id)?.title ?? id;
    for (const { date, minutes } of evenings) {
      // A later round of it has no place before the one before is dry.
      const [dueDate, notBefore] = [date < today ? today : date, addDays(first, daysBetween(begun, date))];
      const key = `${dueDate}-${notBefore}`;
      const there = groups.get(key) ?? { dueDate, notBefore, minutes: 0, titles: [] };
      groups.set(key, { ...there, minutes: there.minutes + minutes, titles: there.titles.includes(title) ? there.titles : [...there.titles, title] });
    }
  }
  return [...groups].map(([key, { dueDate, notBefore, minutes, titles }]) => ({
    id: `${row.id}-blanks-${key}`,
    kind: "blanks" as const,
    minutes: 0,
    allMinutes: minutes,
    title: titles.length > 2 ? `${titles.slice(0, 2).join(", ")} and ${titles.length - 2} more` : titles.join(", "),
    detail: row.title,
    href: `/classes/${row.id}/plan`,
    dueDate,
    notBefore,
  }));
}

function tasksOf(row: ClassListRow, left: Awaited<ReturnType<typeof workLeft>>[number] | undefined, today: string, handsOver: HandedOver | undefined): TonightTask[] {
  if (!left) return [];
  const lead = row.lead_days ?? (row.setting.kind === "room" ? ROOM_LEAD_DAYS : CRAFT_ALONG_LEAD_DAYS);
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
    .map((task) => ({ ...task, minutes: 0, detail: row.title }));
}
