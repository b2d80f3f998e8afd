/** Faces curved both ways: how much vinyl can follow, and where it must crease. */
import { heightOfProfile, type ProfileRow } from "./profile.ts";

/** Vinyl and tape take up about one per cent by pressing. */
export const DEFAULT_STRAIN = 0.01;
/** Heights of the face at which the curvature is looked at. */
const SAMPLES = 9;

export interface Bulge {
  /**
   * Radius of curvature across (round the cup) and down (along its profile), mm; infinite where it
   * is straight.
   */
  readonly radiusAcross: number;
  readonly radiusDown: number;
  /** Gaussian curvature, 1/mm²; below zero at a waist. */
  readonly curvature: number;
}

/**
 * Largest geodesic radius of a patch that lies down: a patch of radius a has a circumference too
 * long for the surface
 * by a²K/6 (from C(a) = 2πa(1 − a²K/6 + …), Bertrand and Puiseux 1848), and the film takes up
 * `strain`: a = sqrt(6·strain/|K|).
 */
export function largestPatch(curvature: number, strain = DEFAULT_STRAIN): number {
  return curvature === 0 ? Number.POSITIVE_INFINITY : Math.sqrt((6 * strain) / Math.abs(curvature));
}

export function bulgeFromRadii(radiusAcross: number, radiusDown: number): Bulge {
  return { radiusAcross, radiusDown, curvature: 1 / (radiusAcross * radiusDown) };
}

/**
 * Curvature of a profile of revolution r(z) at a height: down |r''|/(1 + r'²)^1.5, across
 * 1/(r·sqrt(1 + r'²))
 * (do Carmo, Differential Geometry of Curves and Surfaces, 3-3). r' and r'' come from the parabola
 * through the
 * three measured heights nearest to it.
 */
export function bulgeAt(profile: readonly ProfileRow[], fromTop: number): Bulge {
  const [a, b, c] = nearestThree(profile, fromTop);
  const [za, zb, zc] = [a.fromTop, b.fromTop, c.fromTop];
  const [ra, rb, rc] = [a.diameter / 2, b.diameter / 2, c.diameter / 2];
  const first = (rb - ra) / (zb - za);
  const second = ((rc - rb) / (zc - zb) - first) / (zc - za);
  const r = ra + first * (fromTop - za) + second * (fromTop - za) * (fromTop - zb);
  const slope = first + second * (2 * fromTop - za - zb);
  const bend = 1 + slope * slope;
  const radiusAcross = r * Math.sqrt(bend);
  const down = (-2 * second) / bend ** 1.5;
  return {
    radiusAcross,
    radiusDown: down === 0 ? Number.POSITIVE_INFINITY : 1 / Math.abs(down),
    curvature: down / radiusAcross,
  };
}

function nearestThree(
  profile: readonly ProfileRow[],
  fromTop: number,
): [ProfileRow, ProfileRow, ProfileRow] {
  const start = profile.reduce((best, _, i) => {
    if (i > profile.length - 3) return best;
    const reach = (k: number) => Math.abs((profile[k + 1]?.fromTop ?? 0) - fromTop);
    return reach(i) < reach(best) ? i : best;
  }, 0);
  return [
    profile[start] as ProfileRow,
    profile[start + 1] as ProfileRow,
    profile[start + 2] as ProfileRow,
  ];
}

/** The most curved place between two heights: what decides whether a decal lies down. */
export function sharpestBulge(profile: readonly ProfileRow[], from: number, to: number): Bulge {
  const all = Array.from({ length: SAMPLES }, (_, i) =>
    bulgeAt(profile, from + ((to - from) * i) / (SAMPLES - 1)),
  );
  return all.reduce((worst, bulge) =>
    Math.abs(bulge.curvature) > Math.abs(worst.curvature) ? bulge : worst,
  );
}

/**
 * Radius of the blank at a height, mm: through the measured ones, without swinging past them
 * (monotone cubic, Fritsch and Carlson 1980, with the harmonic mean of the neighbouring slopes).
 */
export function radiusAt(profile: readonly ProfileRow[], fromTop: number): number {
  const last = profile.length - 1;
  const found = profile.findIndex((row) => row.fromTop >= fromTop);
  const i = Math.min(last - 1, Math.max(0, (found < 0 ? last : found) - 1));
  const [low, high] = [profile[i] as ProfileRow, profile[i + 1] as ProfileRow];
  const step = high.fromTop - low.fromTop;
  const t = Math.min(1, Math.max(0, (fromTop - low.fromTop) / step));
  const [m0, m1] = [slopeAt(profile, i) * step, slopeAt(profile, i + 1) * step];
  const [t2, t3] = [t * t, t * t * t];
  return (
    ((2 * t3 - 3 * t2 + 1) * low.diameter +
      (t3 - 2 * t2 + t) * m0 +
      (3 * t2 - 2 * t3) * high.diameter +
      (t3 - t2) * m1) /
    2
  );
}

function slopeAt(profile: readonly ProfileRow[], i: number): number {
  const between = (k: number): number => {
    const [a, b] = [profile[k], profile[k + 1]];
    return a && b ? (b.diameter - a.diameter) / (b.fromTop - a.fromTop) : Number.NaN;
  };
  const [before, after] = [between(i - 1), between(i)];
  if (Number.isNaN(before)) return after;
  if (Number.isNaN(after)) return before;
  return before * after <= 0 ? 0 : (2 * before * after) / (before + after);
}

/**
 * Length along the wall between two heights, measured as straight pieces: never more than the true
 * one, mm.
 */
export function wallLength(profile: readonly ProfileRow[], from: number, to: number): number {
  const heights = [
    from,
    ...profile.map((row) => row.fromTop).filter((z) => z > from && z < to),
    to,
  ];
  return heights.slice(1).reduce((sum, z, i) => {
    const before = heights[i] ?? from;
    return sum + Math.hypot(z - before, radiusAt(profile, z) - radiusAt(profile, before));
  }, 0);
}

/** Height at which the wall is `along` mm from `from`, going down. */
export function heightAlong(profile: readonly ProfileRow[], from: number, along: number): number {
  let [low, high] = [from, (profile[0]?.fromTop ?? 0) + heightOfProfile(profile)];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (wallLength(profile, from, middle) < along) low = middle;
    else high = middle;
  }
  return low;
}
