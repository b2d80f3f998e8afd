/** Where seams may run along x, what each costs, and the cheapest chain of them. */
import type { Box, Point, Polygon } from "../geometry/polygon.ts";

export interface SplitPiece {
  readonly id: string;
  readonly polygon: Polygon;
}

/** A piece as the seams see it. */
export interface Boxed {
  readonly piece: SplitPiece;
  readonly box: Box;
  readonly middle: number;
  /** Longer than any part: it is cut through wherever a seam meets it. */
  readonly long: boolean;
}

/** Positions tried across a piece that is too long. */
const STEP_MM = 1;
/** A design this often longer than the cut is a slip of the tape measure. */
const MOST_POSITIONS = 4000;

/**
 * Where a seam may be: in the middle of gaps and between middles of neighbours, and every
 * millimetre across what is too long. Null when there are too many.
 */
export function positions(boxed: readonly Boxed[]): number[] | null {
  const found = new Set<number>();
  const sorted = [...boxed].sort((a, b) => a.middle - b.middle);
  let reach = Number.NEGATIVE_INFINITY;
  for (const { box } of [...boxed].sort((a, b) => a.box.minX - b.box.minX)) {
    if (box.minX > reach && reach > Number.NEGATIVE_INFINITY) found.add((reach + box.minX) / 2);
    reach = Math.max(reach, box.maxX);
  }
  sorted.forEach((one, i) => {
    const next = sorted[i + 1];
    if (next && next.middle > one.middle) found.add((one.middle + next.middle) / 2);
  });
  for (const { box } of boxed.filter(({ long }) => long))
    for (let x = Math.ceil(box.minX) + STEP_MM / 2; x < box.maxX; x += STEP_MM) found.add(x);
  return found.size > MOST_POSITIONS ? null : [...found].sort((a, b) => a - b);
}

/**
 * Cutting through weighs more than any interlocking of whole pieces, and that more than a narrow
 * gap.
 */
const THROUGH_COST = 100;
const SLANT_COST = 20;
const WIDE_GAP_MM = 10;

/** Low where a wide gap is met, higher where whole pieces interlock, highest through pieces. */
export function seamCost(boxed: readonly Boxed[], x: number): number {
  let cost = 0;
  let gap = WIDE_GAP_MM;
  for (const { piece, box, long } of boxed) {
    if (box.minX >= x || box.maxX <= x) gap = Math.min(gap, Math.max(box.minX - x, x - box.maxX));
    else if (long) cost += crossingsCost(piece.polygon, x);
    else {
      cost += Math.min(box.maxX - x, x - box.minX);
      gap = 0;
    }
  }
  return cost + (WIDE_GAP_MM - gap) / WIDE_GAP_MM;
}

/** Few, short and square crossings: a straight stroke is met at right angles. */
function crossingsCost(polygon: Polygon, x: number): number {
  const hits: { y: number; slant: number }[] = [];
  for (const ring of polygon)
    ring.forEach(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length] as Point;
      if (ax > x === bx > x) return;
      hits.push({
        y: ay + ((x - ax) / (bx - ax)) * (by - ay),
        slant: Math.abs(by - ay) / Math.hypot(bx - ax, by - ay),
      });
    });
  hits.sort((a, b) => a.y - b.y);
  let cost = 0;
  for (let i = 0; i + 1 < hits.length; i += 2) {
    const [a, b] = [hits[i], hits[i + 1]] as [(typeof hits)[number], (typeof hits)[number]];
    cost += THROUGH_COST + (b.y - a.y) + SLANT_COST * (a.slant + b.slant);
  }
  return cost;
}

/**
 * Dynamic programme: fewest parts up to each position, then least cost. Indexes of the seams, or
 * null when no chain fits.
 */
export function cheapest(
  at: readonly number[],
  costs: readonly number[],
  fits: (from: number, to: number) => boolean,
): number[] | null {
  interface Best {
    readonly parts: number;
    readonly cost: number;
    readonly before: number;
  }
  const ends = [...at, Number.POSITIVE_INFINITY];
  const best: (Best | null)[] = [];
  for (const [i, to] of ends.entries()) {
    let found: Best | null = fits(Number.NEGATIVE_INFINITY, to)
      ? { parts: 1, cost: costs[i] ?? 0, before: -1 }
      : null;
    // Further back the part only grows: the first that is too long ends the search, once one has
    // fitted.
    let fitted = false;
    for (let j = i - 1; j >= 0; j--) {
      const earlier = best[j];
      const here = fits(at[j] as number, to);
      if (fitted && !here) break;
      fitted ||= here;
      if (!earlier || !here) continue;
      const [parts, cost] = [earlier.parts + 1, earlier.cost + (costs[i] ?? 0)];
      if (!found || parts < found.parts || (parts === found.parts && cost < found.cost - 1e-9))
        found = { parts, cost, before: j };
    }
    best.push(found);
  }
  const chain: number[] = [];
  let last = best[ends.length - 1];
  if (!last) return null;
  while (last && last.before >= 0) {
    chain.unshift(last.before);
    last = best[last.before] ?? null;
  }
  return chain;
}
