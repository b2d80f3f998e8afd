/** What the shelf shows of each good, ready for the screen. */
import { bestPurchase } from "@elm-basket/core/stock/offers.ts";
import type { GoodRow } from "@/data/goods.ts";
import type { Wanted } from "@/data/promises.ts";

export const TABS = ["goods", "film", "scraps", "tools"] as const;
export type Tab = (typeof TABS)[number];

export interface ShelfGood extends GoodRow {
  readonly wanted: Wanted;
  /** What is here and wanted by nobody; less than nothing is lacking. */
  readonly free: number;
}

const TOOLS: readonly string[] = ["tool", "blade", "mat"];
export const tabOf = ({ kind }: Pick<GoodRow, "kind">): Tab => (kind === "film" ? "film" : TOOLS.includes(kind) ? "tools" : "goods");

const NOTHING: Wanted = { amount: 0, classes: [] };

export function shelfGoods(rows: readonly GoodRow[], wanted: ReadonlyMap<string, Wanted>): ShelfGood[] {
  return rows.map((row) => {
    const own = wanted.get(row.id) ?? NOTHING;
    return { ...row, wanted: own, free: Number((row.onHand - own.amount).toFixed(4)) };
  });
}

/** What is to be bought of a good: what the classes lack, or what brings it back above where it is to be bought again. */
export function lackingOf({ free, reorderAt }: Pick<ShelfGood, "free" | "reorderAt">): number {
  if (free < 0) return -free;
  return reorderAt !== null && free < reorderAt ? reorderAt - free : 0;
}

export interface ShoppingLine {
  readonly shop: string;
  readonly name: string;
  readonly unit: string;
  readonly lacking: number;
  readonly packs: number;
  readonly size: number;
  /** Minor units; null where it is not known. */
  readonly price: number | null;
  readonly for: string;
}

/** One line for each pack to buy, by shop; of goods without a known price one line without a pack price. */
export function shoppingList(goods: readonly ShelfGood[]): ShoppingLine[] {
  const lines = goods.flatMap((good): ShoppingLine[] => {
    const lacking = lackingOf(good);
    if (lacking <= 0) return [];
    const base = { name: good.name, unit: good.unit, lacking, for: good.wanted.classes.map(({ title }) => title).join("; ") };
    const best = bestPurchase(good.offers, lacking);
    if (best) return best.packs.map(({ offer, packs }) => ({ ...base, shop: offer.shop, packs, size: offer.size, price: packs * (offer.price ?? 0) }));
    const size = good.offers[0]?.size ?? 1;
    return [{ ...base, shop: good.offers[0]?.shop ?? "", packs: Math.ceil(lacking / size - 1e-9), size, price: null }];
  });
  return lines.sort((a, b) => a.shop.localeCompare(b.shop) || a.name.localeCompare(b.name));
}
