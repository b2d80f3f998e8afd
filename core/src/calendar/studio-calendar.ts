/**
 * The studio's own calendar: its classes, what falls due, and the evenings that are asked for.
 * Names of participants are in none of it.
 */
import { addDays } from "./dates.ts";
import type { CalendarEvent } from "./ics.ts";
import { instantOf } from "./zones.ts";

export interface CalendarClass {
  readonly id: string;
  readonly title: string;
  readonly date: string;
  readonly time: string;
  readonly zone: string;
  readonly minutes: number;
  readonly place: string;
}

export interface CalendarEvening {
  readonly date: string;
  readonly minutes: number;
  /** Minutes that the evening does not hold. */
  readonly over: number;
  /** `Weed 12 kits, Seed tins: 40 min`. */
  readonly work: readonly string[];
}

export interface CalendarDue {
  readonly id: string;
  readonly date: string;
  readonly title: string;
}

export interface StudioCalendar {
  readonly zone: string;
  /** HH:MM */
  readonly eveningStart: string;
  readonly classes: readonly CalendarClass[];
  readonly evenings: readonly CalendarEvening[];
  readonly due: readonly CalendarDue[];
}

const MINUTE_MS = 60_000;
const HOST = "elm-basket.invalid";

/**
 * In order of time; ids stay the same, so that a calendar that reads it again changes what changed.
 */
export function calendarEvents({
  zone,
  eveningStart,
  classes,
  evenings,
  due,
}: StudioCalendar): CalendarEvent[] {
  const held = classes.map(
    ({ id, title, date, time, zone: own, minutes, place }): CalendarEvent => {
      const startInstant = instantOf(date, time, own);
      return {
        uid: `class-${id}@${HOST}`,
        title,
        description: "",
        place,
        startInstant,
        endInstant: startInstant + minutes * MINUTE_MS,
      };
    },
  );
  const work = evenings
    .filter(({ minutes }) => minutes >= 1)
    .map(({ date, minutes, over, work: lines }): CalendarEvent => {
      const startInstant = instantOf(date, eveningStart, zone);
      const whole = Math.round(minutes);
      return {
        uid: `evening-${date}@${HOST}`,
        title: `${whole} min of making ready${over >= 1 ? `, ${Math.round(over)} more than the evening holds` : ""}`,
        description: lines.join("\n"),
        place: "",
        startInstant,
        endInstant: startInstant + whole * MINUTE_MS,
      };
    });
  const days = due.map(({ id, date, title }): CalendarEvent => {
    const startInstant = instantOf(date, "00:00", zone);
    return {
      uid: `due-${id}@${HOST}`,
      title,
      description: "",
      place: "",
      startInstant,
      endInstant: instantOf(addDays(date, 1), "00:00", zone),
      day: date,
    };
  });
  return [...held, ...work, ...days].sort(
    (a, b) => a.startInstant - b.startInstant || (a.uid < b.uid ? -1 : 1),
  );
}
