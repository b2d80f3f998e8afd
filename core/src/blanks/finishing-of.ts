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

export interface FinishingRead {
  readonly parts: readonly Finishing[];
  readonly because: string;
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
  if (finishing) return { parts: finishing, because: "You said so." };
  const name = `${title} ${blank.name}`;
  if (/\b(key ?)?fobs?\b|\bkey ?rings?\b/iu.test(name))
    return { parts: [{ kind: "rings", tassel: true }], because: "A fob hangs from a key ring." };
  if (/\btags?\b|\blabels?\b/iu.test(name))
    return { parts: [{ kind: "twine", beads: 0 }], because: "A tag is tied on." };
  if (/\bornaments?\b|\bbaubles?\b|\bbells?\b/iu.test(name))
    return { parts: [{ kind: "ribbon" }], because: "It hangs by a ribbon." };
  if (technique !== "decal" && /\bboards?\b|\bplanks?\b/iu.test(name))
    return { parts: [{ kind: "hanger" }], because: "A painted board hangs on a wall." };
  if (/\bsigns?\b|\bplaques?\b/iu.test(name))
    return { parts: [{ kind: "hanger" }], because: "A sign is hung." };
  return { parts: [], because: "" };
}
