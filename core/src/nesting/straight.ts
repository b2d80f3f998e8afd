/**
 * Pieces with few corners, such as flags, tiles, stars and diamonds, taken apart into convex parts:
 * for these no-fit polygons are exact.
 */
import { convexParts } from "../geometry/convex-parts.ts";
import {
  boxOf,
  type Point,
  type Polygon,
  type Polygons,
  type Ring,
  ringArea,
  ringLength,
} from "../geometry/polygon.ts";
import { DEEP_MM } from "./grain.ts";

/** Above so many corners a piece counts as round; above so many parts it is one of too many. */
const MOST_CORNERS = 24;
const MOST_PARTS = 8;
/** Corners nearer to the line between their neighbours are none, mm, where none is rounded. */
const FLAT_MM = 1e-6;
/**
 * The rim of the clearance round a corner is made of tangents that turn by no more than this: never
 * inside the true arc.
 */
const MOST_TURN = Math.PI / 3;

export interface Straight {
  /**
   * Convex parts that together are the piece, each grown by half the clearance: x, y of each
   * corner, counter-clockwise in a y-up sense, from the top left of the bare box.
   */
  readonly parts: readonly Float64Array[];
  /** Edges of the grown outline as x1, y1, x2, y2, the piece on their left. */
  readonly edges: Float64Array;
  readonly perimeter: number;
  readonly width: number;
  readonly height: number;
  /** What of the bare outline lies along the left, right, top and bottom of its box, mm. */
  readonly sides: readonly [number, number, number, number];
}

/** Result: null when the outline crosses itself, or has too many corners or parts. */
export function straightOf(polygons: Polygons, clearance: number, give = DEEP_MM): Straight | null {
  const flat = Math.max(FLAT_MM, give / 2);
  const { minX, minY, maxX, maxY } = boxOf(polygons);
  const bare = polygons.flatMap((polygon): Polygon[] => {
    const corners = polygon.map((ring, r) =>
      cornersOf(ringArea(ring) < 0 === (r === 0) ? [...ring].reverse() : ring, flat).map(
        ([x, y]): Point => [x - minX, y - minY],
      ),
    );
    const [outer, ...holes] = corners;
    return outer && holes.length === 0 ? unpinched(outer, flat).map((ring) => [ring]) : [corners];
  });
  const rings = bare.flat();
  const corners = rings.reduce((sum, ring) => sum + ring.length, 0);
  if (rings.length === 0 || rings.some((ring) => ring.length < 3) || corners > MOST_CORNERS)
    return null;
  const outline = rings.flatMap(edgesOf);
  if (crossesItself(outline, flat)) return null;
  const convex = bare.flatMap(convexParts).map((part) => cornersOf(part, flat));
  if (convex.length === 0 || convex.length > MOST_PARTS) return null;
  const grown = clearance > 0 ? convex.map((part) => grownBy(part, clearance / 2)) : convex;
  const [width, height] = [maxX - minX, maxY - minY];
  const along = (axis: 0 | 1, value: number) =>
    outline.reduce(
      (sum, [p, q]) =>
        Math.abs(p[axis] - value) < flat && Math.abs(q[axis] - value) < flat
          ? sum + distance(p, q)
          : sum,
      0,
    );
  const only = grown.length === 1 ? (grown[0] as Ring) : null;
  return {
    parts: grown.map((part) => Float64Array.from(part.flat())),
    edges: Float64Array.from(
      (only ? edgesOf(only) : outline.map((edge) => movedOut(edge, clearance / 2))).flat(2),
    ),
    perimeter: only
      ? ringLength(only)
      : rings.reduce((sum, ring) => sum + ringLength(ring), Math.PI * clearance),
    width,
    height,
    sides: [along(0, 0), along(0, width), along(1, 0), along(1, height)],
  };
}

type Edge = readonly [Point, Point];

const edgesOf = (ring: Ring): Edge[] =>
  ring.map((p, i): Edge => [p, ring[(i + 1) % ring.length] as Point]);

function movedOut([p, q]: Edge, by: number): Edge {
  const length = distance(p, q);
  const [x, y] = [((q[1] - p[1]) * by) / length, ((p[0] - q[0]) * by) / length];
  return [
    [p[0] + x, p[1] + y],
    [q[0] + x, q[1] + y],
  ];
}

/**
 * Where a ring comes back to a corner it is two that touch there. Taken apart as one, rounding makes
 * the two cross.
 */
function unpinched(ring: Ring, flat: number): Ring[] {
  for (let i = 0; i < ring.length; i++)
    for (let j = i + 1; j < ring.length; j++) {
      if (distance(ring[i] as Point, ring[j] as Point) > flat) continue;
      const [own, rest] = [ring.slice(i, j), [...ring.slice(0, i), ...ring.slice(j)]];
      // What runs the other way round is a hole.
      const area = ringArea(ring);
      if (
        own.length > 2 &&
        rest.length > 2 &&
        ringArea(own) * area > 0 &&
        ringArea(rest) * area > 0
      )
        return [own, rest].flatMap((part) => unpinched(part, flat));
    }
  return [ring];
}

/** Touching is no crossing: that an end lies on the other edge, or beyond it by less than counts. */
function crossesItself(edges: readonly Edge[], flat: number): boolean {
  return edges.some(([a, b], i) =>
    edges
      .slice(i + 1)
      .some(([p, q]) => onBothSides(a, b, [p, q], flat) && onBothSides(p, q, [a, b], flat)),
  );
}

function onBothSides(a: Point, b: Point, [p, q]: Edge, flat: number): boolean {
  const least = flat * distance(a, b);
  const [first, last] = [cross(a, b, p), cross(a, b, q)];
  return first > 0 !== last > 0 && Math.abs(first) > least && Math.abs(last) > least;
}

/** Without points that are doubled or lie on the line between their neighbours. */
function cornersOf(ring: Ring, flat: number): Ring {
  const kept: Point[] = [];
  for (const point of ring)
    if (kept.length === 0 || distance(point, kept[kept.length - 1] as Point) > flat)
      kept.push(point);
  if (kept.length > 1 && distance(kept[0] as Point, kept[kept.length - 1] as Point) <= flat)
    kept.pop();
  return kept.filter((p, i) => {
    const [o, q] = [
      kept[(i + kept.length - 1) % kept.length] as Point,
      kept[(i + 1) % kept.length] as Point,
    ];
    return Math.abs(cross(o, p, q)) > flat * distance(o, q);
  });
}

const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
const cross = (o: Point, p: Point, q: Point): number =>
  (p[0] - o[0]) * (q[1] - p[1]) - (p[1] - o[1]) * (q[0] - p[0]);

function turnAt(o: Point, p: Point, q: Point): number {
  return Math.atan2(cross(o, p, q), (p[0] - o[0]) * (q[0] - p[0]) + (p[1] - o[1]) * (q[1] - p[1]));
}

/** Every edge moved out by the reach; round each corner as many tangents as it takes. */
function grownBy(ring: Ring, reach: number): Ring {
  return ring.flatMap((p, i) => {
    const [o, q] = [
      ring[(i + ring.length - 1) % ring.length] as Point,
      ring[(i + 1) % ring.length] as Point,
    ];
    const turn = turnAt(o, p, q);
    const steps = Math.ceil(turn / MOST_TURN);
    const first = Math.atan2(p[1] - o[1], p[0] - o[0]) - Math.PI / 2;
    // Two tangents a step apart meet half way, farther out than the arc.
    const out = reach / Math.cos(turn / steps / 2);
    return Array.from({ length: steps }, (_, k): Point => {
      const angle = first + (turn * (k + 0.5)) / steps;
      return [p[0] + out * Math.cos(angle), p[1] + out * Math.sin(angle)];
    });
  });
}
