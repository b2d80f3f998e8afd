/**
 * How far apart two colours look: the difference of CIE 1976 L*a*b* under daylight (D65), from sRGB
 * as IEC 61966-2-1 has it.
 */

type Lab = readonly [number, number, number];

const linear = (byte: number): number => {
  const share = byte / 255;
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
};
/** White of D65. */
const WHITE = [0.95047, 1, 1.08883] as const;
const EPSILON = 216 / 24389;
const KAPPA = 24389 / 27;
const cubic = (t: number): number => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116);

/** @param colour `#rrggbb` */
export function labOf(colour: string): Lab {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) =>
    linear(Number.parseInt(colour.slice(at, at + 2), 16)),
  );
  const x = cubic((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / WHITE[0]);
  const y = cubic((0.2126729 * r + 0.7151522 * g + 0.072175 * b) / WHITE[1]);
  const z = cubic((0.0193339 * r + 0.119192 * g + 0.9503041 * b) / WHITE[2]);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/** Distance in L*a*b*; about 2 is just seen side by side, 100 is black on white. */
export function colourDistance(a: string, b: string): number {
  const [p, q] = [labOf(a), labOf(b)];
  return Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
}
