import {
  boxHeight,
  boxOf,
  boxWidth,
  placed,
  polygonArea,
  rounded,
} from "@elm-basket/core/geometry/polygon.ts";
import { CURVE_TOLERANCE_MM } from "@elm-basket/core/geometry/tolerance.ts";
import { letterLine } from "@elm-basket/core/lettering/line.ts";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { thinnestOf, thinPlaces } from "@elm-basket/core/lettering/thinnest.ts";
import { weedReport } from "@elm-basket/core/weeding/difficulty.ts";
import { FAMILY_TRAITS, VINYL_FAMILIES } from "@elm-basket/core/weeding/families.ts";
import { diskFonts } from "@elm-basket/fonts/read.ts";
import * as z from "zod";
import { InputError } from "../errors.ts";
import { defineVerb, mm, polygonsSchema, tidy } from "./shapes.ts";

/** Parts smaller than this are counted as small when no vinyl is named, mm². */
const SMALL_PART_MM2 = FAMILY_TRAITS.permanentGloss.smallPartMm2;
/** First drawing for measuring, at this em; the final one is drawn at the size asked for. */
const MEASURE_TOLERANCE_EM = 0.0005;

const size = z.union([
  z.strictObject({ capHeight: mm }),
  z.strictObject({ xHeight: mm }),
  z.strictObject({ height: mm }),
  z.strictObject({ width: mm }),
]);

/** A file that is no font is the giver's mistake, whatever its reader calls it. */
function openFont(font: string): ReturnType<ReturnType<typeof diskFonts>> {
  try {
    return diskFonts(true)(font);
  } catch {
    throw new InputError(
      `$.font: "${font}" is no TTF or OTF font that can be read; give another file, or an id from elm fonts`,
    );
  }
}

export const letter = defineVerb({
  input: z.strictObject({
    text: z.string().max(500),
    font: z.string().min(1),
    size,
    tracking: z.number().min(-0.5).max(5).default(0).describe("em"),
    join: z.boolean().optional(),
  }),
  output: z.strictObject({
    pieces: z.array(
      z.strictObject({
        id: z.string(),
        polygon: z.array(z.array(z.tuple([z.number(), z.number()]))),
        area: z.number(),
        counters: z.number(),
      }),
    ),
    width: z.number(),
    height: z.number(),
    missing: z.array(z.strictObject({ text: z.string(), index: z.number() })),
    thinnest: z.number(),
    smallParts: z.number(),
    apart: z.array(z.string()),
  }),
  run(input) {
    const face = openFont(input.font);
    if (!face)
      throw new InputError(
        `$.font: there is no font "${input.font}"; elm fonts lists the ids, a path to a TTF or OTF works too`,
      );
    const spec = {
      text: input.text,
      trackingEm: input.tracking,
      join: input.join ?? studioFont(input.font)?.joined ?? false,
    };
    const draft = boxOf(letterLine(face, spec, MEASURE_TOLERANCE_EM).polygons);
    const emMm = emFor(input.size, face, { width: boxWidth(draft), height: boxHeight(draft) });
    const line = letterLine(face, spec, CURVE_TOLERANCE_MM / Math.max(emMm, 1));
    const polygons = line.polygons.length === 0 ? [] : placed(line.polygons, emMm, 0, 0);
    const box = boxOf(polygons);
    const strokes = line.glyphs.map(({ glyph }) => face.thinnest(glyph) * emMm);
    return {
      pieces: rounded([...polygons].sort((a, b) => boxOf([a]).minX - boxOf([b]).minX)).map(
        (polygon, i) => ({
          id: `p${i + 1}`,
          polygon: polygon.map((ring) => ring.map(([x, y]): [number, number] => [x, y])),
          area: tidy(polygonArea(polygon), 4),
          counters: polygon.length - 1,
        }),
      ),
      width: tidy(boxWidth(box), 4),
      height: tidy(boxHeight(box), 4),
      missing: line.missing.map((entry) => ({ ...entry })),
      thinnest: strokes.length === 0 ? 0 : tidy(Math.min(...strokes), 3),
      smallParts: polygons.filter((polygon) => polygonArea(polygon) < SMALL_PART_MM2).length,
      apart: [...line.apart],
    };
  },
});

function emFor(
  asked: z.infer<typeof size>,
  face: { capHeight: number; xHeight: number },
  draft: { width: number; height: number },
): number {
  if ("capHeight" in asked) return asked.capHeight / face.capHeight;
  if ("xHeight" in asked) return asked.xHeight / face.xHeight;
  if ("height" in asked) return draft.height > 0 ? asked.height / draft.height : 1;
  return draft.width > 0 ? asked.width / draft.width : 1;
}

export const weed = defineVerb({
  input: z.strictObject({
    polygons: polygonsSchema,
    vinyl: z.enum(VINYL_FAMILIES).default("permanentGloss"),
  }),
  output: z.strictObject({
    wastePieces: z.number(),
    counters: z.number(),
    smallParts: z.number(),
    outlineLength: z.number(),
    thinnest: z.number(),
    thinPlaces: z.array(z.strictObject({ x: z.number(), y: z.number() })),
    tails: z.number(),
    minutes: z.number(),
    technique: z.string(),
  }),
  run({ polygons, vinyl }) {
    const strokes = polygons.map((polygon) => thinnestOf([polygon]).width);
    const report = weedReport({ polygons, family: vinyl, strokes });
    return {
      wastePieces: report.counters + (polygons.length > 0 ? 1 : 0),
      counters: report.counters,
      smallParts: report.smallParts,
      outlineLength: tidy(report.outlineLength, 3),
      thinnest: tidy(report.thinnest, 3),
      thinPlaces: thinPlaces(polygons, FAMILY_TRAITS[vinyl].minStrokeMm).map(({ x, y }) => ({
        x: tidy(x, 3),
        y: tidy(y, 3),
      })),
      tails: report.tails,
      minutes: tidy(report.minutes, 3),
      technique: report.technique,
    };
  },
});
