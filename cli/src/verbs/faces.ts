import { bulgeFromRadii, DEFAULT_STRAIN, largestPatch } from "@elm-basket/core/blanks/bulge.ts";
import { creaseOf } from "@elm-basket/core/blanks/crease.ts";
import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { snipLines } from "@elm-basket/core/blanks/snips.ts";
import { viewOnCup } from "@elm-basket/core/blanks/straight-cup.ts";
import { baselineRadius, endRise, unroll, warp } from "@elm-basket/core/blanks/tapered-cup.ts";
import { fitSpace } from "@elm-basket/core/fitting/largest-fit.ts";
import {
  boxOf,
  boxOfPoints,
  boxWidth,
  mapPoints,
  type Polygons,
  ringArea,
  rounded,
} from "@elm-basket/core/geometry/polygon.ts";
import * as z from "zod";
import { InputError } from "../errors.ts";
import { defineVerb, mm, polygonsSchema, ringSchema, tidy } from "./shapes.ts";

const face = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("rect"), width: mm, height: mm }),
  z.strictObject({
    kind: z.literal("roundedRect"),
    width: mm,
    height: mm,
    radius: z.number().min(0),
  }),
  z.strictObject({ kind: z.literal("round"), diameter: mm }),
  z.strictObject({ kind: z.literal("oval"), width: mm, height: mm }),
  z.strictObject({ kind: z.literal("outline"), outline: ringSchema }),
]);

export const fit = defineVerb({
  input: z.strictObject({
    face,
    margin: z.number().min(0).max(10_000),
    keepOuts: polygonsSchema.default([]),
    design: polygonsSchema,
    turn: z.boolean().default(false),
  }),
  output: z.strictObject({
    scale: z.number(),
    x: z.number(),
    y: z.number(),
    turned: z.boolean(),
    binding: z.string(),
  }),
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
    return {
      scale: floored(best.scale),
      x: tidy(best.x, 9),
      y: tidy(best.y, 9),
      turned: best !== upright,
      binding: best.binding,
    };
  },
});

/** A face smaller than this is none, mm². */
const LEAST_AREA = 1e-6;

/** Rounding up would make the design stick out. */
const floored = (scale: number): number => Math.floor(scale * 1e9) / 1e9;

function largest(
  shape: z.infer<typeof face>,
  margin: number,
  keepOuts: Polygons,
  design: Polygons,
) {
  if (design.length === 0)
    throw new InputError("$.design: nothing to fit; give at least one polygon");
  const outline = faceOutline(shape);
  if (shape.kind === "outline" && Math.abs(ringArea(outline)) < LEAST_AREA)
    throw new InputError(
      "$.face: the outline encloses no area; give its corners in order round the face",
    );
  const box = boxOfPoints(outline);
  if (margin * 2 >= Math.min(box.maxX - box.minX, box.maxY - box.minY))
    throw new InputError("$.margin: leaves no face; make it smaller than half the face");
  try {
    return fitSpace(shape, margin, design, keepOuts).largest;
  } catch (error) {
    throw new InputError(`$.design: ${(error as Error).message}`);
  }
}

const RADIANS_TO_DEGREES = 180 / Math.PI;

const straight = z.strictObject({ kind: z.literal("straight"), diameter: mm });
const tapered = z.strictObject({
  kind: z.literal("tapered"),
  topDiameter: mm,
  bottomDiameter: mm,
  height: mm,
});
const bulged = z.strictObject({ kind: z.literal("bulged"), radiusAcross: mm, radiusDown: mm });

const polygonOut = z.array(z.array(z.tuple([z.number(), z.number()])));
const pointOut = z.tuple([z.number(), z.number()]);

export const wrap = defineVerb({
  input: z.strictObject({
    blank: z.discriminatedUnion("kind", [straight, tapered, bulged]),
    design: polygonsSchema.min(1, "nothing to wrap; give at least one polygon"),
    baselineFromTop: z
      .number()
      .min(0)
      .max(100_000)
      .optional()
      .describe("along the slope of a tapered cup; its middle when left out"),
    strain: z
      .number()
      .positive()
      .max(0.2)
      .default(DEFAULT_STRAIN)
      .describe("share by which vinyl and tape give"),
  }),
  output: z.union([
    z.strictObject({
      angle: z.number(),
      chord: z.number(),
      edgeForeshortening: z.number(),
      visibleShare: z.number(),
    }),
    z.strictObject({
      slant: z.number(),
      outerRadius: z.number(),
      sectorAngle: z.number(),
      baselineRadius: z.number(),
      endRise: z.number(),
      warped: z.array(polygonOut),
    }),
    z.strictObject({
      aMax: z.number(),
      pieces: z.array(
        z.strictObject({
          id: z.string(),
          verdict: z.enum(["creases", "borderline", "lies"]),
          patch: z.number(),
          at: pointOut,
          remedies: z.array(z.string()),
        }),
      ),
      snips: z.array(z.tuple([pointOut, pointOut])),
    }),
  ]),
  run({ blank, design, baselineFromTop, strain }) {
    switch (blank.kind) {
      case "straight": {
        const view = viewOnCup(blank.diameter / 2, boxWidth(boxOf(design)));
        return {
          angle: tidy(view.angle * RADIANS_TO_DEGREES),
          chord: tidy(view.chord),
          edgeForeshortening: tidy(view.edgeForeshortening),
          visibleShare: tidy(view.visibleShare),
        };
      }
      case "tapered":
        return wrapTapered(blank, design, baselineFromTop);
      case "bulged":
        return wrapBulged(blank, design, strain);
    }
  },
});

function wrapTapered(
  blank: z.infer<typeof tapered>,
  design: Polygons,
  baselineFromTop: number | undefined,
) {
  if (blank.topDiameter === blank.bottomDiameter)
    throw new InputError(
      "$.blank.bottomDiameter: top and bottom are equally wide; say kind straight with a diameter",
    );
  const sector = unroll(blank.topDiameter, blank.bottomDiameter, blank.height);
  const fromTop = baselineFromTop ?? sector.slant / 2;
  if (fromTop > sector.slant)
    throw new InputError(
      `$.baselineFromTop: lies below the foot; the slope is ${tidy(sector.slant, 2)} mm long`,
    );
  const radius = baselineRadius(sector, fromTop);
  return {
    slant: tidy(sector.slant),
    outerRadius: tidy(sector.outerRadius),
    sectorAngle: tidy(sector.angle * RADIANS_TO_DEGREES),
    baselineRadius: tidy(radius),
    endRise: tidy(endRise(radius, boxWidth(boxOf(design)))),
    warped: rounded(warp(design, radius, sector.wideTop)).map((polygon) =>
      polygon.map((ring) => ring.map(([x, y]): [number, number] => [x, y])),
    ),
  };
}

function wrapBulged(blank: z.infer<typeof bulged>, design: Polygons, strain: number) {
  const aMax = largestPatch(bulgeFromRadii(blank.radiusAcross, blank.radiusDown).curvature, strain);
  const point = ([x, y]: readonly [number, number]): [number, number] => [tidy(x, 3), tidy(y, 3)];
  return {
    aMax: tidy(aMax),
    pieces: design.map((polygon, i) => {
      const { verdict, patch, at, remedies } = creaseOf(polygon, aMax);
      return {
        id: `p${i + 1}`,
        verdict,
        patch: tidy(patch, 3),
        at: point(at),
        remedies: [...remedies],
      };
    }),
    snips: snipLines(design, 2 * aMax).map(([a, b]): [[number, number], [number, number]] => [
      point(a),
      point(b),
    ]),
  };
}
