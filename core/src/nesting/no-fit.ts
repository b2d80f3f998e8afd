/**
 * Where one piece with straight edges may not lie, seen from another, and how far the two lie edge
 * to edge.
 */
import { DEEP_MM } from "./grain.ts";
import type { Straight } from "./straight.ts";

/** Edges that diverge by less lie along each other; the sine of the angle. */
const PARALLEL = 2e-4;
/** Edges that far apart touch, mm: a fifth of a plotter's step. */
const TOUCHING_MM = 5e-3;
/** What is left of an edge between two parts may be a point: there one piece fits exactly. */
const POINT_SHARE = 1e-7;

/** Open: on its rim the two touch. */
export interface NoFit {
  /** Convex, one for each two parts of the two. */
  readonly parts: readonly Float64Array[];
  /** See `rimOf`; null until asked for. */
  rim: Float64Array | null;
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
  /**
   * Edges that run along each other: start, direction and length of the first's, end and length of
   * the second's.
   */
  readonly along: Float64Array;
  /** Less deep is not inside, mm. */
  readonly give: number;
}

const ALONG_SIZE = 8;

/** Minkowski sums of each part of the one with each of the other turned about. */
export function noFitOf(a: Straight, b: Straight, give = DEEP_MM): NoFit {
  const turned = b.parts.map((part) => part.map((value) => -value) as Float64Array);
  const parts = a.parts.flatMap((one) => turned.map((other) => sumOf(one, other)));
  let [minX, minY, maxX, maxY] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const corners of parts)
    for (let i = 0; i < corners.length; i += 2) {
      minX = Math.min(minX, corners[i] as number);
      maxX = Math.max(maxX, corners[i] as number);
      minY = Math.min(minY, corners[i + 1] as number);
      maxY = Math.max(maxY, corners[i + 1] as number);
    }
  return { parts, rim: null, minX, minY, maxX, maxY, along: alongOf(a.edges, b.edges, give), give };
}

/** What of the parts' rims is in no other part, as x1, y1, x2, y2: there the two touch. */
export function rimOf(noFit: NoFit): Float64Array {
  if (noFit.rim) return noFit.rim;
  const { parts } = noFit;
  const rim: number[] = [];
  for (const own of parts)
    for (let i = 0; i < own.length; i += 2) {
      const [px, py, qx, qy] = edge(own, i);
      let free: [number, number][] = [[0, 1]];
      for (const other of parts) {
        if (other === own) continue;
        const inside = insideOf(other, px, py, qx, qy);
        if (!inside) continue;
        const [from, to] = inside;
        free = free.flatMap(([start, end]): [number, number][] => [
          ...(from >= start - POINT_SHARE
            ? [[start, Math.min(end, from)] as [number, number]]
            : []),
          ...(to <= end + POINT_SHARE ? [[Math.max(start, to), end] as [number, number]] : []),
        ]);
      }
      for (const [from, to] of free)
        rim.push(
          px + from * (qx - px),
          py + from * (qy - py),
          px + to * (qx - px),
          py + to * (qy - py),
        );
    }
  noFit.rim = Float64Array.from(rim);
  return noFit.rim;
}

/** From which to which share of the way from p to q it is inside; null when it never is. */
function insideOf(
  corners: Float64Array,
  px: number,
  py: number,
  qx: number,
  qy: number,
): [number, number] | null {
  let from = Number.NEGATIVE_INFINITY;
  let to = Number.POSITIVE_INFINITY;
  let ax = corners[corners.length - 2] as number;
  let ay = corners[corners.length - 1] as number;
  for (let i = 0; i < corners.length; i += 2) {
    const bx = corners[i] as number;
    const by = corners[i + 1] as number;
    const ex = bx - ax;
    const ey = by - ay;
    const deep = DEEP_MM * Math.sqrt(ex * ex + ey * ey);
    const atP = ex * (py - ay) - ey * (px - ax) - deep;
    const atQ = ex * (qy - ay) - ey * (qx - ax) - deep;
    if (atP <= 0 && atQ <= 0) return null;
    if (atP < 0) from = Math.max(from, atP / (atP - atQ));
    if (atQ < 0) to = Math.min(to, atP / (atP - atQ));
    ax = bx;
    ay = by;
  }
  return from < to ? [from, to] : null;
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

function alongOf(a: Float64Array, b: Float64Array, give: number): Float64Array {
  const out: number[] = [];
  for (let i = 0; i < a.length; i += 4) {
    const [px, py, qx, qy] = a.subarray(i) as unknown as [number, number, number, number];
    const length = Math.hypot(qx - px, qy - py);
    for (let j = 0; j < b.length; j += 4) {
      const [rx, ry, sx, sy] = b.subarray(j) as unknown as [number, number, number, number];
      const other = Math.hypot(sx - rx, sy - ry);
      const [dot, turn] = [
        (qx - px) * (sx - rx) + (qy - py) * (sy - ry),
        (qx - px) * (sy - ry) - (qy - py) * (sx - rx),
      ];
      // Where corners are rounded, a short edge is turned by more.
      const parallel = Math.max(PARALLEL * Math.min(length, other), give);
      if (dot < 0 && Math.abs(turn) < parallel * Math.max(length, other))
        out.push(px, py, (qx - px) / length, (qy - py) / length, length, sx, sy, other);
    }
  }
  return Float64Array.from(out);
}

/** Of a ring of corners x, y: the edge that begins at an index. */
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
export function overlapping(
  { parts, minX, minY, maxX, maxY, give }: NoFit,
  x: number,
  y: number,
): boolean {
  if (x <= minX + give || x >= maxX - give || y <= minY + give || y >= maxY - give) return false;
  for (const corners of parts) if (isInside(corners, x, y, give)) return true;
  return false;
}

function isInside(corners: Float64Array, x: number, y: number, give: number): boolean {
  let px = corners[corners.length - 2] as number;
  let py = corners[corners.length - 1] as number;
  for (let i = 0; i < corners.length; i += 2) {
    const qx = corners[i] as number;
    const qy = corners[i + 1] as number;
    const ex = qx - px;
    const ey = qy - py;
    if (ex * (y - py) - ey * (x - px) <= give * Math.sqrt(ex * ex + ey * ey)) return false;
    px = qx;
    py = qy;
  }
  return true;
}
