/** English words for the techniques. */
import type { Technique } from "./techniques.ts";

export const TECHNIQUE_WORDS: Record<Technique, { readonly name: string; readonly what: string }> =
  {
    decal: { name: "Decal", what: "The letters stay on the piece." },
    openStencil: {
      name: "Open stencil",
      what: "The letters are taken out and painted; their insides ride on the tape or hang on bridges.",
    },
    mask: {
      name: "Mask",
      what: "The letters stay while the ground round them is painted; then they are peeled.",
    },
    ironOnStencil: {
      name: "Iron-on stencil",
      what: "A stencil pressed on with an iron, for coir and cloth that tape cannot grip: mirrored, its own liner carries it.",
    },
  };
