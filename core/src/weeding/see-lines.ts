/**
 * How cut lines are seen on a film before it is weeded: by what its face and its backing are like.
 */
import type { Vinyl } from "./vinyl.ts";

export type SeeBy = "light" | "roll" | "powder" | "tint" | "sheen" | "white";

/** So light that on a light backing nothing is to be seen. */
const WHITE_FACE = 0.8;
/**
 * Above this a face counts as light, below the other as dark: relative luminance as in WCAG 2.2.
 */
const LIGHT_FACE = 0.6;
const DARK_FACE = 0.12;
/** Backing and face this far apart tell themselves apart in the gap. */
const TINT_RATIO = 1.6;

/** Relative luminance of `#rrggbb`, 0 to 1 (WCAG 2.2). */
export function luminance(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(colour.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

const contrast = (a: string, b: string): number =>
  (Math.max(luminance(a), luminance(b)) + 0.05) / (Math.min(luminance(a), luminance(b)) + 0.05);

/** What helps, the best first. Powder is for dark glitter, whose lines nothing else shows. */
export function seeLines({
  family,
  colour,
  backing,
  finish,
}: Pick<Vinyl, "family" | "colour" | "backing" | "finish">): SeeBy[] {
  if (family === "glitter")
    return luminance(colour) < LIGHT_FACE ? ["powder", "roll"] : ["roll", "light"];
  if (family === "holographic" || finish === "metallic") return ["sheen", "roll"];
  if (finish === "clear") return backing ? ["tint", "light"] : ["light"];
  const tinted = backing !== undefined && contrast(colour, backing) >= TINT_RATIO;
  if (tinted) return ["tint", "roll"];
  // Where nobody said that the backing is tinted, it may be white.
  if (luminance(colour) >= WHITE_FACE) return ["white", "roll"];
  if (luminance(colour) >= LIGHT_FACE) return ["light", "roll"];
  return luminance(colour) <= DARK_FACE ? ["roll", "light"] : ["light", "roll"];
}
