/** What comes after the step that goes on. */
import type { LiveStep } from "@/live/live-class.ts";

export interface Coming extends Pick<LiveStep, "id" | "title" | "minutes"> {
  /** Minutes for which something dries after it, the longest of what waits for it. */
  readonly dries: number;
}

/** More are not read at a glance. */
const MOST_COMING = 4;

export function comingAfter(
  steps: readonly Pick<LiveStep, "id" | "title" | "minutes" | "after">[],
  now: string,
): Coming[] {
  const at = steps.findIndex(({ id }) => id === now);
  if (at < 0) return [];
  return steps.slice(at + 1, at + 1 + MOST_COMING).map(({ id, title, minutes }) => ({
    id,
    title,
    minutes,
    dries: Math.max(
      0,
      ...steps.flatMap(({ after }) =>
        after.flatMap(({ step, wait }) => (step === id ? [wait] : [])),
      ),
    ),
  }));
}
