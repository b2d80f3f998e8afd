/**
 * What the shelf says of the materials and films of a document that hangs on none: packs, prices
 * and what is at hand.
 */
import type { ClassDocument } from "../document/document.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { offerOf } from "./film-of.ts";
import type { Good } from "./good.ts";

export type ShelfGood = Pick<Good, "name" | "unit" | "offers"> & {
  readonly film?: Good["film"] | null;
};

const alike = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

/** Of this name and unit, as a class would draw on it. */
export const goodOf = (
  goods: readonly ShelfGood[],
  { name, unit }: { readonly name: string; readonly unit: string },
): ShelfGood | undefined =>
  goods.find((good) => !good.film && alike(good.name, name) && alike(good.unit, unit));

/** A film of this name, kind and colour. */
export const filmOf = (
  goods: readonly ShelfGood[],
  { name, family, colour }: Pick<Vinyl, "name" | "family" | "colour">,
): ShelfGood | undefined =>
  goods.find(
    (good) =>
      good.film &&
      alike(good.name, name) &&
      good.film.family === family &&
      alike(good.film.colour, colour),
  );

/** The shelf's packs and prices where it has the thing; as it was where it has not. */
export function pricedByShelf(document: ClassDocument, goods: readonly ShelfGood[]): ClassDocument {
  return {
    ...document,
    supplies: document.supplies.map((supply) => {
      const good = goodOf(goods, supply);
      if (!good) return supply;
      const { size, price } = offerOf(good);
      return { ...supply, pack: { size, ...(price === undefined ? {} : { price }) } };
    }),
    vinyls: document.vinyls.map((vinyl) => {
      const good = filmOf(goods, vinyl);
      const price = good && offerOf(good).price;
      return good?.film && price !== undefined
        ? { ...vinyl, stock: { ...good.film.stock, have: vinyl.stock.have, price } }
        : vinyl;
    }),
  };
}

/** What a seat uses up: of a material in its unit, of a film in cm². */
export interface SeatUse {
  readonly name: string;
  readonly unit: string;
  readonly amount: number;
  readonly film?: Pick<Vinyl, "family" | "colour">;
}

const cm2Of = ({ stock }: NonNullable<ShelfGood["film"]>): number =>
  ((stock.width * stock.height) / 100) * (stock.kind === "pack" ? stock.sheets : 1);

/** Minor units of what has a price on the shelf, rounded up, and of how many lines that is. */
export function seatCost(
  uses: readonly SeatUse[],
  goods: readonly ShelfGood[],
): { readonly minor: number; readonly priced: number; readonly of: number } {
  const costs = uses.flatMap((use) => {
    const good = use.film ? filmOf(goods, { name: use.name, ...use.film }) : goodOf(goods, use);
    if (!good) return [];
    const { price, size } = offerOf(good);
    return price === undefined
      ? []
      : [(price * use.amount) / (good.film ? cm2Of(good.film) : size)];
  });
  return {
    minor: Math.max(0, Math.ceil(costs.reduce((sum, cost) => sum + cost, 0) - 1e-6)),
    priced: costs.length,
    of: uses.length,
  };
}
