import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Offer } from "./good.ts";
import { bestPurchase, pricePerDm2 } from "./offers.ts";

const offer = (id: string, size: number, price?: number): Offer => ({
  id,
  shop: id,
  size,
  ...(price === undefined ? {} : { price }),
});

/** Every mix of packs up to what is surely enough. */
function cheapestByTrying(offers: readonly Offer[], lacking: number): number {
  const [first, ...others] = offers;
  if (lacking <= 0) return 0;
  if (!first) return Number.POSITIVE_INFINITY;
  const most = Math.ceil(lacking / first.size);
  return Math.min(
    ...Array.from(
      { length: most + 1 },
      (_, n) => n * (first.price ?? 0) + cheapestByTrying(others, lacking - n * first.size),
    ),
  );
}

describe("the best purchase", () => {
  it("mixes packs: 27 tins are a box of 24 and a pack of 6", () => {
    const found = bestPurchase([offer("pack", 6, 1080), offer("box", 24, 3600)], 27);
    expect(found?.packs.map(({ offer: own, packs }) => [own.id, packs])).toEqual([
      ["pack", 1],
      ["box", 1],
    ]);
    expect(found).toMatchObject({ price: 4680, brings: 30 });
  });

  it("costs no more than any mix that can be tried", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            size: fc.integer({ min: 1, max: 12 }),
            price: fc.integer({ min: 0, max: 500 }),
          }),
          { minLength: 1, maxLength: 3 },
        ),
        fc.integer({ min: 1, max: 40 }),
        (given, lacking) => {
          const offers = given.map(({ size, price }, i) => offer(`o${i}`, size, price));
          const found = bestPurchase(offers, lacking);
          expect(found?.price).toBe(cheapestByTrying(offers, lacking));
          expect(found?.brings).toBeGreaterThanOrEqual(lacking);
          expect(
            found?.packs.reduce((sum, { offer: own, packs }) => sum + packs * (own.price ?? 0), 0),
          ).toBe(found?.price);
        },
      ),
      { seed: 904, numRuns: 250 },
    );
  });

  it("says nothing where no price is known or nothing is lacking, and reckons parts by one kind of pack", () => {
    expect(bestPurchase([offer("a", 6)], 3)).toBeNull();
    expect(bestPurchase([offer("a", 6, 100)], 0)).toBeNull();
    expect(bestPurchase([offer("roll", 2.5, 900), offer("metre", 1, 500)], 3.2)?.price).toBe(1800);
  });
});

describe("what a square decimetre costs", () => {
  const sheet = { stock: { kind: "sheet" as const, width: 304.8, height: 304.8 } };
  it("of film by its sheet, of tape by the piece of the offer, whatever the pack holds", () => {
    expect(
      pricePerDm2({ film: sheet as never }, { id: "a", shop: "", size: 1, price: 190 }),
    ).toBeCloseTo(190 / 9.290304, 6);
    const roll = { width: 100, height: 10_000 };
    expect(
      pricePerDm2({ film: undefined }, { id: "a", shop: "", size: 1, price: 1200, each: roll }),
    ).toBeCloseTo(12, 9);
    expect(
      pricePerDm2({ film: undefined }, { id: "b", shop: "", size: 3, price: 3000, each: roll }),
    ).toBeCloseTo(10, 9);
  });

  it("is missing where price or size is", () => {
    expect(
      pricePerDm2({ film: undefined }, { id: "a", shop: "", size: 1, price: 1200 }),
    ).toBeNull();
    expect(
      pricePerDm2(
        { film: undefined },
        { id: "a", shop: "", size: 1, each: { width: 10, height: 10 } },
      ),
    ).toBeNull();
  });
});
