/**
 * Vinyl families: how thin a stroke lifts, which tape. First values; a studio may change its own.
 */
export const VINYL_FAMILIES = [
  "removable",
  "permanentMatte",
  "permanentGloss",
  "glitter",
  "holographic",
  "thickBacked",
  "stencil",
  "ironOn",
] as const;
export type VinylFamily = (typeof VINYL_FAMILIES)[number];

export interface FamilyTraits {
  /**
   * Thinnest stroke a beginner can lift and lay without tearing, mm: first guesses from practice,
   * by thickness and tack.
   */
  readonly minStrokeMm: number;
  /** Parts smaller than this are small parts: easily lost in weeding, mm². */
  readonly smallPartMm2: number;
  readonly tape: "low" | "medium" | "strong";
  readonly mirrored: boolean;
  /**
   * Counters narrower than this close up in weeding, mm: a hook needs about the width of a stroke.
   */
  readonly minCounterMm: number;
  /** Share of the studio's cutting speed that suits it: thick and brittle films are cut slower. */
  readonly speedShare: number;
}

export const FAMILY_TRAITS: Record<VinylFamily, FamilyTraits> = {
  removable: {
    minStrokeMm: 0.8,
    minCounterMm: 0.8,
    smallPartMm2: 4,
    tape: "low",
    mirrored: false,
    speedShare: 1,
  },
  permanentMatte: {
    minStrokeMm: 0.8,
    minCounterMm: 0.8,
    smallPartMm2: 4,
    tape: "medium",
    mirrored: false,
    speedShare: 1,
  },
  permanentGloss: {
    minStrokeMm: 0.8,
    minCounterMm: 0.8,
    smallPartMm2: 4,
    tape: "medium",
    mirrored: false,
    speedShare: 1,
  },
  glitter: {
    minStrokeMm: 1.6,
    minCounterMm: 1.6,
    smallPartMm2: 9,
    tape: "strong",
    mirrored: false,
    speedShare: 0.6,
  },
  holographic: {
    minStrokeMm: 1.2,
    minCounterMm: 1.2,
    smallPartMm2: 6,
    tape: "medium",
    mirrored: false,
    speedShare: 0.8,
  },
  thickBacked: {
    minStrokeMm: 1,
    minCounterMm: 1,
    smallPartMm2: 4,
    tape: "strong",
    mirrored: false,
    speedShare: 0.8,
  },
  stencil: {
    minStrokeMm: 1,
    minCounterMm: 1,
    smallPartMm2: 6,
    tape: "medium",
    mirrored: false,
    speedShare: 1,
  },
  ironOn: {
    minStrokeMm: 1,
    minCounterMm: 1,
    smallPartMm2: 6,
    tape: "low",
    mirrored: true,
    speedShare: 0.8,
  },
};
export const FINISHES = ["matte", "gloss", "satin", "metallic", "clear"] as const;
export const ADHESIVES = ["weak", "waterBased", "solvent"] as const;
/** No washing at all; by hand, and in a dishwasher it failed; by hand; in a dishwasher. */
export const PROVED_WASHING = ["none", "handOnly", "hand", "dishwasher"] as const;
