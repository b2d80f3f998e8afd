import type { Point, Polygons, Ring } from "./polygon.ts";

/**
 * Convex hull by Andrew's monotone chain (1979); points in order round the hull, none collinear.
 */
export function convexHull(points: readonly Point[]): Ring {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  if (sorted.length < 3) return sorted;
  const lower = chain(sorted);
  const upper = chain(sorted.reverse());
  return [...lower.slice(0, -1), ...upper.slice(0, -1)];
}

function chain(points: readonly Point[]): Point[] {
  const stack: Point[] = [];
  for (const point of points) {
    while (
      stack.length >= 2 &&
      cross(stack[stack.length - 2] as Point, stack[stack.length - 1] as Point, point) <= 0
    )
      stack.pop();
    stack.push(point);
  }
  return stack;
}

function cross(o: Point, a: Point, b: Point): number {
  return (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
}

export function hullOf(polygons: Polygons): Ring {
  return convexHull(outermost(polygons.flatMap((polygon) => polygon[0] ?? [])));
}

/** Directions, in turning order, whose farthest points span an octagon. */
const EIGHT: readonly Point[] = [
  [1, 0],
  [1, 1],
  [0, 1],
  [-1, 1],
  [-1, 0],
  [-1, -1],
  [0, -1],
  [1, -1],
];

/**
 * Points inside the octagon of the farthest ones cannot be on the hull (Akl and Toussaint 1978):
 * most of a name's points.
 */
function outermost(points: readonly Point[]): Point[] {
  const corners = EIGHT.map(([dx, dy]) =>
    points.reduce<Point>(
      (best, p) => (p[0] * dx + p[1] * dy > best[0] * dx + best[1] * dy ? p : best),
      points[0] ?? [0, 0],
    ),
  );
  return points.filter((p) =>
    corners.some((a, i) => cross(a, corners[(i + 1) % corners.length] as Point, p) <= 0),
  );
}

export interface Circle {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/**
 * Least circle round points, by Welzl's algorithm (1991) in its iterative move-to-front form.
 * The points are taken in the order given, so the result is the same every time.
 */
export function leastCircle(points: readonly Point[]): Circle {
  let circle: Circle = { x: points[0]?.[0] ?? 0, y: points[0]?.[1] ?? 0, radius: 0 };
  points.forEach((p, i) => {
    if (holds(circle, p)) return;
    circle = { x: p[0], y: p[1], radius: 0 };
    for (let j = 0; j < i; j++) {
      const q = points[j] as Point;
      if (holds(circle, q)) continue;
      circle = throughTwo(p, q);
      for (let k = 0; k < j; k++) {
        const r = points[k] as Point;
        if (!holds(circle, r)) circle = throughThree(p, q, r);
      }
    }
  });
  return circle;
}

const RELATIVE_SLACK = 1 + 1e-12;

function holds(circle: Circle, [x, y]: Point): boolean {
  return Math.hypot(x - circle.x, y - circle.y) <= circle.radius * RELATIVE_SLACK;
}

function throughTwo(a: Point, b: Point): Circle {
  return {
    x: (a[0] + b[0]) / 2,
    y: (a[1] + b[1]) / 2,
    radius: Math.hypot(a[0] - b[0], a[1] - b[1]) / 2,
  };
}

function throughThree(a: Point, b: Point, c: Point): Circle {
  const bx = b[0] - a[0];
  const by = b[1] - a[1];
  const cx = c[0] - a[0];
  const cy = c[1] - a[1];
  const d = 2 * (bx * cy - by * cx);
  if (d === 0) return throughTwo(a, c);
  const ux = (cy * (bx * bx + by * by) - by * (cx * cx + cy * cy)) / d;
  const uy = (bx * (cx * cx + cy * cy) - cx * (bx * bx + by * by)) / d;
  return { x: a[0] + ux, y: a[1] + uy, radius: Math.hypot(ux, uy) };
}
