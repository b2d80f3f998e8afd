/**
 * What the craft does not let come before something else, whoever moves a step: with the reason.
 */
import type { Step } from "../scheduling/step.ts";

interface Before {
  readonly first: string;
  readonly later: string;
  readonly why: string;
}

/** By what is done, whatever the thing; where one of the two is not there nothing is refused. */
const ORDER: readonly Before[] = [
  {
    first: "clean",
    later: "place",
    why: "cleaned after it is laid, dust and grease are under the film",
  },
  { first: "weed", later: "tape", why: "under the tape nothing is weeded any more" },
  { first: "join-parts", later: "tape", why: "parts are joined before one tape carries them" },
  {
    first: "tape",
    later: "place",
    why: "without tape the letters do not come off their backing in their places",
  },
  { first: "place", later: "peel", why: "the tape comes off when the film lies" },
  { first: "place", later: "press", why: "edges are pressed when the film lies" },
  {
    first: "press",
    later: "seal-edges",
    why: "an edge that stands up is not sealed, it is filled",
  },
  { first: "seal-edges", later: "coat-1", why: "paint over an unsealed edge runs under it" },
  { first: "press", later: "coat-1", why: "paint runs under an edge that was not pressed" },
  { first: "coat-1", later: "coat-2", why: "the second coat goes over the first" },
  {
    first: "coat-1",
    later: "peel-film",
    why: "with the film off there is nothing to paint through",
  },
  {
    first: "coat-2",
    later: "peel-film",
    why: "with the film off there is nothing to paint through",
  },
  { first: "peel-film", later: "touch-up", why: "what ran under is seen when the film is off" },
  { first: "press", later: "peel-liner", why: "the liner comes off when the film holds" },
  {
    first: "border",
    later: "spray",
    why: "spray goes where it likes; the border is covered before",
  },
  { first: "spray", later: "peel-film", why: "the film comes off when it is sprayed" },
  { first: "blow-up", later: "place", why: "laid on before, film tears off while it grows" },
  { first: "welcome", later: "finish", why: "a class begins with its welcome" },
  ...[1, 2, 3].map(
    (n): Before => ({
      first: `ground-${n}`,
      later: "place",
      why: "the ground is painted and dry before film lies on it",
    }),
  ),
];

/**
 * What is done in a step: its id without the thing it belongs to and without the number of the
 * layer.
 */
export const deedOf = ({ id, thing }: Pick<Step, "id" | "thing">): string =>
  thing !== undefined && id.endsWith(`-${thing}`) ? id.slice(0, -thing.length - 1) : id;

const sameThing = (a: Step, b: Step): boolean =>
  a.thing === undefined || b.thing === undefined || a.thing === b.thing;

export interface Refused {
  readonly first: string;
  readonly later: string;
  readonly why: string;
}

/**
 * The first rule that an order of steps breaks, and that the old order did not break; null where it
 * may be so.
 */
export function refusedOrder(before: readonly Step[], after: readonly Step[]): Refused | null {
  const broken = brokenBy(after);
  const old = new Set(brokenBy(before).map(({ first, later }) => `${first}>${later}`));
  return broken.find(({ first, later }) => !old.has(`${first}>${later}`)) ?? null;
}

/** Every pair of an order that the craft wants the other way round, by the steps' ids. */
export function brokenBy(steps: readonly Step[]): Refused[] {
  return ORDER.flatMap(({ first, later, why }) =>
    steps.flatMap((step, i) =>
      deedOf(step) !== first
        ? []
        : steps
            .slice(0, i)
            .flatMap((sooner) =>
              deedOf(sooner) === later && sameThing(sooner, step)
                ? [{ first: step.id, later: sooner.id, why }]
                : [],
            ),
    ),
  );
}
