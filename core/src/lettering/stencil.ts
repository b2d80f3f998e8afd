/**
 * Bridges of a stencil: strips of film across a stroke that hold the inside of a letter to the
 * field.
 */
import { difference } from "../geometry/boolean.ts";
import {
  boxOfPoints,
  type Point,
  type Polygon,
  type Polygons,
  polygonArea,
  type Ring,
} from "../geometry/polygon.ts";
import type { StencilRule } from "./recipe.ts";

/** Directions that are tried for a bridge, degrees from the top, clockwise. */
const DIRECTIONS = Array.from({ length: 24 }, (_, i) => i * 15);
/**
 * A bridge straight up, down or across is preferred to a slanting one that saves less than this
 * share.
 */
const UPRIGHT_BONUS = 0.75;

export interface Bridge {
  /** Middle of the island it holds. */
  readonly island: Point;
  readonly angleDeg: number;
  readonly letter: string;
  /** Length across the stroke, mm. */
  readonly length: number;
}

/**
 * Takes a strip of width `bridgeMm` out of the letter for every island, at the thinnest place of
 * the stroke round it,
 * so that the letter is hurt least; an angle given for the letter is followed.
 * @param letterAt the letter at a place, as the host names it
 */
export function bridgeIslands(
  polygons: Polygons,
  rule: StencilRule,
  letterAt: (at: Point) => string,
): { polygons: Polygons; bridges: Bridge[] } {
  const bridges: Bridge[] = [];
  const cut = polygons.flatMap((polygon): Polygons => {
    const strips = polygon.slice(1).map((hole): Polygon => {
      const island = middleOf(hole);
      const letter = letterAt(island);
      const angle = rule.angles[letter] ?? thinnestDirection(polygon, island, hole);
      const length = strokeLength(polygon, island, angle);
      bridges.push({ island, angleDeg: angle, letter, length });
      return strip(island, angle, reach(polygon, island), rule.bridgeMm);
    });
    if (strips.length === 0) return [polygon];
    // A strip runs from the island outwards only as far as this letter reaches; crumbs it leaves
    // are no pieces.
    return strips
      .reduce<Polygons>((left, one) => difference(left, [one]), [polygon])
      .filter((part) => polygonArea(part) > (rule.bridgeMm * rule.bridgeMm) / 16);
  });
  return { polygons: cut, bridges };
}

function middleOf(ring: Ring): Point {
  const box = boxOfPoints(ring);
  return [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2];
}

const direction = (angleDeg: number): Point => {
  const angle = (angleDeg * Math.PI) / 180;
  return [Math.sin(angle), -Math.cos(angle)];
};

function reach(polygon: Polygon, from: Point): number {
  return Math.max(...(polygon[0] ?? []).map(([x, y]) => Math.hypot(x - from[0], y - from[1]))) + 1;
}

function strip(from: Point, angleDeg: number, length: number, width: number): Polygon {
  const [dx, dy] = direction(angleDeg);
  const [wx, wy] = [(-dy * width) / 2, (dx * width) / 2];
  return [
    [
      [from[0] + wx, from[1] + wy],
      [from[0] + dx * length + wx, from[1] + dy * length + wy],
      [from[0] + dx * length - wx, from[1] + dy * length - wy],
      [from[0] - wx, from[1] - wy],
    ],
  ];
}

function thinnestDirection(polygon: Polygon, island: Point, hole: Ring): number {
  const box = boxOfPoints(hole);
  const tall = box.maxY - box.minY >= box.maxX - box.minX;
  const score = (angle: number): number => {
    const length = strokeLength(polygon, island, angle);
    const upright = angle % 90 === 0;
    // Along the longer side of the island a bridge is firmer, and shows less.
    const along = tall ? angle % 180 === 0 : angle % 180 === 90;
    return length * (upright ? UPRIGHT_BONUS : 1) * (along ? 0.95 : 1);
  };
  return DIRECTIONS.reduce((best, angle) => (score(angle) < score(best) - 1e-9 ? angle : best));
}

/**
 * How much stroke lies on the way from the island outwards: the letter's material along the ray.
 */
function strokeLength(polygon: Polygon, from: Point, angleDeg: number): number {
  const [dx, dy] = direction(angleDeg);
  const hits = polygon.flatMap((ring) =>
    ring.flatMap((a, i) => {
      const b = ring[(i + 1) % ring.length] as Point;
      const [ex, ey] = [b[0] - a[0], b[1] - a[1]];
      const cross = dx * ey - dy * ex;
      if (cross === 0) return [];
      const t = ((a[0] - from[0]) * ey - (a[1] - from[1]) * ex) / cross;
      const u = ((a[0] - from[0]) * dy - (a[1] - from[1]) * dx) / cross;
      return t > 0 && u >= 0 && u < 1 ? [t] : [];
    }),
  );
  const sorted = hits.sort((a, b) => a - b);
  // From inside a hole the first hit enters the stroke, the next leaves it, and so on.
  let sum = 0;
  for (let i = 0; i + 1 < sorted.length; i += 2)
    sum += (sorted[i + 1] as number) - (sorted[i] as number);
  return sum === 0 ? Number.POSITIVE_INFINITY : sum;
}
