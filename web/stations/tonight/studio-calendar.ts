/** The studio's evenings and classes as a calendar file. */

import { icsText } from "@elm-basket/core/calendar/ics.ts";
import { calendarEvents } from "@elm-basket/core/calendar/studio-calendar.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { listClasses } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { type Desk, loadTonight } from "./load-tonight.ts";
import { studioCalendarWords } from "./words.ts";

export async function studioCalendar(desk: Desk, now: number): Promise<string> {
  const view = await loadTonight(desk);
  const rows = await withStudio(desk.studioId, listClasses);
  const { zone, evening_start: eveningStart, name } = desk.studio;
  const events = calendarEvents({
    zone,
    eveningStart,
    classes: rows
      .filter(({ class_date }) => class_date >= view.today)
      .map((row) => ({
        id: row.id,
        title: row.title,
        date: row.class_date,
        time: row.class_time,
        zone: row.zone,
        minutes: row.minutes,
        place: row.setting.place,
      })),
    evenings: view.ahead.map(({ date, minutes, over, parts }) => ({
      date,
      minutes,
      over,
      work: parts.map(({ id, minutes: own }) =>
        studioCalendarWords().text(
          view.all[id]?.title,
          view.all[id]?.detail,
          showMinutes(Math.max(1, Math.round(own))),
        ),
      ),
    })),
    due: view.every.map(({ id, title, detail, dueDate }) => ({
      id,
      date: dueDate,
      title: `${title}: ${detail}`,
    })),
  });
  return icsText(events, zone, now, name);
}
