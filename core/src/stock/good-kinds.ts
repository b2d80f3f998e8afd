/** Kinds of goods, and how they are guessed from a name. */
import type { VinylStock } from "../weeding/vinyl.ts";

export const GOOD_KINDS = [
  "film",
  "tape",
  "blank",
  "paint",
  "part",
  "consumable",
  "packaging",
  "tool",
  "blade",
  "mat",
] as const;
export type GoodKind = (typeof GOOD_KINDS)[number];

export const MOST_OFFERS = 8;
export const MOST_AMOUNT = 1000000;
/** What a good of this form is counted in. */
export const filmUnit = ({ kind }: Pick<VinylStock, "kind">): string =>
  kind === "roll" ? "roll" : "sheet";
/** A first guess of the kind of a material; the host says otherwise on the shelf. */
export function guessKind({
  id,
  name,
  per,
  uses,
}: {
  readonly id: string;
  readonly name: string;
  readonly per: string;
  readonly uses: number;
}): GoodKind {
  const words = `${id} ${name}`.toLowerCase();
  const says = (...stems: string[]) =>
    stems.some((stem) => new RegExp(`\\b${stem}(?:s|es)?\\b`, "u").test(words));
  if (per === "application" || says("transfer tape", "masking tape", "tape")) return "tape";
  if (says("paint", "primer", "varnish", "spray", "sealer", "seal", "medium", "clear coat"))
    return "paint";
  if (says("bag", "box", "envelope", "label", "card", "parcel", "tissue")) return "packaging";
  if (
    says(
      "scraper",
      "hook",
      "gun",
      "brush",
      "scissors",
      "knife",
      "iron",
      "fan",
      "tweezers",
      "ruler",
    ) ||
    uses > 1
  )
    return "tool";
  if (
    id.startsWith("blank") ||
    says(
      "blank",
      "mug",
      "tin",
      "pot",
      "board",
      "bottle",
      "cloche",
      "slate",
      "tag",
      "fob",
      "clipboard",
    )
  )
    return "blank";
  if (says("ring", "lid", "cord", "chain", "screw", "string", "ribbon", "magnet")) return "part";
  return "consumable";
}
