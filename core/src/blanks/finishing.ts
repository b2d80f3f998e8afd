/** What is put on a piece when its face is done: rings, twine, ribbon, hanger; and the frame round it. */
import { z } from "zod";
import type { Technique } from "../plan/document.ts";
import { type BlankShape, frontSize } from "./shape.ts";

const length = z.number().positive().max(20_000);

export const FINISHINGS = ["rings", "twine", "ribbon", "hanger"] as const;
export const finishingSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("rings"),
    tassel: z.boolean().default(true).describe("a tassel on a small ring"),
  }),
  z.strictObject({
    kind: z.literal("twine"),
    mm: length.optional().describe("length of each; from the blank's size when left out"),
    beads: z.number().int().min(0).max(200).default(0),
  }),
  z.strictObject({
    kind: z.literal("ribbon"),
    mm: length.optional().describe("length of each; from the blank's size when left out"),
  }),
  z.strictObject({ kind: z.literal("hanger") }),
]);
export type Finishing = z.infer<typeof finishingSchema>;

export const frameSchema = z.strictObject({
  strip: z.number().positive().max(200).describe("width of a strip, mm"),
  ledge: z.number().min(0).max(100).default(0).describe("how far it covers the face, mm"),
  fixed: z.enum(["glued", "loose"]).default("glued"),
  finish: z.enum(["raw", "stained", "painted"]).default("stained"),
  by: z.enum(["bought", "host", "class"]).default("host"),
  sold: z
    .number()
    .positive()
    .max(6000)
    .default(2400)
    .describe("length in which strips are sold, mm"),
  kerf: z.number().min(0).max(10).default(3).describe("what the saw takes, mm"),
});
export type Frame = z.infer<typeof frameSchema>;

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

export interface CutStrip {
  readonly mm: number;
  readonly count: number;
}

/** Four strips round a board: two along the longer sides run past the corners, two stand between them. Mm. */
export function frameStrips(
  { width, height }: { readonly width: number; readonly height: number },
  { strip, ledge }: Frame,
): CutStrip[] {
  const [outerWidth, outerHeight] = [width + 2 * (strip - ledge), height + 2 * (strip - ledge)];
  return [
    { mm: outerWidth, count: 2 },
    { mm: outerHeight - 2 * strip, count: 2 },
  ];
}

/** Lengths to buy for so many frames, longest pieces first into the first length that has room (first fit decreasing), with the saw's width. */
export function lengthsToBuy(
  strips: readonly CutStrip[],
  frames: number,
  { sold, kerf }: Pick<Frame, "sold" | "kerf">,
): number {
  const pieces = strips
    .flatMap(({ mm, count }) => Array.from({ length: count * frames }, () => mm))
    .sort((a, b) => b - a);
  const left: number[] = [];
  for (const piece of pieces) {
    const at = left.findIndex((room) => room >= piece);
    if (at < 0) left.push(Math.max(0, sold - piece - kerf));
    else left[at] = Math.max(0, (left[at] ?? 0) - piece - kerf);
  }
  return left.length;
}
