/** A design on a straight cup, seen from the front. */

export interface CupView {
  /** Angle the width covers, radians. */
  readonly angle: number;
  /** Width seen straight from the front, mm; never more than the diameter. */
  readonly chord: number;
  /** How narrow lettering looks at the edge, as a share of its true width. */
  readonly edgeForeshortening: number;
  /** Share of the design visible from the front. */
  readonly visibleShare: number;
}

/**
 * @param radius mm @param width mm on the surface. For more than half the way round the chord stays
 * at the diameter.
 */
export function viewOnCup(radius: number, width: number): CupView {
  if (!(radius > 0)) throw new RangeError(`a cup needs a radius above 0, got ${radius}`);
  const angle = width / radius;
  const seen = Math.min(angle, Math.PI);
  return {
    angle,
    chord: 2 * radius * Math.sin(seen / 2),
    edgeForeshortening: Math.max(0, Math.cos(seen / 2)),
    visibleShare: angle > Math.PI ? Math.PI / angle : 1,
  };
}

/**
 * x on the surface (0 at the front) -> x seen from the front, mm; null when it is round the back.
 */
export function seenFromFront(radius: number, x: number): number | null {
  const angle = x / radius;
  return Math.abs(angle) > Math.PI / 2 ? null : radius * Math.sin(angle);
}
