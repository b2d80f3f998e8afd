/**
 * A wear or wash test: one film on one surface, what it went through, and what became of each
 * sample.
 */
import * as z from "zod";
import { MATERIALS } from "../blanks/blank-kinds.ts";
import { isDate } from "../calendar/dates.ts";
import { MOST_SAMPLES, OUTCOMES, WEARS } from "./trial-kinds.ts";

export const sampleSchema = z.strictObject({
  id: z.string().regex(/^[a-z0-9]{1,12}$/u),
  label: z.string().trim().min(1, "Say which sample it is, such as bold letters.").max(60),
  /** Not looked at yet when left out. */
  outcome: z.enum(OUTCOMES).optional(),
  /** At which round it was seen first; of what held, the last one looked at. */
  round: z.number().int().min(0).max(10_000).optional(),
  note: z.string().trim().max(200).default(""),
  picture: z.uuid().optional(),
});
export type Sample = z.infer<typeof sampleSchema>;

export const trialSchema = z.strictObject({
  film: z.string().trim().min(1, "Say which film it is.").max(80),
  material: z.enum(MATERIALS),
  began: z.string().refine(isDate, "A date like 2026-12-05."),
  cureHours: z.number().int().min(0).max(10_000).describe("between laying and the first round"),
  wear: z.enum(WEARS),
  how: z.string().trim().max(200).default("").describe("how it was washed or where it stands"),
  rounds: z
    .number()
    .int()
    .min(0)
    .max(10_000)
    .describe("washes, or months of weather, that it went through so far"),
  samples: z.array(sampleSchema).max(MOST_SAMPLES),
  note: z.string().trim().max(300).default(""),
});
export type Trial = z.infer<typeof trialSchema>;
