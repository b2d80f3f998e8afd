/** Blanks and the face each offers. */
import { z } from "zod";
import type { Face } from "./face.ts";

const mm = z.number().positive().max(5000);

export const blankShapeSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("flat"), width: mm, height: mm }),
  z.strictObject({ kind: z.literal("round"), diameter: mm }),
  z
    .strictObject({
      kind: z.literal("straightCup"),
      diameter: mm,
      height: mm,
      rimClearance: z.number().min(0).max(500).default(25),
      footClearance: z.number().min(0).max(500).default(6),
      wrapAngle: z.number().min(10).max(350).default(120).describe("degrees of the wall that may carry the design"),
    })
    .refine((cup) => cup.height - cup.rimClearance - cup.footClearance > 0, {
      message: "rim and foot clearance leave no height for the design",
      path: ["height"],
    }),
]);
export type BlankShape = z.infer<typeof blankShapeSchema>;

export const MATERIALS = ["glazed", "glass", "rawWood", "sealedWood", "paintedWood", "metal", "paintedMetal", "powderCoat", "stone", "firedClay", "paper", "leather", "rubber", "coir"] as const;

export const MARGIN_RULES = { small: 6.35, board: 12.7, sign: 25.4 } as const;

export const marginSchema = z.discriminatedUnion("rule", [
  z.strictObject({ rule: z.enum(["small", "board", "sign"]) }),
  z.strictObject({ rule: z.literal("byHand"), mm: z.number().min(0).max(500) }),
  z.strictObject({ rule: z.literal("bySize") }),
]);
export type MarginRule = z.infer<typeof marginSchema>;

export const blankSchema = z.strictObject({
  name: z.string().trim().min(1).max(120),
  material: z.enum(MATERIALS).default("glazed"),
  colour: z
    .string()
    .regex(/^#[0-9a-fA-F]{6}$/u, "a colour like #FBF9F4")
    .default("#FBF9F4"),
  shape: blankShapeSchema,
  margin: marginSchema.default({ rule: "bySize" }),
});
export type Blank = z.infer<typeof blankSchema>;

/** Pieces up to four inches take a quarter-inch margin, boards and trays up to 16 inches half an inch, signs an inch. */
const SMALL_UP_TO_MM = 102;
const BOARD_UP_TO_MM = 406;

export interface FaceReading {
  readonly face: Face;
  readonly marginMm: number;
  readonly marginRule: keyof typeof MARGIN_RULES | "byHand";
  /** Size of the face before the margin, mm. */
  readonly width: number;
  readonly height: number;
  readonly cup: CupReading | null;
}

export interface CupReading {
  readonly radius: number;
  /** Degrees covered by the face. */
  readonly angleDeg: number;
}

/** The face a blank offers, with the margin its rule gives. */
export function readFace(blank: Blank): FaceReading {
  const shape = blank.shape;
  const { face, width, height, cup } = faceOf(shape);
  const rule = blank.margin.rule === "bySize" ? ruleBySize(Math.max(width, height)) : blank.margin.rule;
  const marginMm = blank.margin.rule === "byHand" ? blank.margin.mm : MARGIN_RULES[rule as keyof typeof MARGIN_RULES];
  return { face, width, height, cup, marginMm, marginRule: rule };
}

function faceOf(shape: BlankShape): { face: Face; width: number; height: number; cup: CupReading | null } {
  switch (shape.kind) {
    case "flat":
      return { face: { kind: "rect", width: shape.width, height: shape.height }, width: shape.width, height: shape.height, cup: null };
    case "round":
      return { face: { kind: "round", diameter: shape.diameter }, width: shape.diameter, height: shape.diameter, cup: null };
    case "straightCup": {
      const radius = shape.diameter / 2;
      const width = radius * ((shape.wrapAngle * Math.PI) / 180);
      const height = shape.height - shape.rimClearance - shape.footClearance;
      return { face: { kind: "rect", width, height }, width, height, cup: { radius, angleDeg: shape.wrapAngle } };
    }
  }
}

function ruleBySize(longestMm: number): keyof typeof MARGIN_RULES {
  if (longestMm <= SMALL_UP_TO_MM) return "small";
  return longestMm <= BOARD_UP_TO_MM ? "board" : "sign";
}
