import { weekdayOf } from "@elm-basket/core/calendar/dates.ts";
import { WEEKDAYS } from "@elm-basket/core/studio/settings-kinds.ts";
import type { StudioRow } from "@/data/sign-in.ts";

/** Free minutes of an evening: none on a day off, else the weekday's own, or the usual ones. */
export function freeOn(
  { settings, evening_minutes }: Pick<StudioRow, "settings" | "evening_minutes">,
  date: string,
): number {
  if (settings.daysOff.some(({ from, to }) => from <= date && date <= to)) return 0;
  const day = WEEKDAYS[weekdayOf(date)];
  return (day && settings.freeMinutes[day]) ?? evening_minutes;
}
