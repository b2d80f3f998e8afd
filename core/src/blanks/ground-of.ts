/** What a blank gets before any film, where the host has not said, and what film then meets. */

import type { Technique } from "../weeding/techniques.ts";
import type { Material } from "./blank-kinds.ts";
import { labOf } from "./contrast.ts";
import type { Ground } from "./ground.ts";
import type { BlankShape } from "./shape.ts";
import { isWood } from "./woods.ts";

/** In L*a*b*: near white, and strong reds and yellows. */
const [LIGHT, STRONG] = [85, 40];

/** Whether film lies on it: what is painted inside or on the back dries on a face of its own. */
export const isUnderFilm = ({ faces }: Pick<Ground, "faces">): boolean =>
  faces === "front" || faces === "both";

export interface GroundRead extends Ground {
  /** Whether the host said so; otherwise it is the usual case of the material. */
  readonly said: boolean;
  readonly why: GroundWhy;
}
/** Why it is made ready so: as the host said, or what is usual. */
export type GroundWhy =
  | "said"
  | "underMask"
  | "paintedWood"
  | "stainedWood"
  | "filmOnRaw"
  | "bareByChoice"
  | "paintOnRaw"
  | "asItComes";
/** What film meets when the blank is ready: raw wood that is painted is painted wood. */
export function surfaceOf(material: Material, { what }: Pick<Ground, "what">): Material {
  if (!isWood(material)) return material;
  if (what === "paint") return "paintedWood";
  if (what === "seal") return material === "paintedWood" ? material : "sealedWood";
  return what === "stain" ? "stainedWood" : material;
}
/**
 * Paint covers in so many coats: light and red pigments are thin. Practice: two, and three for
 * white, yellow and red.
 */
export function coatsFor(colour: string): number {
  const [lightness, red, yellow] = labOf(colour);
  return lightness > LIGHT || red > STRONG || yellow > STRONG ? 3 : 2;
}
interface Given {
  readonly material: Material;
  readonly colour: string;
  readonly shape: BlankShape;
  readonly ground?: Ground | undefined;
}
/**
 * @param sides whether the object is decorated on both faces @param sealRaw the studio's way with
 * decals on raw wood
 */
export function groundOf(
  { material, colour, ground }: Given,
  technique: Technique,
  sides: boolean,
  sealRaw: boolean,
): GroundRead {
  if (ground) return { ...ground, said: true, why: "said" };
  const faces = sides ? "both" : "front";
  const read = (
    what: Ground["what"],
    by: Ground["by"],
    coats: number,
    why: GroundWhy,
  ): GroundRead => ({ what, by, coats, faces, sand: true, said: false, why });
  if (
    technique === "mask" &&
    (material === "rawWood" || material === "paintedWood" || material === "sealedWood")
  )
    return read("paint", "host", coatsFor(colour), "underMask");
  switch (material) {
    case "paintedWood":
      return read("paint", "host", coatsFor(colour), "paintedWood");
    case "stainedWood":
      return read("stain", "host", 1, "stainedWood");
    case "rawWood":
      if (technique === "decal" && sealRaw) return read("seal", "host", 1, "filmOnRaw");
      return read("none", "host", 1, technique === "decal" ? "bareByChoice" : "paintOnRaw");
    default:
      return read("none", "bought", 1, "asItComes");
  }
}
