/**
 * Care cards: what whoever takes the piece home has to know, dated from the class. Eight to a page,
 * one a seat.
 */
import { clockIn, instantOf } from "@elm-basket/core/calendar/zones.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { careOf } from "@elm-basket/core/proposal/care.ts";
import { schoolsOf, situationOf } from "@elm-basket/core/proposal/situation.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import {
  addPage,
  at,
  cutRound,
  heightOf,
  MARGIN,
  makePdf,
  PAPERS,
  type Paper,
  sayOnPage,
  write,
} from "./pages.ts";

const COLUMNS = 2;
const ROWS = 4;
const INNER = 5;
const MS_PER_HOUR = 3_600_000;
const MS_PER_MINUTE = 60_000;

export interface CareOptions {
  readonly paper?: Paper;
  readonly schools?: Schools;
}

/** `2027-03-08` -> `Mon 8 March`. */
export const showDay = (date: string): string =>
  DAY.format(new Date(`${date}T12:00:00Z`)).replace(",", "");
const DAY = new Intl.DateTimeFormat("en-GB", {
  weekday: "short",
  day: "numeric",
  month: "long",
  timeZone: "UTC",
});

export async function careCardsPdf(
  plan: Plan,
  { paper = "a4", schools }: CareOptions = {},
): Promise<Uint8Array> {
  const { document } = plan;
  const page = PAPERS[paper];
  const card = {
    width: (page.width - 2 * MARGIN) / COLUMNS,
    height: (page.height - 2 * MARGIN) / ROWS,
  };
  const own = schoolsOf(document, schools);
  const ends =
    instantOf(document.when.date, document.when.time, document.when.zone) +
    plan.runSheet.endMinute * MS_PER_MINUTE;
  const cares = document.things.map(({ id }) => ({
    id,
    title: document.things.find((thing) => thing.id === id)?.title ?? id,
    makes: new Set(thingDocument(document, id).seats.map(({ seat }) => seat)),
    care: careOf(situationOf(document, id, own, plan.facts.get(id))),
  }));
  return makePdf(`Care cards: ${document.title}`, document.when.date, (pdf) => {
    if (document.seats.length === 0) sayOnPage(pdf, "This class has no seats yet.");
    document.seats.forEach(({ seat }, index) => {
      const place = index % (COLUMNS * ROWS);
      if (place === 0) addPage(pdf, paper);
      const x = MARGIN + (place % COLUMNS) * card.width;
      const y = MARGIN + Math.floor(place / COLUMNS) * card.height;
      cutRound(pdf, x, y, card.width, card.height);
      const width = at(card.width - 2 * INNER);
      let down = at(y + INNER);
      down += write(pdf, plan.labels.get(seat) ?? seat, at(x + INNER), down, {
        size: 14,
        width,
        face: "head",
        lines: 1,
      });
      down +=
        write(pdf, `${document.title} · ${showDay(document.when.date)}`, at(x + INNER), down, {
          size: 8,
          width,
          lines: 1,
        }) + 3;
      const mine = cares.filter(({ makes }) => makes.has(seat));
      // What is true of several is told once.
      const told = new Map<string, { titles: string[]; care: (typeof mine)[number]["care"] }>();
      for (const { title, care } of mine)
        told.set(care.participant, {
          titles: [...(told.get(care.participant)?.titles ?? []), title],
          care,
        });
      const left = at(y + card.height - INNER);
      let size = 9.5;
      const text = [...told.values()]
        .map(
          ({ titles, care }) =>
            `${told.size > 1 ? `${titles.join(", ")}: ` : ""}${care.participant}\n${care.from.map(({ hours, what }) => `From ${sayMoment(ends + hours * MS_PER_HOUR, document.when.zone)}: ${what}.`).join("\n")}`,
        )
        .join("\n");
      while (size > 6 && down + heightOf(pdf, text, { size, width }) > left) size -= 0.5;
      write(pdf, text, at(x + INNER), down, { size, width });
    });
  });
}

/** To the full hour after: nobody waits for minutes of drying. */
function sayMoment(instant: number, zone: string): string {
  const { date, time } = clockIn(Math.ceil(instant / MS_PER_HOUR) * MS_PER_HOUR, zone);
  return `${showDay(date)}, ${time}`;
}
