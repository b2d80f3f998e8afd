/** Dates as people read them; always with the zone given, so that server and browser agree. */
import { type Clock, showTime } from "@elm-basket/core/units/time.ts";
import { readersTongue } from "./readers-tongue.ts";
import { datesWords } from "./words.ts";

const LOCALES = { en: "en-GB", de: "de-DE" } as const;

/**
 * `2026-12-05` -> `Saturday 5 December` (or `Sat 5 Dec`); with its year where that is not this one.
 */
export function showDate(date: string, style: "long" | "short" = "long", now = new Date()): string {
  const at = new Date(`${date}T12:00:00Z`);
  const form =
    style === "long"
      ? ({ weekday: "long", day: "numeric", month: "long" } as const)
      : ({ weekday: "short", day: "numeric", month: "short" } as const);
  const year =
    date.slice(0, 4) === String(now.getUTCFullYear()) ? {} : ({ year: "numeric" } as const);
  const tongue = readersTongue();
  const words = new Intl.DateTimeFormat(LOCALES[tongue], { ...form, ...year, timeZone: "UTC" });
  return tongue === "en" ? words.format(at).replace(",", "") : words.format(at);
}

export function todayIn(zone: string, now = new Date()): string {
  return new Intl.DateTimeFormat("en-CA", {
    timeZone: zone,
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
  }).format(now);
}

export function timeIn(zone: string, at: Date, clock: Clock): string {
  return showTime(
    new Intl.DateTimeFormat("en-GB", { timeZone: zone, hour: "2-digit", minute: "2-digit" }).format(
      at,
    ),
    clock,
  );
}

/** `11` -> `in 11 days`, `0` -> `today`, `-3` -> `3 days ago`. */
export function showDaysAway(days: number): string {
  if (days === 0) return datesWords().today;
  if (days === 1) return datesWords().tomorrow;
  return datesWords().inDaysAgo(days, -days, -1);
}
