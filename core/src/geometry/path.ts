/** Polygons as SVG path data: absolute M, L and Z only. */
import type { Point, Polygon, Polygons, Ring } from "./polygon.ts";

/** A number with at most three decimals and no trailing zeros; never an exponent, never "-0". */
export function numberText(value: number): string {
  const text = value.toFixed(3).replace(/\.?0+$/u, "");
  return text === "-0" ? "0" : text;
}

export function ringPath(ring: Ring): string {
  return `M${ring.map(([x, y]) => `${numberText(x)} ${numberText(y)}`).join("L")}Z`;
}

export function polygonsPath(polygons: Polygons): string {
  return polygons.flatMap((polygon) => polygon.map(ringPath)).join("");
}

/** Path data for the screen: points nearer than the tolerance to the line between their neighbours are left out. */
export function drawingPath(polygons: Polygons, toleranceMm: number): string {
  return polygons.flatMap((polygon) => polygon.map((ring) => shortRingPath(simplified(ring, toleranceMm)))).join("");
}

/** No minus zero. */
const hundredths = (value: number): number => Math.round(value * 100) / 100 + 0;

function shortRingPath(ring: Ring): string {
  return `M${ring.map(([x, y]) => `${hundredths(x)} ${hundredths(y)}`).join("L")}Z`;
}

/** Douglas and Peucker 1973, on the ring cut at its first point and the point farthest from it: no point strays farther than the tolerance, mm. */
export function simplified(ring: Ring, tolerance: number): Ring {
  const first = ring[0];
  if (!first || ring.length < 5) return ring;
  const away = (p: Point) => Math.hypot(p[0] - first[0], p[1] - first[1]);
  const far = ring.reduce((best, point, i) => (away(point) > away(ring[best] as Point) ? i : best), 0);
  const there = kept(ring.slice(0, far + 1), tolerance);
  const back = kept([...ring.slice(far), first], tolerance);
  return [...there.slice(0, -1), ...back.slice(0, -1)];
}

function kept(points: readonly Point[], tolerance: number): Point[] {
  const [a, b] = [points[0] as Point, points[points.length - 1] as Point];
  if (points.length < 3) return [...points];
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  let [worst, at] = [0, 0];
  points.forEach(([x, y], i) => {
    const off = length === 0 ? Math.hypot(x - a[0], y - a[1]) : Math.abs((b[0] - a[0]) * (a[1] - y) - (a[0] - x) * (b[1] - a[1])) / length;
    if (off > worst) [worst, at] = [off, i];
  });
  if (worst <= tolerance) return [a, b];
  return [...kept(points.slice(0, at + 1), tolerance).slice(0, -1), ...kept(points.slice(at), tolerance)];
}

/** Reads back what `drawingPath` wrote for one piece: its outer ring and its counters. */
export function readPiecePath(path: string): Polygon {
  return path
    .split("M")
    .slice(1)
    .map((part) => [...part.matchAll(/(-?[\d.]+) (-?[\d.]+)/gu)].map((m): Point => [Number(m[1]), Number(m[2])]));
}
