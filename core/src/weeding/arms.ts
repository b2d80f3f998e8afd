/**
 * Fragile arms: long thin parts of a piece that end freely and come up with the waste when it is
 * pulled against them.
 */
import { difference, offset } from "../geometry/boolean.ts";
import {
  type Point,
  type Polygon,
  polygonArea,
  type Ring,
  ringLength,
} from "../geometry/polygon.ts";

export interface Arm {
  /** Index of the piece it belongs to. */
  readonly piece: number;
  /** Where it hangs on its piece; of a strip by itself one of its ends. */
  readonly root: Point;
  readonly tip: Point;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** A strip by itself: both ends can lift. */
  readonly loose: boolean;
}

/**
 * Two rounds: hair-thin arms, then those that are merely long. Widths as shares of the thinnest
 * stroke that the film bears;
 * shorter than so many times its width, a part holds by its own backing.
 */
const ROUNDS = [
  { share: 1.5, aspect: 4 },
  { share: 4, aspect: 8 },
] as const;
/** Corners that rounding takes off are no arms, mm. */
const LEAST_LENGTH_MM = 3;
/** Points of what was taken off that lie this near to what is left are where it hangs, mm. */
const TOUCH_MM = 0.05;

/**
 * From end to end at least this share of its length: strips by themselves are straight, arms may
 * bend.
 */
const [LOOSE_REACH, ARM_REACH] = [0.85, 0.5] as const;
/** No knife leaves a strip narrower than this; rounding on the way there and back does, mm. */
const LEAST_WIDTH_MM = 0.25;

const distance = ([ax, ay]: Point, [bx, by]: Point): number => Math.hypot(ax - bx, ay - by);

/**
 * What opening by a disc takes away, if it is long for its width and hangs at one end only
 * (opening: Serra 1982).
 * @param minStroke thinnest stroke that the film bears, mm
 */
export function armsOf(pieces: readonly Polygon[], minStroke: number): Arm[] {
  return pieces.flatMap((polygon, piece) => {
    const arms: Arm[] = [];
    for (const { share, aspect } of ROUNDS)
      for (const arm of thinParts(polygon, share * minStroke, aspect))
        if (!arms.some((known) => distance(known.tip, arm.tip) < known.lengthMm / 2))
          arms.push({ piece, ...arm });
    return arms;
  });
}

function thinParts(polygon: Polygon, widthMm: number, aspect: number): Omit<Arm, "piece">[] {
  const kept = offset(offset([polygon], -widthMm / 2), widthMm / 2);
  return difference([polygon], kept).flatMap((part) => {
    const strip = stripOf(part);
    if (
      !strip ||
      strip.lengthMm < LEAST_LENGTH_MM ||
      strip.widthMm < LEAST_WIDTH_MM ||
      strip.lengthMm < aspect * strip.widthMm
    )
      return [];
    const outer = part[0] ?? [];
    const hangs = outer.filter((point) =>
      kept.some((own) => own.some((ring) => nearRing(point, ring))),
    );
    if (spread(hangs) > strip.lengthMm / 2) return [];
    const root = hangs.length === 0 ? farthest(outer, outer[0] as Point) : middle(hangs);
    const tip = farthest(outer, root);
    const loose = hangs.length === 0;
    // A K or an S is as long as an arm, but holds by all its turns.
    if (distance(root, tip) < strip.lengthMm * (loose ? LOOSE_REACH : ARM_REACH)) return [];
    return [{ root, tip, ...strip, loose }];
  });
}

/**
 * Length and width of the strip with this area and perimeter; null for what is round, or a ring.
 */
function stripOf(part: Polygon): { lengthMm: number; widthMm: number } | null {
  const [outer = []] = part;
  const half = ringLength(outer) / 2;
  const root = half * half - 4 * polygonArea([outer]);
  if (part.length > 1 || root <= 0) return null;
  const lengthMm = (half + Math.sqrt(root)) / 2;
  return { lengthMm, widthMm: half - lengthMm };
}

function nearRing(point: Point, ring: Ring): boolean {
  return ring.some((a, i) => nearSegment(point, a, ring[(i + 1) % ring.length] as Point));
}

function nearSegment([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): boolean {
  const [dx, dy] = [bx - ax, by - ay];
  const along =
    dx === 0 && dy === 0
      ? 0
      : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy)));
  return Math.hypot(x - ax - along * dx, y - ay - along * dy) < TOUCH_MM;
}

const middle = (points: readonly Point[]): Point => [
  points.reduce((sum, [x]) => sum + x, 0) / points.length,
  points.reduce((sum, [, y]) => sum + y, 0) / points.length,
];
const farthest = (points: readonly Point[], from: Point): Point =>
  points.reduce(
    (best, point) => (distance(point, from) > distance(best, from) ? point : best),
    from,
  );
const spread = (points: readonly Point[]): number =>
  points.length === 0 ? 0 : Math.max(...points.map((point) => distance(point, points[0] as Point)));
