/**
 * Shapes as columns of spans: for every column of the grid the stretches that the shape covers
 * anywhere inside it.
 * After the scanline representation of Umetani and Murakami (2022). Never smaller than the shape,
 * so that two rasters
 * that do not overlap stand for two shapes that do not.
 */
import {
  boxOf,
  boxOfPoints,
  mapPoints,
  type Point,
  type Polygons,
  type Ring,
} from "../geometry/polygon.ts";

export interface Grid {
  /** Width of a column, mm. */
  readonly column: number;
  /** Height of a cell, mm. */
  readonly cell: number;
  /**
   * A fair grid samples shapes at the middle of its columns and rounds to the nearest cell: neither
   * larger nor smaller on
   * the whole, good for searching. Otherwise rasters are never smaller than their shape: good for
   * what is cut.
   */
  readonly fair: boolean;
}

/**
 * Spans of column k are [from[i], to[i]) for first[k] <= i < first[k + 1], in cells from the
 * shape's origin.
 */
export interface Raster {
  /** Column of the grid in which the first column lies, from the shape's origin. */
  readonly left: number;
  readonly columns: number;
  readonly first: Int32Array;
  readonly from: Int32Array;
  readonly to: Int32Array;
  /** Lowest and highest cell of all spans. */
  readonly top: number;
  readonly bottom: number;
}

/** Rounding of coordinates to the grid forgives this much, mm: far below what any check sees. */
const GRID_SLACK_MM = 1e-7;

/**
 * Spans being gathered, chained column by column in plain arrays of numbers: a class of names has
 * half a million.
 */
class Gathered {
  private from = new Float64Array(256);
  private to = new Float64Array(256);
  private next = new Int32Array(256);
  private readonly heads: Int32Array;
  private count = 0;

  constructor(readonly columns: number) {
    this.heads = new Int32Array(columns).fill(-1);
  }

  add(column: number, from: number, to: number): void {
    if (this.count === this.from.length) this.grow();
    this.from[this.count] = from;
    this.to[this.count] = to;
    this.next[this.count] = this.heads[column] as number;
    this.heads[column] = this.count++;
  }

  private grow(): void {
    const [from, to, next] = [
      new Float64Array(2 * this.count),
      new Float64Array(2 * this.count),
      new Int32Array(2 * this.count),
    ];
    from.set(this.from);
    to.set(this.to);
    next.set(this.next);
    [this.from, this.to, this.next] = [from, to, next];
  }

  /**
   * Spans of a column in order, joined where they touch or are nearer than `bridge`: [from, to,
   * from, to, …].
   */
  merged(column: number, bridge: number): number[] {
    const out: number[] = [];
    for (let i = this.heads[column] as number; i >= 0; i = this.next[i] as number)
      insertInto(out, this.from[i] as number, this.to[i] as number);
    let kept = 0;
    for (let k = 2; k < out.length; k += 2) {
      if ((out[k] as number) <= (out[kept + 1] as number) + bridge)
        out[kept + 1] = Math.max(out[kept + 1] as number, out[k + 1] as number);
      else {
        kept += 2;
        out[kept] = out[k] as number;
        out[kept + 1] = out[k + 1] as number;
      }
    }
    out.length = Math.min(out.length, kept + 2);
    return out;
  }
}

/** Puts a span among sorted ones that do not touch, and joins it with those it touches. */
function insertInto(spans: number[], from: number, to: number): void {
  let k = 0;
  while (k < spans.length && (spans[k + 1] as number) < from) k += 2;
  let end = k;
  let [low, high] = [from, to];
  while (end < spans.length && (spans[end] as number) <= to) {
    low = Math.min(low, spans[end] as number);
    high = Math.max(high, spans[end + 1] as number);
    end += 2;
  }
  if (end === k + 2) {
    spans[k] = low;
    spans[k + 1] = high;
  } else spans.splice(k, end - k, low, high);
}

/**
 * Everything within `reach` of the polygons. Origin is the top left of their own box.
 * @param bridge gaps inside a column shorter than this are closed: nothing could lie there, mm
 */
export function rasterOf(polygons: Polygons, reach: number, grid: Grid, bridge = 0): Raster {
  const box = boxOf(polygons);
  const atOrigin = mapPoints(polygons, ([x, y]) => [x - box.minX, y - box.minY]);
  const left = Math.floor((-reach + GRID_SLACK_MM) / grid.column);
  const right = Math.ceil((box.maxX - box.minX + reach - GRID_SLACK_MM) / grid.column);
  const gathered = new Gathered(Math.max(1, right - left));
  for (const polygon of atOrigin) {
    addInsideInto(gathered, polygon, left, grid.column);
    if (reach > 0 || !grid.fair)
      for (const ring of polygon) addRimInto(gathered, ring, reach, left, grid);
  }
  return packed(gathered, left, grid, bridge);
}

/**
 * What lies outside a stock polygon, from its box's top to its bottom: where no shape may reach.
 * Origin as for shapes.
 */
export function outsideOf(stock: Polygons, grid: Grid): Raster {
  const box = boxOf(stock);
  const atOrigin = mapPoints(stock, ([x, y]) => [x - box.minX, y - box.minY]);
  const columns = Math.max(1, Math.ceil((box.maxX - box.minX - GRID_SLACK_MM) / grid.column));
  const height = box.maxY - box.minY;
  const gathered = new Gathered(columns);
  const inside = new Gathered(columns);
  for (const polygon of atOrigin) {
    addInsideInto(inside, polygon, 0, grid.column);
    // The rim itself counts as outside: a column is free only where all of it is.
    if (!grid.fair) for (const ring of polygon) addRimInto(gathered, ring, 0, 0, grid);
  }
  const far = grid.cell * OUTSIDE_CELLS;
  for (let k = 0; k < columns; k++) {
    const within = inside.merged(k, 0);
    let low = -far;
    for (let i = 0; i < within.length; i += 2) {
      gathered.add(k, low, within[i] as number);
      low = within[i + 1] as number;
    }
    gathered.add(k, low, height + far);
  }
  return packed(gathered, 0, grid, 0);
}

/** How far beyond the stock its outside is drawn, in cells. */
const OUTSIDE_CELLS = 64;

/** Stretches between pairs of crossings, by the parity of the column's middle. */
function addInsideInto(
  gathered: Gathered,
  polygon: readonly Ring[],
  left: number,
  column: number,
): void {
  const crossings: number[][] = Array.from({ length: gathered.columns }, () => []);
  for (const ring of polygon) {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [a, b] = [ring[j] as Point, ring[i] as Point];
      const [p, q] = a[0] < b[0] ? [a, b] : [b, a];
      if (p[0] === q[0]) continue;
      const firstColumn = Math.max(0, Math.ceil(p[0] / column - 0.5) - left);
      for (let k = firstColumn; k < gathered.columns; k++) {
        const x = (k + left + 0.5) * column;
        if (x >= q[0]) break;
        if (x >= p[0])
          (crossings[k] as number[]).push(p[1] + ((x - p[0]) / (q[0] - p[0])) * (q[1] - p[1]));
      }
    }
  }
  crossings.forEach((at, k) => {
    at.sort((a, b) => a - b);
    for (let i = 0; i + 1 < at.length; i += 2)
      gathered.add(k, at[i] as number, at[i + 1] as number);
  });
}

/**
 * Every edge grown by `reach` on all sides: a capsule, whose extent within each column is exact.
 */
function addRimInto(
  gathered: Gathered,
  ring: Ring,
  reach: number,
  left: number,
  { column, fair }: Grid,
): void {
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [a, b] = [ring[j] as Point, ring[i] as Point];
    const [p, q] = a[0] <= b[0] ? [a, b] : [b, a];
    const firstColumn = Math.max(0, Math.floor((p[0] - reach + GRID_SLACK_MM) / column) - left);
    const lastColumn = Math.min(
      gathered.columns - 1,
      Math.ceil((q[0] + reach - GRID_SLACK_MM) / column) - 1 - left,
    );
    for (let k = firstColumn; k <= lastColumn; k++) {
      const middle = (k + left + 0.5) * column;
      if (fair && (middle < p[0] - reach || middle > q[0] + reach)) continue;
      const [low, high] = fair ? [middle, middle] : [(k + left) * column, (k + left + 1) * column];
      gathered.add(k, -farthest(p, q, reach, low, high, -1), farthest(p, q, reach, low, high, 1));
    }
  }
}

/**
 * Largest sign·y of the capsule round p..q (p left of q) for x in [low, high], which the capsule
 * touches.
 */
function farthest(
  p: Point,
  q: Point,
  reach: number,
  low: number,
  high: number,
  sign: 1 | -1,
): number {
  const [py, qy] = [sign * p[1], sign * q[1]];
  const peak = py > qy ? p : q;
  const x = Math.min(high, Math.max(low, peak[0]));
  // Unlike py > qy, a level edge has its peak all along.
  if (py === qy && high >= p[0] && low <= q[0]) return py + reach;
  if (x === peak[0]) return sign * peak[1] + reach;
  const length = Math.hypot(q[0] - p[0], q[1] - p[1]);
  const [nx, ny] = length === 0 ? [0, 1] : [-(qy - py) / length, (q[0] - p[0]) / length];
  const [from, to] = [p[0] + reach * nx, q[0] + reach * nx];
  if (x >= from && x <= to && to > from)
    return py + reach * ny + ((x - from) / (to - from)) * (qy - py);
  const [end, endY] = x < from ? [p[0], py] : [q[0], qy];
  return endY + Math.sqrt(Math.max(0, reach * reach - (x - end) * (x - end)));
}

function packed(gathered: Gathered, left: number, grid: Grid, bridge: number): Raster {
  const first = new Int32Array(gathered.columns + 1);
  const from: number[] = [];
  const to: number[] = [];
  for (let k = 0; k < gathered.columns; k++) {
    const joined = gathered.merged(k, bridge);
    for (let i = 0; i < joined.length; i += 2) {
      const [low, high] = [
        (joined[i] as number) / grid.cell,
        (joined[i + 1] as number) / grid.cell,
      ];
      const a = grid.fair ? Math.round(low) : Math.floor(low + GRID_SLACK_MM);
      const b = grid.fair ? Math.round(high) : Math.ceil(high - GRID_SLACK_MM);
      const last = from.length - 1;
      if (b <= a) continue;
      if (last >= (first[k] as number) && a <= (to[last] as number))
        to[last] = Math.max(to[last] as number, b);
      else {
        from.push(a);
        to.push(b);
      }
    }
    first[k + 1] = from.length;
  }
  const top = from.reduce((least, value) => Math.min(least, value), 0);
  const bottom = to.reduce((most, value) => Math.max(most, value), 0);
  return {
    left,
    columns: gathered.columns,
    first,
    from: Int32Array.from(from),
    to: Int32Array.from(to),
    top,
    bottom,
  };
}

export interface Turned {
  readonly polygons: Polygons;
  readonly width: number;
  readonly height: number;
  /** Where the top left of the turned box lies from the item's own origin, mm. */
  readonly minX: number;
  readonly minY: number;
}

/** Turned about the item's own origin, clockwise on screen, degrees. Quarter turns are exact. */
export function turnedBy(polygons: Polygons, degrees: number): Turned {
  const [c, s] = cosSin(degrees);
  const turned =
    c === 1 ? polygons : mapPoints(polygons, ([x, y]) => [c * x - s * y, s * x + c * y]);
  const box = boxOfPoints(turned.flatMap((polygon) => polygon[0] ?? []));
  return {
    polygons: turned,
    width: box.maxX - box.minX,
    height: box.maxY - box.minY,
    minX: box.minX,
    minY: box.minY,
  };
}

/** Cosine and sine; exact for quarter turns. */
export function cosSin(degrees: number): readonly [number, number] {
  const quarter = ((degrees % 360) + 360) % 360;
  const exact: Record<number, readonly [number, number]> = {
    0: [1, 0],
    90: [0, 1],
    180: [-1, 0],
    270: [0, -1],
  };
  return (
    exact[quarter] ?? [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  );
}
