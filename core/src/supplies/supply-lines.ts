/** How much of each material is needed and bought. Money is in integer minor units. */
import type { Supply } from "./supply.ts";

/** How many sit at a table unless the line says. */
export const SEATS_AT_A_TABLE = 4;

export interface SupplyLine {
  readonly id: string;
  readonly name: string;
  readonly unit: string;
  readonly perSeat: number;
  readonly need: number;
  readonly have: number;
  readonly packs: number;
  readonly packSize: number;
  readonly buy: number;
  readonly leftAfter: number;
  /** Price of a pack, minor units; null when nobody said. */
  readonly price: number | null;
  /** False when something of it costs an unknown sum. */
  readonly priced: boolean;
  readonly buyPrice: number;
  /**
   * Value of what the class uses up, minor units (not rounded); nothing where no price is known.
   */
  readonly usedValue: number;
}

export interface SuppliesProblem {
  readonly supplies: readonly Supply[];
  readonly seats: number;
  /** Whole spare kits. */
  readonly spares: number;
  /** How many of a thing each seat makes that makes it; one at every seat when left out. */
  readonly madeBy?: (thing: string) => readonly number[];
}
/**
 * Stock is taken off first, then rounded up to packs. What belongs to a thing is needed for each
 * one that is made.
 */
export function supplyLines({ supplies, seats, spares, madeBy }: SuppliesProblem): SupplyLine[] {
  const everybody = Array.from({ length: seats }, () => 1);
  // Lines of one name draw on one stock: what an earlier one takes is not there for a later one.
  const left = new Map<string, number>();
  return supplies.map((supply) => {
    const made = supply.thing === undefined ? everybody : (madeBy?.(supply.thing) ?? everybody);
    const { need, perSeat } = needOf(supply, made, supply.spares ? spares : 0);
    const stock = `${supply.name.toLowerCase()} ${supply.unit.toLowerCase()}`;
    const have = left.get(stock) ?? supply.have;
    left.set(stock, Math.max(0, have - need));
    // What is used up by one application or one seat is worn by it; what serves many times costs
    // each time its share.
    const wear = supply.per === "application" ? 1 : supply.uses;
    return boughtLine({ ...supply, have, perSeat, need, wear });
  });
}
const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);
function needOf(
  supply: Supply,
  made: readonly number[],
  spares: number,
): { need: number; perSeat: number } {
  const { per, amount: each, seats } = supply;
  const kits = sum(made) + spares;
  switch (per) {
    case "shared":
      return { need: each, perSeat: 0 };
    case "table":
    case "every": {
      const serves = seats ?? (per === "table" ? SEATS_AT_A_TABLE : 1);
      return { need: each * Math.ceil(kits / serves), perSeat: each / serves };
    }
    case "seat":
    case "application": {
      const own = sum(made.map((count) => forSeat(supply, count)));
      return {
        need: own + spares * forSeat(supply, 1),
        perSeat: made.length === 0 ? forSeat(supply, 1) : own / made.length,
      };
    }
  }
}
/**
 * What one seat uses up that makes so many: one after another, a piece of tape serves again up to
 * its uses.
 */
export const forSeat = (
  { per, amount: each, uses }: Pick<Supply, "per" | "amount" | "uses">,
  count: number,
): number => (per === "application" ? Math.ceil((each * count) / uses) : each * count);
interface Bought {
  readonly id: string;
  readonly name: string;
  readonly unit: string;
  readonly perSeat: number;
  readonly need: number;
  readonly have: number;
  readonly pack: Supply["pack"];
  /** What serves so many classes or seats costs this one only its share. */
  readonly wear: number;
  /** What is used up of it in units, where that is less than what is needed whole. */
  readonly used?: number;
}
/** Rounding noise must not buy a whole pack. */
const PACK_SLACK = 1e-9;

export function boughtLine({
  id,
  name,
  unit,
  perSeat,
  need,
  have,
  pack,
  wear,
  used = need,
}: Bought): SupplyLine {
  const packs = Math.max(0, Math.ceil((need - have) / pack.size - PACK_SLACK));
  const buy = packs * pack.size;
  const price = pack.price ?? null;
  return {
    id,
    name,
    unit,
    perSeat,
    need,
    have,
    packs,
    packSize: pack.size,
    buy,
    leftAfter: Math.max(0, have + buy - need),
    price,
    priced: price !== null || need === 0,
    buyPrice: packs * (price ?? 0),
    usedValue: (used * (price ?? 0)) / pack.size / wear,
  };
}
