/** The class's own figures in the place of first guesses. */
import type { Figures } from "./figures.ts";
import { deedKind, quarterOf, samePlace } from "./terms.ts";

/** Whatever may carry figures of its own. */
export interface Figured {
  readonly figures?: Figures | undefined;
}

/** By how much a step of that name is longer than its first guess. */
export function paceOf({ figures }: Figured, step: string): number {
  if (!figures?.steps) return 1;
  const deed = deedKind(step);
  return (deed && figures.steps.deeds[deed]) ?? figures.steps.factor;
}
/**
 * By how much the minutes of a class's step were stretched when it was proposed; not those of the
 * host.
 */
export function guessedPace(
  document: Figured & {
    readonly proposed?:
      | {
          readonly steps: readonly {
            readonly id: string;
            readonly was?: Readonly<Record<string, unknown>> | undefined;
          }[];
        }
      | undefined;
  },
  step: string,
): number {
  const taken = document.proposed?.steps.find(({ id }) => id === step);
  return taken && !(taken.was && Object.hasOwn(taken.was, "minutes")) ? paceOf(document, step) : 1;
}
interface DatedRoom extends Figured {
  readonly when: { readonly date: string };
  readonly setting: { readonly place: string };
}
/** By how much paint dries longer than its first guess, in that room at that time of year. */
export function dryingOf({ figures, when, setting }: DatedRoom): number {
  if (!figures?.drying) return 1;
  const { factor: all, rooms, quarters } = figures.drying;
  return (
    all *
    (rooms.find(({ place }) => samePlace(place, setting.place))?.factor ?? 1) *
    (quarters[quarterOf(when.date)] ?? 1)
  );
}
/** By how much that cutter is slower than its lines and corners say. */
export const cuttingOf = ({ figures }: Figured, cutter: string): number =>
  figures?.cutting?.find((own) => own.cutter === cutter)?.factor ?? 1;
