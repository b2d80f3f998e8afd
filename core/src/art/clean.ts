/**
 * Art as it can be cut: what crosses itself is taken as it is filled, hole by hole, and what has no
 * area is nothing.
 */
import { fillRings } from "../geometry/boolean.ts";
import { type Polygons, polygonsArea } from "../geometry/polygon.ts";

/** Less than this is nothing one could cut, in the drawing's own units squared. */
export const NO_AREA = 1e-6;
/** Rounding of the fill moves areas by less than this share. */
const SAME_SHARE = 1e-4;

const known = new WeakMap<Polygons, { readonly polygons: Polygons; readonly repaired: boolean }>();

/** The same polygons where they are sound, otherwise what an even-odd fill makes of their rings. */
export function cleanArt(polygons: Polygons): {
  readonly polygons: Polygons;
  readonly repaired: boolean;
} {
  const before = known.get(polygons);
  if (before) return before;
  const filled = fillRings(polygons.flat(), "evenodd");
  const [drawn, real] = [polygonsArea(polygons), polygonsArea(filled)];
  const sound = Math.abs(drawn - real) <= SAME_SHARE * Math.max(real, NO_AREA);
  const made = sound ? { polygons, repaired: false } : { polygons: filled, repaired: true };
  known.set(polygons, made);
  return made;
}

/** Whether there is anything to cut in it. */
export const hasArea = (polygons: Polygons): boolean =>
  polygonsArea(cleanArt(polygons).polygons) > NO_AREA;
