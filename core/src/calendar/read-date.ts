/** Days and times as people type them. */
import { isDate } from "./dates.ts";

const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];
const two = (n: number): string => String(n).padStart(2, "0");

/**
 * A day: `2026-12-13`, `13.12.2026`, `13/12/26`, `13 Dec`, `Sun 13 December 2026`, the day always
 * before the month. Without a year it is
 * the next such day from today on.
 * @param today ISO date
 * @returns ISO date; null where it is none
 */
export function readDate(text: string, today: string): string | null {
  const bare = text.trim().toLowerCase();
  if (isDate(bare)) return bare;
  const figures = /^(\d{1,2})\s*[./-]\s*(\d{1,2})\s*(?:[./-]\s*(\d{2}|\d{4}))?\.?$/u.exec(bare);
  if (figures) return dayOf(Number(figures[1]), Number(figures[2]), figures[3], today);
  const words =
    /^(?:[a-z]+\.?,?\s+)?(\d{1,2})(?:st|nd|rd|th|\.)?\s*(?:of\s+)?([a-z]{3,})\.?,?\s*(\d{4})?$/u.exec(
      bare,
    );
  if (!words) return null;
  const month = MONTHS.findIndex((name) => words[2]?.startsWith(name)) + 1;
  return month === 0 ? null : dayOf(Number(words[1]), month, words[3], today);
}

function dayOf(day: number, month: number, year: string | undefined, today: string): string | null {
  const at = (full: number) => `${String(full).padStart(4, "0")}-${two(month)}-${two(day)}`;
  const now = Number(today.slice(0, 4));
  if (year !== undefined) {
    const date = at(year.length === 2 ? 2000 + Number(year) : Number(year));
    return isDate(date) ? date : null;
  }
  // The 29th of February may be up to eight years away.
  for (let n = now; n <= now + 8; n++) if (isDate(at(n)) && at(n) >= today) return at(n);
  return null;
}

/**
 * A time of day: `14:00`, `14.30`, `1430`, `14`, `2 pm`, `2:30pm`. @returns `HH:MM`, null where it
 * is none
 */
export function readTime(text: string): string | null {
  const found = /^(\d{1,2}?)\s*(?:[:.h]?\s*(\d{2}))?\s*(am|pm|a\.m\.|p\.m\.|h|uhr)?$/u.exec(
    text.trim().toLowerCase(),
  );
  if (!found) return null;
  const [, first = "", minutes = "00", half = ""] = found;
  const said = Number(first);
  const twelve = half.startsWith("a") || half.startsWith("p");
  if (twelve && (said < 1 || said > 12)) return null;
  const hours = twelve ? (said % 12) + (half.startsWith("p") ? 12 : 0) : said;
  return hours > 23 || Number(minutes) > 59 ? null : `${two(hours)}:${minutes}`;
}
