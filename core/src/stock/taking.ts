/**
 * What each piece of marked work takes off the shelf: a kit its share, the box for the room all the
 * rest, together exactly what is needed.
 */
import type { Supply } from "../supplies/supply.ts";
import { forSeat } from "../supplies/supply-lines.ts";
import { roundAmount } from "./ledger.ts";

/**
 * It comes back after the class: a scraper, a mask for five uses. Tape that one seat lays several
 * times is used up.
 */
export const comesBack = ({ per, uses }: Pick<Supply, "per" | "uses">): boolean =>
  per !== "application" && uses > 1;

/**
 * How much of a material goes into the bag of a seat that makes so many; nothing of what is shared
 * or comes back.
 */
export function perKit(supply: Pick<Supply, "per" | "amount" | "uses">, count = 1): number {
  if (comesBack(supply) || (supply.per !== "seat" && supply.per !== "application")) return 0;
  return forSeat(supply, count);
}

/** By line: what the bag of a seat takes. `count` says how many of a thing the seat makes. */
export function kitTakes(
  supplies: readonly Supply[],
  count: (thing: string) => number,
): Map<string, number> {
  return new Map(
    supplies.flatMap((supply) => {
      const amount = perKit(supply, supply.thing === undefined ? 1 : count(supply.thing));
      return amount > 0 ? [[supply.id, amount] as const] : [];
    }),
  );
}

/**
 * By line: what the box for room and tables takes: what is shared, and the spares of what goes into
 * bags. `made` says how many of a thing each seat makes.
 */
export function roomTakes(
  supplies: readonly Supply[],
  need: (line: string) => number,
  made: (thing: string | undefined) => readonly number[],
): Map<string, number> {
  return new Map(
    supplies.flatMap((supply) => {
      const bags = made(supply.thing).reduce((sum, count) => sum + perKit(supply, count), 0);
      const rest = comesBack(supply) ? 0 : roundAmount(need(supply.id) - bags);
      return rest > 0 ? [[supply.id, rest] as const] : [];
    }),
  );
}
