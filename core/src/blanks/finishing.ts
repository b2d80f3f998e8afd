/**
 * What is put on a piece when its face is done: rings, twine, ribbon, hanger; and the frame round
 * it.
 */
import * as z from "zod";

const length = z.number().positive().max(20_000);

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
