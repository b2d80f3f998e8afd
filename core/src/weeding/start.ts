/** Where peeling a kit begins: at the corner with the most free waste, away from what is small and easily lifted. */
import { type Box, boxOf, type Point, type Polygons } from "../geometry/polygon.ts";

export const CORNERS = ["topLeft", "topRight", "bottomLeft", "bottomRight"] as const;
export type Corner = (typeof CORNERS)[number];

export interface WeedStart {
  readonly corner: Corner;
  /** The corner of the film, and where the hand goes from there. */
  readonly from: Point;
  readonly towards: Point;
}

/** A small part this near to a corner is lifted with the waste before one looks. */
const SMALL_WEIGHT = 0.5;

const distance = ([ax, ay]: Point, [bx, by]: Point): number => Math.hypot(ax - bx, ay - by);

/**
 * @param pieces what stays on the backing
 * @param film the kit's own film, mm
 * @param isSmall whether the piece at an index is small
 */
export function weedStart(pieces: Polygons, film: Box, isSmall: (index: number) => boolean): WeedStart {
  const at: Record<Corner, Point> = { topLeft: [film.minX, film.minY], topRight: [film.maxX, film.minY], bottomLeft: [film.minX, film.maxY], bottomRight: [film.maxX, film.maxY] };
  const outlines = pieces.map(([outer = []]) => outer);
  const nearest = (corner: Point, rings: readonly (readonly Point[])[]) =>
    rings.reduce((least, ring) => ring.reduce((near, point) => Math.min(near, distance(corner, point)), least), Number.POSITIVE_INFINITY);
  const small = outlines.filter((_, i) => isSmall(i));
  const free = (corner: Corner) => {
    const room = nearest(at[corner], outlines);
    const fragile = nearest(at[corner], small);
    return (Number.isFinite(room) ? room : 0) + (Number.isFinite(fragile) ? SMALL_WEIGHT * fragile : 0);
  };
  const corner = CORNERS.reduce((best, one) => (free(one) > free(best) + 1e-6 ? one : best));
  const box = boxOf(pieces);
  return { corner, from: at[corner], towards: pieces.length === 0 ? at[corner] : [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2] };
}
