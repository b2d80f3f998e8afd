/** English words for materials and films. */
import type { Material } from "../blanks/blank-kinds.ts";
import type { VinylFamily } from "../weeding/families.ts";

export const MATERIAL_WORDS: Record<Material, string> = {
  glazed: "glazed ceramic",
  glass: "glass",
  enamel: "enamel",
  rawWood: "raw wood",
  stainedWood: "stained wood",
  sealedWood: "sealed wood",
  paintedWood: "painted wood",
  laminate: "laminate",
  metal: "bare metal",
  paintedMetal: "painted metal",
  powderCoat: "powder coat",
  clearPlastic: "clear plastic (acrylic)",
  paintedPlastic: "painted plastic",
  stone: "stone",
  firedClay: "fired clay",
  paper: "paper",
  leather: "leather",
  cork: "cork",
  rubber: "rubber",
  balloon: "balloon",
  coir: "coir",
  canvas: "canvas or cloth",
};

export const FAMILY_WORDS: Record<VinylFamily, string> = {
  removable: "Removable, matte",
  permanentMatte: "Permanent, matte",
  permanentGloss: "Permanent, gloss",
  glitter: "Glitter",
  holographic: "Holographic, mirror, foil",
  thickBacked: "Thick-backed, no mat",
  stencil: "Stencil film",
  ironOn: "Iron-on",
};
