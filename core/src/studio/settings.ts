/** What a studio starts new classes from, and which of the accepted ways of working are its own. */
import { z } from "zod";
import { HANDLE_SCHOOLS } from "../blanks/blank.ts";
import { isDate } from "../calendar/dates.ts";
import { MOST_EVENING_MINUTES } from "../calendar/evenings.ts";
import { CUTTER_PROFILES, cutterSchema } from "../cutting/cutter.ts";
import { pricesSchema } from "../supplies/price.ts";
import { CLOCKS } from "../units/time.ts";
import { VINYL_FAMILIES, vinylColour } from "../weeding/vinyl.ts";

export const WEEKDAYS = [
  "monday",
  "tuesday",
  "wednesday",
  "thursday",
  "friday",
  "saturday",
  "sunday",
] as const;
export type Weekday = (typeof WEEKDAYS)[number];

/** Where good practitioners differ: every way is sound, and the studio has its own. */
export const SCHOOLS = {
  cupSide: HANDLE_SCHOOLS,
  sizing: ["longest", "sameWidth", "fillBox", "fixedHeight"],
  trim: ["first", "whole"],
  edgeSeal: ["ground", "medium", "clearCoat", "none"],
  peel: ["damp", "dry"],
  weedOn: ["mat", "off"],
  overCoat: ["never", "edges"],
  dishwasher: ["never", "bold"],
  mats: ["wash", "replace"],
  layers: ["gathered", "single"],
  longParts: ["joined", "single"],
  rawWood: ["seal", "bare"],
  glitterOnGlass: ["strong", "low"],
} as const;
export type SchoolName = keyof typeof SCHOOLS;

export const schoolsSchema = z.strictObject({
  cupSide: z.enum(SCHOOLS.cupSide).default("drinker"),
  sizing: z.enum(SCHOOLS.sizing).default("longest"),
  trim: z.enum(SCHOOLS.trim).default("first"),
  edgeSeal: z.enum(SCHOOLS.edgeSeal).default("ground"),
  peel: z.enum(SCHOOLS.peel).default("damp"),
  weedOn: z.enum(SCHOOLS.weedOn).default("mat"),
  overCoat: z.enum(SCHOOLS.overCoat).default("never"),
  dishwasher: z.enum(SCHOOLS.dishwasher).default("never"),
  mats: z.enum(SCHOOLS.mats).default("replace"),
  layers: z.enum(SCHOOLS.layers).default("gathered"),
  longParts: z.enum(SCHOOLS.longParts).default("joined"),
  rawWood: z.enum(SCHOOLS.rawWood).default("seal"),
  glitterOnGlass: z.enum(SCHOOLS.glitterOnGlass).default("strong"),
});
export type Schools = z.infer<typeof schoolsSchema>;

const dayText = z.string().refine(isDate, "a day such as 2026-12-24");
export const MOST_DAYS_OFF = 60;
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
  /** The film that a new class has until the host says otherwise; null where every class is asked. */
  film: z
    .strictObject({ name: z.string().max(80), family: z.enum(VINYL_FAMILIES), colour: vinylColour })
    .nullable()
    .default(null),
  tack: z.enum(["low", "medium", "strong"]).default("medium"),
  schools: schoolsSchema.prefault({}),
});
export type StudioSettings = z.infer<typeof studioSettingsSchema>;

/** What was stored before a setting existed has its default; what no longer fits is passed over. */
export function readSettings(stored: unknown): StudioSettings {
  const read = studioSettingsSchema.safeParse(stored ?? {});
  return read.success ? read.data : studioSettingsSchema.parse({});
}
