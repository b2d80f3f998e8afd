/**
 * Preparation dated backwards from the day on which blanks have to be ready: each task as late as
 * it may be, in the free minutes of an
 * evening, with what has to dry between two of them. The host's hands do one thing at a time;
 * drying goes on by itself, over nights, too.
 */

import { addDays } from "../calendar/dates.ts";
import { PlanFault, plainFault } from "../faults/plan-fault.ts";
import { circleOf } from "./circle.ts";
import type { Task } from "./task.ts";

export interface DatedTask {
  readonly id: string;
  /** The evening on which it is begun. */
  readonly date: string;
  /** Every evening on which something of it is done, the first one first. */
  readonly evenings: readonly { readonly date: string; readonly minutes: number }[];
  /** Rounds in which its pieces rest, because not all have room at once. */
  readonly rounds: number;
  /**
   * Minutes of rest after its last round; those of earlier rounds run while the next one is done or
   * waited for.
   */
  readonly restMinutes: number;
}

export interface BeforeProblem {
  readonly tasks: readonly Task[];
  /** The day on which everything is done and dry; nothing is done on it. */
  readonly ready: string;
  /** How many pieces a task is about. */
  readonly piecesOf: (task: Task) => number;
  /** Free minutes of an evening. */
  readonly freeOn?: (date: string) => number;
}

/** An evening begins here and lasts as long as it has free minutes. */
export const EVENING_BEGINS = 19 * 60;
export const DAY = 24 * 60;
export const USUAL_EVENING_MINUTES = 150;
/** Further back nobody plans the blanks of a class. */
const MOST_DAYS = 400;

export const roundsOf = ({ atOnce }: Pick<Task, "atOnce">, pieces: number): number =>
  atOnce === undefined ? 1 : Math.max(1, Math.ceil(pieces / atOnce));

/**
 * @throws PlanFault when the evenings before do not suffice, or tasks wait for each other in a
 * circle
 */
export function datedBefore({
  tasks,
  ready,
  piecesOf,
  freeOn = () => USUAL_EVENING_MINUTES,
}: BeforeProblem): DatedTask[] {
  const known = new Set(tasks.map(({ id }) => id));
  const circle = circleOf(
    tasks.map(({ id, after }) => ({ id, after: after.map((step) => ({ step })) })),
  );
  if (circle.length > 0) throw new PlanFault({ code: "waitInCircle", values: { tasks: circle } });
  // Minutes before the morning of the day on which all is ready, counted backwards.
  const begun = new Map<string, number>();
  const evenings = new Evenings(ready, freeOn);
  const dated = new Map<string, DatedTask>();
  for (const task of backwards(tasks)) {
    const pieces = piecesOf(task);
    const rounds = roundsOf(task, pieces);
    const followers = tasks.filter(({ after }) => after.includes(task.id) && known.has(task.id));
    const end = Math.max(0, ...followers.map(({ id }) => begun.get(id) ?? 0)) + task.waitMinutes;
    // Where not all have room at once, each round but the last has to dry before the next has its
    // place.
    const taken: { date: string; minutes: number }[] = [];
    let at = end;
    for (let round = 0; round < rounds; round++) {
      const part =
        Math.round((task.minutes * (rounds - round)) / rounds) -
        Math.round((task.minutes * (rounds - round - 1)) / rounds);
      const done = evenings.take(part, at);
      taken.unshift(...done.spans);
      at = done.begun + (round < rounds - 1 ? task.waitMinutes : 0);
    }
    begun.set(task.id, at);
    dated.set(task.id, {
      id: task.id,
      date: taken[0]?.date ?? addDays(ready, -1),
      evenings: merged(taken),
      rounds,
      restMinutes: task.waitMinutes,
    });
  }
  return tasks.map(({ id }) => dated.get(id) as DatedTask);
}

/** Followers first; of equals the one that stands last. */
function backwards(tasks: readonly Task[]): Task[] {
  const left = new Set(tasks.map(({ id }) => id));
  const order: Task[] = [];
  while (left.size > 0) {
    const next = [...tasks]
      .reverse()
      .find(
        ({ id }) =>
          left.has(id) && !tasks.some((other) => left.has(other.id) && other.after.includes(id)),
      );
    if (!next) break;
    left.delete(next.id);
    order.push(next);
  }
  return order;
}

class Evenings {
  /** Spans of the host's hands, minutes before the day, far end first. */
  private readonly busy: { from: number; to: number }[] = [];

  constructor(
    private readonly ready: string,
    private readonly freeOn: (date: string) => number,
  ) {}

  /**
   * Takes free minutes as late as may be. @param end minutes before the day by which it has to be
   * done
   */
  take(
    minutes: number,
    end: number,
  ): { readonly begun: number; readonly spans: { date: string; minutes: number }[] } {
    const spans: { date: string; minutes: number }[] = [];
    let left = Math.max(1, minutes);
    let begun = end;
    for (let day = 1; day <= MOST_DAYS && left > 0; day++) {
      const date = addDays(this.ready, -day);
      const free = Math.max(0, Math.min(this.freeOn(date), DAY - EVENING_BEGINS));
      // The evening as minutes before the morning of the day: its end is nearer, its beginning
      // farther.
      const near = (day - 1) * DAY + (DAY - EVENING_BEGINS - free);
      const far = (day - 1) * DAY + (DAY - EVENING_BEGINS);
      for (const gap of this.gaps(Math.max(near, end), far)) {
        if (left <= 0) break;
        const take = Math.min(left, gap.from - gap.to);
        if (take <= 0) continue;
        this.busy.push({ to: gap.to, from: gap.to + take });
        spans.unshift({ date, minutes: take });
        begun = gap.to + take;
        left -= take;
      }
    }
    if (left > 0) throw plainFault("noFreeEvenings");
    return { begun, spans };
  }

  /** Free spans between two moments, the latest first. */
  private gaps(to: number, from: number): { to: number; from: number }[] {
    if (to >= from) return [];
    const inside = this.busy
      .filter((span) => span.from > to && span.to < from)
      .sort((a, b) => a.to - b.to);
    const gaps: { to: number; from: number }[] = [];
    let at = to;
    for (const span of inside) {
      if (span.to > at) gaps.push({ to: at, from: span.to });
      at = Math.max(at, span.from);
    }
    if (at < from) gaps.push({ to: at, from });
    return gaps;
  }
}

function merged(
  spans: readonly { date: string; minutes: number }[],
): { date: string; minutes: number }[] {
  const byDate = new Map<string, number>();
  for (const { date, minutes } of spans) byDate.set(date, (byDate.get(date) ?? 0) + minutes);
  return [...byDate]
    .map(([date, minutes]) => ({ date, minutes }))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}
