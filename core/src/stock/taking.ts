/** What each piece of marked work takes off the shelf: a kit its share, the box for the room all the rest, together exactly what is needed. */
import type { Supply } from "../supplies/supply.ts";
import { roundAmount } from "./ledger.ts";

/** It comes back after the class: a scraper, a mask for five uses. Tape that one seat lays several times is used up. */
export const comesBack = ({ per, uses }: Pick<Supply, "per" | "uses">): boolean => per !== "application" && uses > 1;

/** How much of a material goes into one bag; nothing of what is shared or comes back. */
export function perKit(supply: Pick<Supply, "per" | "amount" | "uses">): number {
  if (comesBack(supply)) return 0;
  if (supply.per === "seat") return supply.amount;
  return supply.per === "application" ? Math.ceil(supply.amount / supply.uses) : 0;
}

/** By line: what the bag of a seat takes. `makes` says whether the seat makes a thing. */
export function kitTakes(supplies: readonly Supply[], makes: (thing: string) => boolean): Map<string, number> {
  return new Map(supplies.flatMap((supply) => (perKit(supply) > 0 && (supply.thing === undefined || makes(supply.thing)) ? [[supply.id, perKit(supply)] as const] : [])));
}

/** By line: what the box for room and tables takes: what is shared, and the spares of what goes into bags. */
export function roomTakes(supplies: readonly Supply[], need: (line: string) => number, bags: (thing: string | undefined) => number): Map<string, number> {
  return new Map(
    supplies.flatMap((supply) => {
      const rest = comesBack(supply) ? 0 : roundAmount(need(supply.id) - perKit(supply) * bags(supply.thing));
      return rest > 0 ? [[supply.id, rest] as const] : [];
    }),
  );
}
