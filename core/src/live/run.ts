/**
 * A class as it goes on: what comes next, what dries until when, what fills the wait, whose turn it
 * is, and when it will be over.
 */

/** A step of the run sheet, or one that was put in on the evening. */
export interface RunStepTimes {
  readonly id: string;
  readonly minutes: number;
  /** Steps it follows, and minutes of drying or curing in between. */
  readonly after: readonly { readonly step: string; readonly wait: number }[];
}

/** Moments are epoch milliseconds of the server. */
export interface RunMoment {
  readonly stepId: string;
  readonly stepStartedAt: number;
  readonly extraSeconds: number;
  readonly heldAt: number | null;
  readonly heldSeconds: number;
  /** When each step was last done in this run. */
  readonly ends: Readonly<Record<string, number>>;
  readonly skipped: readonly string[];
  /** Of what was touched while it dried: from when on it counts as dry. */
  readonly dry?: Readonly<Record<string, number>>;
}

const MINUTE = 60_000;

const isDone = (id: string, { ends }: Pick<RunMoment, "ends">): boolean => Object.hasOwn(ends, id);
const isLeft = (id: string, run: RunMoment): boolean =>
  id !== run.stepId && !isDone(id, run) && !run.skipped.includes(id);

/** Steps with those that were put in, each behind the step during which it was. */
export function withInserted<T extends RunStepTimes>(
  steps: readonly T[],
  inserted: readonly { readonly step: T; readonly behind: string }[],
): T[] {
  let all = [...steps];
  for (const { step, behind } of inserted) {
    const at = all.findIndex(({ id }) => id === behind);
    all = [...all.slice(0, at + 1), step, ...all.slice(at + 1)];
  }
  return all;
}

/**
 * Before this moment a step must not begin, because something dries; null where nothing keeps it.
 * Counted from when it really was done.
 */
export function notBefore(
  { after }: Pick<RunStepTimes, "after">,
  run: Pick<RunMoment, "ends" | "dry">,
): number | null {
  const times = after.flatMap(({ step, wait }) =>
    wait > 0 && Object.hasOwn(run.ends, step) ? [dryAt(step, wait, run)] : [],
  );
  return times.length === 0 ? null : Math.max(...times);
}

/** As planned, unless somebody has touched it since it was done. */
function dryAt(
  of: string,
  wait: number,
  { ends, dry = {} }: Pick<RunMoment, "ends" | "dry">,
): number {
  const done = ends[of] as number;
  const touched = dry[of];
  return touched !== undefined && touched >= done ? touched : done + wait * MINUTE;
}

export interface Drying {
  /** What waits for it, and what it is that dries. */
  readonly step: string;
  readonly of: string;
  readonly from: number;
  readonly until: number;
}

/** Everything that dries or rests now, the soonest ready first. */
export function dryings(steps: readonly RunStepTimes[], run: RunMoment, now: number): Drying[] {
  return steps
    .filter(({ id }) => id === run.stepId || isLeft(id, run))
    .flatMap(({ id, after }) =>
      after.flatMap(({ step, wait }): Drying[] => {
        const from = Object.hasOwn(run.ends, step) ? (run.ends[step] as number) : null;
        if (wait <= 0 || from === null) return [];
        const until = dryAt(step, wait, run);
        return until > now ? [{ step: id, of: step, from, until }] : [];
      }),
    )
    .sort((a, b) => a.until - b.until);
}

/** The first in order that is neither done nor left out; null at the end. */
export const nextStep = <T extends RunStepTimes>(steps: readonly T[], run: RunMoment): T | null =>
  steps.find(({ id }) => isLeft(id, run)) ?? null;

/**
 * What could be done instead of waiting for the next step: everything it follows is done and dry.
 * The step that goes on now counts as done.
 */
export function fillers<T extends RunStepTimes>(
  steps: readonly T[],
  run: RunMoment,
  now: number,
): T[] {
  const next = nextStep(steps, run);
  const ends = {
    ...run.ends,
    [run.stepId]: Object.hasOwn(run.ends, run.stepId) ? (run.ends[run.stepId] as number) : now,
  };
  return steps.filter((step) => {
    if (step.id === next?.id || !isLeft(step.id, run)) return false;
    const ready = notBefore(step, { ...run, ends }) ?? 0;
    return (
      ready <= now &&
      step.after.every(
        ({ step: before }) => Object.hasOwn(ends, before) || run.skipped.includes(before),
      )
    );
  });
}

/**
 * Seconds that are left of the step; below zero when it is over. Drying that kept it and holds do
 * not count.
 */
export function secondsLeft(step: RunStepTimes, run: RunMoment, now: number): number {
  const until = run.heldAt ?? now;
  const from = Math.max(run.stepStartedAt, notBefore(step, run) ?? 0);
  return (
    step.minutes * 60 + run.extraSeconds - Math.max(0, (until - from) / 1000 - run.heldSeconds)
  );
}

/**
 * When it will be over, if from now on everything takes as long as planned, in the order in which
 * it stands; drying is waited for.
 */
export function projectedEnd(steps: readonly RunStepTimes[], run: RunMoment, now: number): number {
  const here = steps.find(({ id }) => id === run.stepId);
  const ends: Record<string, number> = { ...run.ends };
  let at = here
    ? Math.max(now, notBefore(here, run) ?? 0) +
      Math.max(0, 1000 * secondsLeft(here, run, Math.max(now, notBefore(here, run) ?? 0)))
    : now;
  if (here) ends[here.id] = at;
  for (const step of steps) {
    if (!isLeft(step.id, run)) continue;
    at = Math.max(at, notBefore(step, { ...run, ends }) ?? 0) + step.minutes * MINUTE;
    ends[step.id] = at;
  }
  return at;
}

export interface ToolLine {
  /** At the tool now, as many as there are of it. */
  readonly turn: readonly string[];
  readonly waiting: readonly string[];
  readonly through: readonly string[];
}

/**
 * Of a step that is done one after the other: who was done first with the step before comes first,
 * the others in the order of the seats.
 */
export function toolLine(
  seats: readonly string[],
  doneBefore: ReadonlyMap<string, number>,
  doneNow: ReadonlySet<string>,
  places: number,
): ToolLine {
  const order = seats
    .map((seat, i) => ({ seat, i, at: doneBefore.get(seat) ?? Number.POSITIVE_INFINITY }))
    .sort((a, b) => (a.at === b.at ? a.i - b.i : a.at - b.at))
    .map(({ seat }) => seat);
  const left = order.filter((seat) => !doneNow.has(seat));
  return {
    turn: left.slice(0, Math.max(1, places)),
    waiting: left.slice(Math.max(1, places)),
    through: order.filter((seat) => doneNow.has(seat)),
  };
}
