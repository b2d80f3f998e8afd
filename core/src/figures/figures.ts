/**
 * What a class reckons with in the place of first guesses, because the studio's own log says
 * otherwise and the host said "use it".
 * It stands in the class document: a class that is over keeps what it was planned with, and a file
 * says all that its figures come from.
 */
import * as z from "zod";
import { DEEDS, MONTHS_OF_QUARTERS, WEEDING_TERMS, type WeedingTerm } from "./terms.ts";

const factor = z.number().min(0.1).max(10);
const count = z.number().int().min(0).max(1e6);
/** What it rests on. */
const rests = { observations: count.min(1), classes: count.min(1) };

const LONGEST_NAME = 160;

export const figuresSchema = z.strictObject({
  weeding: z
    .strictObject({
      minutes: z.strictObject(
        Object.fromEntries(
          WEEDING_TERMS.map((term) => [term, z.number().min(0).max(60)]),
        ) as Record<WeedingTerm, z.ZodNumber>,
      ),
      ...rests,
    })
    .optional()
    .describe("minutes per thing that slows the hand"),
  cutting: z
    .array(z.strictObject({ cutter: z.string().max(LONGEST_NAME), factor, ...rests }))
    .max(10)
    .optional()
    .describe("by the cutter's name, how much longer a load takes than its lines and corners say"),
  steps: z
    .strictObject({ factor, deeds: z.partialRecord(z.enum(DEEDS), factor).default({}), ...rests })
    .optional()
    .describe(
      "how much longer steps take than a first guess; by what is done in them where that is another",
    ),
  drying: z
    .strictObject({
      factor,
      rooms: z
        .array(z.strictObject({ place: z.string().max(LONGEST_NAME), factor }))
        .max(20)
        .default([]),
      quarters: z.partialRecord(z.enum(MONTHS_OF_QUARTERS), factor).default({}),
      ...rests,
    })
    .optional()
    .describe("how much longer paint takes to dry; a room and a time of year go on top of it"),
});
export type Figures = z.infer<typeof figuresSchema>;
