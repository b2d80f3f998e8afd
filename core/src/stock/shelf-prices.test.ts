import { describe, expect, it } from "vitest";
import { demoClass } from "../testing/documents.ts";
import { pricedByShelf, type ShelfGood, seatCost } from "./shelf-prices.ts";

const offer = (size: number, price?: number) => ({
  id: "a",
  shop: "Elmford stores",
  size,
  ...(price === undefined ? {} : { price }),
});
const tins: ShelfGood = { name: "Seed tin", unit: "piece", offers: [offer(6, 1080)] };
const twine: ShelfGood = { name: "Twine", unit: "m", offers: [offer(50)] };
/** A sheet of 10 x 20 cm at 100, and a pack of five such at 400. */
const film = (kind: "sheet" | "pack", price: number): ShelfGood => ({
  name: kind === "sheet" ? "Harbour gloss" : "Poppy gloss",
  unit: kind,
  offers: [offer(1, price)],
  film: {
    family: "permanentGloss",
    colour: kind === "sheet" ? "#1f4e79" : "#cc3322",
    stock: { kind, width: 100, height: 200, ...(kind === "pack" ? { sheets: 5, pack: "p" } : {}) },
  } as never,
});
const goods = [tins, twine, film("sheet", 100), film("pack", 400)];
const gloss = (colour: string) => ({ family: "permanentGloss" as const, colour });

describe("what a seat uses up costs", () => {
  it("its share of a pack, of a sheet by its area, of a pack of sheets by all of them", () => {
    const cost = (name: string, unit: string, amount: number, colour?: string) =>
      seatCost([{ name, unit, amount, ...(colour ? { film: gloss(colour) } : {}) }], goods).minor;
    expect(cost("Seed tin", "piece", 1)).toBe(180);
    expect(cost("seed TIN", "Piece", 2)).toBe(360);
    // 50 of 200 cm² at 100.
    expect(cost("Harbour gloss", "cm2", 50, "#1F4E79")).toBe(25);
    // 50 of 1000 cm² at 400.
    expect(cost("Poppy gloss", "cm2", 50, "#CC3322")).toBe(20);
  });

  it("is rounded up once, over all, and says of how many lines a price is known", () => {
    const third = { name: "Seed tin", unit: "piece", amount: 1 / 540 };
    expect(seatCost([third, third, third], goods)).toEqual({ minor: 1, priced: 3, of: 3 });
    const unknown = [
      { name: "Twine", unit: "m", amount: 2 },
      { name: "Beads", unit: "piece", amount: 3 },
      { name: "Seed tin", unit: "box", amount: 3 },
      { name: "Harbour gloss", unit: "cm2", amount: 5, film: gloss("#000000") },
    ];
    expect(seatCost(unknown, goods)).toEqual({ minor: 0, priced: 0, of: 4 });
    expect(seatCost([], goods)).toEqual({ minor: 0, priced: 0, of: 0 });
  });
});

describe("a document that hangs on no shelf", () => {
  const document = demoClass("seed-tins");

  it("has packs and prices of what the shelf knows, and all else as it was", () => {
    const [first, ...others] = document.supplies;
    if (!first) throw new Error("no supplies");
    const there: ShelfGood = { name: first.name, unit: first.unit, offers: [offer(12, 999)] };
    const priced = pricedByShelf(document, [there]);
    expect(priced.supplies[0]).toEqual({ ...first, pack: { size: 12, price: 999 } });
    expect(priced.supplies.slice(1)).toEqual(others);
    expect(priced.vinyls).toEqual(document.vinyls);
    const unpriced = pricedByShelf(document, [{ ...there, offers: [offer(12)] }]);
    expect(unpriced.supplies[0]?.pack).toEqual({ size: 12 });
  });

  it("keeps how much film is at hand; a film without a price on the shelf stays", () => {
    const [vinyl] = document.vinyls;
    if (!vinyl) throw new Error("no film");
    const { have: _, price: __, ...form } = vinyl.stock;
    const there = (price?: number): ShelfGood => ({
      name: vinyl.name,
      unit: "sheet",
      offers: [offer(1, price)],
      film: { ...gloss(vinyl.colour), family: vinyl.family, stock: form } as never,
    });
    expect(pricedByShelf(document, [there(777)]).vinyls[0]?.stock).toEqual({
      ...form,
      have: vinyl.stock.have,
      price: 777,
    });
    expect(pricedByShelf(document, [there()]).vinyls).toEqual(document.vinyls);
  });
});
