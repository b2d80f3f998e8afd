/**
 * Ways to end sooner, tried with the same people on the same evenings, and what else would change
 * it.
 */

import type { ClassDocument } from "../document/document.ts";
import { USUAL_REHEARSAL } from "../document/document-kinds.ts";
import { ScheduleError } from "../scheduling/problem.ts";
import { rehearsalOf } from "./of-class.ts";
import { RehearsalError, type RehearsalProblem } from "./problem.ts";
import { Rehearsal, type Rehearsed } from "./rehearse.ts";
import { costOfWay, ordersFor, type Way, type WayGiven, waysFor, withWay } from "./ways.ts";

export interface Ended {
  readonly pOnTime: number;
  readonly p50: number;
  readonly p90: number;
}

export interface TriedWay extends Ended {
  readonly way: Way;
  /**
   * Minutes by which nine classes in ten are over sooner; chance of ending in time that is gained.
   */
  readonly saves: number;
  readonly gains: number;
  /** Minutes of the host's hands before the class. */
  readonly costs: number;
}

/** What the host cannot choose. */
export interface WhatIf extends Ended {
  readonly code: "lateMore" | "fewer" | "dryLonger";
  readonly values: Readonly<Record<string, number>>;
}

export interface Tried {
  readonly ways: readonly TriedWay[];
  readonly whatIfs: readonly WhatIf[];
}

/** Runs of a class that is compared; of a large one fewer, since much the same happens in each. */
const [MOST_RUNS, LEAST_RUNS] = [2000, 120];
/** Seats times steps times runs that are played for one comparison. */
const WORK = 1_500_000;
/** What is gained less than this is no gain: minutes, and share. */
const [LEAST_SAVED, LEAST_GAINED] = [1, 0.02];
/**
 * A chance gained counts as so many minutes, and a minute of the evenings before as so little of
 * one.
 */
const [MINUTES_OF_CHANCE, MINUTE_BEFORE] = [15, 0.05];
/**
 * What puts the work itself at risk has to save so much more: a piece that is spoilt costs more
 * than minutes.
 */
const RISK_MINUTES = 15;
const MOST_ORDERS = 24;

export const runsFor = (
  { steps, seats }: Pick<RehearsalProblem, "steps" | "seats">,
  work = WORK,
): number =>
  Math.max(LEAST_RUNS, Math.min(MOST_RUNS, Math.floor(work / Math.max(1, steps.length * seats))));

const ended = ({ pOnTime, p50, p90 }: Rehearsed): Ended => ({ pOnTime, p50, p90 });

function played(problem: RehearsalProblem, runs: number, seed: number): Ended {
  const rehearsal = new Rehearsal(problem, runs, seed);
  rehearsal.play(runs);
  return ended(rehearsal.report());
}

/** As `tryWays`, one after the other, so that whoever waits may see how far it is or give up. */
export function* tryingWays(
  document: ClassDocument,
  given: WayGiven,
  seed: number,
): Generator<number, Tried> {
  const base = rehearsalOf(document);
  const runs = runsFor(base);
  const before = played(base, runs, seed);
  const same = JSON.stringify(base);
  const orders = ordersFor(document).slice(0, MOST_ORDERS);
  const candidates = [...waysFor(document, given), ...orders];
  const found: TriedWay[] = [];
  for (const [i, way] of candidates.entries()) {
    yield i / (candidates.length + 3);
    const next = withWay(document, way, given);
    const problem = next && problemOf(next);
    if (!next || !problem || JSON.stringify(problem) === same) continue;
    const after = played(problem, runs, seed);
    const [saves, gains] = [before.p90 - after.p90, after.pOnTime - before.pOnTime];
    if (saves >= LEAST_SAVED || gains >= LEAST_GAINED)
      found.push({
        way,
        ...after,
        saves,
        gains,
        costs: costOfWay(document, next, way, given.weedMinutes),
      });
  }
  const worth = ({ way, saves, gains, costs }: TriedWay) =>
    saves + MINUTES_OF_CHANCE * gains - MINUTE_BEFORE * costs - (isRisky(way) ? RISK_MINUTES : 0);
  const ranked = found.sort((a, b) => worth(b) - worth(a));
  // Of many orders the best is enough.
  const order = ranked.find(({ way }) => way.code === "order");
  return {
    ways: ranked.filter((one) => one.way.code !== "order" || one === order),
    whatIfs: whatIfs(document, base).map(({ problem, ...rest }) => ({
      ...rest,
      ...played(problem, runs, seed),
    })),
  };
}

export function tryWays(document: ClassDocument, given: WayGiven, seed: number): Tried {
  const trying = tryingWays(document, given, seed);
  for (;;) {
    const next = trying.next();
    if (next.done) return next.value;
  }
}

const isRisky = (way: Way): boolean =>
  way.code === "fewerCoats" ||
  (way.code === "school" && way.name === "edgeSeal" && way.way === "none");

/** A change after which the steps do not hold together is no way. */
function problemOf(document: ClassDocument): RehearsalProblem | null {
  try {
    return rehearsalOf(document);
  } catch (error) {
    if (error instanceof ScheduleError || error instanceof RehearsalError) return null;
    throw error;
  }
}

/** How much longer things dry in a cold or damp room; a first guess. */
const DRIES_LONGER = 1.5;

function whatIfs(
  document: ClassDocument,
  base: RehearsalProblem,
): (Pick<WhatIf, "code" | "values"> & { problem: RehearsalProblem })[] {
  const { lateShare } = document.rehearsal ?? USUAL_REHEARSAL;
  const rows: (Pick<WhatIf, "code" | "values"> & { problem: RehearsalProblem })[] = [];
  const late = Math.max(2, Math.round(base.seats * Math.min(1, 3 * Math.max(lateShare, 0.08))));
  if (document.setting.kind === "room" && base.seats >= 4)
    rows.push({
      code: "lateMore",
      values: { count: late, minutes: 10 },
      problem: { ...base, late: { share: late / base.seats, minutes: 10 } },
    });
  // Down to a number of fours: three quarters of another number are more than three quarters, and
  // fewer people would seem slower.
  const fewer = base.seats - 4 * Math.round((0.75 * base.seats) / 4);
  if (fewer > 0 && base.seats > fewer)
    rows.push({
      code: "fewer",
      values: { count: fewer },
      problem: {
        ...base,
        seats: base.seats - fewer,
        steps: base.steps.map(({ taking, ...step }) =>
          taking ? { ...step, taking: taking.filter((seat) => seat < base.seats - fewer) } : step,
        ),
      },
    });
  if (base.steps.some(({ after }) => after.some(({ wait }) => wait > 1)))
    rows.push({
      code: "dryLonger",
      values: { share: DRIES_LONGER },
      problem: {
        ...base,
        steps: base.steps.map((step) => ({
          ...step,
          after: step.after.map(({ step: first, wait }) => ({
            step: first,
            wait: Math.ceil(DRIES_LONGER * wait),
          })),
        })),
      },
    });
  return rows;
}
