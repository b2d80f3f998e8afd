/**
 * Where numbers stand so that they cover nothing: in rows above and below the film, joined by a
 * line to what they number.
 */
import type { Point } from "@elm-basket/core/geometry/polygon.ts";

export interface Leader {
  readonly n: number;
  /** What is numbered. */
  readonly at: Point;
  /** Middle of the number. */
  readonly label: Point;
}

export interface Margins {
  readonly minX: number;
  readonly maxX: number;
  /** Where the row above the film stands, and the one below. */
  readonly above: number;
  readonly below: number;
  /** Least distance between the middles of two numbers. */
  readonly apart: number;
}

/**
 * Upper points go up, lower ones down; in each row numbers keep their order from left to right, so
 * that no two lines cross there.
 */
export function leadersOf(
  points: readonly Point[],
  { minX, maxX, above, below, apart }: Margins,
): Leader[] {
  const numbered = points.map((at, i) => ({ n: i + 1, at }));
  const middle = (above + below) / 2;
  const [upper, lower] = [
    numbered.filter(({ at }) => at[1] < middle),
    numbered.filter(({ at }) => at[1] >= middle),
  ];
  return [
    ...inRow(upper, above, minX, maxX, apart),
    ...inRow(lower, below, minX, maxX, apart),
  ].sort((a, b) => a.n - b.n);
}

function inRow(
  row: readonly { readonly n: number; readonly at: Point }[],
  y: number,
  minX: number,
  maxX: number,
  apart: number,
): Leader[] {
  const sorted = [...row].sort((a, b) => a.at[0] - b.at[0] || a.n - b.n);
  const gap = sorted.length > 1 ? Math.min(apart, (maxX - minX) / (sorted.length - 1)) : apart;
  const xs: number[] = [];
  for (const { at } of sorted)
    xs.push(Math.max(at[0], (xs.at(-1) ?? Number.NEGATIVE_INFINITY) + gap, minX));
  // Pushed beyond the right edge, they are pushed back.
  for (let i = xs.length - 1, limit = maxX; i >= 0; i--, limit -= gap)
    xs[i] = Math.min(xs[i] as number, limit);
  return sorted.map(({ n, at }, i) => ({ n, at, label: [xs[i] as number, y] }));
}
