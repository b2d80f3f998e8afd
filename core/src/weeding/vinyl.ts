/** A film as a class document names it: what it is, and how it is bought. */
import * as z from "zod";
import { ADHESIVES, FINISHES, PROVED_WASHING, VINYL_FAMILIES } from "./families.ts";
import { vinylId } from "./vinyl-id.ts";

const side = z.number().positive().max(100_000);
/** A roll that was begun is there in part. */
const have = z.number().min(0).max(10_000).default(0);
/** Without a price what it costs is not known, which is not the same as nothing. */
const price = z.number().int().min(0).max(1_000_000_000).optional();

export const stockSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("sheet"), width: side, height: side, have, price }),
  z.strictObject({
    kind: z.literal("roll"),
    width: side,
    height: side.describe("length of the roll"),
    have,
    price,
  }),
  z.strictObject({
    kind: z.literal("pack"),
    pack: z
      .string()
      .trim()
      .min(1)
      .max(60)
      .describe("the pack's name: films of one pack are bought together"),
    width: side,
    height: side,
    count: z.number().int().min(1).max(1000).describe("sheets of this colour in one pack"),
    sheets: z.number().int().min(1).max(1000).describe("sheets of all colours in one pack"),
    have: have.describe("sheets of this colour at hand"),
    price: price.describe("of the whole pack"),
  }),
]);
export type VinylStock = z.infer<typeof stockSchema>;

export const vinylColour = z.string().regex(/^#[0-9a-fA-F]{6}$/u, "a colour like #1F4E79");
export const vinylSchema = z.strictObject({
  id: vinylId,
  name: z.string().trim().min(1).max(80),
  family: z.enum(VINYL_FAMILIES),
  colour: vinylColour,
  /** Tells shades apart where the face does not, and how well cut lines are seen. */
  backing: vinylColour.optional().describe("tint of the backing"),
  /** Finish and adhesive are not one thing: a glossy film may come off without residue. */
  adhesive: z.enum(ADHESIVES).optional().describe("where it is not the usual one of its family"),
  finish: z.enum(FINISHES).optional().describe("where it is not the usual one of its family"),
  /** What this very film was found to bear, or not to bear, whatever is said of its kind. */
  proved: z
    .strictObject({
      washing: z.enum(PROVED_WASHING).optional(),
      outdoors: z.boolean().optional(),
      note: z.string().trim().max(120).default(""),
    })
    .optional(),
  /** A pattern or grain with a direction restricts how kits may lie on it. */
  turns: z
    .enum(["free", "half", "none"])
    .default("free")
    .describe("kits may be turned freely, only upside down, or not at all"),
  passes: z
    .number()
    .int()
    .min(1)
    .max(4)
    .default(1)
    .describe("rounds of the blade along every contour"),
  stock: stockSchema.default({ kind: "sheet", width: 304.8, height: 304.8, have: 0 }),
});
export type Vinyl = z.infer<typeof vinylSchema>;
