import { describe, expect, it } from "vitest";
import { costOf } from "./cost.ts";
import { pricesSchema } from "./price.ts";
import { supplySchema } from "./supply.ts";
import { supplyLines } from "./supply-lines.ts";

const supply = (more: object) => supplySchema.parse({ id: "x", name: "X", per: "seat", ...more });
const only = (more: object, seats = 14, spares = 1) =>
  supplyLines({ supplies: [supply(more)], seats, spares })[0];

describe("supplyLines", () => {
  it("takes stock off, then rounds up to packs", () => {
    const line = only({ amount: 1, pack: { size: 6, price: 1080 }, have: 12 });
    expect([line?.need, line?.packs, line?.buy, line?.leftAfter, line?.buyPrice]).toEqual([
      15, 1, 6, 3, 1080,
    ]);
  });

  it("counts tape by what one seat can use again", () => {
    expect(only({ per: "application", amount: 3, uses: 2 })?.need).toBe(30);
    expect(only({ per: "application", amount: 3, uses: 5 })?.need).toBe(15);
  });

  it("shares a tool over its life", () => {
    const line = only({ per: "shared", amount: 6, uses: 40, pack: { size: 3, price: 540 } });
    expect(line?.need).toBe(6);
    expect(line?.usedValue).toBeCloseTo((6 * 540) / 3 / 40, 9);
  });

  it("buys nothing when stock suffices, and rounding noise buys no pack", () => {
    expect(only({ amount: 1, have: 15 })?.packs).toBe(0);
    expect(only({ amount: 0.1, pack: { size: 0.3, price: 1 } }, 3, 0)?.packs).toBe(1);
  });
});

describe("costOf", () => {
  const prices = pricesSchema.parse({ hourlyRate: 1400, venue: 3500, margin: 0.3 });

  it("adds up by hand", () => {
    const cost = costOf(
      { lines: [{ id: "all", usedValue: 4210.2, priced: true }], prepMinutes: 90, seats: 14 },
      prices,
    );
    expect(cost).toMatchObject({
      materials: 4211,
      labour: 2100,
      total: 9811,
      perSeat: 701,
      price: 1002,
    });
    // What does not grow with seats, over what a seat brings beyond its own materials.
    expect(cost.breakEvenSeats).toBe(Math.ceil(5600 / (1002 - 4211 / 14)));
  });

  it("says so when no number of seats breaks even", () => {
    expect(
      costOf(
        { lines: [{ id: "all", usedValue: 14_000, priced: true }], prepMinutes: 0, seats: 14 },
        { ...prices, seatPrice: 900 },
      ).breakEvenSeats,
    ).toBeNull();
    expect(costOf({ lines: [], prepMinutes: 0, seats: 0 }, prices).perSeat).toBeNull();
  });

  it("claims nothing of a seat while the price of something needed is not known, and says of what", () => {
    const lines = [
      { id: "film", usedValue: 350, priced: true },
      { id: "blank", usedValue: 0, priced: false },
    ];
    expect(costOf({ lines, prepMinutes: 60, seats: 10 }, prices)).toMatchObject({
      materials: 350,
      complete: false,
      missing: ["blank"],
      perSeat: null,
      price: null,
      breakEvenSeats: null,
    });
  });
});
