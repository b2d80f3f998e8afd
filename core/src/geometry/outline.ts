/** Outlines with curves, and their flattening to rings. */
import type { Point, Ring } from "./polygon.ts";

/**
 * One contour: a start, then straight (end), quadratic (control, end) or cubic (two controls, end)
 * segments.
 */
export type Segment =
  | { readonly kind: "line"; readonly to: Point }
  | { readonly kind: "quad"; readonly c: Point; readonly to: Point }
  | { readonly kind: "cubic"; readonly c1: Point; readonly c2: Point; readonly to: Point };
export interface Contour {
  readonly start: Point;
  readonly segments: readonly Segment[];
}

/**
 * Flattens to chords no farther than `tolerance` from the curve.
 * Segment counts follow the second-difference bound: n = sqrt(d / (8·tolerance)) with d the
 * largest second derivative of the Bézier curve (Wang's formula, 1984); see `MOST_CHORDS`.
 */
export function flatten(contour: Contour, tolerance: number): Ring {
  const points: Point[] = [];
  let from = contour.start;
  for (const segment of contour.segments) {
    addSegmentInto(points, from, segment, tolerance);
    from = segment.to;
  }
  return withoutRepeats(points);
}

/**
 * The same for a line that need not be closed: its start, then its chords; nothing twice in a row.
 * @param most ends soon after so many points; see `flattenLines`
 */
export function flattenLine(
  contour: Contour,
  tolerance: number,
  most = Number.POSITIVE_INFINITY,
): Ring {
  const points: Point[] = [contour.start];
  let from = contour.start;
  for (const segment of contour.segments) {
    if (points.length > most) break;
    addSegmentInto(points, from, segment, tolerance);
    from = segment.to;
  }
  return points.filter(
    (point, i) => i === 0 || point[0] !== points[i - 1]?.[0] || point[1] !== points[i - 1]?.[1],
  );
}

/** Flattens one after the other; null as soon as they hold more than `most` points together. */
export function flattenLines(
  contours: readonly Contour[],
  tolerance: number,
  most: number,
): Ring[] | null {
  let left = most;
  const lines: Ring[] = [];
  for (const contour of contours) {
    const line = flattenLine(contour, tolerance, left);
    left -= line.length;
    if (left < 0) return null;
    lines.push(line);
  }
  return lines;
}

/**
 * Chords of one curve at most. A curve whose control points lie within ten metres needs 8,000 at
 * the finest tolerance in use; a wider one, which only a broken or a hostile file holds, is drawn
 * more coarsely instead of without end.
 */
export const MOST_CHORDS = 10_000;

function addSegmentInto(points: Point[], from: Point, segment: Segment, tolerance: number): void {
  if (segment.kind === "line") {
    points.push(segment.to);
    return;
  }
  const wanted = Math.ceil(Math.sqrt(secondDifference(from, segment) / (8 * tolerance)));
  const count = Math.max(1, Math.min(MOST_CHORDS, wanted));
  for (let i = 1; i <= count; i++)
    points.push(i === count ? segment.to : at(from, segment, i / count));
}

function secondDifference(p0: Point, segment: Exclude<Segment, { kind: "line" }>): number {
  if (segment.kind === "quad") return 2 * bend(p0, segment.c, segment.to);
  return 6 * Math.max(bend(p0, segment.c1, segment.c2), bend(segment.c1, segment.c2, segment.to));
}

const bend = (a: Point, b: Point, c: Point): number =>
  Math.hypot(a[0] - 2 * b[0] + c[0], a[1] - 2 * b[1] + c[1]);

function at(p0: Point, segment: Exclude<Segment, { kind: "line" }>, t: number): Point {
  const u = 1 - t;
  if (segment.kind === "quad")
    return [
      u * u * p0[0] + 2 * u * t * segment.c[0] + t * t * segment.to[0],
      u * u * p0[1] + 2 * u * t * segment.c[1] + t * t * segment.to[1],
    ];
  const { c1, c2, to } = segment;
  const [a, b, c, d] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
  return [
    a * p0[0] + b * c1[0] + c * c2[0] + d * to[0],
    a * p0[1] + b * c1[1] + c * c2[1] + d * to[1],
  ];
}

function withoutRepeats(points: readonly Point[]): Ring {
  return points.filter((point, index) => {
    const before = points[(index + points.length - 1) % points.length] as Point;
    return point[0] !== before[0] || point[1] !== before[1];
  });
}
