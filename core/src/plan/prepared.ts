/**
 * The preparation of a class on the host's evenings, counted back from the day on which each
 * thing's blanks have to be ready.
 */

import { addDays, leadDaysOf } from "../calendar/dates.ts";
import type { ClassDocument } from "../document/document.ts";
import { madeOf } from "../document/thing-document.ts";
import { PlanFault } from "../faults/plan-fault.ts";
import { type DatedTask, datedBefore, USUAL_EVENING_MINUTES } from "../scheduling/before.ts";
import type { Task } from "../scheduling/task.ts";

/**
 * Empty where the evenings before do not suffice. @param freeOn minutes of an evening; the usual
 * ones when left out
 */
export function preparedOn(
  document: ClassDocument,
  freeOn: (date: string) => number = () => USUAL_EVENING_MINUTES,
): DatedTask[] {
  try {
    return dated(document, freeOn);
  } catch (error) {
    if (error instanceof PlanFault) return [];
    throw error;
  }
}

function dated(document: ClassDocument, freeOn: (date: string) => number): DatedTask[] {
  const groups = new Map<number, Task[]>();
  for (const task of document.preparation) {
    const days = daysBefore(document, task);
    groups.set(days, [...(groups.get(days) ?? []), task]);
  }
  const made = new Map(
    [...new Set(document.preparation.map(({ thing }) => thing))].map((thing) => [
      thing,
      madeOf(document, thing).reduce((sum, count) => sum + count, 0),
    ]),
  );
  const taken = new Map<string, number>();
  const rows = new Map<string, DatedTask>();
  // What has to be ready last is dated first: it is nearest to the class.
  for (const [days, tasks] of [...groups].sort(([a], [b]) => a - b)) {
    const found = datedBefore({
      tasks,
      ready: addDays(document.when.date, -days),
      piecesOf: ({ thing }) => made.get(thing) ?? 0,
      freeOn: (date) => Math.max(0, freeOn(date) - (taken.get(date) ?? 0)),
    });
    for (const row of found) {
      rows.set(row.id, row);
      for (const { date, minutes } of row.evenings)
        taken.set(date, (taken.get(date) ?? 0) + minutes);
    }
  }
  return document.preparation.flatMap(({ id }) => rows.get(id) ?? []);
}

/** A thing may have a day of its own. */
function daysBefore({ things, leadDays, setting }: ClassDocument, { thing }: Task): number {
  const lead = leadDaysOf(setting.kind, leadDays);
  return (
    things.find(({ id }) => id === thing)?.prepareDays ?? lead.prepareBlanksBy ?? lead.packBy ?? 1
  );
}
