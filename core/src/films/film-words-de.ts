/** German words for materials and films. */
import type { Material } from "../blanks/blank-kinds.ts";
import type { VinylFamily } from "../weeding/families.ts";

export const MATERIAL_WORDS: Record<Material, string> = {
  glazed: "glasierte Keramik",
  glass: "Glas",
  enamel: "Emaille",
  rawWood: "rohes Holz",
  stainedWood: "gebeiztes Holz",
  sealedWood: "versiegeltes Holz",
  paintedWood: "gestrichenes Holz",
  laminate: "Schichtstoff",
  metal: "blankes Metall",
  paintedMetal: "lackiertes Metall",
  powderCoat: "Pulverlack",
  clearPlastic: "klarer Kunststoff (Acryl)",
  paintedPlastic: "lackierter Kunststoff",
  stone: "Stein",
  firedClay: "gebrannter Ton",
  paper: "Papier",
  leather: "Leder",
  cork: "Kork",
  rubber: "Gummi",
  balloon: "Luftballon",
  coir: "Kokos",
  canvas: "Leinwand oder Stoff",
};

export const FAMILY_WORDS: Record<VinylFamily, string> = {
  removable: "Ablösbar, matt",
  permanentMatte: "Permanent, matt",
  permanentGloss: "Permanent, glänzend",
  glitter: "Glitzer",
  holographic: "Hologramm, Spiegel, Metall",
  thickBacked: "Auf dickem Träger, ohne Matte",
  stencil: "Schablonenfolie",
  ironOn: "Bügelfolie",
};
