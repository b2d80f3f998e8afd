import { type Clock, showTime } from "@elm-basket/core/units/time.ts";

/** The clock in the zone of the class so many minutes after an instant (epoch ms). */
export function clockOf(begin: number, zone: string, clock: Clock): (minute: number) => string {
  const shown = new Intl.DateTimeFormat("en-GB", {
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
    timeZone: zone,
  });
  return (minute) => showTime(shown.format(begin + Math.round(minute) * 60_000), clock);
}
