/** The design as a recipe read from top to bottom. */
import * as z from "zod";
import { hasArea } from "../art/clean.ts";
import { vinylId } from "../weeding/vinyl-id.ts";
import { MARKS, RUNS, SHAPE_FORMS, USUAL_STENCIL } from "./recipe-kinds.ts";

const itemId = z.string().regex(/^[a-z][a-z0-9-]{0,30}$/u, "a short id such as first-name");
export const slotName = z
  .string()
  .regex(/^[a-z][a-z0-9_]{0,30}$/u, "a column name such as name or word");
export const fontId = z.string().min(1).max(60);

const align = z.enum(["centre", "left", "right"]).default("centre");
/** Height at scale 1; only the proportion between items matters unless the size is fixed. */
const size = z.number().positive().max(1000);

/** Extra space between two letters, em, by the pair: `{"Wo": -0.03}`. */
export const nudgesSchema = z
  .record(z.string().min(2).max(8), z.number().min(-0.5).max(0.5))
  .refine((pairs) => Object.keys(pairs).length <= 60, "at most 60 pairs");

/**
 * Stands on another line instead of in a row of its own: at its foot, at the height of its small
 * letters or of its capitals.
 */
const standing = z
  .strictObject({
    item: itemId,
    at: z.enum(["baseline", "xHeight", "capHeight"]).default("baseline"),
    side: z
      .enum(["over", "left", "right"])
      .default("over")
      .describe("under and over its letters, as a line to write on; or beside them"),
    gap: z.number().min(0).max(500).default(2).describe("to the letters, when beside them"),
  })
  .optional();

const textItem = z.strictObject({
  kind: z.literal("text"),
  id: itemId,
  /** A slot is filled per seat; otherwise the text is the same for all. */
  slot: slotName.optional(),
  text: z.string().max(200).optional(),
  font: fontId,
  vinyl: vinylId,
  size: size.default(10),
  by: z.enum(["capHeight", "xHeight"]).default("capHeight"),
  align,
  letterCase: z.enum(["asTyped", "upper", "lower", "title"]).default("asTyped"),
  trackingEm: z.number().min(-0.3).max(2).default(0),
  join: z.boolean().default(false),
  nudges: nudgesSchema.default({}),
  /**
   * What becomes of dots and accents that stand apart from their letter. Only the dots of i and j
   * are ever dropped.
   */
  marks: z.enum(MARKS).default("asDrawn"),
  /** Grown on every side, at the final size, mm. */
  thickenMm: z.number().min(0).max(5).default(0),
  /** Counters narrower than this are opened to it, mm; 0 leaves them. */
  openCountersMm: z.number().min(0).max(5).default(0),
  /** May be set smaller by itself, at most as wide as the widest other line of the set. */
  mayNarrow: z.boolean().default(false),
  /** Across the face; turned a quarter, as along a cylinder; or letter below letter. */
  run: z.enum(RUNS).default("across"),
  on: standing,
});

/**
 * Below zero, what stands above and below overlap: in one vinyl they become one piece, in two the
 * later lies over the earlier.
 */
const gapItem = z.strictObject({
  kind: z.literal("gap"),
  id: itemId,
  size: z.number().min(-1000).max(1000),
  overlap: z
    .enum(["layered", "cutOut"])
    .default("layered")
    .describe("of two vinyls: one over the other, or the lower cut out under the upper"),
});

const point = z.tuple([z.number().min(-1e5).max(1e5), z.number().min(-1e5).max(1e5)]);
export const polygonsField = z
  .array(z.array(z.array(point).min(3).max(20_000)).min(1).max(2000))
  .min(1)
  .max(4000);

/** One layer a vinyl; they lie together as drawn. */
const artLayers = z
  .array(z.strictObject({ vinyl: vinylId, polygons: polygonsField }))
  .min(1)
  .max(12);
const artRights = {
  licence: z.string().max(200).default("own work"),
  source: z.string().max(200).default(""),
};

const artItem = z.strictObject({
  kind: z.literal("art"),
  id: itemId,
  name: z.string().trim().min(1).max(80),
  size,
  align,
  layers: artLayers,
  ...artRights,
  /** A seat may have another picture of a small set: its slot holds the picture's name. */
  slot: slotName.optional(),
  others: z
    .array(
      z.strictObject({ name: z.string().trim().min(1).max(80), layers: artLayers, ...artRights }),
    )
    .max(12)
    .default([]),
  /** Grown on every side, at the final size, mm. */
  thickenMm: z.number().min(0).max(5).default(0),
  on: standing,
});

const shapeItem = z.strictObject({
  kind: z.literal("shape"),
  id: itemId,
  form: z.enum(SHAPE_FORMS),
  vinyl: vinylId,
  /** Height; of a line its thickness. */
  size,
  /** Width of a line or frame; the others are as wide as tall. */
  width: z.number().positive().max(2000).optional(),
  /** Thickness of the band of a ring or frame. */
  band: z.number().positive().max(200).default(1.5),
  points: z.number().int().min(3).max(24).default(5).describe("of a star"),
  /** Of a line: drawn and left out in turns, at the sizes of the recipe. */
  dash: z
    .strictObject({ on: z.number().positive().max(500), off: z.number().positive().max(500) })
    .optional(),
  /** A ring or frame round everything else, this far away; then `size` and `width` are computed. */
  around: z.number().min(0).max(500).optional(),
  align,
  on: standing,
});

export const recipeItemSchema = z.discriminatedUnion("kind", [
  textItem,
  gapItem,
  artItem,
  shapeItem,
]);
export type RecipeItem = z.infer<typeof recipeItemSchema>;
export type TextItem = z.infer<typeof textItem>;
export type ArtItem = z.infer<typeof artItem>;
export type ShapeItem = z.infer<typeof shapeItem>;

/**
 * A painted stencil: the letters are taken out; their insides ride on the tape, or hang on bridges.
 */
export const stencilSchema = z.strictObject({
  islands: z.enum(["onTape", "bridged"]).default(USUAL_STENCIL.islands),
  bridgeMm: z.number().min(0.3).max(20).default(USUAL_STENCIL.bridgeMm),
  /** Film left round the letters, mm: what keeps paint off the blank. */
  filmMargin: z.number().min(2).max(200).default(USUAL_STENCIL.filmMargin),
  /**
   * Cut to the blank's own outline the film centres itself; where a load does not take it, it keeps
   * its margin.
   */
  film: z
    .enum(["margin", "blank"])
    .optional()
    .describe("margin round the letters when left out; or the outline of a flat blank"),
  /** Where the bridge of a letter leaves its inside, degrees from the top, clockwise. */
  angles: z
    .record(z.string().min(1).max(4), z.number().min(0).max(360))
    .default(USUAL_STENCIL.angles),
});
export type StencilRule = z.infer<typeof stencilSchema>;

export const designSchema = z.strictObject({
  school: z.enum(["longest", "fillBox", "sameWidth", "fixedHeight"]).default("longest"),
  /** Scale used by the school "fixedHeight"; 1 sets every item to its written size. */
  fixedScale: z.number().positive().max(100).default(1),
  stencil: stencilSchema.optional(),
  /** Vinyls that participants may choose from for their lettering. */
  offered: z.array(vinylId).max(12).default([]),
  items: z
    .array(recipeItemSchema)
    .min(1, "a design needs at least one line")
    .max(20)
    .superRefine((items, context) => {
      const seen = new Set<string>();
      items.forEach((item, index) => {
        if (seen.has(item.id))
          context.addIssue({
            code: "custom",
            path: [index, "id"],
            message: `the id "${item.id}" is used twice`,
          });
        seen.add(item.id);
        if (item.kind === "text" && !item.slot === (item.text === undefined))
          context.addIssue({
            code: "custom",
            path: [index],
            message: "a line has either a slot or a text",
          });
        if (item.kind === "art")
          [item, ...item.others].forEach(({ name, layers }, k) => {
            if (!layers.some(({ polygons }) => hasArea(polygons)))
              context.addIssue({
                code: "custom",
                path: k === 0 ? [index, "layers"] : [index, "others", k - 1, "layers"],
                message: `the art "${name}" has no area: nothing of it can be cut`,
              });
          });
        if (item.kind !== "gap" && item.on) {
          const line = items.find(({ id }) => id === item.on?.item);
          if (line?.kind !== "text" || line.id === item.id || line.on || line.run !== "across")
            context.addIssue({
              code: "custom",
              path: [index, "on", "item"],
              message: `"${item.on.item}" is no line across the face that stands by itself`,
            });
          if (item.kind === "shape" && item.around !== undefined)
            context.addIssue({
              code: "custom",
              path: [index, "on"],
              message: "what goes round everything stands on no line",
            });
        }
        if (item.kind === "shape" && item.dash && item.form !== "line")
          context.addIssue({
            code: "custom",
            path: [index, "dash"],
            message: "only a line can be dashed",
          });
        if (
          item.kind === "shape" &&
          item.around !== undefined &&
          item.form !== "ring" &&
          item.form !== "frame"
        )
          context.addIssue({
            code: "custom",
            path: [index, "around"],
            message: "only a ring or a frame can go round everything",
          });
      });
    }),
});
export type Design = z.infer<typeof designSchema>;

/** What one seat has of its own, by item: it stays with the seat when the roster changes. */
export const exceptionSchema = z.strictObject({
  font: fontId.optional(),
  vinyl: vinylId.optional(),
  /** Times the size of the recipe. */
  size: z.number().min(0.2).max(3).optional(),
  /** Words in the first line; the rest goes below. */
  breakAfter: z.number().int().min(1).max(12).optional(),
  /** Characters in the first line, where it breaks inside a word, as after a hyphen. */
  breakAt: z.number().int().min(1).max(200).optional(),
  nudges: nudgesSchema.optional(),
});
export type Exception = z.infer<typeof exceptionSchema>;
