/** What is put on a thing in the end, where the host has not said. */
import type { Technique } from "../weeding/techniques.ts";
import type { Finishing } from "./finishing.ts";
import type { BlankShape } from "./shape.ts";
import { frontSize } from "./shape-size.ts";

export const FINISHINGS = ["rings", "twine", "ribbon", "hanger"] as const;
/** A loop through a hole and a knot: three times the longer side, at least 250 mm. */
export const loopMm = (shape: BlankShape): number => {
  const { width, height } = frontSize(shape);
  return Math.max(250, Math.ceil((3 * Math.max(width, height)) / 10) * 10);
};

/** Why that is put on: as the host said, or what is usual for a thing of that name. */
export type FinishingWhy = "said" | "fob" | "tag" | "ornament" | "board" | "sign";

export interface FinishingRead {
  readonly parts: readonly Finishing[];
  /** Null where nothing is put on. */
  readonly why: FinishingWhy | null;
}
/** What is usual for a thing of that name where the host has not said; nothing where nothing is. */
export function finishingOf({
  finishing,
  title,
  technique,
  blank,
}: {
  readonly finishing?: readonly Finishing[] | undefined;
  readonly title: string;
  readonly technique: Technique;
  readonly blank: { readonly name: string; readonly shape: BlankShape };
}): FinishingRead {
  if (finishing) return { parts: finishing, why: "said" };
  const name = `${title} ${blank.name}`;
  if (/\b(key ?)?fobs?\b|\bkey ?rings?\b/iu.test(name))
    return { parts: [{ kind: "rings", tassel: true }], why: "fob" };
  if (/\btags?\b|\blabels?\b/iu.test(name))
    return { parts: [{ kind: "twine", beads: 0 }], why: "tag" };
  if (/\bornaments?\b|\bbaubles?\b|\bbells?\b/iu.test(name))
    return { parts: [{ kind: "ribbon" }], why: "ornament" };
  if (technique !== "decal" && /\bboards?\b|\bplanks?\b/iu.test(name))
    return { parts: [{ kind: "hanger" }], why: "board" };
  if (/\bsigns?\b|\bplaques?\b/iu.test(name)) return { parts: [{ kind: "hanger" }], why: "sign" };
  return { parts: [], why: null };
}
