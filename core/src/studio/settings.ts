/** What a studio starts new classes from, and which of the accepted ways of working are its own. */
import * as z from "zod";
import { isDate } from "../calendar/dates.ts";
import { MOST_EVENING_MINUTES } from "../calendar/evenings.ts";
import { cutterSchema } from "../cutting/cutter.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import { pricesSchema } from "../supplies/price.ts";
import { CLOCKS } from "../units/time.ts";
import { VINYL_FAMILIES } from "../weeding/families.ts";
import { vinylColour } from "../weeding/vinyl.ts";
import { MOST_DAYS_OFF, MOST_MONTHS, SCHOOLS, USUAL_SCHOOLS, WEEKDAYS } from "./settings-kinds.ts";

export const schoolsSchema = z.strictObject({
  cupSide: z.enum(SCHOOLS.cupSide).default(USUAL_SCHOOLS.cupSide),
  sizing: z.enum(SCHOOLS.sizing).default(USUAL_SCHOOLS.sizing),
  trim: z.enum(SCHOOLS.trim).default(USUAL_SCHOOLS.trim),
  edgeSeal: z.enum(SCHOOLS.edgeSeal).default(USUAL_SCHOOLS.edgeSeal),
  peel: z.enum(SCHOOLS.peel).default(USUAL_SCHOOLS.peel),
  weedOn: z.enum(SCHOOLS.weedOn).default(USUAL_SCHOOLS.weedOn),
  overCoat: z.enum(SCHOOLS.overCoat).default(USUAL_SCHOOLS.overCoat),
  dishwasher: z.enum(SCHOOLS.dishwasher).default(USUAL_SCHOOLS.dishwasher),
  mats: z.enum(SCHOOLS.mats).default(USUAL_SCHOOLS.mats),
  layers: z.enum(SCHOOLS.layers).default(USUAL_SCHOOLS.layers),
  longParts: z.enum(SCHOOLS.longParts).default(USUAL_SCHOOLS.longParts),
  rawWood: z.enum(SCHOOLS.rawWood).default(USUAL_SCHOOLS.rawWood),
  glitterOnGlass: z.enum(SCHOOLS.glitterOnGlass).default(USUAL_SCHOOLS.glitterOnGlass),
});
export type Schools = z.infer<typeof schoolsSchema>;

const dayText = z.string().refine(isDate, "a day such as 2026-12-24");
const minutes = z.number().int().min(0).max(MOST_EVENING_MINUTES);

export const studioSettingsSchema = z.strictObject({
  prices: pricesSchema
    .pick({ currency: true, hourlyRate: true, venue: true, margin: true })
    .prefault({}),
  /** Free minutes of each weekday; a day that is not named has the usual evening. */
  freeMinutes: z.partialRecord(z.enum(WEEKDAYS), minutes).default({}),
  /** Days on which nothing is done, both ends included. */
  daysOff: z
    .array(
      z
        .strictObject({ from: dayText, to: dayText, why: z.string().trim().max(60).default("") })
        .refine(({ from, to }) => from <= to, { message: "ends before it begins", path: ["to"] }),
    )
    .max(MOST_DAYS_OFF)
    .default([]),
  clock: z.enum(CLOCKS).default("24"),
  weekStart: z.enum(["monday", "sunday"]).default("monday"),
  cutter: cutterSchema.default((CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number]).cutter),
  /**
   * The film that a new class has until the host says otherwise; null where every class is asked.
   */
  film: z
    .strictObject({ name: z.string().max(80), family: z.enum(VINYL_FAMILIES), colour: vinylColour })
    .nullable()
    .default(null),
  tack: z.enum(["low", "medium", "strong"]).default("medium"),
  schools: schoolsSchema.prefault({}),
  /** Months after a class in which participants' names are kept; null as long as the class is. */
  keepNamesMonths: z.number().int().min(1).max(MOST_MONTHS).nullable().default(null),
});
export type StudioSettings = z.infer<typeof studioSettingsSchema>;

/**
 * What was stored before a setting existed has its default; what no longer fits has its default,
 * too, and nothing else is touched by it.
 */
export function readSettings(stored: unknown): StudioSettings {
  const read = studioSettingsSchema.safeParse(stored ?? {});
  if (read.success) return read.data;
  const usual = studioSettingsSchema.parse({});
  if (!isRecord(stored)) return usual;
  const fitting = studioSettingsSchema.safeParse(without(stored, read.error.issues));
  return fitting.success ? fitting.data : usual;
}

/** Each of their parts has a default of its own. */
const GROUPS: ReadonlySet<string> = new Set(["prices", "freeMinutes", "schools"]);

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Each fault takes one setting with it, or one of a group of them: a price, a way of working. */
function without(
  stored: Readonly<Record<string, unknown>>,
  issues: readonly z.core.$ZodIssue[],
): Record<string, unknown> {
  const left = { ...stored };
  for (const { path, ...issue } of issues) {
    // Names that no schema knows stand beside the path of what holds them.
    const unknown = "keys" in issue ? issue.keys.map((key) => [...path, key]) : [path];
    for (const [group, one] of unknown) {
      const within = left[String(group)];
      if (one === undefined || !isRecord(within) || !GROUPS.has(String(group)))
        delete left[String(group)];
      else
        left[String(group)] = Object.fromEntries(
          Object.entries(within).filter(([name]) => name !== String(one)),
        );
    }
  }
  return left;
}
