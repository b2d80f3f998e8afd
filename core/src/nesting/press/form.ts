/** A shape in one of its turns as the search sees it, grown by half the clearance. */
import { convexHull } from "../../geometry/hull.ts";
import { type Point, polygonsArea } from "../../geometry/polygon.ts";
import type { Turned } from "../turned.ts";
import { distanceAt, distances, type Mesh, meshFor, rimAt } from "./field.ts";

export interface Form {
  /** Of the shape as it is, mm. */
  readonly width: number;
  readonly height: number;
  /** Edges as x1, y1, x2, y2 from the top left of the box, mm. */
  readonly edges: Float64Array;
  /** Where in `edges` each polygon ends. */
  readonly ends: readonly number[];
  /** Distances to the grown outline, in cells. */
  readonly field: Float32Array;
  readonly columns: number;
  readonly rows: number;
  readonly across: Sorted;
  readonly down: Sorted;
  /** How heavy an overlap with it counts: the square root of its hull's area, mm. */
  readonly heft: number;
}

/** Points of the grown rim, in cells from the top left of the box, sorted along one side. */
export interface Sorted {
  /** Filled up to a multiple of four with points that are nowhere. */
  readonly xs: Float32Array;
  readonly ys: Float32Array;
  /** Index of the first point at or beyond each cell, counted from `base`. */
  readonly starts: Int32Array;
  readonly base: number;
}

export interface Grain {
  /** Of the fields, mm. */
  readonly cell: number;
  /** Between points of a rim, mm. */
  readonly gap: number;
  readonly clearance: number;
}

/** How far fields reach beyond the grown outline, cells. */
const ROUND_CELLS = 2;
/** Points inside are so many times farther apart than those of the rim. */
const INNER_GAPS = 2;
/** Corners that turn by less (0.4 is 23 degrees) are none. */
const LEAST_BEND = 0.4;
const ON_RIM_CELLS = 0.25;
const NOWHERE = -1e6;
const LEAST_AREA_MM2 = 1e-6;

export const marginOf = ({ cell, clearance }: Grain): number => clearance / 2 + ROUND_CELLS * cell;

/**
 * @param level how far it is grown, mm: half the clearance, but for what lies round others: these
 * are inside, so it needs no points of its own there
 */
export function formOf(turned: Turned, grain: Grain, level = grain.clearance / 2): Form {
  const { width, height, polygons } = turned;
  const { edges, ends } = edgesOf(turned);
  const mesh = meshFor(width, height, grain.cell, marginOf(grain));
  const field = distances(edges, ends, mesh);
  const rim = [
    ...rimAt(field, mesh, level, grain.gap, tipsOf(turned, field, mesh, level)),
    ...(level < grain.clearance / 2 ? [] : deepPoints(field, mesh, level, grain.gap)),
  ];
  const hull = convexHull(polygons.flatMap((polygon) => polygon[0] ?? []));
  return {
    width,
    height,
    edges,
    ends,
    field: field.map((distance) => (distance - level) / grain.cell),
    columns: mesh.columns,
    rows: mesh.rows,
    across: sortedBy(rim, 0, grain.cell),
    down: sortedBy(rim, 1, grain.cell),
    heft: Math.sqrt(Math.max(LEAST_AREA_MM2, polygonsArea([[hull]]))),
  };
}

/**
 * Where the grown outline goes round a corner: tips are what meets others first, and a grid passes
 * them by.
 */
function tipsOf(
  { polygons, minX, minY }: Turned,
  field: Float32Array,
  mesh: Mesh,
  level: number,
): number[] {
  const tips: number[] = [];
  for (const ring of polygons.flat())
    ring.forEach((point, i) => {
      const before = ring[(i + ring.length - 1) % ring.length] as Point;
      const after = ring[(i + 1) % ring.length] as Point;
      const [a, b] = [unit(before, point), unit(after, point)];
      // Both edges point to the corner: where they nearly face each other there is none.
      const along = [a[0] + b[0], a[1] + b[1]] as const;
      const length = Math.hypot(...along);
      if (length < LEAST_BEND) return;
      for (const sign of [1, -1]) {
        const x = point[0] - minX + (sign * level * along[0]) / length;
        const y = point[1] - minY + (sign * level * along[1]) / length;
        if (Math.abs(distanceAt(field, mesh, x, y) - level) > ON_RIM_CELLS * mesh.cell) continue;
        tips.push(x, y);
        return;
      }
    });
  return tips;
}

function unit(from: Point, to: Point): readonly [number, number] {
  const [x, y] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(x, y) || 1;
  return [x / length, y / length];
}

/**
 * Points half as deep inside as the deepest, and that one: of two shapes that lie one on the other
 * the rims alone would say that they hardly meet.
 */
function deepPoints(field: Float32Array, mesh: Mesh, level: number, gap: number): number[] {
  const deepest = field.reduce((at, depth, i) => (depth < (field[at] as number) ? i : at), 0);
  const { columns, cell, margin } = mesh;
  return [
    ...rimAt(field, mesh, (level + (field[deepest] as number)) / 2, INNER_GAPS * gap),
    (deepest % columns) * cell - margin,
    Math.floor(deepest / columns) * cell - margin,
  ];
}

function edgesOf({ polygons, minX, minY }: Turned): Pick<Form, "edges" | "ends"> {
  const edges: number[] = [];
  const ends: number[] = [];
  for (const polygon of polygons) {
    for (const ring of polygon)
      ring.forEach((b, i) => {
        const a = ring[(i + ring.length - 1) % ring.length] as Point;
        if (a[0] !== b[0] || a[1] !== b[1])
          edges.push(a[0] - minX, a[1] - minY, b[0] - minX, b[1] - minY);
      });
    ends.push(edges.length);
  }
  return { edges: Float64Array.from(edges), ends };
}

function sortedBy(rim: readonly number[], axis: 0 | 1, cell: number): Sorted {
  const count = rim.length / 2;
  const order = Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => (rim[2 * a + axis] as number) - (rim[2 * b + axis] as number) || a - b,
  );
  const size = 4 * Math.ceil(count / 4);
  const [xs, ys] = [new Float32Array(size).fill(NOWHERE), new Float32Array(size).fill(NOWHERE)];
  order.forEach((i, k) => {
    xs[k] = (rim[2 * i] as number) / cell;
    ys[k] = (rim[2 * i + 1] as number) / cell;
  });
  const along = axis === 0 ? xs : ys;
  const base = Math.floor(along[0] ?? 0);
  const last = Math.ceil(along[count - 1] ?? 0);
  const starts = new Int32Array(last - base + 2);
  let n = 0;
  for (let k = 0; k < starts.length; k++) {
    while (n < count && (along[n] as number) < base + k) n++;
    starts[k] = n;
  }
  return { xs, ys, starts, base };
}
