/**
 * Convex pieces with few corners, such as flags, tiles and diamonds: exact no-fit polygons, and how
 * far two of them lie edge to edge.
 */
import {
  boxOfPoints,
  type Point,
  type Polygons,
  type Ring,
  ringArea,
  ringLength,
} from "../geometry/polygon.ts";

/** Above so many corners a piece counts as round. */
const MOST_CORNERS = 24;
/** Corners nearer to the line between their neighbours are none, mm. */
const FLAT_MM = 1e-6;
/**
 * The rim of the clearance round a corner is made of tangents that turn by no more than this: never
 * inside the true arc.
 */
const MOST_TURN = Math.PI / 3;
/** Edges that diverge by less lie along each other; the sine of the angle. */
const PARALLEL = 2e-4;
/** Edges that far apart touch, mm: a fifth of a plotter's step. */
const TOUCHING_MM = 5e-3;
/** Less deep is not inside, mm. */
const DEEP_MM = 1e-6;

export interface Straight {
  /**
   * Grown by half the clearance: x, y of each corner, counter-clockwise in a y-up sense, from the
   * top left of the bare box.
   */
  readonly corners: Float64Array;
  readonly perimeter: number;
  readonly width: number;
  readonly height: number;
  /** What of the bare outline lies along the left, right, top and bottom of its box, mm. */
  readonly sides: readonly [number, number, number, number];
}

/** Result: null when the shape is not convex, has counters or too many corners. */
export function straightOf(polygons: Polygons, clearance: number): Straight | null {
  const ring = polygons[0]?.[0];
  if (polygons.length !== 1 || polygons[0]?.length !== 1 || !ring) return null;
  const corners = cornersOf(ringArea(ring) < 0 ? [...ring].reverse() : ring);
  if (corners.length < 3 || corners.length > MOST_CORNERS || !isConvex(corners)) return null;
  const { minX, minY, maxX, maxY } = boxOfPoints(corners);
  const bare = corners.map(([x, y]): Point => [x - minX, y - minY]);
  const [width, height] = [maxX - minX, maxY - minY];
  const grown = clearance > 0 ? grownBy(bare, clearance / 2) : bare;
  const along = (axis: 0 | 1, value: number) =>
    bare.reduce((sum, p, i) => {
      const q = bare[(i + 1) % bare.length] as Point;
      return Math.abs(p[axis] - value) < FLAT_MM && Math.abs(q[axis] - value) < FLAT_MM
        ? sum + Math.hypot(p[0] - q[0], p[1] - q[1])
        : sum;
    }, 0);
  return {
    corners: Float64Array.from(grown.flat()),
    perimeter: ringLength(grown),
    width,
    height,
    sides: [along(0, 0), along(0, width), along(1, 0), along(1, height)],
  };
}

/** Without points that are doubled or lie on the line between their neighbours. */
function cornersOf(ring: Ring): Ring {
  const kept: Point[] = [];
  for (const point of ring)
    if (kept.length === 0 || distance(point, kept[kept.length - 1] as Point) > FLAT_MM)
      kept.push(point);
  if (kept.length > 1 && distance(kept[0] as Point, kept[kept.length - 1] as Point) <= FLAT_MM)
    kept.pop();
  return kept.filter((p, i) => {
    const [o, q] = [
      kept[(i + kept.length - 1) % kept.length] as Point,
      kept[(i + 1) % kept.length] as Point,
    ];
    return Math.abs(cross(o, p, q)) > FLAT_MM * distance(o, q);
  });
}

const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
const cross = (o: Point, p: Point, q: Point): number =>
  (p[0] - o[0]) * (q[1] - p[1]) - (p[1] - o[1]) * (q[0] - p[0]);

/**
 * Turns one way only, and once around: a five-pointed star drawn in one stroke also turns one way
 * only.
 */
function isConvex(ring: Ring): boolean {
  let around = 0;
  for (let i = 0; i < ring.length; i++) {
    const [o, p, q] = [
      ring[i] as Point,
      ring[(i + 1) % ring.length] as Point,
      ring[(i + 2) % ring.length] as Point,
    ];
    if (cross(o, p, q) <= 0) return false;
    around += turnAt(o, p, q);
  }
  return around < 2.5 * Math.PI;
}

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

/**
 * Where the second piece may not lie, seen from the first: its corners, and its box. Open: on its
 * rim they touch.
 */
export interface NoFit {
  readonly corners: Float64Array;
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
  /**
   * Edges that run along each other: start, direction and length of the first's, end and length of
   * the second's.
   */
  readonly along: Float64Array;
}

const ALONG_SIZE = 8;

/**
 * No-fit polygon of two convex pieces: the Minkowski sum of the one with the other turned about.
 */
export function noFitOf(a: Straight, b: Straight): NoFit {
  const corners = sumOf(a.corners, b.corners.map((value) => -value) as Float64Array);
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (let i = 0; i < corners.length; i += 2) {
    minX = Math.min(minX, corners[i] as number);
    maxX = Math.max(maxX, corners[i] as number);
    minY = Math.min(minY, corners[i + 1] as number);
    maxY = Math.max(maxY, corners[i + 1] as number);
  }
  return { corners, minX, minY, maxX, maxY, along: alongOf(a.corners, b.corners) };
}

/** Edges of both by angle, from the lowest corner of each. */
function sumOf(a: Float64Array, b: Float64Array): Float64Array {
  const [n, m] = [a.length / 2, b.length / 2];
  let [i, j] = [lowest(a), lowest(b)];
  let [x, y] = [
    (a[2 * i] as number) + (b[2 * j] as number),
    (a[2 * i + 1] as number) + (b[2 * j + 1] as number),
  ];
  const out: number[] = [];
  for (let [ofA, ofB] = [0, 0]; ofA < n || ofB < m; ) {
    out.push(x, y);
    const [i2, j2] = [(i + 1) % n, (j + 1) % m];
    const [ax, ay] = [
      (a[2 * i2] as number) - (a[2 * i] as number),
      (a[2 * i2 + 1] as number) - (a[2 * i + 1] as number),
    ];
    const [bx, by] = [
      (b[2 * j2] as number) - (b[2 * j] as number),
      (b[2 * j2 + 1] as number) - (b[2 * j + 1] as number),
    ];
    const turn = ax * by - ay * bx;
    const level = 1e-9 * Math.hypot(ax, ay) * Math.hypot(bx, by);
    const [takeA, takeB] = [
      ofB >= m || (ofA < n && turn >= -level),
      ofA >= n || (ofB < m && turn <= level),
    ];
    if (takeA) [x, y, i, ofA] = [x + ax, y + ay, i2, ofA + 1];
    if (takeB) [x, y, j, ofB] = [x + bx, y + by, j2, ofB + 1];
  }
  return Float64Array.from(out);
}

function lowest(corners: Float64Array): number {
  let best = 0;
  for (let i = 1; i < corners.length / 2; i++) {
    const dy = (corners[2 * i + 1] as number) - (corners[2 * best + 1] as number);
    if (dy < 0 || (dy === 0 && (corners[2 * i] as number) < (corners[2 * best] as number)))
      best = i;
  }
  return best;
}

function alongOf(a: Float64Array, b: Float64Array): Float64Array {
  const out: number[] = [];
  for (let i = 0; i < a.length; i += 2) {
    const [px, py, qx, qy] = edge(a, i);
    const length = Math.hypot(qx - px, qy - py);
    for (let j = 0; j < b.length; j += 2) {
      const [rx, ry, sx, sy] = edge(b, j);
      const other = Math.hypot(sx - rx, sy - ry);
      const [dot, turn] = [
        (qx - px) * (sx - rx) + (qy - py) * (sy - ry),
        (qx - px) * (sy - ry) - (qy - py) * (sx - rx),
      ];
      if (dot < 0 && Math.abs(turn) < PARALLEL * length * other)
        out.push(px, py, (qx - px) / length, (qy - py) / length, length, sx, sy, other);
    }
  }
  return Float64Array.from(out);
}

function edge(corners: Float64Array, i: number): [number, number, number, number] {
  const next = (i + 2) % corners.length;
  return [
    corners[i] as number,
    corners[i + 1] as number,
    corners[next] as number,
    corners[next + 1] as number,
  ];
}

/** How far two pieces lie edge to edge, mm, the second (x, y) away from the first. */
export function touching({ along, minX, minY, maxX, maxY }: NoFit, x: number, y: number): number {
  let sum = 0;
  if (
    along.length === 0 ||
    x < minX - TOUCHING_MM ||
    x > maxX + TOUCHING_MM ||
    y < minY - TOUCHING_MM ||
    y > maxY + TOUCHING_MM
  )
    return 0;
  for (let i = 0; i < along.length; i += ALONG_SIZE) {
    const dx = (along[i + 5] as number) + x - (along[i] as number);
    const dy = (along[i + 6] as number) + y - (along[i + 1] as number);
    const ux = along[i + 2] as number;
    const uy = along[i + 3] as number;
    if (Math.abs(dx * uy - dy * ux) > TOUCHING_MM) continue;
    const at = dx * ux + dy * uy;
    sum += Math.max(
      0,
      Math.min(along[i + 4] as number, at + (along[i + 7] as number)) - Math.max(0, at),
    );
  }
  return sum;
}

/** Whether the two pieces overlap, the second (x, y) away from the first. */
export function overlapping(noFit: NoFit, x: number, y: number): boolean {
  if (
    x <= noFit.minX + DEEP_MM ||
    x >= noFit.maxX - DEEP_MM ||
    y <= noFit.minY + DEEP_MM ||
    y >= noFit.maxY - DEEP_MM
  )
    return false;
  const { corners } = noFit;
  let px = corners[corners.length - 2] as number;
  let py = corners[corners.length - 1] as number;
  for (let i = 0; i < corners.length; i += 2) {
    const qx = corners[i] as number;
    const qy = corners[i + 1] as number;
    const ex = qx - px;
    const ey = qy - py;
    if (ex * (y - py) - ey * (x - px) <= DEEP_MM * Math.sqrt(ex * ex + ey * ey)) return false;
    px = qx;
    py = qy;
  }
  return true;
}
