/** The design as a recipe read from top to bottom. */
import { z } from "zod";

const itemId = z.string().regex(/^[a-z][a-z0-9-]{0,30}$/u, "a short id such as first-name");
export const vinylId = z.string().regex(/^[a-z][a-z0-9]{0,30}$/u, "lower-case letters and digits, such as harbour");

export const slotName = z.string().regex(/^[a-z][a-z0-9_]{0,30}$/u, "a column name such as name or word");

const textItem = z.strictObject({
  kind: z.literal("text"),
  id: itemId,
  /** A slot is filled per seat; otherwise the text is the same for all. */
  slot: slotName.optional(),
  text: z.string().max(200).optional(),
  font: z.string().min(1).max(60),
  vinyl: vinylId,
  /** Letter height at scale 1; only the proportion between items matters unless the size is fixed. */
  size: z.number().positive().max(1000).default(10),
  by: z.enum(["capHeight", "xHeight"]).default("capHeight"),
  letterCase: z.enum(["asTyped", "upper", "lower", "title"]).default("asTyped"),
  trackingEm: z.number().min(-0.3).max(2).default(0),
  join: z.boolean().default(false),
  /** May be set smaller by itself, at most as wide as the widest other line of the set. */
  mayNarrow: z.boolean().default(false),
});

const gapItem = z.strictObject({ kind: z.literal("gap"), id: itemId, size: z.number().min(0).max(1000) });

const point = z.tuple([z.number(), z.number()]);
const artItem = z.strictObject({
  kind: z.literal("art"),
  id: itemId,
  name: z.string().min(1).max(80),
  vinyl: vinylId,
  /** Height at scale 1. */
  size: z.number().positive().max(1000),
  polygons: z
    .array(z.array(z.array(point).min(3).max(5000)).min(1).max(200))
    .min(1)
    .max(500),
  licence: z.string().max(200).default("own work"),
});

export const recipeItemSchema = z.discriminatedUnion("kind", [textItem, gapItem, artItem]);
export type RecipeItem = z.infer<typeof recipeItemSchema>;
export type TextItem = z.infer<typeof textItem>;
export type ArtItem = z.infer<typeof artItem>;

export const designSchema = z.strictObject({
  school: z.enum(["longest", "fillBox", "sameWidth", "fixedHeight"]).default("longest"),
  /** Scale used by the school "fixedHeight"; 1 sets every item to its written size. */
  fixedScale: z.number().positive().max(100).default(1),
  items: z
    .array(recipeItemSchema)
    .min(1, "a design needs at least one line")
    .max(20)
    .superRefine((items, context) => {
      const seen = new Set<string>();
      items.forEach((item, index) => {
        if (seen.has(item.id)) context.addIssue({ code: "custom", path: [index, "id"], message: `the id "${item.id}" is used twice` });
        seen.add(item.id);
        if (item.kind === "text" && !item.slot === (item.text === undefined)) context.addIssue({ code: "custom", path: [index], message: "a line has either a slot or a text" });
      });
    }),
});
export type Design = z.infer<typeof designSchema>;

/** The columns a roster may fill for this design. */
export function slotsOf(design: Design): string[] {
  return [...new Set(design.items.flatMap((item) => (item.kind === "text" && item.slot ? [item.slot] : [])))];
}

/** The vinyls in the order the recipe first uses them: that order is the order of layers. */
export function vinylsOf(design: Design): string[] {
  return [...new Set(design.items.flatMap((item) => (item.kind === "gap" ? [] : [item.vinyl])))];
}

/** Case rules without a locale, so that every machine cuts the same letters. */
export function applyCase(text: string, rule: TextItem["letterCase"]): string {
  if (rule === "upper") return text.toUpperCase();
  if (rule === "lower") return text.toLowerCase();
  if (rule === "title") return text.toLowerCase().replace(/(^|[\s-])(\p{L})/gu, (_, before: string, letter: string) => before + letter.toUpperCase());
  return text;
}
