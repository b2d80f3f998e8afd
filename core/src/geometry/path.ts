/** Polygons as SVG path data: absolute M, L and Z only. */
import type { Polygons, Ring } from "./polygon.ts";

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
