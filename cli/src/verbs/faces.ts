import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { viewOnCup } from "@elm-basket/core/blanks/straight-cup.ts";
import { fitSpace } from "@elm-basket/core/fitting/largest-fit.ts";
import { boxOf, boxOfPoints, boxWidth, mapPoints, type Polygons } from "@elm-basket/core/geometry/polygon.ts";
import { z } from "zod";
import { InputError } from "../errors.ts";
import { defineVerb, mm, polygonsSchema, ringSchema, tidy } from "./shapes.ts";

const face = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("rect"), width: mm, height: mm }),
  z.strictObject({ kind: z.literal("roundedRect"), width: mm, height: mm, radius: z.number().min(0) }),
  z.strictObject({ kind: z.literal("round"), diameter: mm }),
  z.strictObject({ kind: z.literal("oval"), width: mm, height: mm }),
  z.strictObject({ kind: z.literal("outline"), outline: ringSchema }),
]);

export const fit = defineVerb({
  input: z.strictObject({ face, margin: z.number().min(0).max(10_000), keepOuts: polygonsSchema.default([]), design: polygonsSchema, turn: z.boolean().default(false) }),
  output: z.strictObject({ scale: z.number(), x: z.number(), y: z.number(), turned: z.boolean(), binding: z.string() }),
  run(input) {
    const upright = largest(input.face, input.margin, input.keepOuts, input.design);
    const turned = input.turn
      ? largest(
          input.face,
          input.margin,
          input.keepOuts,
          mapPoints(input.design, ([x, y]) => [-y, x]),
        )
      : upright;
    const best = turned.scale > upright.scale ? turned : upright;
    return { scale: floored(best.scale), x: tidy(best.x, 9), y: tidy(best.y, 9), turned: best !== upright, binding: best.binding };
  },
});

/** Rounding up would make the design stick out. */
const floored = (scale: number): number => Math.floor(scale * 1e9) / 1e9;

function largest(shape: z.infer<typeof face>, margin: number, keepOuts: Polygons, design: Polygons) {
  if (design.length === 0) throw new InputError("$.design: nothing to fit; give at least one polygon");
  const box = boxOfPoints(faceOutline(shape));
  if (margin * 2 >= Math.min(box.maxX - box.minX, box.maxY - box.minY)) throw new InputError("$.margin: leaves no face; make it smaller than half the face");
  try {
    return fitSpace(shape, margin, design, keepOuts).largest;
  } catch (error) {
    throw new InputError(`$.design: ${(error as Error).message}`);
  }
}

const RADIANS_TO_DEGREES = 180 / Math.PI;

export const wrap = defineVerb({
  input: z.strictObject({ blank: z.strictObject({ kind: z.literal("straight", "this version wraps straight cups"), diameter: mm }), design: polygonsSchema }),
  output: z.strictObject({ angle: z.number(), chord: z.number(), edgeForeshortening: z.number(), visibleShare: z.number() }),
  run({ blank, design }) {
    const view = viewOnCup(blank.diameter / 2, boxWidth(boxOf(design)));
    return { angle: tidy(view.angle * RADIANS_TO_DEGREES), chord: tidy(view.chord), edgeForeshortening: tidy(view.edgeForeshortening), visibleShare: tidy(view.visibleShare) };
  },
});
