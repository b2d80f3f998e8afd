/** Kits that travel farther have to be ready earlier than the rest of the class. */
import { daysBetween } from "../calendar/dates.ts";

export interface EarlierKits {
  /** So many days before the rest everything about them is due. */
  readonly days: number;
  readonly seats: ReadonlySet<string>;
}

/**
 * @param parcels of seats with an address, what is posted left out by the caller or marked so
 * @param usual the day on which the class's kits go out where nothing else is known
 * @returns the earliest first; what goes on the usual day or later is in none
 */
export function earlierKits(
  parcels: readonly {
    readonly seat: string;
    readonly postBy: string | null;
    readonly posted: boolean;
  }[],
  usual: string,
): EarlierKits[] {
  const groups = new Map<number, Set<string>>();
  for (const { seat, postBy, posted } of parcels) {
    if (posted || postBy === null || postBy >= usual) continue;
    const days = daysBetween(postBy, usual);
    groups.set(days, (groups.get(days) ?? new Set()).add(seat));
  }
  return [...groups].sort(([a], [b]) => b - a).map(([days, seats]) => ({ days, seats }));
}
