import { shelved } from "@elm-basket/core/stock/reserve.ts";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ShelfGood, shelfGoods } from "../shelf-view.ts";
import { lackingFor, priceOf, shoppingList } from "./shopping-list.ts";

const good = (id: string, more: Partial<ShelfGood> = {}): ShelfGood => ({
  id,
  kind: "consumable",
  name: id,
  unit: "piece",
  film: null,
  offers: [],
  reorderAt: null,
  onHand: 0,
  kept: true,
  version: 1,
  classes: 1,
  wanted: { amount: 0, classes: [] },
  free: 0,
  ...more,
});
const wanting = (amount: number, ...classes: string[]) => ({
  amount,
  classes: classes.map((id) => ({ id, title: id, date: "2026-12-05", need: amount })),
});

describe("the shopping list", () => {
  it("goes by shop and buys whole packs, the cheapest mix; what has no price says so", () => {
    const offers = [
      { id: "a", shop: "Corner Craft", size: 10, price: 900 },
      { id: "b", shop: "Corner Craft", size: 3, price: 290 },
    ];
    const rows = [
      good("wipes", { offers, wanted: wanting(12, "tins"), free: -12 }),
      good("rings", { wanted: wanting(4, "tins", "pots"), free: -4 }),
      good("tape", { free: 2 }),
    ];
    const lines = shoppingList(rows, new Map([["tins", "2026-11-23"]]));
    expect(
      lines.map(({ good: id, shop, packs, size, packPrice }) => [id, shop, packs, size, packPrice]),
    ).toEqual([
      ["rings", "", 4, 1, null],
      ["wipes", "Corner Craft", 4, 3, 290],
    ]);
    expect(lines.map(priceOf)).toEqual([null, 1160]);
    expect(lines[0]?.for).toEqual(["tins", "pots"]);
    expect(lines.map(({ orderBy }) => orderBy)).toEqual(["2026-11-23", "2026-11-23"]);
  });

  it("what only runs low is bought back to what is kept, for nobody and by no day", () => {
    const [line] = shoppingList([good("tape", { reorderAt: 5, onHand: 2, free: 2 })], new Map());
    expect(line).toMatchObject({ lacking: 3, packs: 3, for: [], orderBy: null });
  });

  it("of one class alone it buys what the list of the class says, whatever is here, kept and taken", () => {
    const row = fc.record({
      need: fc.integer({ min: 0, max: 60 }),
      taken: fc.integer({ min: 0, max: 60 }),
      onHand: fc.integer({ min: 0, max: 90 }),
      kept: fc.integer({ min: 0, max: 90 }),
    });
    fc.assert(
      fc.property(row, fc.integer({ min: 1, max: 12 }), (figures, size) => {
        const line = {
          need: figures.need,
          have: 0,
          packs: 0,
          packSize: size,
          buy: 0,
          leftAfter: 0,
          price: 250,
          buyPrice: 0,
        };
        const { packs, buyPrice } = shelved(line, figures);
        const lacks = lackingFor([{ good: "g", ...figures }]);
        const [rows] = [
          shelfGoods([good("g", { offers: [{ id: "a", shop: "", size, price: 250 }] })], new Map()),
        ];
        const [bought] = shoppingList(rows, new Map(), ({ id }) => lacks.get(id) ?? 0);
        expect(bought?.packs ?? 0).toBe(packs);
        expect(bought ? priceOf(bought) : 0).toBe(buyPrice);
      }),
      { seed: 1911, numRuns: 300 },
    );
  });
});
