/**
 * The class document: one JSON file that describes a class completely. Described in
 * docs/formats.md.
 */
import * as z from "zod";
import { blankSchema } from "../blanks/blank.ts";
import { finishingSchema } from "../blanks/finishing.ts";
import { blankShapeSchema } from "../blanks/shape.ts";
import { isDate } from "../calendar/dates.ts";
import { isZone } from "../calendar/zone-names.ts";
import { cutterSchema } from "../cutting/cutter.ts";
import { figuresSchema } from "../figures/figures.ts";
import { designSchema, exceptionSchema, slotName, stencilSchema } from "../lettering/recipe.ts";
import { LONGEST_FIELD, MOST_SEATS } from "../roster/roster.ts";
import { stepSchema, toolSchema } from "../scheduling/step.ts";
import { GATES, MOST_STEPS } from "../scheduling/step-kinds.ts";
import { taskSchema } from "../scheduling/task.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { pricesSchema } from "../supplies/price.ts";
import { supplySchema } from "../supplies/supply.ts";
import { TECHNIQUES } from "../weeding/techniques.ts";
import { vinylSchema } from "../weeding/vinyl.ts";
import { vinylId } from "../weeding/vinyl-id.ts";
import { checkDocument } from "./document-checks.ts";
import {
  HANDED_OVER,
  MOST_THINGS,
  ONLY_THING,
  SEAT_ID,
  SET_SIZINGS,
  USUAL_REHEARSAL,
} from "./document-kinds.ts";
import { scrapSchema } from "./scrap.ts";
import { useSchema } from "./use.ts";

export const seatId = z.string().regex(SEAT_ID, "a seat such as 1 or A-4");

/** A thing of the class: short, because it stands in the names of kits. */
export const thingId = z
  .string()
  .regex(/^[a-z][a-z0-9]{0,30}$/u, "lower-case letters and digits, such as cup");
export const choiceName = z
  .string()
  .regex(/^[a-z][a-z0-9]{0,30}$/u, "lower-case letters and digits, such as board");

/** Twelve things, each painted thrice on both faces and framed, come to some 130. */
const MOST_TASKS = 200;

const thingSchema = z.strictObject({
  id: thingId,
  title: z.string().trim().min(1).max(60),
  technique: z.enum(TECHNIQUES).default("decal"),
  blank: blankSchema,
  design: designSchema,
  use: useSchema
    .optional()
    .describe("what this thing goes through, where it is not what the others do"),
  perSeat: z.number().int().min(1).max(20).default(1),
  prepareDays: z
    .number()
    .int()
    .min(0)
    .max(365)
    .optional()
    .describe(
      "days before the class by which its blanks are ready, where that is not as for the others",
    ),
  brought: z
    .boolean()
    .optional()
    .describe(
      "each brings their own, measured one by one; the blank here stands for those that are not measured yet",
    ),
  sideOf: thingId.optional().describe("the thing of whose object this is another side"),
  finishing: z
    .array(finishingSchema)
    .max(8)
    .optional()
    .describe("what is put on it in the end; worked out from what it is when left out"),
  choice: choiceName
    .optional()
    .describe("things with the same choice are alternatives: a seat makes one of them"),
});
export type Thing = z.infer<typeof thingSchema>;

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

/** What one seat has of its own, by item of a design. */
const ownSchema = z.record(z.string().max(40), exceptionSchema);

/** A slot of the class (`word`), or of one thing only (`cup.word`), which goes before it. */
const fieldName = z
  .string()
  .regex(
    /^([a-z][a-z0-9]{0,30}\.)?[a-z][a-z0-9_]{0,30}$/u,
    "a column name such as word, or cup.word for one thing",
  );

const seatFields = {
  seat: seatId,
  /** In which hand the cup is held: decides on which side the handle is. */
  hand: z.enum(["left", "right"]).optional(),
};

/** Version 1: one design, so what a seat has of its own stands at the seat. */
const seatSchemaV1 = z.strictObject({
  ...seatFields,
  fields: z.record(slotName, z.string().max(LONGEST_FIELD)),
  own: ownSchema.optional(),
});

const seatSchema = z.strictObject({
  ...seatFields,
  fields: z.record(fieldName, z.string().max(LONGEST_FIELD)),
  /**
   * By thing: its own settings, the piece it brings, and how many of it this seat makes where that
   * is not as planned.
   */
  things: z
    .record(
      thingId,
      z.strictObject({
        own: ownSchema.optional(),
        count: z.number().int().min(0).max(20).optional(),
        shape: blankShapeSchema.optional().describe("of the piece this seat brings"),
      }),
    )
    .optional(),
  /**
   * By the name of the choice: which of the alternatives this seat makes; the first of them when
   * left out.
   */
  choices: z.record(choiceName, thingId).optional(),
});

/**
 * Where a kit was laid: on a scrap (`scrap K-07`) or a load of fresh film (`sheet-1`), in that
 * film's own coordinates.
 */
const keptSchema = z.strictObject({
  kit: z
    .string()
    .max(90)
    .describe(
      "its seat, and of a kit in parts the part: 3.2; where there are more, the thing and the copy: 3+cup+2.1",
    ),
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
  mode: z.enum(["trimmer", "tight", "bySeat", "byThing"]).default("trimmer"),
  clearance: z.number().min(0).max(50).default(2),
  weedPad: z.number().min(0.5).max(50).default(4),
  mayTurn: z.boolean().default(true),
  counters: z
    .boolean()
    .default(false)
    .describe("small kits may lie in the counters of others, when laid tight"),
  anyAngle: z.boolean().default(false).describe("turns in steps of 30 degrees, when laid tight"),
  split: z.boolean().default(true).describe("kits longer than a load are cut in parts"),
  splitOverlap: z
    .number()
    .min(0)
    .max(20)
    .default(2)
    .describe("how far the halves of a piece that is cut through overlap"),
  lighterIntricate: z
    .boolean()
    .default(true)
    .describe("thin and tiny parts are cut lighter and slower"),
  useScraps: z.boolean().default(true),
  shareMat: z
    .boolean()
    .default(false)
    .describe("films of several colours lie beside each other on one mat, when cut off to size"),
  trim: z
    .boolean()
    .default(true)
    .describe("cut the exact rectangle off first, or lay the whole sheet on the mat"),
  seconds: z
    .number()
    .min(0.05)
    .max(60)
    .default(0.6)
    .describe("how long to search for a tight layout"),
  seed: z.number().int().min(0).max(1e9).default(1),
  kept: z
    .array(keptSchema)
    .max(MOST_KEPT)
    .default([])
    .describe("kits laid by hand, or kept from a longer search"),
});

const was = z
  .record(z.string().max(20), z.unknown())
  .optional()
  .describe("what was proposed where the host says otherwise");
const takenSchema = z.array(z.strictObject({ id: z.string().max(45), was })).max(400);

/**
 * What of the lists was taken from a proposal; an id that is not in its list any more was taken out
 * by the host.
 */
export const proposedSchema = z.strictObject({
  steps: takenSchema.default([]),
  supplies: takenSchema.default([]),
  preparation: takenSchema.default([]),
});
export type Proposed = z.infer<typeof proposedSchema>;

/** What a rehearsal takes for granted where nothing is known: first guesses. */
export const rehearsalSchema = z.strictObject({
  gate: z
    .enum(GATES)
    .default(USUAL_REHEARSAL.gate)
    .describe("when the room goes on, where a step does not say"),
  lateShare: z
    .number()
    .min(0)
    .max(1)
    .default(USUAL_REHEARSAL.lateShare)
    .describe("of the seats, that come late"),
  lateMinutes: z
    .number()
    .min(0)
    .max(240)
    .default(USUAL_REHEARSAL.lateMinutes)
    .describe("by which they do, in the mean"),
  stuckShare: z
    .number()
    .min(0)
    .max(1)
    .default(USUAL_REHEARSAL.stuckShare)
    .describe("chance that a seat needs help at a step"),
  stuckMinutes: z
    .number()
    .min(0)
    .max(60)
    .default(USUAL_REHEARSAL.stuckMinutes)
    .describe("of help it then takes, in the mean"),
});
export type RehearsalWays = z.infer<typeof rehearsalSchema>;

const leadSchema = z.partialRecord(
  z.enum(["orderBy", "namesLockedBy", "prepareBlanksBy", "cutBy", "weedBy", "packBy", "postBy"]),
  z.number().int().min(0).max(365),
);

const common = {
  format: z.literal("elm-basket/class"),
  title: z.string().trim().min(1).max(120),
  summary: z.string().max(600).default(""),
  when: whenSchema,
  setting: z.strictObject({
    kind: z.enum(["room", "craftAlong"]),
    place: z.string().max(160).default(""),
    helpers: z.number().int().min(0).max(20).optional().describe("beside the host"),
  }),
  leadDays: leadSchema.optional(),
  use: useSchema.default({ washing: "none", outdoors: false, months: 24, paintedOver: false }),
  vinyls: z.array(vinylSchema).min(1).max(12),
  cutter: cutterSchema,
  setSizing: z
    .enum(SET_SIZINGS)
    .optional()
    .describe(
      "of several things: each by itself (when left out), one letter height through the set, or the same share of each face",
    ),
  /** Extra cut kits, for the hardest names. */
  spareKits: z.number().int().min(0).max(100).default(0),
  /** Spare blanks and consumables, whole kits. */
  spareSupplies: z.number().int().min(0).max(100).default(0),
  layout: layoutSchema.prefault({}),
  /** The scrap box: used before fresh film. */
  scraps: z.array(scrapSchema).max(120).default([]),
  handsOver: z
    .enum(HANDED_OVER)
    .optional()
    .describe("how far kits are made ready before the class: weeded when left out"),
  practised: z.boolean().optional().describe("those who take part have done it before"),
  fromEnd: z
    .boolean()
    .optional()
    .describe("the run sheet is counted back from the end: each step as late as may be"),
  schools: schoolsSchema
    .partial()
    .optional()
    .describe("ways of this class, where they are not the studio's"),
  steps: z.array(stepSchema).max(MOST_STEPS).default([]),
  preparation: z.array(taskSchema).max(MOST_TASKS).default([]),
  proposed: proposedSchema.optional(),
  rehearsal: rehearsalSchema.optional(),
  figures: figuresSchema
    .optional()
    .describe("what the studio's own log says, in the place of first guesses"),
  tools: z.array(toolSchema).max(40).default([]),
  supplies: z.array(supplySchema).max(200).default([]),
  prices: pricesSchema.default({ currency: "GBP", hourlyRate: 0, venue: 0, margin: 0.3 }),
  /** Findings the host has looked at and left as they are. */
  accepted: z.array(z.string().max(200)).max(2000).default([]),
};

/**
 * What failed and is cut again, a vinyl of a kit or some pieces of it; those of one round are laid
 * together. A seat that is no longer there is passed over.
 */
const recutV1 = {
  seat: seatId,
  vinyl: vinylId,
  round: z.number().int().min(1).max(500),
  pieces: z
    .array(z.number().int().min(1).max(10_000))
    .min(1)
    .max(500)
    .optional()
    .describe("numbers of the pieces; all when left out"),
};
const MOST_RECUTS = 500;

/** Documents of the first version: one blank, one design. Read for ever, written no more. */
export const classDocumentV1Schema = z.strictObject({
  ...common,
  version: z.literal(1),
  technique: z.enum(["decal", "stencil"]).default("decal"),
  blank: blankSchema,
  design: designSchema,
  seats: z.array(seatSchemaV1).max(MOST_SEATS),
  recuts: z.array(z.strictObject(recutV1)).max(MOST_RECUTS).default([]),
});
type ClassDocumentV1 = z.infer<typeof classDocumentV1Schema>;

export const classDocumentSchema = z
  .strictObject({
    ...common,
    version: z.literal(2),
    things: z.array(thingSchema).min(1, "a class makes at least one thing").max(MOST_THINGS),
    seats: z.array(seatSchema).max(MOST_SEATS),
    recuts: z
      .array(
        z.strictObject({
          ...recutV1,
          thing: thingId.optional().describe("the first when left out"),
          copy: z.number().int().min(1).max(20).default(1),
        }),
      )
      .max(MOST_RECUTS)
      .default([]),
  })
  .superRefine((document, context) =>
    checkDocument(document, (path, message) => context.addIssue({ code: "custom", path, message })),
  );
export type ClassDocument = z.infer<typeof classDocumentSchema>;

/** In version 1 a price of nothing was what stood where nobody had said one. */
const unpriced = <T extends { price?: number | undefined }>(given: T): T => {
  const { price: _, ...rest } = given;
  return given.price ? given : (rest as T);
};

const TITLE_LENGTH = 60;

/** A document of version 1 as the newest version: one thing, called by its blank. */
export function upgraded({
  version: _,
  technique,
  blank,
  design,
  seats,
  ...rest
}: ClassDocumentV1): z.input<typeof classDocumentSchema> {
  // Film was kept round the letters only where the design said how much; otherwise as much as is
  // weeded round a decal.
  const stencil =
    technique === "stencil"
      ? (design.stencil ?? stencilSchema.parse({ filmMargin: Math.max(2, rest.layout.weedPad) }))
      : undefined;
  return {
    ...rest,
    version: 2,
    vinyls: rest.vinyls.map((vinyl) => ({ ...vinyl, stock: unpriced(vinyl.stock) })),
    supplies: rest.supplies.map((supply) => ({ ...supply, pack: unpriced(supply.pack) })),
    things: [
      {
        id: ONLY_THING,
        title: blank.name.slice(0, TITLE_LENGTH),
        technique: technique === "stencil" ? "openStencil" : "decal",
        blank,
        design: stencil ? { ...design, stencil } : design,
        perSeat: 1,
      },
    ],
    seats: seats.map(({ own, ...seat }) =>
      own ? { ...seat, things: { [ONLY_THING]: { own } } } : seat,
    ),
  };
}

export type Checked<T> = { ok: true; value: T } | { ok: false; path: string; message: string };

/**
 * Reads unknown JSON of any version as a class document; the first fault is named by its JSON path
 * in what was given.
 */
export function readClassDocument(json: unknown): Checked<ClassDocument> {
  if (
    isObject(json) &&
    json.format === "elm-basket/class" &&
    json.version !== 1 &&
    json.version !== 2
  )
    return {
      ok: false,
      path: "$.version",
      message: `this reads the versions 1 and 2${typeof json.version === "number" && json.version > 2 ? "; the document is of a newer one" : ""}`,
    };
  const old = isObject(json) && json.version === 1 ? classDocumentV1Schema.safeParse(json) : null;
  if (old && !old.success) return fault(old.error);
  const result = classDocumentSchema.safeParse(old ? upgraded(old.data) : leftOut(json));
  if (result.success) return { ok: true, value: result.data };
  return fault(result.error, old ? asWritten : (path) => path);
}

const PROPOSED_LISTS = ["steps", "supplies", "preparation"] as const;

/**
 * Steps, supplies and preparation that are left out altogether are proposed; an empty list is one
 * that is meant.
 */
function leftOut(json: unknown): unknown {
  if (
    !isObject(json) ||
    Array.isArray(json) ||
    json.proposed !== undefined ||
    json.steps !== undefined ||
    json.supplies !== undefined ||
    json.preparation !== undefined
  )
    return json;
  return { ...json, proposed: Object.fromEntries(PROPOSED_LISTS.map((list) => [list, []])) };
}

const isObject = (json: unknown): json is Readonly<Record<string, unknown>> =>
  typeof json === "object" && json !== null;

function fault(
  error: z.ZodError,
  where: (path: PropertyKey[]) => PropertyKey[] = (path) => path,
): { ok: false; path: string; message: string } {
  const first = error.issues[0];
  return {
    ok: false,
    path: jsonPath(where(first?.path ?? [])),
    message: first?.message ?? "not a class document",
  };
}

/** Where that stood in version 1. */
function asWritten(path: PropertyKey[]): PropertyKey[] {
  if (path[0] === "things") return path.slice(2);
  return path[0] === "seats" && path[2] === "things"
    ? [...path.slice(0, 2), ...path.slice(4)]
    : path;
}

export function jsonPath(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, part) => (typeof part === "number" ? `${text}[${part}]` : `${text}.${String(part)}`),
    "$",
  );
}
