import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { costOf } from "./cost.ts";
import { pricesSchema } from "./price.ts";
import { type Supply, supplySchema } from "./supply.ts";
import { SEATS_AT_A_TABLE, supplyLines } from "./supply-lines.ts";

const supply = (more: Partial<Supply>): Supply =>
  supplySchema.parse({ id: "thing", name: "Thing", per: "seat", ...more });
const line = (more: Partial<Supply>, seats = 14, spares = 0) => {
  const [only] = supplyLines({ supplies: [supply(more)], seats, spares });
  if (!only) throw new Error("no line");
  return only;
};

describe("how much is needed", () => {
  it.each([
    ["two a seat", { per: "seat", amount: 2 }, 28],
    ["one a table of four", { per: "table", amount: 1 }, Math.ceil(14 / SEATS_AT_A_TABLE)],
    ["one a table of six", { per: "table", amount: 1, seats: 6 }, 3],
    ["a pot for six seats begun", { per: "every", amount: 1, seats: 6 }, 3],
    ["two pots for five seats begun", { per: "every", amount: 2, seats: 5 }, 6],
    ["one for the room", { per: "shared", amount: 1 }, 1],
    [
      "three pieces of tape a seat, each used twice",
      { per: "application", amount: 3, uses: 2 },
      28,
    ],
  ] as const)("%s", (_, more, need) => {
    expect(line(more).need).toBe(need);
  });

  it("spares are whole kits, where the line has spares", () => {
    expect(line({ amount: 2 }, 14, 2).need).toBe(32);
    expect(line({ amount: 2, spares: false }, 14, 2).need).toBe(28);
  });

  it("of one thing only by the seats that make it", () => {
    const [only] = supplyLines({
      supplies: [supply({ thing: "lid" })],
      seats: 14,
      spares: 1,
      madeBy: (thing) => (thing === "lid" ? [1, 1, 1, 1, 1] : []),
    });
    expect(only?.need).toBe(6);
  });

  it("nobody needs nothing but what is for the room", () => {
    expect(line({ per: "seat" }, 0).need).toBe(0);
    expect(line({ per: "table" }, 0).need).toBe(0);
    expect(line({ per: "shared" }, 0).need).toBe(1);
  });
});

describe("what is bought", () => {
  it("what is at hand comes first, then whole packs; what is left over is known", () => {
    expect(line({ amount: 1, have: 3, pack: { size: 10, price: 500 } })).toMatchObject({
      need: 14,
      packs: 2,
      buy: 20,
      leftAfter: 9,
      buyPrice: 1000,
    });
    expect(line({ have: 99 })).toMatchObject({ packs: 0, buy: 0 });
  });

  it("never less than needed, never a pack too many", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("seat", "table", "every", "shared", "application"),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 1, max: 50 }),
        fc.integer({ min: 0, max: 500 }),
        (per, amount, have, size, seats) => {
          const { need, buy } = line(
            { per, amount, have, pack: { size } } as Partial<Supply>,
            seats,
          );
          expect(have + buy).toBeGreaterThanOrEqual(need);
          if (buy > 0) expect(have + buy - size).toBeLessThan(need);
        },
      ),
      { seed: 94, numRuns: 400 },
    );
  });
});

describe("what it costs", () => {
  it("a scraper of twenty uses is charged by its twentieth", () => {
    const one = line({ uses: 20, pack: { size: 1, price: 200 } });
    expect(one.usedValue).toBeCloseTo((14 * 200) / 20, 6);
    // It is bought whole all the same.
    expect(one.buyPrice).toBe(14 * 200);
  });

  const prices = pricesSchema.parse({ hourlyRate: 1200, margin: 0.3 });
  it("a price that is missing is named, and no price of a seat is claimed", () => {
    const lines = supplyLines({
      supplies: [supply({ id: "bag", pack: { size: 1, price: 35 } }), supply({ id: "blank" })],
      seats: 10,
      spares: 0,
    });
    expect(costOf({ lines, prepMinutes: 60, seats: 10 }, prices)).toMatchObject({
      complete: false,
      missing: ["blank"],
      perSeat: null,
      price: null,
      breakEvenSeats: null,
      materials: 350,
      labour: 1200,
    });
  });

  it("a price of nothing is a price", () => {
    const lines = supplyLines({
      supplies: [supply({ pack: { size: 1, price: 0 } })],
      seats: 10,
      spares: 0,
    });
    expect(costOf({ lines, prepMinutes: 60, seats: 10 }, prices)).toMatchObject({
      complete: true,
      missing: [],
      perSeat: 120,
      price: 172,
    });
  });

  it("breaks even at the first number of seats whose prices bear all costs", () => {
    const lines = supplyLines({
      supplies: [supply({ pack: { size: 1, price: 500 } })],
      seats: 12,
      spares: 0,
    });
    const cost = costOf(
      { lines, prepMinutes: 120, seats: 12 },
      pricesSchema.parse({ hourlyRate: 1500, venue: 4000, seatPrice: 2000 }),
    );
    const n = cost.breakEvenSeats ?? 0;
    expect(n).toBeGreaterThan(0);
    expect(n * 2000).toBeGreaterThanOrEqual(n * 500 + 3000 + 4000);
    expect((n - 1) * 2000).toBeLessThan((n - 1) * 500 + 3000 + 4000);
  });
});
