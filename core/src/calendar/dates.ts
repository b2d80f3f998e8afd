/** Calendar days, and clock times in a zone. No clock: "today" is always handed in. */
import { DateTime } from "luxon";

const DAY_MS = 86_400_000;
/** Days since 1970-01-01, a Thursday. Evenings are counted by the ten thousand: plain numbers, no objects. */
const dayNumber = (date: string): number => Date.parse(`${date}T00:00:00Z`) / DAY_MS;

/** `2026-12-05` plus a number of calendar days (may be negative). */
export function addDays(date: string, days: number): string {
  const at = new Date((dayNumber(date) + days) * DAY_MS);
  return Number.isNaN(at.getTime()) ? date : at.toISOString().slice(0, 10);
}

/** Calendar days from one date to another. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/** 0 for Monday to 6 for Sunday. */
export const weekdayOf = (date: string): number => (((dayNumber(date) + 3) % 7) + 7) % 7;

export const isDate = (text: string): boolean => /^\d{4}-\d{2}-\d{2}$/u.test(text) && DateTime.fromISO(text, { zone: "utc" }).isValid;
export const isZone = (zone: string): boolean => /^[A-Za-z_]+(\/[A-Za-z0-9_+-]+)*$/u.test(zone) && DateTime.fromISO("2026-01-01", { zone }).isValid;

/**
 * A clock time in a zone as epoch milliseconds. A time that does not exist moves forward by the gap;
 * one that exists twice is the first.
 */
export function instantOf(date: string, time: string, zone: string): number {
  const found = DateTime.fromISO(`${date}T${time}`, { zone });
  const earlier = found.minus({ hours: 1 });
  const isSecond = earlier.hour === found.hour && earlier.minute === found.minute && earlier.toISODate() === found.toISODate();
  return (isSecond ? earlier : found).toMillis();
}

/** Whether the clock shows this instant's time once more within the hour: it is then told without its zone only by guessing. */
export function isTwice(instant: number, zone: string): boolean {
  const shown = JSON.stringify(clockIn(instant, zone));
  return [-1, 1].some((hours) => JSON.stringify(clockIn(instant + hours * 3_600_000, zone)) === shown);
}

/** Epoch milliseconds -> `{ date, time }` in a zone. */
export function clockIn(instant: number, zone: string): { date: string; time: string } {
  const at = DateTime.fromMillis(instant, { zone });
  return { date: at.toFormat("yyyy-MM-dd"), time: at.toFormat("HH:mm") };
}

export interface Deadline {
  readonly code: DeadlineCode;
  readonly date: string;
  /** Calendar days before the class. */
  readonly daysBefore: number;
  /** Whose blanks, where they have a day of their own. */
  readonly thing?: string;
}
export type DeadlineCode = "orderBy" | "namesLockedBy" | "prepareBlanksBy" | "cutBy" | "weedBy" | "packBy" | "postBy";

export type LeadDays = Readonly<Partial<Record<DeadlineCode, number>>>;

/** Days before the class, as hosts keep them: delivery takes a week, painted blanks dry over days, posted kits travel. */
export const ROOM_LEAD_DAYS: LeadDays = { orderBy: 12, namesLockedBy: 7, prepareBlanksBy: 4, cutBy: 4, weedBy: 2, packBy: 1 };
export const CRAFT_ALONG_LEAD_DAYS: LeadDays = { orderBy: 26, namesLockedBy: 21, prepareBlanksBy: 18, cutBy: 16, weedBy: 13, packBy: 11, postBy: 10 };

/** What hosts keep to where a class has no days of its own. */
export const leadDaysOf = (kind: "room" | "craftAlong", own: LeadDays | null | undefined): LeadDays => own ?? (kind === "room" ? ROOM_LEAD_DAYS : CRAFT_ALONG_LEAD_DAYS);

/** Kits are posted where a class has a day for it. */
export const isPosted = ({ setting, leadDays }: { readonly setting: { readonly kind: "room" | "craftAlong" }; readonly leadDays?: LeadDays | null | undefined }): boolean =>
  leadDaysOf(setting.kind, leadDays).postBy !== undefined;

/** Preparation dates counted back from the date of the class, earliest first. @param own things whose blanks are prepared on a day of their own */
export function deadlines(classDate: string, lead: LeadDays, own: readonly { readonly thing: string; readonly daysBefore: number }[] = []): Deadline[] {
  const all = (Object.entries(lead) as [DeadlineCode, number][]).map(([code, daysBefore]): Omit<Deadline, "date"> => ({ code, daysBefore }));
  return [...all, ...own.map(({ thing, daysBefore }): Omit<Deadline, "date"> => ({ code: "prepareBlanksBy", daysBefore, thing }))]
    .map((row) => ({ ...row, date: addDays(classDate, -row.daysBefore) }))
    .sort((a, b) => b.daysBefore - a.daysBefore || (a.code < b.code ? -1 : a.code > b.code ? 1 : (a.thing ?? "") < (b.thing ?? "") ? -1 : 1));
}
