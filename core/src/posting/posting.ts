/** Kits that go by post: when each has to go, what a parcel weighs, and how long the addresses are kept. */
import { z } from "zod";
import { addDays, weekdayOf } from "../calendar/dates.ts";

export const MOST_TRAVEL_DAYS = 120;
export const MOST_KEEP_DAYS = 365;
const MOST_DESTINATIONS = 80;

const country = z.string().trim().max(60);

export const addressSchema = z.strictObject({
  name: z.string().trim().min(1, "whose parcel it is").max(120),
  /** As they are printed, without the country. */
  lines: z
    .array(z.string().trim().min(1).max(80))
    .min(1, "at least a street or a town")
    .max(6, "six lines at most"),
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

const SUNDAY = 6;

/** Countries are the same however they are written: "Éire " is "eire". */
export const countryKey = (name: string): string =>
  name.normalize("NFD").replace(/\p{M}/gu, "").trim().replace(/\s+/gu, " ").toLowerCase();

export const travelDays = ({ travel }: Pick<Posting, "travel">, to: string): number | null =>
  travel.find((row) => countryKey(row.country) === countryKey(to))?.days ?? null;

/**
 * Last day on which a parcel goes out. Where the way to its country is known: that and the reserve before the class; otherwise as many
 * days before as the class has said for all. Where that is a Sunday without post, the day before.
 */
export function postBy(
  posting: Pick<Posting, "travel" | "reserveDays" | "noSundays">,
  classDate: string,
  usualDays: number,
  to: string,
): string {
  const days = travelDays(posting, to);
  const date = addDays(classDate, -(days === null ? usualDays : days + posting.reserveDays));
  return posting.noSundays && weekdayOf(date) === SUNDAY ? addDays(date, -1) : date;
}

/** The day from which on the addresses are gone. */
export const eraseOn = ({ keepDays }: Pick<Posting, "keepDays">, classDate: string): string =>
  addDays(classDate, keepDays + 1);

export interface Parcel {
  readonly seat: string;
  readonly address: Address | null;
  readonly posted: boolean;
}

export interface Destination {
  /** As it was written first; empty for the studio's own country. */
  readonly country: string;
  readonly parcels: number;
  readonly left: number;
  readonly postBy: string;
  /** Whether the way is known, or the class's usual days are taken. */
  readonly known: boolean;
}

/** Where parcels go, what has to go first, first. Parcels without an address are in none. */
export function destinationsOf(
  parcels: readonly Parcel[],
  posting: Posting,
  classDate: string,
  usualDays: number,
): Destination[] {
  const found = new Map<string, { country: string; parcels: number; left: number }>();
  for (const { address, posted } of parcels) {
    if (!address) continue;
    const key = countryKey(address.country);
    const there = found.get(key) ?? { country: address.country, parcels: 0, left: 0 };
    found.set(key, { ...there, parcels: there.parcels + 1, left: there.left + (posted ? 0 : 1) });
  }
  return [...found.values()]
    .map((row) => ({
      ...row,
      postBy: postBy(posting, classDate, usualDays, row.country),
      known: travelDays(posting, row.country) !== null,
    }))
    .sort((a, b) =>
      a.postBy === b.postBy
        ? a.country.localeCompare(b.country, "en")
        : a.postBy < b.postBy
          ? -1
          : 1,
    );
}
