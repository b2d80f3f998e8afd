/**
 * What a ground asks of what is laid or painted on it: one place for what each material is like.
 */
import type { Material } from "./blank-kinds.ts";

/**
 * Strokes and gaps thinner than this do not hold, or do not come out when painted, on a coarse
 * ground, mm: first values from practice.
 */
const COARSE: Partial<Record<Material, number>> = {
  coir: 5,
  canvas: 2,
  rawWood: 1.5,
  stainedWood: 1.5,
  cork: 1.5,
  firedClay: 1.2,
  stone: 1.2,
};

export const groundLimitMm = (material: Material): number => COARSE[material] ?? 0;

const of = (...materials: readonly Material[]): ((material: Material) => boolean) => {
  const set: ReadonlySet<Material> = new Set(materials);
  return (material) => set.has(material);
};

/** A tape or a film does not grip it all over. */
export const isRough = of("coir", "canvas", "stone", "firedClay", "rawWood", "stainedWood", "cork");
/** Film and tape hold less on it than on what shines. */
export const isMatt = of("paintedWood", "rawWood", "stainedWood", "firedClay", "stone");
/** So smooth that film slides until its glue has begun to hold. */
export const isSmooth = of("glass", "glazed");
/**
 * Stands outdoors or is handled at its edges: a clear coat holds on it, and no food or dishwasher
 * comes near.
 */
export const bearsCoat = of(
  "rawWood",
  "stainedWood",
  "sealedWood",
  "paintedWood",
  "metal",
  "paintedMetal",
  "powderCoat",
  "stone",
  "firedClay",
);
/** Washed up after use, where it is something to drink from. */
export const isWashedUp = of(
  "glazed",
  "glass",
  "enamel",
  "paintedMetal",
  "powderCoat",
  "paintedPlastic",
);
/** Stain colours the fibres and binds none of them. */
export const isBareWood = of("rawWood", "stainedWood");
export const isWood = (material: Material): boolean => material.endsWith("Wood");
