/** A blank as the class document describes it: its shape, what it is made of, and what of it is not free. */
import { z } from "zod";
import { frameSchema } from "./finishing.ts";
import { groundSchema } from "./ground.ts";
import { type BlankShape, blankShapeSchema } from "./shape.ts";

export const MATERIALS = [
  "glazed",
  "glass",
  "enamel",
  "rawWood",
  "stainedWood",
  "sealedWood",
  "paintedWood",
  "laminate",
  "metal",
  "paintedMetal",
  "powderCoat",
  "clearPlastic",
  "paintedPlastic",
  "stone",
  "firedClay",
  "paper",
  "leather",
  "cork",
  "rubber",
  "balloon",
  "coir",
  "canvas",
] as const;
export type Material = (typeof MATERIALS)[number];

export const MARGIN_RULES = { small: 6.35, board: 12.7, sign: 25.4 } as const;

export const marginSchema = z.discriminatedUnion("rule", [
  z.strictObject({ rule: z.enum(["small", "board", "sign"]) }),
  z.strictObject({ rule: z.literal("byHand"), mm: z.number().min(0).max(500) }),
  z.strictObject({ rule: z.literal("bySize") }),
]);
export type MarginRule = z.infer<typeof marginSchema>;

const place = z.number().min(-5000).max(5000);
const size = z.number().positive().max(5000);

/** What is in the way on the face; x and y are its middle, from the middle of the face, y downwards. */
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

export const SIDES = ["top", "bottom", "left", "right"] as const;
export const reserveSchema = z.strictObject({
  side: z.enum(SIDES),
  mm: z.number().positive().max(2000),
  what: z.string().trim().max(80).default(""),
});
export type Reserve = z.infer<typeof reserveSchema>;

/** One measured piece: across (width, or the widest diameter) and down (height). */
export const specimenSchema = z.strictObject({ across: size, down: size.optional() });
export type Specimen = z.infer<typeof specimenSchema>;

/** For whom a handled cup is decorated; `both` takes twice the vinyl. */
export const HANDLE_SCHOOLS = ["drinker", "guest", "both"] as const;
export type HandleSchool = (typeof HANDLE_SCHOOLS)[number];
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

export interface Spread {
  readonly smallest: number;
  readonly largest: number;
}

/** The shape to plan with: the smallest of what was measured, because a decal for it fits on all. */
export function smallestShape(blank: Pick<Blank, "shape" | "specimens">): {
  shape: BlankShape;
  across: Spread | null;
  down: Spread | null;
} {
  const across = spreadOf(blank.specimens.map((specimen) => specimen.across));
  const down = spreadOf(
    blank.specimens.flatMap((specimen) => (specimen.down === undefined ? [] : [specimen.down])),
  );
  return { shape: resized(blank.shape, across?.smallest, down?.smallest), across, down };
}

function spreadOf(values: readonly number[]): Spread | null {
  return values.length === 0
    ? null
    : { smallest: Math.min(...values), largest: Math.max(...values) };
}

/** Other measures keep their proportion to the widest. */
function resized(
  shape: BlankShape,
  across: number | undefined,
  down: number | undefined,
): BlankShape {
  switch (shape.kind) {
    case "flat":
    case "roundedFlat":
    case "oval":
      return { ...shape, width: across ?? shape.width, height: down ?? shape.height };
    case "round":
    case "ball":
    case "straightCup": {
      const diameter = across ?? shape.diameter;
      return shape.kind === "straightCup"
        ? { ...shape, diameter, height: down ?? shape.height }
        : { ...shape, diameter };
    }
    case "taperedCup": {
      const share =
        across === undefined ? 1 : across / Math.max(shape.topDiameter, shape.bottomDiameter);
      return {
        ...shape,
        topDiameter: shape.topDiameter * share,
        bottomDiameter: shape.bottomDiameter * share,
        height: down ?? shape.height,
      };
    }
    case "bulgedCup": {
      const widest = Math.max(...shape.profile.map(({ diameter }) => diameter));
      const tall =
        (shape.profile[shape.profile.length - 1]?.fromTop ?? 0) - (shape.profile[0]?.fromTop ?? 0);
      const [wide, high] = [
        across === undefined ? 1 : across / widest,
        down === undefined ? 1 : down / tall,
      ];
      return {
        ...shape,
        profile: shape.profile.map((row) => ({
          fromTop: row.fromTop * high,
          diameter: row.diameter * wide,
        })),
      };
    }
    case "outline": {
      const xs = shape.outline.map(([x]) => x);
      const ys = shape.outline.map(([, y]) => y);
      const [wide, high] = [
        across === undefined ? 1 : across / (Math.max(...xs) - Math.min(...xs)),
        down === undefined ? 1 : down / (Math.max(...ys) - Math.min(...ys)),
      ];
      return {
        ...shape,
        outline: shape.outline.map(([x, y]): [number, number] => [x * wide, y * high]),
      };
    }
  }
}
