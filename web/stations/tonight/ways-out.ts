/**
 * Ways to make a full week less full, each tried over the same evenings; what it costs elsewhere is
 * said with it.
 */
import { helpful, type Way } from "@elm-basket/core/calendar/ahead.ts";
import type { EveningTask } from "@elm-basket/core/calendar/evenings.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { isSpare } from "@elm-basket/core/document/kit-ref.ts";
import { runSheetOf } from "@elm-basket/core/document/run-sheet-of.ts";
import { Bounded } from "@elm-basket/core/memory/bounded.ts";
import { withProposal } from "@elm-basket/core/proposal/merge.ts";
import { propose } from "@elm-basket/core/proposal/propose.ts";
import type { Task } from "@elm-basket/core/scheduling/task.ts";
import { withoutTask } from "@elm-basket/core/scheduling/tasks.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { freeOn } from "@/account/free-evenings.ts";
import type { Host } from "@/account/session.ts";
import type { ClassListRow } from "@/data/class-documents.ts";
import type { KitRow } from "@/data/making.ts";
import type { LayerWork } from "@/data/work-left.ts";
import type { LastPlanned, PlannedClass } from "@/planning/planned-class.ts";
import { factsByThing } from "@/planning/proposal.ts";
import { asEvening, type TonightTask } from "./task.ts";
import { waysOutWords } from "./words.ts";

export interface WayOut {
  readonly words: string;
  readonly href: string;
  /** Minutes that then fit. */
  readonly saves: number;
}

export interface NearClass {
  readonly row: ClassListRow;
  readonly planned: LastPlanned | null;
  readonly kits: readonly KitRow[];
  /** What is left to weed of each film, the least first. */
  readonly layers: readonly LayerWork[];
}

interface Week {
  readonly classes: readonly NearClass[];
  /** The tasks of a class's blanks, were it prepared so. */
  readonly blanksOf: (row: ClassListRow, document: ClassDocument) => readonly TonightTask[];
  readonly today: string;
}

/** Two weeks: further off much changes. */
export const DAYS_AHEAD = 14;
/** A helper who is as quick as the host halves what is weeded. */
const HELPED = 0.5;
const MOST_WAYS = 5;
/** Fewer kits than these have no harder half. */
const LEAST_KITS = 4;

type Try = Way<Omit<WayOut, "saves">>;
type Desk = Pick<Host, "studioId" | "studio">;

/** The most helpful first. */
export function waysOf(desk: Desk, tasks: readonly TonightTask[], week: Week): WayOut[] {
  const weeding = tasks.find(({ kind }) => kind === "weed");
  const helper: Try[] = weeding
    ? [
        {
          what: { words: waysOutWords().somebodyWeedsBeside, href: weeding.href },
          tasks: changed(tasks, (task) =>
            task.kind === "weed" ? HELPED * task.allMinutes : task.allMinutes,
          ),
        },
      ]
    : [];
  const ways = [
    ...helper,
    ...week.classes.flatMap((own) =>
      own.planned?.ok ? waysFor(desk, tasks, own, own.planned.value, week) : [],
    ),
  ];
  return helpful(
    tasks.map(asEvening),
    ways,
    week.today,
    (date) => freeOn(desk.studio, date),
    DAYS_AHEAD,
  )
    .slice(0, MOST_WAYS)
    .map(({ what, saves }) => ({ ...what, saves }));
}

const changed = (
  tasks: readonly TonightTask[],
  minutes: (task: TonightTask) => number,
): EveningTask[] =>
  tasks.map((task) => ({ ...asEvening(task), minutes: Math.max(0, minutes(task)) }));

function waysFor(
  desk: Desk,
  tasks: readonly TonightTask[],
  { row, kits, layers }: NearClass,
  planned: PlannedClass,
  { blanksOf }: Week,
): Try[] {
  const say = waysOutWords();
  const { document } = planned;
  const isWeeding = (task: TonightTask) => task.kind === "weed" && task.classId === row.id;
  const all = tasks.filter(isWeeding).reduce((sum, { allMinutes }) => sum + allMinutes, 0);
  /** With so many minutes of weeding less, wherever they are. */
  const lessWeeding = (minutes: number) =>
    changed(tasks, (task) =>
      isWeeding(task) && all > 0
        ? task.allMinutes * (1 - Math.min(1, minutes / all))
        : task.allMinutes,
    );
  const ways: Try[] = [];
  if (all > 0) {
    const spare = kits
      .filter(({ seat, weeded }) => isSpare(seat) && !weeded)
      .reduce((sum, { weedMinutes }) => sum + weedMinutes, 0);
    if (spare > 0)
      ways.push({
        what: {
          words: say.noSpareKitsWhatFails(row.title),
          href: `/classes/${row.id}/plan`,
        },
        tasks: lessWeeding(spare),
      });
    if (document.proposed) {
      const longer = Math.max(0, endInClass(planned, desk) - planned.plan.runSheet.endMinute);
      ways.push({
        what: {
          words: say.theyWeedInTheClass(row.title, showMinutes(longer)),
          href: `/classes/${row.id}/teach`,
        },
        tasks: lessWeeding(all),
      });
      const easy = easyHalf(kits);
      if (easy)
        ways.push({
          what: {
            words: say.weedOnlyTheBeforehandEasy(
              row.title,
              easy.hard,
              easy.count,
              showMinutes(longer),
            ),
            href: `/bench/${row.id}?order=hard`,
          },
          tasks: lessWeeding(easy.minutes),
        });
    }
    const [least, next] = layers.filter(({ weedLeft }) => weedLeft > 0);
    if (least && next && layers.length > 1) {
      const name = document.vinyls.find(({ id }) => id === least.vinyl)?.name ?? least.vinyl;
      ways.push({
        what: {
          words: say.leaveOutTheLayer(row.title, name),
          href: `/classes/${row.id}/letter`,
        },
        tasks: lessWeeding(least.weedLeft),
      });
    }
  }
  const coat = lastCoat(document.preparation);
  if (coat) {
    const without = blanksOf(row, {
      ...document,
      preparation: withoutTask(document.preparation, coat.id),
    });
    const rest = tasks.filter((task) => !(task.kind === "blanks" && task.classId === row.id));
    ways.push({
      what: {
        words: say.leaveOutLightColoursMay(row.title, coat.title),
        href: `/classes/${row.id}/plan`,
      },
      tasks: [...rest, ...without].map(asEvening),
    });
  }
  return ways;
}

/** The half of the kits that beginners manage best, of those that are left. */
function easyHalf(
  kits: readonly KitRow[],
): { count: number; hard: number; minutes: number } | null {
  const left = kits
    .filter(({ seat, weeded }) => !weeded && !isSpare(seat))
    .sort((a, b) => a.weedMinutes - b.weedMinutes);
  if (left.length < LEAST_KITS) return null;
  const easy = left.slice(0, Math.floor(left.length / 2));
  return {
    count: easy.length,
    hard: left.length - easy.length,
    minutes: easy.reduce((sum, { weedMinutes }) => sum + weedMinutes, 0),
  };
}

/** Of coats that are numbered, the last: `paint-board-3`. A single coat is none too many. */
export function lastCoat(tasks: readonly Task[]): Task | null {
  const numbered = tasks.flatMap((task) => {
    const [, stem, n] = /^((?:paint|seal|coat)[a-z0-9-]*?)-(\d)$/u.exec(task.id) ?? [];
    return stem && n ? [{ task, stem, n: Number(n) }] : [];
  });
  const last = numbered.filter(({ n }) => n > 1).sort((a, b) => b.n - a.n)[0];
  return last && numbered.some(({ stem, n }) => stem === last.stem && n === last.n - 1)
    ? last.task
    : null;
}

const MOST_ENDS = 200;
const ends = new Bounded<number>(MOST_ENDS);
/** Minute at which it would end; scheduled once a plan and not at every look at the desk. */
const endInClass = (planned: PlannedClass, desk: Desk): number =>
  ends.take(
    JSON.stringify([planned.planHash, desk.studio.settings.schools]),
    () => runSheetOf(inClass(planned, desk)).endMinute,
  );

/** The class as it would be with kits handed over as they are cut. */
function inClass({ document, plan }: PlannedClass, desk: Desk): ClassDocument {
  const next: ClassDocument = { ...document, handsOver: "cut" };
  return withProposal(
    next,
    propose(next, { schools: desk.studio.settings.schools, facts: factsByThing(plan.facts) }),
  );
}
