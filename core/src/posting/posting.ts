/**
 * Kits that go by post: when each has to go, what a parcel weighs, and how long the addresses are
 * kept.
 */
import * as z from "zod";
import { ADDRESS_LIMITS, ADDRESS_WORDS, MOST_KEEP_DAYS, MOST_TRAVEL_DAYS } from "./limits.ts";

const MOST_DESTINATIONS = 80;

const country = z.string().trim().max(ADDRESS_LIMITS.country);

export const addressSchema = z.strictObject({
  name: z.string().trim().min(1, ADDRESS_WORDS.name).max(ADDRESS_LIMITS.name),
  /** As they are printed, without the country. */
  lines: z
    .array(z.string().trim().min(1).max(ADDRESS_LIMITS.line))
    .min(1, ADDRESS_WORDS.lines)
    .max(ADDRESS_LIMITS.lines, ADDRESS_WORDS.manyLines),
  /** Empty: the studio's own. */
  country: country.default(""),
});
export type Address = z.infer<typeof addressSchema>;

const side = z.number().min(1).max(3000);

export const postingSchema = z.strictObject({
  /** Days that a parcel may be late before it misses the class. */
  reserveDays: z.number().int().min(0).max(60).default(3),
  /** How long the post takes, in calendar days, by country; the studio's own is the empty one. */
  travel: z
    .array(z.strictObject({ country, days: z.number().int().min(0).max(MOST_TRAVEL_DAYS) }))
    .max(MOST_DESTINATIONS)
    .default([]),
  /** Whether the post takes nothing in on Sundays. */
  noSundays: z.boolean().default(true),
  /** Grams of one parcel; null where nobody weighed it. */
  weightG: z.number().int().min(1).max(100_000).nullable().default(null),
  /** Length, width and height of one parcel, mm. */
  size: z.tuple([side, side, side]).nullable().default(null),
  /** So many days after the class the addresses are erased. */
  keepDays: z.number().int().min(0).max(MOST_KEEP_DAYS).default(30),
});
export type Posting = z.infer<typeof postingSchema>;
