/**
 * What is carried onto the blank in one go: a film by itself, or several gathered on one tape;
 * glitter and thick backing always apart.
 */

import type { LayerFacts } from "../stages/facts.ts";
import type { VinylFamily } from "../weeding/families.ts";
import type { Situation } from "./situation.ts";

export interface Transfer {
  /** The lowest first. */
  readonly layers: readonly LayerFacts[];
  readonly family: VinylFamily;
  /** Whether it is the only one of the design. */
  readonly alone: boolean;
}

const OWN_TAPE: ReadonlySet<VinylFamily> = new Set(["glitter", "thickBacked"]);

export function transfersOf({
  facts,
  schools,
  technique,
  films,
}: Pick<Situation, "facts" | "schools" | "technique" | "films">): Transfer[] {
  if (technique === "ironOnStencil") return [];
  const layers =
    facts.layers.length > 0
      ? facts.layers
      : films.map(({ id, name, family }) => ({ vinyl: id, name, family, pieces: 1 }));
  const groups: LayerFacts[][] = [];
  for (const layer of layers) {
    const last = groups.at(-1);
    const joins =
      last &&
      schools.layers === "gathered" &&
      !OWN_TAPE.has(layer.family) &&
      last.every(({ family }) => !OWN_TAPE.has(family));
    if (joins) last.push(layer);
    else groups.push([layer]);
  }
  return groups.map((group) => ({
    layers: group,
    family: (group[0] as LayerFacts).family,
    alone: groups.length === 1,
  }));
}
