/** Polygons as SVG path data: absolute M, L and Z only. */
import type { Point, Polygon, Polygons, Ring } from "./polygon.ts";

/** Nearer than this to the middle between two thousandths, rounding looks at every digit. */
const TIE = 0.499;
/** Thousandths up to here are told apart exactly. */
const EXACT_UP_TO = 1e9;

/** A number with at most three decimals and no trailing zeros; never an exponent, never "-0". */
export function numberText(value: number): string {
  // A sheet has a hundred thousand of them: whole thousandths as a number say the same as
  // `toFixed`, in a third of the time.
  const thousandths = value * 1000;
  const near = Math.round(thousandths);
  if (Math.abs(thousandths - near) < TIE && Math.abs(near) < EXACT_UP_TO)
    return String(near / 1000 + 0);
  const text = value.toFixed(3).replace(/\.?0+$/u, "");
  return text === "-0" ? "0" : text;
}

export function ringPath(ring: Ring): string {
  return `M${ring.map(([x, y]) => `${numberText(x)} ${numberText(y)}`).join("L")}Z`;
}

export function polygonsPath(polygons: Polygons): string {
  return polygons.flatMap((polygon) => polygon.map(ringPath)).join("");
}

/**
 * Path data for the screen: points nearer than the tolerance to the line between their neighbours
 * are left out.
 */
export function drawingPath(polygons: Polygons, toleranceMm: number): string {
  return polygons
    .flatMap((polygon) => polygon.map((ring) => shortRingPath(simplified(ring, toleranceMm))))
    .join("");
}

/** For the screen and for paper; no minus zero. */
export const hundredths = (value: number): number => Math.round(value * 100) / 100 + 0;

function shortRingPath(ring: Ring): string {
  return `M${ring.map(([x, y]) => `${hundredths(x)} ${hundredths(y)}`).join("L")}Z`;
}

/**
 * Douglas and Peucker 1973, on the ring cut at its first point and the point farthest from it: no
 * point strays farther than the tolerance, mm.
 */
export function simplified(ring: Ring, tolerance: number): Ring {
  const first = ring[0];
  if (!first || ring.length < 5) return ring;
  let [far, most] = [0, 0];
  for (let i = 1; i < ring.length; i++) {
    const point = ring[i] as Point;
    const away = (point[0] - first[0]) ** 2 + (point[1] - first[1]) ** 2;
    if (away > most) [most, far] = [away, i];
  }
  const stays = new Uint8Array(ring.length);
  stays[0] = 1;
  stays[far] = 1;
  keep(ring, 0, far, tolerance, stays);
  keep(ring, far, ring.length, tolerance, stays);
  return ring.filter((_, i) => stays[i] === 1);
}

/** Marks what stays between two points of a ring; the end may be its start again. */
function keep(ring: Ring, from: number, to: number, tolerance: number, stays: Uint8Array): void {
  if (to - from < 2) return;
  const a = ring[from] as Point;
  const b = ring[to % ring.length] as Point;
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const length = Math.sqrt(dx * dx + dy * dy);
  let [worst, at] = [0, from];
  for (let i = from + 1; i < to; i++) {
    const point = ring[i] as Point;
    const [px, py] = [a[0] - point[0], a[1] - point[1]];
    const off = length === 0 ? Math.sqrt(px * px + py * py) : Math.abs(dx * py - px * dy) / length;
    if (off > worst) [worst, at] = [off, i];
  }
  if (worst <= tolerance) return;
  stays[at] = 1;
  keep(ring, from, at, tolerance, stays);
  keep(ring, at, to, tolerance, stays);
}

/** Reads back what `drawingPath` wrote for one piece: its outer ring and its counters. */
export function readPiecePath(path: string): Polygon {
  return path
    .split("M")
    .slice(1)
    .map((part) =>
      [...part.matchAll(/(-?[\d.]+) (-?[\d.]+)/gu)].map((m): Point => [Number(m[1]), Number(m[2])]),
    );
}
