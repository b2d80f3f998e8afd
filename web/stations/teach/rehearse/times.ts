import { clockIn, instantOf } from "@elm-basket/core/calendar/zones.ts";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { beginsAt } from "@elm-basket/core/rehearsal/of-class.ts";
import { type Clock, showTime } from "@elm-basket/core/units/time.ts";

/** The clock of the class so many minutes after its first step began. */
export function clockOf(document: ClassDocument, clock: Clock): (minute: number) => string {
  const { date, time, zone } = document.when;
  const begin = instantOf(date, time, zone) + beginsAt(document) * 60_000;
  return (minute) => showTime(clockIn(begin + Math.round(minute) * 60_000, zone).time, clock);
}
