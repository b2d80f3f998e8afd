import { hpgl } from "@elm-basket/core/cutting/hpgl.ts";
import { cutTime } from "@elm-basket/core/cutting/minutes.ts";
import { bladePaths } from "@elm-basket/core/cutting/paths.ts";
import { boxHeight, boxOf, boxWidth, type Polygons, polygonsArea } from "@elm-basket/core/geometry/polygon.ts";
import type { Bin, Item } from "@elm-basket/core/nesting/problem.ts";
import { layTrimmerFriendly } from "@elm-basket/core/nesting/trimmer.ts";
import { z } from "zod";
import { InputError } from "../errors.ts";
import { defineVerb, mm, polygonsSchema, tidy } from "./shapes.ts";

const turns = z.array(z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)])).min(1);
/** A strip is packed as one load as long as all items in a row. */
const bin = z.union([z.strictObject({ width: mm, height: mm }), z.strictObject({ width: mm })]);

export const nest = defineVerb({
  input: z
    .strictObject({
      sheet: z.strictObject({ width: mm, height: mm }).optional(),
      strip: z.strictObject({ width: mm }).optional(),
      clearance: z.number().min(0).max(1000).default(2),
      seed: z.number().int().default(1),
      seconds: z.number().min(0).max(3600).default(1),
      mode: z.enum(["trimmer", "bySeat"], "this version lays out in the modes trimmer and bySeat"),
      items: z
        .array(z.strictObject({ id: z.string().min(1), polygons: polygonsSchema.min(1), allowedTurns: turns.default([0]), group: z.string().optional(), seat: z.string().optional() }))
        .max(20_000),
    })
    .refine((input) => (input.sheet === undefined) !== (input.strip === undefined), { message: "give either a sheet or a strip", path: ["sheet"] }),
  output: z.strictObject({
    placements: z.array(z.strictObject({ id: z.string(), bin: z.string(), x: z.number(), y: z.number(), turn: z.number() })),
    used: z.strictObject({ sheets: z.number(), length: z.number() }),
    bound: z.number(),
    share: z.number(),
    unplaced: z.array(z.strictObject({ id: z.string(), reason: z.string() })),
  }),
  run(input) {
    if (new Set(input.items.map(({ id }) => id)).size < input.items.length) throw new InputError("$.items: two items have the same id");
    const blocks = input.mode === "bySeat" ? seatBlocks(input.items, input.clearance) : input.items.map((item) => blockOf([item], input.clearance));
    const c = input.clearance;
    const area = binOf(input.sheet ?? input.strip ?? { width: 1 }, blocks, c);
    const layout = layTrimmerFriendly(
      blocks.map((block) => block.item),
      area,
    );
    const byId = new Map(blocks.map((block) => [block.item.id, block]));
    const strip = input.strip !== undefined;
    const placements = layout.placed.flatMap((at) => (byId.get(at.id)?.members ?? []).map((member) => member.place(at, strip)));
    const unplaced = layout.unplaced.flatMap(({ id, reason }) => (byId.get(id)?.members ?? []).map((member) => ({ id: member.id, reason })));
    const lost = new Set(unplaced.map(({ id }) => id));
    const pieces = input.items.filter(({ id }) => !lost.has(id)).reduce((sum, item) => sum + polygonsArea(item.polygons), 0);
    const length = strip ? Math.max(0, ...layout.trims.map((trim) => trim.height - c)) : layout.trims.reduce((sum, trim) => sum + trim.height - c, 0);
    const full = strip ? (area.width - c) * length : layout.trims.length * (area.width - c) * (area.height - c);
    return {
      placements,
      used: { sheets: strip ? 0 : layout.trims.length, length: tidy(length) },
      bound: tidy(strip ? pieces / (area.width - c) : Math.ceil(pieces / ((area.width - c) * (area.height - c)) - 1e-9)),
      share: full > 0 ? tidy(pieces / full) : 0,
      unplaced,
    };
  },
});

interface Member {
  readonly id: string;
  place(at: { bin: number; x: number; y: number; turned: boolean }, strip: boolean): { id: string; bin: string; x: number; y: number; turn: number };
}
interface Block {
  readonly item: Item;
  readonly members: readonly Member[];
}
type NestItem = { id: string; polygons: Polygons; allowedTurns: readonly number[]; seat?: string | undefined; group?: string | undefined };

/** Items side by side in one box; the clearance is added to the right and below each. */
function blockOf(items: readonly NestItem[], clearance: number): Block {
  const boxes = items.map((item) => boxOf(item.polygons));
  const height = Math.max(...boxes.map(boxHeight)) + clearance;
  let x = 0;
  const starts = boxes.map((box) => {
    const at = x;
    x += boxWidth(box) + clearance;
    return at;
  });
  const mayTurn = items.every((item) => item.allowedTurns.includes(90) || item.allowedTurns.includes(270));
  const item = { id: items[0]?.seat ?? items[0]?.id ?? "", width: x, height, mayTurn };
  const members = items.map(
    (own, i): Member => ({
      id: own.id,
      place(at, strip) {
        const box = boxes[i] as (typeof boxes)[number];
        const quarter = own.allowedTurns.includes(90) ? 90 : 270;
        const offset = starts[i] as number;
        const where = { id: own.id, bin: strip ? "strip" : `sheet-${at.bin + 1}` };
        if (!at.turned) return { ...where, x: tidy(at.x + offset - box.minX), y: tidy(at.y - box.minY), turn: 0 };
        return quarter === 90
          ? { ...where, x: tidy(at.x + box.maxY), y: tidy(at.y + offset - box.minX), turn: 90 }
          : { ...where, x: tidy(at.x - box.minY), y: tidy(at.y + offset + box.maxX), turn: 270 };
      },
    }),
  );
  return { item: { ...item, id: items.length > 1 ? `seat:${item.id}` : (items[0]?.id ?? "") }, members };
}

function seatBlocks(items: readonly NestItem[], clearance: number): Block[] {
  const groups = new Map<string, NestItem[]>();
  for (const item of items) {
    const key = item.seat ?? item.group ?? `item:${item.id}`;
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return [...groups.values()].map((group) => blockOf(group, clearance));
}

function binOf(asked: z.infer<typeof bin>, blocks: readonly Block[], clearance: number): Bin {
  const height = "height" in asked ? asked.height : blocks.reduce((sum, { item }) => sum + Math.max(item.width, item.height), 0) + 1;
  return { width: asked.width + clearance, height: height + clearance };
}

const speed = z.number().positive().max(10_000);

export const cut = defineVerb({
  input: z.strictObject({
    polygons: polygonsSchema,
    height: mm.optional().describe("of the sheet; the lowest point when left out"),
    knife: z.strictObject({ offset: z.number().min(0).max(5).default(0), overcut: z.number().min(0).max(10).default(0.5) }).default({ offset: 0, overcut: 0.5 }),
    speeds: z
      .strictObject({ cut: speed.default(60), travel: speed.default(200), liftSeconds: z.number().min(0).max(10).default(0.15), cornerSeconds: z.number().min(0).max(1).default(0.012) })
      .default({ cut: 60, travel: 200, liftSeconds: 0.15, cornerSeconds: 0.012 }),
  }),
  output: z.strictObject({ hpgl: z.string(), minutes: z.number(), travel: z.number(), cutLength: z.number() }),
  run({ polygons, height, knife, speeds }) {
    const paths = bladePaths(
      polygons.map((polygon, i) => ({ id: `p${i + 1}`, polygon })),
      [],
      knife.overcut,
    );
    const cutter = {
      name: "given",
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
    return { hpgl: hpgl(paths, low, cutter), minutes: tidy(time.minutes), travel: tidy(time.travel, 3), cutLength: tidy(time.cutLength, 3) };
  },
});
