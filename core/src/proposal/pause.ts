/** A break put where something dries anyway. */
import type { ClassDocument } from "../document/document.ts";
import { freeStepId } from "../scheduling/reorder.ts";
import { type Step, stepSchema } from "../scheduling/step.ts";
import { MOST_STEPS } from "../scheduling/step-kinds.ts";

/**
 * The steps with a break of so many minutes behind one of them; as they were where a class has no
 * room for another.
 */
export function pausedAfter(
  { steps }: Pick<ClassDocument, "steps">,
  after: string,
  minutes: number,
): Step[] {
  const at = steps.findIndex(({ id }) => id === after);
  if (at < 0 || steps.length >= MOST_STEPS) return [...steps];
  const pause = stepSchema.parse({
    id: freeStepId(steps, "Pause"),
    title: "A break while it dries",
    minutes,
    after: [{ step: after, wait: 0 }],
    say: "What is wet stays where it lies; films and blades, too. Hands washed before the next step.",
    doIt: "A break. Leave everything as it lies.",
  });
  // Whoever follows without saying what would wait for the break: it follows what it followed.
  const [next, ...rest] = steps.slice(at + 1);
  const tied =
    next && next.after === undefined
      ? [{ ...next, after: [{ step: after, wait: 0 }] }]
      : next
        ? [next]
        : [];
  return [...steps.slice(0, at + 1), pause, ...tied, ...rest];
}
