/**
 * What lies outside a stock as columns of spans: for every column of the grid the stretches that
 * are not free anywhere inside it.
 */
import { boxOf, mapPoints, type Point, type Polygons, type Ring } from "../geometry/polygon.ts";

export interface Grid {
  /** Width of a column, mm. */
  readonly column: number;
  /** Height of a cell, mm. */
  readonly cell: number;
}

/**
 * Spans of column k are [from[i], to[i]) for first[k] <= i < first[k + 1], in cells from the top of
 * the stock's box.
 */
export interface Raster {
  readonly columns: number;
  readonly first: Int32Array;
  readonly from: Int32Array;
  readonly to: Int32Array;
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
   * Spans of a column in order, joined where they touch: [from, to,
   * from, to, …].
   */
  merged(column: number): number[] {
    const out: number[] = [];
    for (let i = this.heads[column] as number; i >= 0; i = this.next[i] as number)
      insertInto(out, this.from[i] as number, this.to[i] as number);
    let kept = 0;
    for (let k = 2; k < out.length; k += 2) {
      if ((out[k] as number) <= (out[kept + 1] as number))
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
    addInsideInto(inside, polygon, grid.column);
    // The rim itself counts as outside: a column is free only where all of it is.
    for (const ring of polygon) addRimInto(gathered, ring, grid.column);
  }
  const far = grid.cell * OUTSIDE_CELLS;
  for (let k = 0; k < columns; k++) {
    const within = inside.merged(k);
    let low = -far;
    for (let i = 0; i < within.length; i += 2) {
      gathered.add(k, low, within[i] as number);
      low = within[i + 1] as number;
    }
    gathered.add(k, low, height + far);
  }
  return packed(gathered, grid);
}

/** How far beyond the stock its outside is drawn, in cells. */
const OUTSIDE_CELLS = 64;

/** Stretches between pairs of crossings, by the parity of the column's middle. */
function addInsideInto(gathered: Gathered, polygon: readonly Ring[], column: number): void {
  const crossings: number[][] = Array.from({ length: gathered.columns }, () => []);
  for (const ring of polygon) {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [a, b] = [ring[j] as Point, ring[i] as Point];
      const [p, q] = a[0] < b[0] ? [a, b] : [b, a];
      if (p[0] === q[0]) continue;
      const firstColumn = Math.max(0, Math.ceil(p[0] / column - 0.5));
      for (let k = firstColumn; k < gathered.columns; k++) {
        const x = (k + 0.5) * column;
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

/** What an edge spans in each column. */
function addRimInto(gathered: Gathered, ring: Ring, column: number): void {
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [a, b] = [ring[j] as Point, ring[i] as Point];
    const [p, q] = a[0] <= b[0] ? [a, b] : [b, a];
    const first = Math.max(0, Math.floor((p[0] + GRID_SLACK_MM) / column));
    const last = Math.min(gathered.columns - 1, Math.ceil((q[0] - GRID_SLACK_MM) / column) - 1);
    const yAt = (x: number) =>
      q[0] === p[0] ? p[1] : p[1] + ((x - p[0]) / (q[0] - p[0])) * (q[1] - p[1]);
    for (let k = first; k <= last; k++) {
      const y = yAt(Math.max(p[0], k * column));
      const end = q[0] === p[0] ? q[1] : yAt(Math.min(q[0], (k + 1) * column));
      gathered.add(k, Math.min(y, end), Math.max(y, end));
    }
  }
}

function packed(gathered: Gathered, { cell }: Grid): Raster {
  const first = new Int32Array(gathered.columns + 1);
  const from: number[] = [];
  const to: number[] = [];
  for (let k = 0; k < gathered.columns; k++) {
    const joined = gathered.merged(k);
    for (let i = 0; i < joined.length; i += 2) {
      const a = Math.floor((joined[i] as number) / cell + GRID_SLACK_MM);
      const b = Math.ceil((joined[i + 1] as number) / cell - GRID_SLACK_MM);
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
  return {
    columns: gathered.columns,
    first,
    from: Int32Array.from(from),
    to: Int32Array.from(to),
  };
}
