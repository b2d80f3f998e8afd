/**
 * How things and their steps belong together. By itself, so that a page names steps without what
 * proposes them.
 */
import { isRound } from "../blanks/shape-size.ts";
import type { Step } from "../scheduling/step.ts";
import type { Thing } from "./document.ts";

/** Two things people do with the same movements: made alike, and both round or both flat. */
export const isLike = (
  a: Pick<Thing, "technique" | "blank">,
  b: Pick<Thing, "technique" | "blank">,
): boolean => a.technique === b.technique && isRound(a.blank.shape) === isRound(b.blank.shape);

/** Whether a seat makes it instead of one of those before it. */
export const isAlternative = (before: readonly Thing[], { choice }: Thing): boolean =>
  choice !== undefined && before.some((thing) => thing.choice === choice);

/** What a step is called where there are several things: with the one it belongs to. */
export function titleOfStep(
  { title, thing }: Pick<Step, "title" | "thing">,
  things: readonly Pick<Thing, "id" | "title">[],
): string {
  const own = things.length > 1 ? things.find(({ id }) => id === thing)?.title : undefined;
  return own === undefined || title.toLowerCase().includes(own.toLowerCase())
    ? title
    : `${title}: ${own}`;
}

/** The same of a step known by its id; where there is none, the id. */
export function titleById(
  {
    steps,
    things,
  }: {
    readonly steps: readonly Pick<Step, "id" | "title" | "thing">[];
    readonly things: readonly Pick<Thing, "id" | "title">[];
  },
  id: string,
): string {
  const step = steps.find((one) => one.id === id);
  return step ? titleOfStep(step, things) : id;
}

/**
 * Things for which no step is planned yet; of alternatives made alike one set of steps serves all.
 */
export function thingsWithoutSteps(things: readonly Thing[], steps: readonly Step[]): Thing[] {
  return things.filter((thing, i) => {
    const before = things.slice(0, i);
    if (i === 0 || steps.some((step) => step.thing === thing.id)) return false;
    return !(isAlternative(before, thing) && before.some((one) => isLike(one, thing)));
  });
}
