/**
 * The plan as a JSON document, described in docs/formats.md. Numbers rounded to what they mean; no
 * geometry.
 */
import * as z from "zod";
import { thingDocument } from "../document/thing-document.ts";
import { SEVERITY_ORDER } from "../findings/finding.ts";
import { fillableSlots } from "../lettering/recipe-reads.ts";
import { factsSchema } from "../stages/facts.ts";
import type { Plan } from "../stages/stages.ts";
import { costJson, costSchema } from "../supplies/cost-json.ts";
import { TECHNIQUES } from "../weeding/techniques.ts";
import { placingJson, round, sharesJson, splitsOf } from "./plan-json-kits.ts";
import { factsJson, preparationJson, reasonsJson } from "./plan-json-preparation.ts";
import { thingJson } from "./plan-json-things.ts";

const values = z.record(z.string(), z.union([z.string(), z.number()]));
const where = z
  .strictObject({
    seat: z.string(),
    piece: z.string(),
    step: z.string(),
    sheet: z.number(),
    field: z.string(),
    line: z.number(),
    vinyl: z.string(),
    thing: z.string(),
  })
  .partial();
const faceJson = z.strictObject({
  width: z.number(),
  height: z.number(),
  margin: z.number(),
  marginRule: z.string(),
});
const sizingJson = z.strictObject({
  school: z.string(),
  bindingSeat: z.string().nullable(),
  bindingBy: z.string().nullable(),
});
const thing = z.string().optional().describe("left out where the class makes one thing");

export const planJsonSchema = z.strictObject({
  format: z.literal("elm-basket/plan"),
  version: z.literal(1),
  title: z.string(),
  face: faceJson.describe("of the first thing"),
  sizing: sizingJson.describe("of the first thing"),
  things: z.array(
    z.strictObject({
      id: z.string(),
      title: z.string(),
      technique: z.enum(TECHNIQUES),
      seats: z.number(),
      face: faceJson,
      sizing: sizingJson,
      letterMm: z.number().nullable().describe("letter height of the first line as cut"),
      most: z.number().nullable().describe("scale at which other things of the set hold it"),
    }),
  ),
  seats: z.array(
    z.strictObject({
      seat: z.string(),
      label: z.string(),
      fields: z.record(z.string(), z.string()),
      scale: z.number(),
      width: z.number(),
      height: z.number(),
      weedMinutes: z.number(),
      missing: z.array(z.string()).describe("slots that are empty where others have them"),
      things: z
        .array(
          z.strictObject({
            thing: z.string(),
            count: z.number(),
            scale: z.number(),
            width: z.number(),
            height: z.number(),
          }),
        )
        .optional()
        .describe("left out where the class makes one thing"),
    }),
  ),
  pieces: z.array(
    z.strictObject({
      id: z.string(),
      seat: z.string(),
      thing,
      copy: z.number().optional().describe("where a seat makes several of the thing"),
      layer: z.string(),
      sheet: z.number().nullable(),
      areaMm2: z.number(),
      counters: z.number().describe("insides of the film that must be taken out"),
      goes: z
        .enum(["stays", "out"])
        .describe("whether the piece stays or is taken out of the film and painted"),
    }),
  ),
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
  thingShares: z
    .array(
      z.strictObject({
        thing: z.string().nullable().describe("null: what all things share"),
        made: z.number(),
        kits: z.number(),
        pieces: z.number(),
        weedMinutes: z.number(),
        cutMinutes: z.number(),
        tape: z.strictObject({ width: z.number(), height: z.number() }),
        materials: z
          .number()
          .describe("value of what is used up, minor units, of what has a price"),
        missing: z.array(z.string()),
      }),
    )
    .optional()
    .describe("left out where the class makes one thing"),
  vinyl: z.array(
    z.strictObject({
      vinyl: z.string(),
      loads: z.number(),
      loadsBound: z.number(),
      usedMm2: z.number(),
      boundMm2: z.number(),
      boxesMm2: z.number(),
      scrapKits: z.number(),
    }),
  ),
  splits: z
    .array(
      z.strictObject({
        seat: z.string(),
        thing,
        layer: z.string(),
        parts: z.array(
          z.strictObject({
            n: z.number(),
            pieces: z.array(z.string()),
            marks: z.array(z.tuple([z.number(), z.number()])),
          }),
        ),
        seams: z.array(
          z.strictObject({
            from: z.tuple([z.number(), z.number()]),
            to: z.tuple([z.number(), z.number()]),
            through: z.array(z.string()),
          }),
        ),
      }),
    )
    .describe("kits longer than a load: their parts, in the design's own coordinates, mm"),
  unplaced: z.array(z.strictObject({ id: z.string(), reason: z.string() })),
  placing: z
    .array(
      z.strictObject({
        seat: z.string(),
        thing,
        left: z.number().nullable(),
        right: z.number().nullable(),
        above: z.number(),
        below: z.number(),
        underRim: z.number().optional(),
        arcFromHandle: z.number().optional(),
        order: z
          .array(z.string())
          .describe("films in which order, the lowest first; of long designs the parts"),
      }),
    )
    .describe("from the edges of a flat piece, or from rim and foot, to the outermost letters, mm"),
  clearanceMm: z.number(),
  evenings: z
    .strictObject({
      cuttingMinutes: z.number(),
      weedingMinutes: z.number(),
      packingMinutes: z.number(),
      blanksMinutes: z.number(),
    })
    .describe("the host's work before the class"),
  preparation: z
    .array(
      z.strictObject({
        id: z.string(),
        title: z.string(),
        thing,
        minutes: z.number(),
        after: z.array(z.string()),
        waitMinutes: z.number(),
        rounds: z.number().describe("in which pieces rest, because not all have room at once"),
        date: z
          .string()
          .nullable()
          .describe("the evening on which it is begun; null where the days before do not suffice"),
        evenings: z.array(z.strictObject({ date: z.string(), minutes: z.number() })),
      }),
    )
    .describe("work on the blanks, dated backwards from the day on which they have to be ready"),
  reasons: z
    .array(
      z.strictObject({
        list: z.enum(["steps", "supplies", "preparation", "placing"]),
        id: z.string(),
        because: z.string(),
      }),
    )
    .describe(
      "why a step, a material or a task is as proposed, by its id; and of each thing how it is laid, with the reason",
    ),
  facts: z
    .array(factsSchema.extend({ thing: z.string() }))
    .describe("what of the lettered designs decides minutes, tape and paint"),
  supplies: z.array(
    z.strictObject({
      id: z.string(),
      name: z.string(),
      unit: z.string(),
      perSeat: z.number(),
      need: z.number(),
      have: z.number(),
      packs: z.number(),
      packSize: z.number(),
      price: z.number().nullable().describe("of a pack, minor units"),
      priced: z.boolean(),
      buy: z.number(),
      leftAfter: z.number(),
      buyPrice: z.number(),
    }),
  ),
  cost: costSchema.extend({ currency: z.string() }),
  runSheet: z.strictObject({
    endMinute: z.number(),
    bound: z.number(),
    steps: z.array(
      z.strictObject({
        id: z.string(),
        title: z.string(),
        thing: thing,
        startMinute: z.number(),
        minutes: z.number(),
        waves: z.number(),
        slack: z.number(),
        critical: z.boolean(),
      }),
    ),
  }),
  deadlines: z.array(
    z.strictObject({ code: z.string(), date: z.string(), daysBefore: z.number(), thing }),
  ),
  findings: z.array(
    z.strictObject({
      code: z.string(),
      severity: z.enum(SEVERITY_ORDER as ["stop", "check", "tip"]),
      where,
      values,
      remedies: z.array(z.strictObject({ code: z.string(), values })),
    }),
  ),
});
export type PlanJson = z.infer<typeof planJsonSchema>;

export function planJson(plan: Plan): PlanJson {
  const { document, laidOut } = plan;
  const sheetOf = new Map(
    laidOut.sheets.flatMap((sheet) =>
      sheet.kits.flatMap((kit) => kit.pieces.map((piece) => [piece.id, sheet.nn] as const)),
    ),
  );
  const titles = new Map(document.steps.map((step) => [step.id, step.title]));
  const thingsOfSteps = new Map(document.steps.map((step) => [step.id, step.thing]));
  const several = plan.things.length > 1;
  const things = plan.things.map((own) => thingJson(document, own));
  const views = plan.things.map((own) => ({
    own,
    seats: new Map(own.lettered.seats.map((seat) => [seat.seat, seat])),
    view: thingDocument(document, own.id),
  }));
  const weedMinutes = new Map<string, number>();
  for (const kit of plan.kits)
    weedMinutes.set(kit.seat, (weedMinutes.get(kit.seat) ?? 0) + kit.weed.minutes);
  const counts = views.map(({ view }) => new Map(view.seats.map((row) => [row.seat, row])));
  const slots = views.map(({ view }) =>
    fillableSlots(view.design).filter(({ slot }) =>
      view.seats.some(({ fields }) => fields[slot]?.trim()),
    ),
  );
  return {
    format: "elm-basket/plan",
    version: 1,
    title: document.title,
    face: (things[0] as PlanJson["things"][number]).face,
    sizing: (things[0] as PlanJson["things"][number]).sizing,
    things,
    seats: document.seats.map(({ seat, fields }) => {
      const made = views.flatMap(({ own, seats }, i) => {
        const row = counts[i]?.get(seat);
        const lettered = seats.get(seat);
        return row
          ? [
              {
                thing: own.id,
                count: row.count,
                scale: round(lettered?.scale ?? 0, 6),
                width: round(lettered?.width ?? 0),
                height: round(lettered?.height ?? 0),
              },
            ]
          : [];
      });
      const missing = new Set(
        slots.flatMap((own, i) =>
          own.flatMap(({ slot }) =>
            counts[i]?.has(seat) && !counts[i].get(seat)?.fields[slot]?.trim() ? [slot] : [],
          ),
        ),
      );
      return {
        seat,
        label: plan.labels.get(seat) ?? seat,
        fields,
        scale: made[0]?.scale ?? 0,
        width: made[0]?.width ?? 0,
        height: made[0]?.height ?? 0,
        weedMinutes: round(weedMinutes.get(seat) ?? 0, 2),
        missing: [...missing],
        ...(several ? { things: made } : {}),
      };
    }),
    pieces: plan.kits.flatMap((kit) =>
      kit.pieces.map((piece) => ({
        id: piece.id,
        seat: kit.seat,
        ...(several ? { thing: kit.thing } : {}),
        ...(kit.copy > 1 ? { copy: kit.copy } : {}),
        layer: kit.vinyl,
        sheet: sheetOf.get(piece.id) ?? null,
        areaMm2: round(piece.areaMm2),
        counters: kit.goes === "out" ? 0 : piece.counters,
        goes: kit.goes,
      })),
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
    ...(several ? { thingShares: sharesJson(plan) } : {}),
    vinyl: laidOut.use.map((use) => ({
      vinyl: use.vinyl,
      loads: use.loads,
      loadsBound: use.loadsBound,
      usedMm2: round(use.usedMm2, 1),
      boundMm2: round(use.boundMm2, 1),
      boxesMm2: round(use.boxesMm2, 1),
      scrapKits: use.scrapKits,
    })),
    splits: splitsOf(plan.kits, several),
    unplaced: laidOut.unplaced.map((piece) => ({ ...piece })),
    placing: placingJson(plan),
    clearanceMm: document.layout.clearance,
    evenings: {
      cuttingMinutes: round(plan.preparation.cutting, 1),
      weedingMinutes: round(plan.preparation.weeding, 1),
      packingMinutes: round(plan.preparation.packing, 1),
      blanksMinutes: round(plan.preparation.blanks, 1),
    },
    preparation: preparationJson(plan),
    reasons: reasonsJson(plan),
    facts: [...plan.facts].map(([id, facts]) => factsJson(id, facts)),
    supplies: plan.supplies.map((line) => ({
      id: line.id,
      name: line.name,
      unit: line.unit,
      perSeat: round(line.perSeat),
      need: round(line.need),
      have: round(line.have),
      packs: line.packs,
      packSize: line.packSize,
      price: line.price === null ? null : round(line.price, 2),
      priced: line.priced,
      buy: round(line.buy),
      leftAfter: round(line.leftAfter),
      buyPrice: line.buyPrice,
    })),
    cost: { currency: document.prices.currency, ...costJson(plan.cost) },
    runSheet: {
      endMinute: plan.runSheet.endMinute,
      bound: plan.runSheet.bound,
      steps: plan.runSheet.steps.map((step) => ({
        id: step.id,
        title: titles.get(step.id) ?? step.id,
        ...(several && thingsOfSteps.get(step.id) ? { thing: thingsOfSteps.get(step.id) } : {}),
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
      remedies: finding.remedies.map((remedy) => ({
        code: remedy.code,
        values: roundedValues(remedy.values),
      })),
    })),
  };
}

function roundedValues(
  from: Readonly<Record<string, string | number | undefined>>,
): Record<string, string | number> {
  return Object.fromEntries(
    Object.entries(from).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, typeof value === "number" ? round(value) : value]],
    ),
  );
}
