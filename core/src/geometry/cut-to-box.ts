/**
 * A ring cut off at the sides of a box, by half-planes one after another (Sutherland and Hodgman
 * 1974).
 */
import type { Box, Point, Ring } from "./polygon.ts";

/**
 * What of a ring lies in a box; empty where nothing does. A ring that is not convex and falls apart
 * stays one ring: its parts hang
 * together by lines along the side that cut them, which enclose nothing.
 */
export function cutToBox(ring: Ring, { minX, minY, maxX, maxY }: Box): Ring {
  const sides: readonly (readonly [axis: 0 | 1, at: number, keep: 1 | -1])[] = [
    [0, minX, 1],
    [0, maxX, -1],
    [1, minY, 1],
    [1, maxY, -1],
  ];
  return sides.reduce(cutAt, ring);
}

/** Kept is what lies beyond `at` in the direction of `keep`. */
function cutAt(ring: Ring, [axis, at, keep]: readonly [0 | 1, number, 1 | -1]): Ring {
  const inside = (point: Point) => (point[axis] - at) * keep >= 0;
  return ring.flatMap((point, i): Point[] => {
    const before = ring[(i + ring.length - 1) % ring.length] as Point;
    if (inside(point) === inside(before)) return inside(point) ? [point] : [];
    const share = (at - before[axis]) / (point[axis] - before[axis]);
    const other = axis === 0 ? 1 : 0;
    const across = before[other] + share * (point[other] - before[other]);
    const crossing: Point = axis === 0 ? [at, across] : [across, at];
    return inside(point) ? [crossing, point] : [crossing];
  });
}
