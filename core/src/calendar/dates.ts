/** Calendar days, without any clock or zone: "today" is always handed in. */

const DAY_MS = 86_400_000;
/**
 * Days since 1970-01-01, a Thursday. Evenings are counted by the ten thousand: plain numbers, no
 * objects.
 */
const dayNumber = (date: string): number => Date.parse(`${date}T00:00:00Z`) / DAY_MS;

/** `2026-12-05` plus a number of calendar days (may be negative). */
export function addDays(date: string, days: number): string {
  const at = new Date((dayNumber(date) + days) * DAY_MS);
  return Number.isNaN(at.getTime()) ? date : at.toISOString().slice(0, 10);
}

/** The same day some months later, or the last of a month that is too short for it. */
export function addMonths(date: string, months: number): string {
  const [year, month, day] = date.split("-").map(Number) as [number, number, number];
  const first = Date.UTC(year, month - 1 + months, 1);
  const last = new Date(Date.UTC(year, month + months, 0)).getUTCDate();
  return new Date(first + (Math.min(day, last) - 1) * DAY_MS).toISOString().slice(0, 10);
}

/** Calendar days from one date to another. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/** 0 for Monday to 6 for Sunday. */
export const weekdayOf = (date: string): number => (((dayNumber(date) + 3) % 7) + 7) % 7;

export const isDate = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/u.test(text) && addDays(text, 0) === text && !Number.isNaN(dayNumber(text));

export interface Deadline {
  readonly code: DeadlineCode;
  readonly date: string;
  /** Calendar days before the class. */
  readonly daysBefore: number;
  /** Whose blanks, where they have a day of their own. */
  readonly thing?: string;
}
export type DeadlineCode =
  | "orderBy"
  | "namesLockedBy"
  | "prepareBlanksBy"
  | "cutBy"
  | "weedBy"
  | "packBy"
  | "postBy";

export type LeadDays = Readonly<Partial<Record<DeadlineCode, number>>>;

/**
 * Days before the class, as hosts keep them: delivery takes a week, painted blanks dry over days,
 * posted kits travel.
 */
export const ROOM_LEAD_DAYS: LeadDays = {
  orderBy: 12,
  namesLockedBy: 7,
  prepareBlanksBy: 4,
  cutBy: 4,
  weedBy: 2,
  packBy: 1,
};
export const CRAFT_ALONG_LEAD_DAYS: LeadDays = {
  orderBy: 26,
  namesLockedBy: 21,
  prepareBlanksBy: 18,
  cutBy: 16,
  weedBy: 13,
  packBy: 11,
  postBy: 10,
};

/** What hosts keep to where a class has no days of its own. */
export const leadDaysOf = (
  kind: "room" | "craftAlong",
  own: LeadDays | null | undefined,
): LeadDays => own ?? (kind === "room" ? ROOM_LEAD_DAYS : CRAFT_ALONG_LEAD_DAYS);

/** Kits are posted where a class has a day for it. */
export const isPosted = ({
  setting,
  leadDays,
}: {
  readonly setting: { readonly kind: "room" | "craftAlong" };
  readonly leadDays?: LeadDays | null | undefined;
}): boolean => leadDaysOf(setting.kind, leadDays).postBy !== undefined;

/**
 * Preparation dates counted back from the date of the class, earliest first. @param own things
 * whose blanks are prepared on a day of their own
 */
export function deadlines(
  classDate: string,
  lead: LeadDays,
  own: readonly { readonly thing: string; readonly daysBefore: number }[] = [],
): Deadline[] {
  const all = (Object.entries(lead) as [DeadlineCode, number][]).map(
    ([code, daysBefore]): Omit<Deadline, "date"> => ({ code, daysBefore }),
  );
  return [
    ...all,
    ...own.map(
      ({ thing, daysBefore }): Omit<Deadline, "date"> => ({
        code: "prepareBlanksBy",
        daysBefore,
        thing,
      }),
    ),
  ]
    .map((row) => ({ ...row, date: addDays(classDate, -row.daysBefore) }))
    .sort(
      (a, b) =>
        b.daysBefore - a.daysBefore ||
        (a.code < b.code ? -1 : a.code > b.code ? 1 : (a.thing ?? "") < (b.thing ?? "") ? -1 : 1),
    );
}
