/**
 * Distances to a shape's outline on a grid: what tells at once how deep any point lies in it, for
 * an outline of any number of corners.
 */

/** Corners of the grid lie `cell` apart, the first `margin` left of and above the origin, mm. */
export interface Mesh {
  readonly columns: number;
  readonly rows: number;
  readonly cell: number;
  readonly margin: number;
}

export function meshFor(width: number, height: number, cell: number, margin: number): Mesh {
  const across = (size: number) => Math.ceil((size + 2 * margin) / cell) + 1;
  return { columns: across(width), rows: across(height), cell, margin };
}

/**
 * Signed distances, negative inside any of the polygons (each by the even-odd rule: they may
 * overlap, or lie in one another where counters are closed), mm. Each corner of the grid learns its
 * nearest edge from its neighbours, by sweeps over the grid (after Danielsson 1980).
 * @param edges as x1, y1, x2, y2, polygon after polygon
 * @param ends where in `edges` each polygon ends
 */
export function distances(edges: Float64Array, ends: readonly number[], mesh: Mesh): Float32Array {
  const { columns, rows } = mesh;
  const squares = nearestSquares(edges, mesh);
  const field = Float32Array.from(squares, (square) => Math.sqrt(square));
  const inside = new Uint8Array(columns * rows);
  ends.forEach((end, k) => {
    markInside(inside, edges.subarray(k === 0 ? 0 : ends[k - 1], end), mesh);
  });
  return field.map((distance, at) => (inside[at] === 1 ? -distance : distance));
}

function markInside(inside: Uint8Array, edges: Float64Array, mesh: Mesh): void {
  crossingsOf(edges, mesh).forEach((at, iy) => {
    for (let n = 0; n + 1 < at.length; n += 2) {
      const first = Math.ceil(((at[n] as number) + mesh.margin) / mesh.cell);
      const last = Math.ceil(((at[n + 1] as number) + mesh.margin) / mesh.cell) - 1;
      inside.fill(1, iy * mesh.columns + first, iy * mesh.columns + last + 1);
    }
  });
}

function nearestSquares(edges: Float64Array, mesh: Mesh): Float64Array {
  const { columns, rows, cell, margin } = mesh;
  const spread = new Spread(edges, mesh);
  for (let k = 0; k < edges.length; k += 4) seed(spread, k);
  for (const way of [1, -1] as const) {
    const [firstX, firstY] = way > 0 ? [0, 0] : [columns - 1, rows - 1];
    for (let iy = firstY; iy >= 0 && iy < rows; iy += way) {
      const y = iy * cell - margin;
      for (let ix = firstX; ix >= 0 && ix < columns; ix += way) {
        const at = iy * columns + ix;
        const x = ix * cell - margin;
        if (ix !== firstX) spread.offer(at, x, y, spread.nearest[at - way] as number);
        if (iy === firstY) continue;
        const above = at - way * columns;
        spread.offer(at, x, y, spread.nearest[above] as number);
        if (ix > 0) spread.offer(at, x, y, spread.nearest[above - 1] as number);
        if (ix < columns - 1) spread.offer(at, x, y, spread.nearest[above + 1] as number);
      }
      // And back along the row: what comes from the other side.
      for (let ix = columns - 1 - firstX; ix >= 0 && ix < columns; ix -= way) {
        const next = ix + way;
        if (next < 0 || next >= columns) continue;
        const at = iy * columns + ix;
        spread.offer(at, ix * cell - margin, y, spread.nearest[at + way] as number);
      }
    }
  }
  return spread.squares;
}

/** Which edge is nearest to each corner of the grid, as far as it is known. */
class Spread {
  readonly nearest: Int32Array;
  readonly squares: Float64Array;
  private readonly perSquare: Float64Array;

  constructor(
    readonly edges: Float64Array,
    readonly mesh: Mesh,
  ) {
    const size = mesh.columns * mesh.rows;
    this.nearest = new Int32Array(size).fill(-1);
    this.squares = new Float64Array(size).fill(Number.POSITIVE_INFINITY);
    this.perSquare = new Float64Array(edges.length / 4);
    for (let k = 0; k < edges.length; k += 4) {
      const dx = (edges[k + 2] as number) - (edges[k] as number);
      const dy = (edges[k + 3] as number) - (edges[k + 1] as number);
      this.perSquare[k / 4] = 1 / (dx * dx + dy * dy);
    }
  }

  offer(at: number, x: number, y: number, k: number): void {
    if (k < 0 || this.nearest[at] === k) return;
    const { edges } = this;
    const ax = edges[k] as number;
    const ay = edges[k + 1] as number;
    const dx = (edges[k + 2] as number) - ax;
    const dy = (edges[k + 3] as number) - ay;
    const px = x - ax;
    const py = y - ay;
    const along = (px * dx + py * dy) * (this.perSquare[k >> 2] as number);
    const t = along < 0 ? 0 : along > 1 ? 1 : along;
    const [ex, ey] = [px - t * dx, py - t * dy];
    const square = ex * ex + ey * ey;
    if (square >= (this.squares[at] as number)) return;
    this.squares[at] = square;
    this.nearest[at] = k;
  }
}

/** The corners of the grid round an edge learn of it. */
function seed(spread: Spread, k: number): void {
  const { edges, mesh } = spread;
  const { columns, rows, cell, margin } = mesh;
  const ax = ((edges[k] as number) + margin) / cell;
  const ay = ((edges[k + 1] as number) + margin) / cell;
  const bx = ((edges[k + 2] as number) + margin) / cell;
  const by = ((edges[k + 3] as number) + margin) / cell;
  const steps = Math.max(1, Math.ceil(Math.max(Math.abs(bx - ax), Math.abs(by - ay))));
  for (let s = 0; s <= steps; s++) {
    const cx = Math.floor(ax + ((bx - ax) * s) / steps);
    const cy = Math.floor(ay + ((by - ay) * s) / steps);
    for (let iy = Math.max(0, cy); iy <= Math.min(rows - 1, cy + 1); iy++)
      for (let ix = Math.max(0, cx); ix <= Math.min(columns - 1, cx + 1); ix++)
        spread.offer(iy * columns + ix, ix * cell - margin, iy * cell - margin, k);
  }
}

/** Between the corners of the grid, mm. */
export function distanceAt(field: Float32Array, mesh: Mesh, x: number, y: number): number {
  const { columns, rows, cell, margin } = mesh;
  const gx = Math.max(0, Math.min(columns - 1.001, (x + margin) / cell));
  const gy = Math.max(0, Math.min(rows - 1.001, (y + margin) / cell));
  const [ix, iy] = [Math.floor(gx), Math.floor(gy)];
  const [fx, fy] = [gx - ix, gy - iy];
  const at = iy * columns + ix;
  const top = (field[at] as number) * (1 - fx) + (field[at + 1] as number) * fx;
  const low = (field[at + columns] as number) * (1 - fx) + (field[at + columns + 1] as number) * fx;
  return top * (1 - fy) + low * fy;
}

/** Where edges cross each row of the grid, from left to right. */
function crossingsOf(edges: Float64Array, { rows, cell, margin }: Mesh): number[][] {
  const crossings: number[][] = Array.from({ length: rows }, () => []);
  for (let k = 0; k < edges.length; k += 4) {
    const ay = edges[k + 1] as number;
    const by = edges[k + 3] as number;
    const from = Math.max(0, Math.floor((Math.min(ay, by) + margin) / cell));
    const to = Math.min(rows - 1, Math.ceil((Math.max(ay, by) + margin) / cell));
    for (let iy = from; iy <= to; iy++) {
      const y = iy * cell - margin;
      if (ay > y === by > y) continue;
      const ax = edges[k] as number;
      (crossings[iy] as number[]).push(
        ax + (((edges[k + 2] as number) - ax) * (y - ay)) / (by - ay),
      );
    }
  }
  for (const row of crossings) row.sort((a, b) => a - b);
  return crossings;
}

/**
 * Points where the distance is `level`, at most so thick that two are `gap` apart: where the grid's
 * lines cross it. As x, y, mm from the shape's origin.
 * @param first points that are taken before all others
 */
export function rimAt(
  field: Float32Array,
  mesh: Mesh,
  level: number,
  gap: number,
  first: readonly number[] = [],
): number[] {
  const { columns, rows, cell, margin } = mesh;
  const rim: number[] = [];
  const taken = new Map<number, number[]>();
  const across = Math.ceil((columns * cell) / gap) + 2;
  const add = (x: number, y: number): void => {
    const [bx, by] = [Math.floor((x + margin) / gap) + 1, Math.floor((y + margin) / gap) + 1];
    for (let ky = by - 1; ky <= by + 1; ky++)
      for (let kx = bx - 1; kx <= bx + 1; kx++)
        for (const at of taken.get(ky * across + kx) ?? [])
          if (Math.hypot((rim[at] as number) - x, (rim[at + 1] as number) - y) < gap) return;
    const key = by * across + bx;
    const bucket = taken.get(key);
    if (bucket) bucket.push(rim.length);
    else taken.set(key, [rim.length]);
    rim.push(x, y);
  };
  for (let k = 0; k < first.length; k += 2) add(first[k] as number, first[k + 1] as number);
  for (let iy = 0; iy < rows; iy++)
    for (let ix = 0; ix < columns; ix++) {
      const at = iy * columns + ix;
      const own = (field[at] as number) - level;
      const [x, y] = [ix * cell - margin, iy * cell - margin];
      if (ix < columns - 1) {
        const next = (field[at + 1] as number) - level;
        if (own < 0 !== next < 0) add(x + (cell * own) / (own - next), y);
      }
      if (iy < rows - 1) {
        const next = (field[at + columns] as number) - level;
        if (own < 0 !== next < 0) add(x, y + (cell * own) / (own - next));
      }
    }
  return rim;
}
