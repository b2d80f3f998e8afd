/** A polygon taken apart into convex ones. */
import earcut from "earcut";
import type { Point, Polygon, Ring } from "./polygon.ts";

/** A corner that bends back by no more counts as straight; the sine of the angle. */
const STRAIGHT = 1e-9;

/**
 * Triangles joined across their common sides as long as what comes of it is convex: at most four
 * times as many parts as there need be (Hertel and Mehlhorn 1983).
 * @param polygon simple, holes wherever; which way its rings turn does not matter
 * @returns counter-clockwise in a y-up sense
 */
export function convexParts(polygon: Polygon): Ring[] {
  const points = polygon.flat();
  const holes: number[] = [];
  polygon.slice(0, -1).reduce((at, ring) => {
    holes.push(at + ring.length);
    return at + ring.length;
  }, 0);
  const corners = earcut(points.flat(), holes);
  let parts: number[][] = [];
  for (let k = 0; k < corners.length; k += 3) {
    const [a, b, c] = [corners[k] as number, corners[k + 1] as number, corners[k + 2] as number];
    const turn = bend(points[a] as Point, points[b] as Point, points[c] as Point);
    if (Math.abs(turn) > STRAIGHT) parts.push(turn > 0 ? [a, b, c] : [a, c, b]);
  }
  for (;;) {
    const joined = joinedTwo(parts, points);
    if (!joined) break;
    parts = joined;
  }
  return parts.map((part) => part.map((at) => points[at] as Point));
}

/** Null where no two have a side in common across which they may be joined. */
function joinedTwo(parts: readonly number[][], points: Ring): number[][] | null {
  for (const [n, one] of parts.entries())
    for (const [i, from] of one.entries()) {
      const to = one[(i + 1) % one.length] as number;
      for (let m = n + 1; m < parts.length; m++) {
        const other = parts[m] as number[];
        const at = other.findIndex(
          (corner, k) => corner === to && other[(k + 1) % other.length] === from,
        );
        if (at < 0) continue;
        const both = [
          ...around(one, i + 1, one.length),
          ...around(other, at + 2, other.length - 2),
        ];
        const convex = both.every(
          (corner, k) =>
            bend(
              points[both[(k + both.length - 1) % both.length] as number] as Point,
              points[corner] as Point,
              points[both[(k + 1) % both.length] as number] as Point,
            ) >= -STRAIGHT,
        );
        if (convex) return [...parts.filter((_, k) => k !== n && k !== m), both];
      }
    }
  return null;
}

const around = (ring: readonly number[], from: number, count: number): number[] =>
  Array.from({ length: count }, (_, k) => ring[(from + k) % ring.length] as number);

/** Sine of the turn at the second of three points, above 0 counter-clockwise. */
function bend(o: Point, p: Point, q: Point): number {
  const [ax, ay] = [p[0] - o[0], p[1] - o[1]];
  const [bx, by] = [q[0] - p[0], q[1] - p[1]];
  return (ax * by - ay * bx) / (Math.hypot(ax, ay) * Math.hypot(bx, by) || 1);
}
