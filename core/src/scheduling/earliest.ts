/**
 * The evening on which each task of the preparation may be done at the earliest: what it follows
 * has to be done, and dry.
 */
import { addDays, daysBetween } from "../calendar/dates.ts";
import { DAY, type DatedTask, EVENING_BEGINS } from "./before.ts";
import type { Task } from "./task.ts";

export interface EarliestProblem {
  readonly tasks: readonly Pick<Task, "id" | "after">[];
  readonly dated: readonly DatedTask[];
  readonly today: string;
  /** Of what is done: the day on which its rest is over. */
  readonly restedOn: ReadonlyMap<string, string>;
}

/**
 * By task, of those that are not done; never before today. What follows an undone task keeps the
 * evenings that lie between the two by the
 * plan, so that a coat that is begun early is dry when the next one comes.
 */
export function earliestEvenings({
  tasks,
  dated,
  today,
  restedOn,
}: EarliestProblem): Map<string, string> {
  const rows = new Map(dated.map((row) => [row.id, row]));
  const known = new Map<string, string>();
  const earliest = (task: Pick<Task, "id" | "after">): string => {
    const there = known.get(task.id);
    if (there !== undefined) return there;
    // What waits for itself is refused with the document; here it must only end.
    known.set(task.id, today);
    const first = rows.get(task.id)?.date ?? today;
    const dates = task.after.flatMap((id) => {
      const rested = restedOn.get(id);
      if (rested !== undefined) return [rested];
      const before = tasks.find((one) => one.id === id);
      const last = rows.get(id)?.evenings.at(-1)?.date;
      if (!before || last === undefined) return [];
      const span = daysBetween(rows.get(id)?.date ?? last, last);
      return [addDays(earliest(before), span + Math.max(0, daysBetween(last, first)))];
    });
    const found = [today, ...dates].reduce((a, b) => (a > b ? a : b));
    known.set(task.id, found);
    return found;
  };
  return new Map(
    tasks.filter(({ id }) => !restedOn.has(id)).map((task) => [task.id, earliest(task)]),
  );
}

/**
 * The day on which each undone task is dry, were all begun as early as they may be.
 * @param earliest as `earliestEvenings` told it
 */
export function dryOn({
  tasks,
  dated,
  earliest,
}: {
  readonly tasks: readonly Pick<Task, "id" | "waitMinutes">[];
  readonly dated: readonly DatedTask[];
  readonly earliest: ReadonlyMap<string, string>;
}): Map<string, string> {
  const rows = new Map(dated.map((row) => [row.id, row]));
  return new Map(
    tasks.flatMap(({ id, waitMinutes }) => {
      const [row, first] = [rows.get(id), earliest.get(id)];
      if (!row || first === undefined) return [];
      const span = daysBetween(row.date, row.evenings.at(-1)?.date ?? row.date);
      return [
        [id, addDays(first, span + Math.floor((EVENING_BEGINS + waitMinutes) / DAY))] as const,
      ];
    }),
  );
}
