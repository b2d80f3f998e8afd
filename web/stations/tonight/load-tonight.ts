/** Tonight: what is left to do over all classes, spread over the evenings left. */

import { type EveningAhead, eveningsAhead, overOf } from "@elm-basket/core/calendar/ahead.ts";
import { addDays, daysBetween } from "@elm-basket/core/calendar/dates.ts";
import { type EveningPlan, tonight } from "@elm-basket/core/calendar/evenings.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { preparedOn } from "@elm-basket/core/plan/prepared.ts";
import { destinationsOf } from "@elm-basket/core/posting/destinations.ts";
import { postBy } from "@elm-basket/core/posting/post-days.ts";
import { type Posting, postingSchema } from "@elm-basket/core/posting/posting.ts";
import { dryOn, earliestEvenings } from "@elm-basket/core/scheduling/earliest.ts";
import type { Task } from "@elm-basket/core/scheduling/task.ts";
import {
  ORDER_MINUTES,
  ORDER_MINUTES_PER_THING,
  PACK_MINUTES_PER_KIT,
} from "@elm-basket/core/stages/pace-of-hands.ts";
import { freeOn } from "@/account/free-evenings.ts";
import type { Host } from "@/account/session.ts";
import { type ClassListRow, leadOf, listClasses } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { type KitRow, kitsOf } from "@/data/making.ts";
import { eraseAddresses, type ParcelRow, parcelsOf, postingsOf } from "@/data/parcels.ts";
import { doneTasks, PRINTED } from "@/data/task-marks.ts";
import { layersLeft, type SeatWork, workBySeat, workLeft } from "@/data/work-left.ts";
import { lastPlanned, type PlannedClass } from "@/planning/planned-class.ts";
import { todayIn } from "@/ui/dates.ts";
import { type KitWork, kitTasks } from "./kit-tasks.ts";
import { asEvening, dueOn, type TonightTask } from "./task.ts";
import { DAYS_AHEAD, type WayOut, waysOf } from "./ways-out.ts";
import { loadTonightWords } from "./words.ts";

/** A preparation that cannot be dry by its class. */
export interface WetTask {
  readonly classId: string;
  readonly title: string;
  readonly task: string;
  readonly dry: string;
  readonly date: string;
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
  readonly wet: readonly WetTask[];
  /** Whether the studio has never made a class. */
  readonly none: boolean;
  readonly classes: readonly {
    readonly row: ClassListRow;
    readonly kits: readonly KitRow[];
    readonly stops: number;
    readonly planning: boolean;
    readonly labels: Readonly<Record<string, string>>;
  }[];
}

/** Classes farther away than this do not press yet. */
const HORIZON_DAYS = 45;
const MOST_CLASSES = 12;

/** Whose evenings they are; nobody has to be signed in. */
export type Desk = Pick<Host, "studioId" | "studio">;

export async function loadTonight(host: Desk): Promise<TonightView> {
  const today = todayIn(host.studio.zone);
  const rows = await withStudio(host.studioId, listClasses);
  const near = rows
    .filter((row) => row.class_date >= today && daysBetween(today, row.class_date) <= HORIZON_DAYS)
    .slice(0, MOST_CLASSES);
  // Nobody waits here: a class whose plan is of an older document shows that, and is planned
  // meanwhile.
  const ids = near.map(({ id }) => id);
  const last = await lastPlanned(host.studioId, ids);
  const planned = last.map((found) => found?.planned ?? null);
  const { left, kits, done, posted, layers } = await withStudio(host.studioId, async (sql) => {
    await eraseAddresses(sql);
    const [kitRows, layerRows] = [await kitsOf(sql, ids), await layersLeft(sql, ids)];
    const sent = near.filter((row) => leadOf(row).postBy !== undefined).map(({ id }) => id);
    const ways = await postingsOf(sql, sent);
    const parcels = await parcelsOf(sql, sent);
    const seats = await workBySeat(sql, sent);
    return {
      left: await workLeft(sql, PACK_MINUTES_PER_KIT),
      kits: ids.map((id) => kitRows.get(id) ?? []),
      layers: ids.map((id) => layerRows.get(id) ?? []),
      done: await doneTasks(sql, ids),
      posted: new Map(
        sent.map((id) => [
          id,
          {
            posting: ways.get(id) ?? postingSchema.parse({}),
            parcels: parcels.get(id) ?? [],
            seats: seats.get(id) ?? [],
          },
        ]),
      ),
    };
  });
  const evenings = new Map<string, number>();
  const free = (date: string) => {
    const known = evenings.get(date) ?? freeOn(host.studio, date);
    evenings.set(date, known);
    return known;
  };
  const tasks = near.flatMap((row, i) => {
    const own = planned[i];
    const ticked = done.get(row.id) ?? new Map<string, Date>();
    const work = left.find(({ id }) => id === row.id);
    return [
      ...(own?.ok
        ? [
            ...orderTask(row, own.value, today),
            ...blankTasks(row, own.value.document, { done: ticked, today, host }),
          ]
        : []),
      ...(work
        ? kitTasks({
            row,
            left: work,
            handsOver: own?.ok ? own.value.document.handsOver : undefined,
            printed: ticked.has(PRINTED),
            today,
            ...parcelsFor(row, posted.get(row.id)),
          })
        : []),
    ];
  });
  const asked = tasks.map(asEvening);
  const plan = tonight(asked, today, free);
  const ahead = eveningsAhead(asked, today, free, DAYS_AHEAD);
  const blanksOf = (row: ClassListRow, document: ClassDocument) =>
    blankTasks(row, document, { done: done.get(row.id) ?? new Map(), today, host });
  const waysOut =
    overOf(ahead) < 1
      ? []
      : waysOf(host, tasks, {
          classes: near.map((row, i) => ({
            row,
            planned: planned[i] ?? null,
            kits: kits[i] ?? [],
            layers: layers[i] ?? [],
          })),
          blanksOf,
          today,
        });
  const chosen = plan.tasks.flatMap(({ id, minutes }) => {
    const task = tasks.find((candidate) => candidate.id === id);
    return task ? [{ ...task, minutes }] : [];
  });
  const classes = near.map((row, i) => {
    const own = planned[i];
    return {
      row,
      kits: kits[i] ?? [],
      stops: own?.ok
        ? own.value.plan.findings.filter(({ severity }) => severity === "stop").length
        : own?.message === null
          ? 0
          : 1,
      planning: last[i]?.current === false,
      labels: own?.ok
        ? Object.fromEntries(own.value.plan.seats.map(({ seat, label }) => [seat, label]))
        : {},
    };
  });
  return {
    today,
    plan,
    tasks: chosen,
    every: tasks,
    ahead,
    all: Object.fromEntries(
      tasks.map(({ id, kind, title, detail }) => [id, { kind, title, detail }]),
    ),
    waysOut,
    wet: near.flatMap((row, i) => {
      const own = planned[i];
      return own?.ok
        ? wetAtClass(row, own.value.document, { done: done.get(row.id) ?? new Map(), today, host })
        : [];
    }),
    none: rows.length === 0,
    classes,
  };
}

/**
 * What a class lacks is ordered by its day, and is off the list as soon as it is ticked off as
 * bought.
 */
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
      title: loadTonightWords().order(
        lacking.length === 1
          ? loadTonightWords().oneThing(lacking[0]?.name)
          : loadTonightWords().things(lacking.length),
      ),
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

function parcelsFor(
  row: ClassListRow,
  sent: Sent | undefined,
): Pick<KitWork, "parcels" | "destinations" | "seats"> {
  if (!sent) return { parcels: [], destinations: [], seats: [] };
  const usual = leadOf(row).postBy ?? 0;
  const known = sent.parcels
    .filter(({ address, sure, postedAt }) => (address !== null && sure) || postedAt !== null)
    .map(({ seat, address, postedAt }) => ({
      seat,
      address,
      posted: postedAt !== null,
      postBy: address && postBy(sent.posting, row.class_date, usual, address.country),
    }));
  return {
    parcels: known,
    destinations: destinationsOf(known, sent.posting, row.class_date, usual),
    seats: sent.seats,
  };
}

interface Before {
  readonly done: ReadonlyMap<string, Date>;
  readonly today: string;
  readonly host: Desk;
}

function begunEarly({ preparation, ...document }: ClassDocument, { done, today, host }: Before) {
  const dated = preparedOn({ ...document, preparation }, (date) => freeOn(host.studio, date));
  const restedOn = new Map(
    preparation.flatMap(({ id, waitMinutes }) => {
      const at = done.get(id);
      return at
        ? [[id, todayIn(host.studio.zone, new Date(at.getTime() + waitMinutes * 60_000))] as const]
        : [];
    }),
  );
  return { dated, earliest: earliestEvenings({ tasks: preparation, dated, today, restedOn }) };
}

/**
 * What will still be wet when the class begins, though it were begun tonight: said on the first day
 * on which that is so.
 */
function wetAtClass(row: ClassListRow, document: ClassDocument, before: Before): WetTask[] {
  const { dated, earliest } = begunEarly(document, before);
  const days = dryOn({ tasks: document.preparation, dated, earliest });
  const late = document.preparation.filter(({ id }) => (days.get(id) ?? "") > row.class_date);
  const last = late.reduce<Task | null>(
    (a, b) => (a && (days.get(a.id) ?? "") >= (days.get(b.id) ?? "") ? a : b),
    null,
  );
  return last
    ? [
        {
          classId: row.id,
          title: row.title,
          task: last.title,
          dry: days.get(last.id) ?? "",
          date: row.class_date,
        },
      ]
    : [];
}

/**
 * Each evening's share of a task is due on that evening, and waits for what it follows to be dry.
 * Those of an evening stand together.
 */
function blankTasks(row: ClassListRow, document: ClassDocument, before: Before): TonightTask[] {
  const { preparation } = document;
  const { today } = before;
  const { dated, earliest } = begunEarly(document, before);
  const groups = new Map<
    string,
    { dueDate: string; notBefore: string; minutes: number; marks: { id: string; title: string }[] }
  >();
  for (const { id, date: begun, evenings } of dated) {
    const first = earliest.get(id);
    if (first === undefined) continue;
    const title = preparation.find((task) => task.id === id)?.title ?? id;
    for (const { date, minutes } of evenings) {
      // A later round of it has no place before the one before is dry.
      const [dueDate, notBefore] = [
        date < today ? today : date,
        addDays(first, daysBetween(begun, date)),
      ];
      const key = `${dueDate}-${notBefore}`;
      const there = groups.get(key) ?? { dueDate, notBefore, minutes: 0, marks: [] };
      groups.set(key, {
        ...there,
        minutes: there.minutes + minutes,
        marks: there.marks.some((mark) => mark.id === id)
          ? there.marks
          : [...there.marks, { id, title }],
      });
    }
  }
  return [...groups].map(([key, { dueDate, notBefore, minutes, marks }]) => ({
    id: `${row.id}-blanks-${key}`,
    kind: "blanks" as const,
    minutes: 0,
    allMinutes: minutes,
    title:
      marks.length > 2
        ? loadTonightWords().andMore(titlesOf(marks.slice(0, 2)), marks.length)
        : titlesOf(marks),
    detail: row.title,
    href: `/classes/${row.id}/plan`,
    dueDate,
    notBefore,
    marks,
    classId: row.id,
  }));
}

const titlesOf = (marks: readonly { readonly title: string }[]): string =>
  marks.map(({ title }) => title).join(", ");
