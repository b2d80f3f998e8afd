/**
 * Calendar files, RFC 5545, with the zone written out so that every calendar shows the same clock
 * time.
 */
import { DateTime } from "luxon";
import { addDays } from "./dates.ts";
import { isTwice } from "./zones.ts";

export interface CalendarEvent {
  readonly uid: string;
  readonly title: string;
  readonly description: string;
  readonly place: string;
  readonly startInstant: number;
  readonly endInstant: number;
  /** A whole day like 2026-12-05, at which nobody is busy; the instants then do not count. */
  readonly day?: string;
}

/** @param name of the calendar, where it is more than one class's
 * @param stamp instant written as DTSTAMP; the class's own start keeps the file the same every time
 */
export function icsText(
  events: readonly CalendarEvent[],
  zone: string,
  stamp: number,
  name = "",
): string {
  const utc = (instant: number) =>
    DateTime.fromMillis(instant, { zone: "utc" }).toFormat("yyyyMMdd'T'HHmmss'Z'");
  const local = (instant: number) =>
    DateTime.fromMillis(instant, { zone }).toFormat("yyyyMMdd'T'HHmmss");
  // In the hour that exists twice a clock time is two instants: there only UTC is certain.
  const times = ({ startInstant: start, endInstant: end, day }: CalendarEvent) =>
    day !== undefined
      ? [
          `DTSTART;VALUE=DATE:${day.replaceAll("-", "")}`,
          `DTEND;VALUE=DATE:${addDays(day, 1).replaceAll("-", "")}`,
          "TRANSP:TRANSPARENT",
        ]
      : isTwice(start, zone) || isTwice(end, zone)
        ? [`DTSTART:${utc(start)}`, `DTEND:${utc(end)}`]
        : [`DTSTART;TZID=${zone}:${local(start)}`, `DTEND;TZID=${zone}:${local(end)}`];
  const year = DateTime.fromMillis(events[0]?.startInstant ?? stamp, { zone }).year;
  const body = events.flatMap((event) => [
    "BEGIN:VEVENT",
    `UID:${event.uid}`,
    `DTSTAMP:${utc(stamp)}`,
    ...times(event),
    `SUMMARY:${escapeText(event.title)}`,
    ...(event.description ? [`DESCRIPTION:${escapeText(event.description)}`] : []),
    ...(event.place ? [`LOCATION:${escapeText(event.place)}`] : []),
    "END:VEVENT",
  ]);
  const lines = [
    "BEGIN:VCALENDAR",
    "VERSION:2.0",
    "PRODID:-//Elm Basket//Run sheet//EN",
    "CALSCALE:GREGORIAN",
    ...(name ? [`NAME:${escapeText(name)}`, `X-WR-CALNAME:${escapeText(name)}`] : []),
    ...zoneLines(zone, year),
    ...body,
    "END:VCALENDAR",
  ];
  return `${lines.flatMap(folded).join("\r\n")}\r\n`;
}

const escapeText = (text: string): string =>
  text
    .replace(/\\/gu, "\\\\")
    .replace(/;/gu, "\\;")
    .replace(/,/gu, "\\,")
    .replace(/\r?\n/gu, "\\n");

const FOLD_OCTETS = 74;

/** Lines longer than 75 octets go on in the next one after a space; characters are never split. */
function folded(line: string): string[] {
  const parts: string[] = [];
  let part = "";
  for (const char of line) {
    if (new TextEncoder().encode(part + char).length > FOLD_OCTETS) {
      parts.push(part);
      part = ` ${char}`;
    } else part += char;
  }
  return [...parts, part];
}

/** A VTIMEZONE with the changes of the year before, the year itself and the next. */
function zoneLines(zone: string, year: number): string[] {
  const changes = zoneChanges(zone, year - 1, year + 1);
  const first = DateTime.fromObject({ year: year - 1, month: 1, day: 1 }, { zone });
  const all = [{ at: first, from: first.offset, to: first.offset, dst: first.isInDST }, ...changes];
  return [
    "BEGIN:VTIMEZONE",
    `TZID:${zone}`,
    ...all.flatMap(({ at, from, to, dst }) => {
      const kind = dst ? "DAYLIGHT" : "STANDARD";
      const onset = at.toUTC().plus({ minutes: from }).toFormat("yyyyMMdd'T'HHmmss");
      return [
        `BEGIN:${kind}`,
        `DTSTART:${onset}`,
        `TZOFFSETFROM:${offsetText(from)}`,
        `TZOFFSETTO:${offsetText(to)}`,
        `END:${kind}`,
      ];
    }),
    "END:VTIMEZONE",
  ];
}

function offsetText(minutes: number): string {
  const size = Math.abs(minutes);
  return `${minutes < 0 ? "-" : "+"}${String(Math.floor(size / 60)).padStart(2, "0")}${String(size % 60).padStart(2, "0")}`;
}

function zoneChanges(
  zone: string,
  fromYear: number,
  toYear: number,
): { at: DateTime; from: number; to: number; dst: boolean }[] {
  const changes: { at: DateTime; from: number; to: number; dst: boolean }[] = [];
  let day = DateTime.fromObject({ year: fromYear, month: 1, day: 1 }, { zone });
  const last = DateTime.fromObject({ year: toYear, month: 12, day: 31 }, { zone });
  while (day < last) {
    const next = day.plus({ days: 1 });
    if (next.offset !== day.offset) {
      const at = changeBetween(day, next);
      changes.push({ at, from: day.offset, to: next.offset, dst: next.isInDST });
    }
    day = next;
  }
  return changes;
}

function changeBetween(before: DateTime, after: DateTime): DateTime {
  let [low, high] = [before.toMillis(), after.toMillis()];
  while (high - low > 60_000) {
    const middle = Math.floor((low + high) / 2 / 60_000) * 60_000;
    if (middle <= low) break;
    if (DateTime.fromMillis(middle, { zone: before.zone }).offset === before.offset) low = middle;
    else high = middle;
  }
  return DateTime.fromMillis(high, { zone: before.zone });
}
