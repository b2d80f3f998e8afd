/** Precutting and weeding spread over the evenings left. */
import { addDays, daysBetween } from "./dates.ts";

/** No evening is longer than a day. */
export const MOST_EVENING_MINUTES = 1440;

export interface EveningTask {
  readonly id: string;
  readonly minutes: number;
  /** Last calendar day on which it may be done. */
  readonly dueDate: string;
  /** What it follows is done and dry on this day at the earliest; today when left out. */
  readonly notBefore?: string;
}

export interface EveningPlan {
  /**
   * The least that must be done tonight so that no later evening is fuller; less where the rest has
   * to wait for something that dries.
   */
  readonly minutes: number;
  readonly tasks: readonly { readonly id: string; readonly minutes: number }[];
  /** The deadline that asks for this pace. */
  readonly bindingDate: string | null;
}

/**
 * Nobody lays out mat, hooks and lamp for less: a sitting is at least this long if there is work.
 */
export const LEAST_SITTING_MINUTES = 30;

/**
 * Earliest due date first. The pace is the largest of (work due by d) / (evenings up to d) over all
 * deadlines: with less tonight some later evening would be fuller. Evenings count by the time they
 * have, tonight as one. A sitting is never shorter than
 * `LEAST_SITTING_MINUTES` unless less is left to do. What has to wait for another evening counts
 * for the pace and is not offered.
 */
export function tonight(
  tasks: readonly EveningTask[],
  today: string,
  freeOn: (date: string) => number = () => 1,
): EveningPlan {
  const due = tasks
    .filter((task) => task.minutes > 0)
    .sort((a, b) =>
      a.dueDate === b.dueDate ? (a.id < b.id ? -1 : 1) : a.dueDate < b.dueDate ? -1 : 1,
    );
  let work = 0;
  let pace = 0;
  let bindingDate: string | null = null;
  const evenings = eveningsLike(today, freeOn);
  for (const task of due) {
    work += task.minutes;
    const share = work / evenings(task.dueDate);
    if (share > pace) {
      pace = share;
      bindingDate = task.dueDate;
    }
  }
  let left = Math.min(work, Math.max(pace, work > 0 ? LEAST_SITTING_MINUTES : 0));
  const chosen: { id: string; minutes: number }[] = [];
  for (const task of due) {
    if (left <= 0.01) break;
    if (task.notBefore !== undefined && task.notBefore > today) continue;
    const share = Math.min(task.minutes, left);
    chosen.push({ id: task.id, minutes: share });
    left -= share;
  }
  return {
    minutes: chosen.reduce((sum, { minutes }) => sum + minutes, 0),
    tasks: chosen,
    bindingDate,
  };
}

/**
 * How many evenings like tonight there are up to a date: a longer one counts for more. Where
 * tonight has no time at all, every evening counts as one.
 */
function eveningsLike(
  today: string,
  freeOn: (date: string) => number,
): (dueDate: string) => number {
  const here = freeOn(today);
  // Minutes of the first so many evenings, summed up as far as somebody asked.
  const sums = [0];
  return (dueDate) => {
    const days = Math.max(1, daysBetween(today, dueDate) + 1);
    if (here <= 0) return days;
    for (let i = sums.length - 1; i < days; i++)
      sums.push((sums[i] ?? 0) + freeOn(addDays(today, i)));
    return Math.max(1, (sums[days] ?? 0) / here);
  };
}
