/** The plan as a JSON document, described in docs/formats.md. Numbers rounded to what they mean; no geometry. */
import { z } from "zod";
import { SEVERITY_ORDER } from "../advice/finding.ts";
import type { Point } from "../geometry/polygon.ts";
import type { Kit } from "./kits.ts";
import type { Plan } from "./plan.ts";

const values = z.record(z.string(), z.union([z.string(), z.number()]));
const where = z.strictObject({ seat: z.string(), piece: z.string(), step: z.string(), sheet: z.number(), field: z.string(), line: z.number(), vinyl: z.string() }).partial();

export const planJsonSchema = z.strictObject({
  format: z.literal("elm-basket/plan"),
  version: z.literal(1),
  title: z.string(),
  face: z.strictObject({ width: z.number(), height: z.number(), margin: z.number(), marginRule: z.string() }),
  sizing: z.strictObject({ school: z.string(), bindingSeat: z.string().nullable(), bindingBy: z.string().nullable() }),
  seats: z.array(z.strictObject({ seat: z.string(), label: z.string(), fields: z.record(z.string(), z.string()), scale: z.number(), width: z.number(), height: z.number(), weedMinutes: z.number() })),
  pieces: z.array(z.strictObject({ id: z.string(), seat: z.string(), layer: z.string(), sheet: z.number().nullable(), areaMm2: z.number(), counters: z.number() })),
  sheets: z.array(
    z.strictObject({
      nn: z.number(),
      vinyl: z.string(),
      stock: z.string(),
      width: z.number(),
      height: z.number(),
      cutMinutes: z.number(),
      loadMinutes: z.number(),
      share: z.number(),
      mat: z.number().nullable().describe("films with the same number lie on one mat"),
    }),
  ),
  vinyl: z.array(z.strictObject({ vinyl: z.string(), loads: z.number(), loadsBound: z.number(), usedMm2: z.number(), boundMm2: z.number(), boxesMm2: z.number(), scrapKits: z.number() })),
  splits: z
    .array(
      z.strictObject({
        seat: z.string(),
        layer: z.string(),
        parts: z.array(z.strictObject({ n: z.number(), pieces: z.array(z.string()), marks: z.array(z.tuple([z.number(), z.number()])) })),
        seams: z.array(z.strictObject({ from: z.tuple([z.number(), z.number()]), to: z.tuple([z.number(), z.number()]), through: z.array(z.string()) })),
      }),
    )
    .describe("kits longer than a load: their parts, in the design's own coordinates, mm"),
  unplaced: z.array(z.strictObject({ id: z.string(), reason: z.string() })),
  clearanceMm: z.number(),
  preparation: z.strictObject({ cuttingMinutes: z.number(), weedingMinutes: z.number(), packingMinutes: z.number() }),
  supplies: z.array(
    z.strictObject({
      id: z.string(),
      name: z.string(),
      unit: z.string(),
      perSeat: z.number(),
      need: z.number(),
      have: z.number(),
      packs: z.number(),
      buy: z.number(),
      leftAfter: z.number(),
      buyPrice: z.number(),
    }),
  ),
  cost: z.strictObject({
    currency: z.string(),
    materials: z.number(),
    labour: z.number(),
    venue: z.number(),
    total: z.number(),
    perSeat: z.number(),
    price: z.number(),
    breakEvenSeats: z.number().nullable(),
  }),
  runSheet: z.strictObject({
    endMinute: z.number(),
    bound: z.number(),
    steps: z.array(z.strictObject({ id: z.string(), title: z.string(), startMinute: z.number(), minutes: z.number(), waves: z.number(), slack: z.number(), critical: z.boolean() })),
  }),
  deadlines: z.array(z.strictObject({ code: z.string(), date: z.string(), daysBefore: z.number() })),
  findings: z.array(z.strictObject({ code: z.string(), severity: z.enum(SEVERITY_ORDER as ["stop", "check", "tip"]), where, values, remedies: z.array(z.strictObject({ code: z.string(), values })) })),
});
export type PlanJson = z.infer<typeof planJsonSchema>;

const round = (value: number, digits = 3): number => Number(value.toFixed(digits));

export function planJson(plan: Plan): PlanJson {
  const { document, lettered, laidOut } = plan;
  const sheetOf = new Map(laidOut.sheets.flatMap((sheet) => sheet.kits.flatMap((kit) => kit.pieces.map((piece) => [piece.id, sheet.nn] as const))));
  const titles = new Map(document.steps.map((step) => [step.id, step.title]));
  return {
    format: "elm-basket/plan",
    version: 1,
    title: document.title,
    face: { width: round(plan.face.width), height: round(plan.face.height), margin: round(plan.face.marginMm), marginRule: plan.face.marginRule },
    sizing: { school: lettered.school, bindingSeat: lettered.sizing.binding?.seat ?? null, bindingBy: lettered.sizing.binding?.by ?? null },
    seats: document.seats.map(({ seat, fields }) => {
      const own = lettered.seats.find((s) => s.seat === seat);
      const weedMinutes = plan.kits.filter((kit) => kit.seat === seat).reduce((sum, kit) => sum + kit.weed.minutes, 0);
      return {
        seat,
        label: plan.labels.get(seat) ?? seat,
        fields,
        scale: round(own?.scale ?? 0, 6),
        width: round(own?.width ?? 0),
        height: round(own?.height ?? 0),
        weedMinutes: round(weedMinutes, 2),
      };
    }),
    pieces: plan.kits.flatMap((kit) =>
      kit.pieces.map((piece) => ({ id: piece.id, seat: kit.seat, layer: kit.vinyl, sheet: sheetOf.get(piece.id) ?? null, areaMm2: round(piece.areaMm2), counters: piece.counters })),
    ),
    sheets: laidOut.sheets.map((sheet) => ({
      nn: sheet.nn,
      vinyl: sheet.vinyl,
      stock: sheet.stock,
      width: round(sheet.width),
      height: round(sheet.height),
      cutMinutes: round(sheet.cutMinutes, 2),
      loadMinutes: round(sheet.loadMinutes, 2),
      mat: sheet.mat?.mat ?? null,
      share: round(sheet.share, 4),
    })),
    vinyl: laidOut.use.map((use) => ({
      vinyl: use.vinyl,
      loads: use.loads,
      loadsBound: use.loadsBound,
      usedMm2: round(use.usedMm2, 1),
      boundMm2: round(use.boundMm2, 1),
      boxesMm2: round(use.boxesMm2, 1),
      scrapKits: use.scrapKits,
    })),
    splits: splitsOf(plan.kits),
    unplaced: laidOut.unplaced.map((piece) => ({ ...piece })),
    clearanceMm: document.layout.clearance,
    preparation: { cuttingMinutes: round(plan.preparation.cutting, 1), weedingMinutes: round(plan.preparation.weeding, 1), packingMinutes: round(plan.preparation.packing, 1) },
    supplies: plan.supplies.map((line) => ({
      id: line.id,
      name: line.name,
      unit: line.unit,
      perSeat: round(line.perSeat),
      need: round(line.need),
      have: round(line.have),
      packs: line.packs,
      buy: round(line.buy),
      leftAfter: round(line.leftAfter),
      buyPrice: line.buyPrice,
    })),
    cost: { currency: document.prices.currency, ...plan.cost },
    runSheet: {
      endMinute: plan.runSheet.endMinute,
      bound: plan.runSheet.bound,
      steps: plan.runSheet.steps.map((step) => ({
        id: step.id,
        title: titles.get(step.id) ?? step.id,
        startMinute: step.startMinute,
        minutes: step.minutes,
        waves: step.waves,
        slack: step.slack,
        critical: step.critical,
      })),
    },
    deadlines: plan.deadlines.map((deadline) => ({ ...deadline })),
    findings: plan.findings.map((finding) => ({
      ...finding,
      where: { ...finding.where },
      values: roundedValues(finding.values),
      remedies: finding.remedies.map((remedy) => ({ code: remedy.code, values: roundedValues(remedy.values) })),
    })),
  };
}

function splitsOf(kits: readonly Kit[]): PlanJson["splits"] {
  const point = ([x, y]: Point): [number, number] => [round(x), round(y)];
  return kits.flatMap((first) => {
    if (first.part?.n !== 1) return [];
    const parts = kits.filter((kit) => kit.seat === first.seat && kit.vinyl === first.vinyl);
    return [
      {
        seat: first.seat,
        layer: first.vinyl,
        parts: parts.map(({ part, pieces }) => ({ n: part?.n ?? 1, pieces: pieces.map(({ id }) => id), marks: (part?.marks ?? []).map(point) })),
        seams: first.part.seams.map(({ line: [from, to], through }) => ({ from: point(from), to: point(to), through: [...through] })),
      },
    ];
  });
}

function roundedValues(from: Readonly<Record<string, string | number>>): Record<string, string | number> {
  return Object.fromEntries(Object.entries(from).map(([key, value]) => [key, typeof value === "number" ? round(value) : value]));
}
