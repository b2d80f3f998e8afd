/**
 * How finely coordinates are written. What was cut from one sheet matches, and once its corners are
 * rounded it matches no longer: by about as much as it was rounded it may then overlap.
 */
import type { Polygons } from "../geometry/polygon.ts";

/** Less deep is not inside, mm. */
export const DEEP_MM = 1e-6;
/** Coordinates written to so many decimals, mm, count as rounded; coarser ones as meant so. */
const ROUNDED = [3, 4, 5];
/**
 * Of the last decimal: a corner is off by half of it each way, a neighbour's likewise, and what
 * lies beside both is off by both. Of thousandths that is less than the five micrometres within
 * which two pieces touch.
 */
const GIVE = 4;
/** What counting in binary leaves over, of the last decimal. */
const BINARY = 1e-6;

/** How deep one may reach into another, mm. */
export function giveOf(polygons: Polygons): number {
  const values = polygons.flat(3);
  const written = (decimals: number) =>
    values.every((value) => {
      const scaled = value * 10 ** decimals;
      return Math.abs(scaled - Math.round(scaled)) < BINARY * Math.max(1, Math.abs(value));
    });
  if (written((ROUNDED[0] as number) - 1)) return DEEP_MM;
  const decimals = ROUNDED.find(written);
  return decimals === undefined ? DEEP_MM : GIVE * 10 ** -decimals;
}
