/**
 * What is left to do about the kits of a class: cut, weed, tape, pack, print and post, each by its
 * day; kits that travel farther by an earlier one.
 */
import { addDays, type DeadlineCode } from "@elm-basket/core/calendar/dates.ts";
import type { HandedOver } from "@elm-basket/core/document/document-kinds.ts";
import type { Destination } from "@elm-basket/core/posting/destinations.ts";
import { earlierKits } from "@elm-basket/core/posting/earlier.ts";
import { countryKey } from "@elm-basket/core/posting/post-days.ts";
import {
  PACK_MINUTES_PER_KIT,
  POST_MINUTES_PER_PARCEL,
  POST_TRIP_MINUTES,
  PRINT_MINUTES,
  TAPE_MINUTES_PER_KIT,
} from "@elm-basket/core/stages/pace-of-hands.ts";
import { type ClassListRow, leadOf } from "@/data/class-documents.ts";
import { PRINTED } from "@/data/task-marks.ts";
import type { SeatWork, WorkLeft } from "@/data/work-left.ts";
import { dueOn, type TaskKind, type TonightTask } from "./task.ts";
import { kitTasksWords } from "./words.ts";

export interface KitWork {
  readonly row: ClassListRow;
  readonly left: WorkLeft;
  readonly handsOver: HandedOver | undefined;
  /** By seat what is left, of classes that post their kits. */
  readonly seats: readonly SeatWork[];
  /** Parcels with an address; the days by which they go. Empty where nothing is posted. */
  readonly parcels: readonly {
    readonly seat: string;
    readonly postBy: string | null;
    readonly posted: boolean;
  }[];
  readonly destinations: readonly Destination[];
  readonly printed: boolean;
  readonly today: string;
}

export function kitTasks(work: KitWork): TonightTask[] {
  const say = kitTasksWords();
  const { row, left, handsOver, today } = work;
  const lead = leadOf(row);
  // A deadline that was taken out leaves the work due by the next one that is there.
  const day = (...codes: DeadlineCode[]) =>
    addDays(
      row.class_date,
      -(codes.map((code) => lead[code]).find((days) => days !== undefined) ?? 0),
    );
  const base = `/classes/${row.id}`;
  const task = (
    kind: TaskKind,
    id: string,
    date: string,
    rest: Pick<TonightTask, "title" | "href" | "allMinutes"> & Partial<TonightTask>,
  ): TonightTask => ({
    id: `${row.id}-${id}`,
    kind,
    minutes: 0,
    detail: row.title,
    classId: row.id,
    ...dueOn(date, today),
    ...rest,
  });
  const taped = handsOver === "taped";
  const [weedBy, packBy] = [day("weedBy", "packBy", "postBy"), day("packBy", "postBy")];
  const early = lead.postBy === undefined ? [] : earlierKits(work.parcels, day("postBy"));
  const groups = early.map(({ days, seats }) => ({
    days,
    own: work.seats.filter(({ seat }) => seats.has(seat)),
  }));
  const sum = (rows: readonly SeatWork[], of: (seat: SeatWork) => number) =>
    rows.reduce((all, seat) => all + of(seat), 0);
  const minutesOf = {
    weed: (seat: SeatWork) => seat.weedLeft,
    tape: (seat: SeatWork) => seat.tapeLeft * TAPE_MINUTES_PER_KIT,
    pack: (seat: SeatWork) => (seat.packed ? 0 : PACK_MINUTES_PER_KIT),
  };
  const earlyOf = (of: (seat: SeatWork) => number) =>
    groups.reduce((all, { own }) => all + sum(own, of), 0);
  const earlyCount = (of: (seat: SeatWork) => number) =>
    groups.reduce((all, { own }) => all + own.filter((seat) => of(seat) > 0).length, 0);
  const tasks = [
    task("cut", "cut", day("cutBy", "weedBy", "packBy", "postBy"), {
      title: say.cut(left.sheetsLeft),
      href: `${base}/cut`,
      allMinutes: left.cutLeft,
    }),
    ...(handsOver === "cut"
      ? []
      : [
          ...groups.map(({ days, own }) =>
            task("weed", `weed-${days}`, addDays(weedBy, -days), {
              title: say.weed(farther(own.filter((seat) => seat.weedLeft > 0).length)),
              href: `/bench/${row.id}?order=due`,
              allMinutes: sum(own, minutesOf.weed),
            }),
          ),
          task("weed", "weed", weedBy, {
            title: say.weedHardOnesFirst(left.weedKits, earlyCount(minutesOf.weed)),
            href: `${base}/weed`,
            allMinutes: left.weedLeft - earlyOf(minutesOf.weed),
          }),
        ]),
    ...(taped
      ? [
          task("tape", "tape", packBy, {
            title: say.layTape(left.tapeLeft),
            href: `${base}/weed#tape`,
            allMinutes: left.tapeLeft * TAPE_MINUTES_PER_KIT,
          }),
        ]
      : []),
    ...groups.map(({ days, own }) =>
      task("pack", `pack-${days}`, addDays(packBy, -days), {
        title: say.checkAndPack(farther(own.filter(({ packed }) => !packed).length)),
        href: `/bags/${row.id}`,
        allMinutes: sum(own, minutesOf.pack),
      }),
    ),
    task("pack", "pack", packBy, {
      title: say.checkAndPackTheKits,
      href: `${base}/pack`,
      allMinutes: left.packLeft - earlyOf(minutesOf.pack),
    }),
    ...(work.printed || row.seats === 0
      ? []
      : [
          task("print", "print", addDays(packBy, -(early[0]?.days ?? 0)), {
            title: say.printLabelsAndCards,
            href: `${base}/pack`,
            allMinutes: PRINT_MINUTES,
            marks: [{ id: PRINTED, title: say.printLabelsAndCards }],
          }),
        ]),
    ...postTasks(work, task, day("postBy")),
  ];
  return tasks.filter(({ allMinutes }) => allMinutes > 0.01);
}

const farther = (n: number): string => kitTasksWords().thatFarther(n);

type Make = (
  kind: TaskKind,
  id: string,
  date: string,
  rest: Pick<TonightTask, "title" | "href" | "allMinutes">,
) => TonightTask;

/**
 * One way to the post for each day on which something has to go. Parcels without an address are
 * asked for by the usual day.
 */
function postTasks(
  { row, parcels, destinations }: KitWork,
  task: Make,
  usual: string,
): TonightTask[] {
  const say = kitTasksWords();
  if (leadOf(row).postBy === undefined) return [];
  const open = row.seats - parcels.length;
  const byDay = new Map<string, Destination[]>();
  for (const destination of destinations.filter(({ left }) => left > 0))
    byDay.set(destination.postBy, [...(byDay.get(destination.postBy) ?? []), destination]);
  if (open > 0 && !byDay.has(usual)) byDay.set(usual, []);
  return [...byDay].map(([date, own]) => {
    const without = date === usual ? open : 0;
    const count = own.reduce((sum, { left }) => sum + left, 0) + without;
    const [only] = own;
    const to =
      own.length === 1 && only && only.country !== "" && without === 0 ? say.to(only.country) : "";
    const query = to && only ? `?to=${encodeURIComponent(countryKey(only.country))}` : "";
    return task("post", `post-${date}`, date, {
      title: say.post(count, to, without),
      href: `/parcels/${row.id}${query}`,
      allMinutes: POST_TRIP_MINUTES + count * POST_MINUTES_PER_PARCEL,
    });
  });
}
