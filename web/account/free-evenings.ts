import { weekdayOf } from "@elm-basket/core/calendar/dates.ts";
import { WEEKDAYS } from "@elm-basket/core/studio/settings.ts";
import type { StudioRow } from "@/data/sign-in.ts";

/** Free minutes of an evening: the weekday's own, or the usual ones. */
export function freeOn({ settings, evening_minutes }: Pick<StudioRow, "settings" | "evening_minutes">, date: string): number {
  const day = WEEKDAYS[weekdayOf(date)];
  return (day && settings.freeMinutes[day]) ?? evening_minutes;
}
