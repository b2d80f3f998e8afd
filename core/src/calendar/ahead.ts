/**
 * The evenings to come, each as it will ask when the ones before were kept; and what makes a full
 * one less full.
 */
import { addDays } from "./dates.ts";
import { type EveningTask, tonight } from "./evenings.ts";

export interface EveningAhead {
  readonly date: string;
  readonly free: number;
  readonly minutes: number;
  /** Minutes that the evening does not hold. */
  readonly over: number;
  readonly parts: readonly { readonly id: string; readonly minutes: number }[];
}

/** Rounding noise is no work. */
const LEAST = 0.01;

/**
 * Day by day what `tonight` would say then, of what is left; up to the last evening with work, at
 * most so many.
 */
export function eveningsAhead(
  tasks: readonly EveningTask[],
  today: string,
  freeOn: (date: string) => number,
  most: number,
): EveningAhead[] {
  const left = new Map(tasks.map((task) => [task.id, task.minutes]));
  const days: EveningAhead[] = [];
  for (let i = 0; i < most; i++) {
    const date = addDays(today, i);
    const rest = tasks
      .map((task) => ({ ...task, minutes: left.get(task.id) ?? 0 }))
      .filter(({ minutes }) => minutes > LEAST);
    if (rest.length === 0) break;
    const plan = tonight(rest, date, freeOn);
    for (const { id, minutes } of plan.tasks) left.set(id, (left.get(id) ?? 0) - minutes);
    const free = freeOn(date);
    days.push({
      date,
      free,
      minutes: plan.minutes,
      over: Math.max(0, plan.minutes - free),
      parts: plan.tasks,
    });
  }
  return days;
}

/** Minutes that do not fit, over all evenings. */
export const overOf = (days: readonly EveningAhead[]): number =>
  days.reduce((sum, { over }) => sum + over, 0);

export interface Way<T> {
  readonly what: T;
  /** The tasks as they would be. */
  readonly tasks: readonly EveningTask[];
}

/**
 * Each way tried by itself: those that help, the one that helps most first, with the minutes that
 * then fit.
 */
export function helpful<T>(
  now: readonly EveningTask[],
  ways: readonly Way<T>[],
  today: string,
  freeOn: (date: string) => number,
  most: number,
): { readonly what: T; readonly saves: number }[] {
  const over = overOf(eveningsAhead(now, today, freeOn, most));
  return ways
    .map(({ what, tasks }) => ({
      what,
      saves: over - overOf(eveningsAhead(tasks, today, freeOn, most)),
    }))
    .filter(({ saves }) => saves >= 1)
    .sort((a, b) => b.saves - a.saves);
}
