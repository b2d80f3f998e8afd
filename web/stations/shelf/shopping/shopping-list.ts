/** What is to be bought, by shop, in packs. */

import { bestPurchase } from "@elm-basket/core/stock/offers.ts";
import { lackingOf, type ShelfGood } from "../shelf-view.ts";

export interface ShoppingLine {
  readonly good: string;
  readonly shop: string;
  readonly name: string;
  readonly unit: string;
  readonly lacking: number;
  readonly packs: number;
  readonly size: number;
  /** Minor units of one pack; null where it is not known. */
  readonly packPrice: number | null;
  /** Titles of the classes that want it; none where it only runs low. */
  readonly for: readonly string[];
  /**
   * The day by which it has to be ordered to be there in time; null where no class waits for it.
   */
  readonly orderBy: string | null;
}

export const priceOf = ({
  packs,
  packPrice,
}: Pick<ShoppingLine, "packs" | "packPrice">): number | null =>
  packPrice === null ? null : packs * packPrice;

/**
 * One line for each pack to buy, by shop; of goods without a known price one line without a pack
 * price.
 */
export function shoppingList(
  goods: readonly ShelfGood[],
  days: ReadonlyMap<string, string>,
  lack: (good: ShelfGood) => number = lackingOf,
): ShoppingLine[] {
  const lines = goods.flatMap((good): ShoppingLine[] => {
    const lacking = lack(good);
    if (lacking <= 0) return [];
    const [orderBy = null] = good.wanted.classes.flatMap(({ id }) => days.get(id) ?? []).sort();
    const base = {
      good: good.id,
      name: good.name,
      unit: good.unit,
      lacking,
      for: [...new Set(good.wanted.classes.map(({ title }) => title))],
      orderBy,
    };
    const best = bestPurchase(good.offers, lacking);
    if (best)
      return best.packs.map(({ offer, packs }) => ({
        ...base,
        shop: offer.shop,
        packs,
        size: offer.size,
        packPrice: offer.price ?? null,
      }));
    const size = good.offers[0]?.size ?? 1;
    return [
      {
        ...base,
        shop: good.offers[0]?.shop ?? "",
        packs: Math.ceil(lacking / size - 1e-9),
        size,
        packPrice: null,
      },
    ];
  });
  return lines.sort(
    (a, b) => a.shop.localeCompare(b.shop, "en") || a.name.localeCompare(b.name, "en"),
  );
}

/**
 * Of a class alone: what it lacks once earlier classes have theirs; the same figure that its list
 * at Pack says.
 */
export const lackingFor = (
  lines: readonly {
    readonly good: string;
    readonly need: number;
    readonly taken: number;
    readonly onHand: number;
    readonly kept: number;
  }[],
): ReadonlyMap<string, number> => {
  const lacks = new Map<string, number>();
  for (const { good, need, taken, onHand, kept } of lines) {
    const open = Math.max(0, need - taken) - Math.max(0, onHand - kept);
    if (open > 0) lacks.set(good, (lacks.get(good) ?? 0) + open);
  }
  return lacks;
};
