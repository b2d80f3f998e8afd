/** Steps and waits by the studio's own figures in the place of first guesses. */

import { dryingOf, type Figured, paceOf } from "../figures/figured.ts";
import { type Deed, deedKind } from "../figures/terms.ts";
import type { ProposedStep } from "./told.ts";

/** After these something dries; other waits are for glue to hold or film to cool. */
const WET: ReadonlySet<Deed | null> = new Set<Deed>(["seal-edges", "ground", "coat", "spray"]);

/** Whether what was done in a step of that name dries afterwards. */
export const isWet = (step: string): boolean => WET.has(deedKind(step));

/**
 * Whether it may be touched to see if it is dry: a step of the host's own may be; film that cools
 * or rests is not wet.
 */
export const mayDry = (step: string): boolean => deedKind(step) === null || isWet(step);

/** A minute is the least, and parts of one count as one. */
const whole = (minutes: number): number => Math.max(1, Math.ceil(minutes - 1e-9));
const times = (value: number): string => value.toFixed(2).replace(/0$/u, "");

export function paced<T extends ProposedStep>(
  step: T,
  document: Figured & Parameters<typeof dryingOf>[0],
): T {
  const { figures } = document;
  if (!figures?.steps && !figures?.drying) return step;
  const pace = paceOf(document, step.id);
  const drying = dryingOf(document);
  const waits = step.after?.map((before) =>
    before.wait > 0 && isWet(before.step)
      ? { ...before, wait: whole(before.wait * drying) }
      : before,
  );
  const dries = waits?.some(({ wait }, i) => wait !== step.after?.[i]?.wait) ?? false;
  const because = [
    step.because,
    pace !== 1 && `Minutes by your own classes: ${times(pace)} times the first guess.`,
    dries && `Drying by your own classes: ${times(drying)} times the first guess.`,
  ]
    .filter(Boolean)
    .join(" ");
  return {
    ...step,
    minutes: whole(step.minutes * pace),
    ...(step.half === undefined ? {} : { half: whole(step.half * pace) }),
    ...(waits ? { after: waits } : {}),
    because,
  };
}
