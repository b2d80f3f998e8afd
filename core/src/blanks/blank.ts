/**
 * A blank as the class document describes it: its shape, what it is made of, and what of it is not
 * free.
 */
import * as z from "zod";
import { HANDLE_SCHOOLS, MATERIALS, SIDES } from "./blank-kinds.ts";
import { frameSchema } from "./finishing.ts";
import { groundSchema } from "./ground.ts";
import { blankShapeSchema } from "./shape.ts";

export const marginSchema = z.discriminatedUnion("rule", [
  z.strictObject({ rule: z.enum(["small", "board", "sign"]) }),
  z.strictObject({ rule: z.literal("byHand"), mm: z.number().min(0).max(500) }),
  z.strictObject({ rule: z.literal("bySize") }),
]);
export type MarginRule = z.infer<typeof marginSchema>;

const place = z.number().min(-5000).max(5000);
const size = z.number().positive().max(5000);

/**
 * What is in the way on the face; x and y are its middle, from the middle of the face, y downwards.
 */
export const keepOutSchema = z.strictObject({
  kind: z.enum(["groove", "seam", "hole", "knob", "other"]),
  form: z.enum(["rect", "round"]).default("rect"),
  x: place,
  y: place,
  width: size,
  height: size,
  clearance: z.number().min(0).max(500).default(3),
});
export type KeepOut = z.infer<typeof keepOutSchema>;

export const reserveSchema = z.strictObject({
  side: z.enum(SIDES),
  mm: z.number().positive().max(2000),
  what: z.string().trim().max(80).default(""),
});
export type Reserve = z.infer<typeof reserveSchema>;

/** One measured piece: across (width, or the widest diameter) and down (height). */
export const specimenSchema = z.strictObject({ across: size, down: size.optional() });
export type Specimen = z.infer<typeof specimenSchema>;

export const handleSchema = z.strictObject({
  school: z.enum(HANDLE_SCHOOLS).default("drinker"),
  clear: z
    .number()
    .min(0)
    .max(500)
    .default(20)
    .describe("from the middle of the handle to where the design may begin, along the wall"),
});

export const blankSchema = z.strictObject({
  name: z.string().trim().min(1).max(120),
  material: z.enum(MATERIALS).default("glazed"),
  colour: z
    .string()
    .regex(/^#[0-9a-fA-F]{6}$/u, "a colour like #FBF9F4")
    .default("#FBF9F4"),
  shape: blankShapeSchema,
  margin: marginSchema.default({ rule: "bySize" }),
  keepOuts: z.array(keepOutSchema).max(20).default([]),
  reserve: z.array(reserveSchema).max(8).default([]),
  specimens: z.array(specimenSchema).max(200).default([]),
  handle: handleSchema.optional(),
  ground: groundSchema.optional(),
  frame: frameSchema.optional().describe("round a flat blank"),
});
export type Blank = z.infer<typeof blankSchema>;
