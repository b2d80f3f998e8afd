/** An independent check of a schedule: minute by minute. */
import type { Schedule, ScheduleProblem } from "./problem.ts";

/** Codes of what is broken; empty when the schedule keeps every wait and every tool count. */
export function validateSchedule(
  { steps, tools }: ScheduleProblem,
  result: Pick<Schedule, "start" | "end">,
): string[] {
  const faults: string[] = [];
  for (const step of steps) {
    const at = result.start[step.id];
    if (at === undefined || at < 0) faults.push(`lost ${step.id}`);
    for (const { step: before, wait } of step.after) {
      const earlier = steps.find(({ id }) => id === before);
      if (earlier && (at ?? 0) < (result.start[before] ?? 0) + earlier.minutes + wait)
        faults.push(`early ${step.id}`);
    }
  }
  for (let minute = 0; minute < result.end; minute++) {
    for (const [tool, count] of Object.entries(tools)) {
      const used = steps.reduce(
        (sum, step) =>
          sum +
          ((result.start[step.id] ?? 0) <= minute &&
          minute < (result.start[step.id] ?? 0) + step.minutes
            ? (step.tools[tool] ?? 0)
            : 0),
        0,
      );
      if (used > count) faults.push(`${tool} at ${minute}`);
    }
  }
  return faults;
}
