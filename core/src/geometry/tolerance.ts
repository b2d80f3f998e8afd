/** Every epsilon of the core, with its reason. */

/**
 * Longest distance of a drawn chord from its curve, at final size: far below what a blade follows.
 */
export const CURVE_TOLERANCE_MM = 0.02;
/** Integer units per millimetre for boolean operations (0.1 µm), so that rounding never shows. */
export const CLIP_UNITS_PER_MM = 10_000;
/** Rings smaller than this are rounding dust of a boolean operation. */
export const DUST_AREA_MM2 = 1e-4;
/**
 * Parts of a glyph smaller than this are slips of its drawing, em²: at a 30 mm em a hundredth of a
 * square millimetre.
 */
export const GLYPH_DUST_EM2 = 1e-5;
/**
 * Two lengths nearer than this are the same for layout: a tenth of what a plotter step resolves.
 */
export const SAME_MM = 1e-6;
/** Slack that a fit leaves to the edge, so that rounding cannot make it stick out. */
export const FIT_SLACK_MM = 1e-6;

/** Arc cosine that forgives rounding just outside [-1, 1]. */
export function safeAcos(value: number): number {
  return Math.acos(Math.min(1, Math.max(-1, value)));
}
