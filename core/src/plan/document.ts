/** The class document: one JSON file that describes a class completely. Described in docs/formats.md. */
import { z } from "zod";
import { useSchema } from "../advice/film-choice.ts";
import { blankSchema } from "../blanks/blank.ts";
import { isDate, isZone } from "../calendar/dates.ts";
import { cutterSchema } from "../cutting/cutter.ts";
import { designSchema, exceptionSchema, slotName, slotsOf, vinylId, vinylsOfItem } from "../lettering/recipe.ts";
import { LONGEST_FIELD, MOST_SEATS } from "../roster/roster.ts";
import { stepSchema, toolSchema } from "../scheduling/step.ts";
import { pricesSchema } from "../supplies/price.ts";
import { supplySchema } from "../supplies/supply.ts";
import { vinylSchema } from "../weeding/vinyl.ts";
import { scrapSchema } from "./scrap.ts";

export const seatId = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$/u, "a seat such as 1 or A-4");

export const whenSchema = z.strictObject({
  date: z.string().refine(isDate, "a date like 2026-12-05"),
  time: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/u, "a time like 14:00"),
  zone: z.string().refine(isZone, "a time zone like Europe/London"),
  minutes: z
    .number()
    .int()
    .min(10)
    .max(24 * 60)
    .default(120)
    .describe("planned length"),
});

const seatSchema = z.strictObject({
  seat: seatId,
  fields: z.record(slotName, z.string().max(LONGEST_FIELD)),
  /** In which hand the cup is held: decides on which side the handle is. */
  hand: z.enum(["left", "right"]).optional(),
  /** What this seat has of its own, by item of the design. */
  own: z.record(z.string().max(40), exceptionSchema).optional(),
});

/** Where a kit was laid: on a scrap (`scrap K-07`) or a load of fresh film (`sheet-1`), in that film's own coordinates. */
const keptSchema = z.strictObject({
  kit: z.string().max(40).describe("its seat, and of a kit in parts the part: 3.2"),
  vinyl: vinylId,
  bin: z.string().max(40),
  x: z.number().min(-100_000).max(100_000),
  y: z.number().min(-100_000).max(100_000),
  turn: z.number().min(0).max(359.999),
  hand: z.boolean().default(false).describe("laid by hand: stays when the rest is laid again"),
});

/** Every seat in every vinyl, with spares: a search over a whole craft-along is kept whole. */
const MOST_KEPT = 15_000;

export const layoutSchema = z.strictObject({
  mode: z.enum(["trimmer", "tight", "bySeat"]).default("trimmer"),
  clearance: z.number().min(0).max(50).default(2),
  weedPad: z.number().min(0.5).max(50).default(4),
  mayTurn: z.boolean().default(true),
  counters: z.boolean().default(false).describe("small kits may lie in the counters of others, when laid tight"),
  anyAngle: z.boolean().default(false).describe("turns in steps of 30 degrees, when laid tight"),
  split: z.boolean().default(true).describe("kits longer than a load are cut in parts"),
  splitOverlap: z.number().min(0).max(20).default(2).describe("how far the halves of a piece that is cut through overlap"),
  lighterIntricate: z.boolean().default(true).describe("thin and tiny parts are cut lighter and slower"),
  useScraps: z.boolean().default(true),
  shareMat: z.boolean().default(false).describe("films of several colours lie beside each other on one mat, when cut off to size"),
  trim: z.boolean().default(true).describe("cut the exact rectangle off first, or lay the whole sheet on the mat"),
  seconds: z.number().min(0.05).max(60).default(0.6).describe("how long to search for a tight layout"),
  seed: z.number().int().min(0).max(1e9).default(1),
  kept: z.array(keptSchema).max(MOST_KEPT).default([]).describe("kits laid by hand, or kept from a longer search"),
});

const leadSchema = z.partialRecord(z.enum(["orderBy", "namesLockedBy", "prepareBlanksBy", "cutBy", "weedBy", "packBy", "postBy"]), z.number().int().min(0).max(365));

export const classDocumentSchema = z
  .strictObject({
    format: z.literal("elm-basket/class"),
    version: z.literal(1),
    title: z.string().trim().min(1).max(120),
    summary: z.string().max(600).default(""),
    technique: z.enum(["decal", "stencil"]).default("decal"),
    when: whenSchema,
    setting: z.strictObject({ kind: z.enum(["room", "craftAlong"]), place: z.string().max(160).default("") }),
    leadDays: leadSchema.optional(),
    blank: blankSchema,
    use: useSchema.default({ washing: "none", outdoors: false, months: 24, paintedOver: false }),
    vinyls: z.array(vinylSchema).min(1).max(12),
    cutter: cutterSchema,
    design: designSchema,
    seats: z.array(seatSchema).max(MOST_SEATS),
    /** Extra cut kits, for the hardest names. */
    spareKits: z.number().int().min(0).max(100).default(0),
    /** Spare blanks and consumables, whole kits. */
    spareSupplies: z.number().int().min(0).max(100).default(0),
    layout: layoutSchema.prefault({}),
    /** What failed and is cut again, a vinyl of a kit or some pieces of it; those of one round are laid together. A seat that is no longer there is passed over. */
    recuts: z
      .array(
        z.strictObject({
          seat: seatId,
          vinyl: vinylId,
          round: z.number().int().min(1).max(500),
          pieces: z.array(z.number().int().min(1).max(10_000)).min(1).max(500).optional().describe("numbers of the pieces; all when left out"),
        }),
      )
      .max(500)
      .default([]),
    /** The scrap box: used before fresh film. */
    scraps: z.array(scrapSchema).max(120).default([]),
    steps: z.array(stepSchema).max(60),
    tools: z.array(toolSchema).max(40).default([]),
    supplies: z.array(supplySchema).max(200).default([]),
    prices: pricesSchema.default({ currency: "GBP", hourlyRate: 0, venue: 0, margin: 0.3 }),
    /** Findings the host has looked at and left as they are. */
    accepted: z.array(z.string().max(200)).max(2000).default([]),
  })
  .superRefine((document, context) => {
    const issue = (path: (string | number)[], message: string) => context.addIssue({ code: "custom", path, message });
    const refuseTwice = (list: "seats" | "vinyls" | "steps" | "supplies", field: "seat" | "id", values: readonly string[]) => {
      for (const index of repeats(values)) issue([list, index, field], `"${values[index]}" is there twice`);
    };
    refuseTwice(
      "seats",
      "seat",
      document.seats.map(({ seat }) => seat),
    );
    for (const list of ["vinyls", "steps", "supplies"] as const)
      refuseTwice(
        list,
        "id",
        document[list].map(({ id }) => id),
      );
    const vinyls = new Set(document.vinyls.map(({ id }) => id));
    document.design.items.forEach((item, index) => {
      for (const vinyl of vinylsOfItem(item)) if (!vinyls.has(vinyl)) issue(["design", "items", index, "vinyl"], `there is no vinyl "${vinyl}" in this document`);
    });
    document.design.offered.forEach((vinyl, index) => {
      if (!vinyls.has(vinyl)) issue(["design", "offered", index], `there is no vinyl "${vinyl}" in this document`);
    });
    document.scraps.forEach(({ vinyl }, index) => {
      if (!vinyls.has(vinyl)) issue(["scraps", index, "vinyl"], `there is no vinyl "${vinyl}" in this document`);
    });
    for (const index of repeats(document.scraps.map(({ label }) => label))) issue(["scraps", index, "label"], `"${document.scraps[index]?.label}" is there twice`);
    document.seats.forEach(({ own }, index) => {
      for (const [item, { vinyl }] of Object.entries(own ?? {}))
        if (vinyl !== undefined && !vinyls.has(vinyl)) issue(["seats", index, "own", item, "vinyl"], `there is no vinyl "${vinyl}" in this document`);
    });
    const slots = new Set([...slotsOf(document.design), "name", "word", "number"]);
    document.seats.forEach(({ fields }, index) => {
      for (const slot of Object.keys(fields)) if (!slots.has(slot)) issue(["seats", index, "fields", slot], `the design has no slot "${slot}"`);
    });
    checkSteps(document.steps, document.tools, issue);
  });
export type ClassDocument = z.infer<typeof classDocumentSchema>;

/** Indexes of values that stood earlier in the list. */
function repeats(values: readonly string[]): number[] {
  const seen = new Set<string>();
  return values.flatMap((value, index) => {
    const again = seen.has(value);
    seen.add(value);
    return again ? [index] : [];
  });
}

function checkSteps(steps: ClassDocument["steps"], tools: ClassDocument["tools"], issue: (path: (string | number)[], message: string) => void): void {
  const earlier = new Set<string>();
  steps.forEach((step, index) => {
    for (const [i, { step: before }] of (step.after ?? []).entries()) if (!earlier.has(before)) issue(["steps", index, "after", i, "step"], `"${before}" is no earlier step`);
    if (step.who === "queue" && !tools.some(({ id }) => id === step.tool)) issue(["steps", index, "tool"], "a step with a queue names one of the tools");
    earlier.add(step.id);
  });
}

export type Checked<T> = { ok: true; value: T } | { ok: false; path: string; message: string };

/** Reads unknown JSON as a class document; the first fault is named by its JSON path. */
export function readClassDocument(json: unknown): Checked<ClassDocument> {
  const result = classDocumentSchema.safeParse(json);
  if (result.success) return { ok: true, value: result.data };
  const first = result.error.issues[0];
  return { ok: false, path: jsonPath(first?.path ?? []), message: first?.message ?? "not a class document" };
}

export function jsonPath(path: readonly PropertyKey[]): string {
  return path.reduce<string>((text, part) => (typeof part === "number" ? `${text}[${part}]` : `${text}.${String(part)}`), "$");
}
