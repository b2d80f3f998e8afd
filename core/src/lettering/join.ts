/**
 * Joining a script: the least tightening of each pair of letters so that they overlap and cut as
 * one piece.
 */
import type { Point, Ring } from "../geometry/polygon.ts";

/** How deep neighbours must overlap, em: about 0.3 mm at a 30 mm em, more than a blade's wander. */
export const JOIN_DEPTH_EM = 0.01;
/** A pair farther apart than this is not meant to join; tightening more would pile letters up. */
const MOST_NUDGE_EM = 0.3;
/** Scan lines per em: 0.25 mm apart at a 50 mm em, finer than any joining stroke. */
const SCANS_PER_EM = 200;

export interface Profile {
  /** Rightmost and leftmost ink per scan line; NaN where there is none. */
  readonly right: ReadonlyMap<number, number>;
  readonly left: ReadonlyMap<number, number>;
}

/** Left and right edge of a glyph's ink at each scan line. */
export function profileOf(rings: readonly Ring[]): Profile {
  const left = new Map<number, number>();
  const right = new Map<number, number>();
  for (const ring of rings) {
    ring.forEach((b, i) => {
      scanEdgeInto(left, right, ring[(i + ring.length - 1) % ring.length] as Point, b);
    });
  }
  return { left, right };
}

function scanEdgeInto(
  left: Map<number, number>,
  right: Map<number, number>,
  a: Point,
  b: Point,
): void {
  const [low, high] = a[1] <= b[1] ? [a, b] : [b, a];
  for (let row = Math.ceil(low[1] * SCANS_PER_EM); row <= high[1] * SCANS_PER_EM; row++) {
    const t = high[1] === low[1] ? 0 : (row / SCANS_PER_EM - low[1]) / (high[1] - low[1]);
    const x = low[0] + t * (high[0] - low[0]);
    left.set(row, Math.min(left.get(row) ?? x, x));
    right.set(row, Math.max(right.get(row) ?? x, x));
  }
}

/**
 * How far the right glyph must move left (em, >= 0) for the pair to overlap by `JOIN_DEPTH_EM`;
 * null when they cannot be joined by a reasonable move.
 * @param apart distance of the right glyph's origin from the left one's, em
 */
export function joiningNudge(
  leftGlyph: Profile,
  rightGlyph: Profile,
  apart: number,
): number | null {
  let gap = Number.POSITIVE_INFINITY;
  for (const [row, right] of leftGlyph.right) {
    const left = rightGlyph.left.get(row);
    if (left !== undefined) gap = Math.min(gap, left + apart - right);
  }
  const nudge = Math.max(0, gap + JOIN_DEPTH_EM);
  return nudge <= MOST_NUDGE_EM ? nudge : null;
}
