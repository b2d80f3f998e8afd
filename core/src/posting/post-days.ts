/** By when a parcel goes out, and when its address is erased. */
import { addDays, weekdayOf } from "../calendar/dates.ts";
import type { Posting } from "./posting.ts";

const SUNDAY = 6;
/** Countries are the same however they are written: "Éire " is "eire". */
export const countryKey = (name: string): string =>
  name.normalize("NFD").replace(/\p{M}/gu, "").trim().replace(/\s+/gu, " ").toLowerCase();

export const travelDays = ({ travel }: Pick<Posting, "travel">, to: string): number | null =>
  travel.find((row) => countryKey(row.country) === countryKey(to))?.days ?? null;
/**
 * Last day on which a parcel goes out. Where the way to its country is known: that and the reserve
 * before the class; otherwise as many
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
