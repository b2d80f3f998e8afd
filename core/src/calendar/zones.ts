/** Clock times in a zone. */
import { DateTime } from "luxon";

/**
 * A clock time in a zone as epoch milliseconds. A time that does not exist moves forward by the
 * gap;
 * one that exists twice is the first.
 */
export function instantOf(date: string, time: string, zone: string): number {
  const found = DateTime.fromISO(`${date}T${time}`, { zone });
  const earlier = found.minus({ hours: 1 });
  const isSecond =
    earlier.hour === found.hour &&
    earlier.minute === found.minute &&
    earlier.toISODate() === found.toISODate();
  return (isSecond ? earlier : found).toMillis();
}

/**
 * Whether the clock shows this instant's time once more within the hour: it is then told without
 * its zone only by guessing.
 */
export function isTwice(instant: number, zone: string): boolean {
  const shown = JSON.stringify(clockIn(instant, zone));
  return [-1, 1].some(
    (hours) => JSON.stringify(clockIn(instant + hours * 3_600_000, zone)) === shown,
  );
}

/** Epoch milliseconds -> `{ date, time }` in a zone. */
export function clockIn(instant: number, zone: string): { date: string; time: string } {
  const at = DateTime.fromMillis(instant, { zone });
  return { date: at.toFormat("yyyy-MM-dd"), time: at.toFormat("HH:mm") };
}
