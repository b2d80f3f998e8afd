import { PLAIN_LINE } from "../lettering/plain-line.ts";
import type { Design } from "../lettering/recipe.ts";
import { USUAL_STENCIL } from "../lettering/recipe-kinds.ts";
import { isPainted } from "../weeding/technique.ts";
import type { Technique } from "../weeding/techniques.ts";

/**
 * One line for the name. Of a stencil the letters stand alone, so that no joined script is taken
 * out in one piece.
 */
export function starterDesign(technique: Technique, vinyl: string): Design {
  const out = technique === "openStencil" || technique === "ironOnStencil";
  return {
    school: "longest",
    fixedScale: 1,
    offered: [],
    ...(isPainted(technique) ? { stencil: USUAL_STENCIL } : {}),
    items: [
      {
        ...PLAIN_LINE,
        id: "first-name",
        slot: "name",
        font: out ? "zilla-slab" : "pacifico",
        vinyl,
        size: 12,
        join: !out,
      },
    ],
  };
}
