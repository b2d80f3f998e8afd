import { hpgl } from "@elm-basket/core/cutting/hpgl.ts";
import { cutTime } from "@elm-basket/core/cutting/minutes.ts";
import { bladePaths } from "@elm-basket/core/cutting/paths.ts";
import { readCutSheet } from "@elm-basket/core/cutting/read-sheet.ts";
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Polygons,
  polygonsArea,
  rounded,
} from "@elm-basket/core/geometry/polygon.ts";
import { isFresh } from "@elm-basket/core/nesting/bins.ts";
import { pack } from "@elm-basket/core/nesting/pack.ts";
import { decodeText } from "@elm-basket/core/roster/roster.ts";
import {
  nameHalves,
  partBox,
  partPolygons,
  splitDesign,
} from "@elm-basket/core/splitting/split.ts";
import * as z from "zod";
import { InputError } from "../errors.ts";
import { readBytes } from "../input.ts";
import { defineVerb, mm, pointSchema, polygonsSchema, ringSchema, tidy } from "./shapes.ts";

const turns = z
  .array(z.number().min(0).max(359.999).describe("degrees, clockwise on screen"))
  .min(1)
  .max(72);
const sheet = z.strictObject({ width: mm, height: mm });

export const nest = defineVerb({
  input: z
    .strictObject({
      sheet: sheet.optional(),
      strip: z.strictObject({ width: mm }).optional(),
      scraps: z
        .array(z.strictObject({ id: z.string().min(1), polygon: z.array(ringSchema).min(1) }))
        .max(200)
        .default([])
        .describe("used first, in this order; a polygon is its outer ring, then its holes"),
      clearance: z.number().min(0).max(1000).default(2),
      counters: z
        .boolean()
        .default(true)
        .describe("whether small items may lie in the counters of others, in tight layouts"),
      seed: z.number().int().default(1),
      seconds: z.number().min(0).max(3600).default(1),
      mode: z.enum(["tight", "trimmer", "bySeat"]),
      items: z
        .array(
          z.strictObject({
            id: z.string().min(1),
            polygons: polygonsSchema.min(1),
            allowedTurns: turns.default([0]),
            group: z.string().optional(),
            seat: z.string().optional(),
          }),
        )
        .max(20_000),
    })
    .refine((input) => (input.sheet === undefined) !== (input.strip === undefined), {
      message: "give either a sheet or a strip",
      path: ["sheet"],
    }),
  output: z.strictObject({
    placements: z.array(
      z.strictObject({
        id: z.string(),
        bin: z.string(),
        x: z.number(),
        y: z.number(),
        turn: z.number(),
      }),
    ),
    used: z.strictObject({ sheets: z.number(), length: z.number() }),
    bound: z.number(),
    share: z.number(),
    boxes: z
      .strictObject({ sheets: z.number(), length: z.number() })
      .describe("what laying the bounding boxes would use"),
    leftovers: z.array(z.strictObject({ bin: z.string(), polygon: z.array(ringSchema) })),
    unplaced: z.array(z.strictObject({ id: z.string(), reason: z.string() })),
  }),
  run(input) {
    if (new Set(input.items.map(({ id }) => id)).size < input.items.length)
      throw new InputError("$.items: two items have the same id");
    if (new Set(input.scraps.map(({ id }) => id)).size < input.scraps.length)
      throw new InputError("$.scraps: two scraps have the same id");
    const named = input.scraps.findIndex(({ id }) => isFresh(id));
    if (named >= 0)
      throw new InputError(
        `$.scraps[${named}].id: "${input.scraps[named]?.id}" is how sheets and the strip are called; give the scrap a name of its own`,
      );
    const shared = new Map<string, readonly number[]>();
    const apart = input.items.findIndex(({ group, allowedTurns }) => {
      if (group === undefined) return false;
      const both = (shared.get(group) ?? allowedTurns).filter((t) => allowedTurns.includes(t));
      shared.set(group, both);
      return both.length === 0;
    });
    if (apart >= 0)
      throw new InputError(
        `$.items[${apart}].allowedTurns: the items of group "${input.items[apart]?.group}" share no turn, so they cannot lie in one piece`,
      );
    const flat = input.items.findIndex(({ polygons }) => !(polygonsArea(polygons) > 0));
    if (flat >= 0) throw new InputError(`$.items[${flat}].polygons: covers no area`);
    const stock = input.sheet
      ? ({ kind: "sheet", ...input.sheet } as const)
      : ({ kind: "strip", width: input.strip?.width ?? 1 } as const);
    const packed = pack({
      items: input.items.map(({ allowedTurns, ...item }) => ({
        ...item,
        turns: [...new Set(allowedTurns)],
      })),
      scraps: input.scraps.map(({ id, polygon }) => ({ id, polygon: [polygon] })),
      stock,
      clearance: input.clearance,
      counters: input.counters,
      seed: input.seed,
      seconds: input.seconds,
      mode: input.mode,
    });
    return {
      placements: packed.placements.map((at) => ({ ...at, x: tidy(at.x), y: tidy(at.y) })),
      used: { sheets: packed.used.sheets, length: tidy(packed.used.length) },
      bound: tidy(packed.bound),
      share: tidy(packed.share),
      boxes: { sheets: packed.boxes.sheets, length: tidy(packed.boxes.length) },
      leftovers: packed.leftovers.flatMap(({ bin, polygon }) =>
        rounded(polygon).map((own) => ({
          bin,
          polygon: own.map((ring) => ring.map(([x, y]): [number, number] => [x, y])),
        })),
      ),
      unplaced: packed.unplaced.map((one) => ({ ...one })),
    };
  },
});

export const split = defineVerb({
  input: z.strictObject({
    polygons: polygonsSchema.min(1),
    cut: z
      .strictObject({ width: mm, height: mm })
      .describe("what one load takes, alignment crosses included"),
    overlap: z
      .number()
      .min(0)
      .max(100)
      .default(2)
      .describe("how far the halves of a piece that is cut through overlap"),
    mayTurn: z.boolean().default(true).describe("whether parts may be laid a quarter turned"),
  }),
  output: z.strictObject({
    parts: z.array(
      z.strictObject({
        polygons: polygonsSchema,
        marks: z
          .array(pointSchema)
          .describe("centres of alignment crosses; the same point stands in both parts of a seam"),
        pieces: z
          .array(z.string())
          .describe("a name for each polygon: p1, or p1a and p1b where p1 is cut through"),
        width: z.number(),
        height: z.number(),
      }),
    ),
    seams: z.array(
      z.strictObject({ axis: z.enum(["x", "y"]), at: z.number(), through: z.array(z.string()) }),
    ),
  }),
  run({ polygons, cut: size, overlap, mayTurn }) {
    const flat = polygons.findIndex((polygon) => !(polygonsArea([polygon]) > 0));
    if (flat >= 0) throw new InputError(`$.polygons[${flat}]: covers no area`);
    const pieces = polygons.map((polygon, i) => ({ id: `p${i + 1}`, polygon }));
    const done = splitDesign(pieces, { cut: size, overlap, mayTurn });
    if (!done.ok)
      throw new InputError(
        `$.cut: ${size.width} × ${size.height} mm is too small to cut this design in parts that can be joined again`,
      );
    return {
      parts: nameHalves(done.parts).map((part) => {
        const box = partBox(part);
        return {
          polygons: rounded(partPolygons(part)).map((polygon) =>
            polygon.map((ring) => ring.map(([x, y]): [number, number] => [x, y])),
          ),
          marks: part.marks.map(([x, y]): [number, number] => [tidy(x), tidy(y)]),
          pieces: part.pieces.map(({ id }) => id),
          width: tidy(boxWidth(box)),
          height: tidy(boxHeight(box)),
        };
      }),
      seams: done.seams.map(({ axis, at, through }) => ({
        axis,
        at: tidy(at),
        through: [...through],
      })),
    };
  },
});

const speed = z.number().positive().max(10_000);

/** Pieces and page height of a cut sheet on disk. */
function sheetAt(path: string): { polygons: Polygons; height: number } {
  const text = decodeText(readBytes(path));
  const sheet = readCutSheet(text);
  if (!sheet)
    throw new InputError(
      `$.polygons: ${path} is no cut sheet made here; give a file of a plan's sheets folder, or polygons`,
    );
  return { polygons: sheet.pieces.flatMap(({ polygons }) => polygons), height: sheet.height };
}

export const cut = defineVerb({
  input: z.strictObject({
    polygons: z
      .union([polygonsSchema, z.string().min(1).max(1000)])
      .describe("what is cut, or the path of a sheet's SVG file"),
    height: mm.optional().describe("of the sheet; the lowest point when left out"),
    knife: z
      .strictObject({
        offset: z.number().min(0).max(5).default(0),
        overcut: z.number().min(0).max(10).default(0.5),
      })
      .default({ offset: 0, overcut: 0.5 }),
    speeds: z
      .strictObject({
        cut: speed.default(60),
        travel: speed.default(200),
        liftSeconds: z.number().min(0).max(10).default(0.15),
        cornerSeconds: z.number().min(0).max(1).default(0.012),
      })
      .default({ cut: 60, travel: 200, liftSeconds: 0.15, cornerSeconds: 0.012 }),
  }),
  output: z.strictObject({
    hpgl: z.string(),
    minutes: z.number(),
    travel: z.number(),
    cutLength: z.number(),
  }),
  run({ polygons: given, height: asked, knife, speeds }) {
    const read =
      typeof given === "string" ? sheetAt(given) : { polygons: given, height: undefined };
    const { polygons } = read;
    const height = asked ?? read.height;
    const paths = bladePaths({
      pieces: polygons.map((polygon, i) => ({ id: `p${i + 1}`, polygon })),
      overcut: knife.overcut,
    });
    const cutter = {
      name: "given",
      matless: false,
      cutWidth: 1,
      cutHeight: 1,
      edgeMargin: 0,
      cutSpeed: speeds.cut,
      travelSpeed: speeds.travel,
      liftSeconds: speeds.liftSeconds,
      cornerSeconds: speeds.cornerSeconds,
      loadMinutes: 0,
      knifeOffset: knife.offset,
      overcut: knife.overcut,
    };
    const time = cutTime(paths, cutter);
    const low = height ?? (polygons.length === 0 ? 0 : boxOf(polygons).maxY);
    return {
      hpgl: hpgl(paths, low, cutter),
      minutes: tidy(time.minutes),
      travel: tidy(time.travel, 3),
      cutLength: tidy(time.cutLength, 3),
    };
  },
});
