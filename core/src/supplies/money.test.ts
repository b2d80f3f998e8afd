import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Cost, costOf, MATERIAL_KINDS, withSeats } from "./cost.ts";
import { pricesSchema } from "./price.ts";

const prices = (more: object = {}) =>
  pricesSchema.parse({ currency: "GBP", hourlyRate: 1400, venue: 3500, ...more });
const lines = [
  { id: "vinyl-gold", usedValue: 612.4, priced: true, kind: "film" as const },
  { id: "blank", usedValue: 2520, priced: true, kind: "blank" as const },
  { id: "twine", usedValue: 88.3, priced: true },
  { id: "heat-gun", usedValue: 20, priced: true, kind: "tools" as const, shared: true },
];
const of = (cost: Cost, kind: string) => cost.kinds.find((row) => row.kind === kind)?.minor ?? 0;

describe("what a class costs, by what it is spent on", () => {
  it("by hand: 14 seats, three hours before, two in, a half after, posted", () => {
    const cost = costOf(
      { lines, prepMinutes: 180, seats: 14, classMinutes: 120, posted: true },
      prices({ countsClass: true, minutesAfter: 30, post: 295 }),
    );
    expect(cost).toMatchObject({
      materials: 3241,
      labour: 4200 + 2800 + 700,
      venue: 3500,
      post: 4130,
      total: 3241 + 7700 + 3500 + 4130,
    });
    expect([
      of(cost, "hoursBefore"),
      of(cost, "hoursIn"),
      of(cost, "hoursAfter"),
      of(cost, "post"),
    ]).toEqual([4200, 2800, 700, 4130]);
    // (3220.7 of what grows + 4200 of preparation) / 14, and its postage.
    expect(cost.oneMore).toBeCloseTo((3220.7 + 4200) / 14 + 295, 6);
  });

  it("hours of the class and after, and postage, count only where it is said", () => {
    const cost = costOf(
      { lines, prepMinutes: 60, seats: 10, classMinutes: 120 },
      prices({ post: 295 }),
    );
    expect(cost).toMatchObject({ labour: 1400, post: 0 });
  });

  it("sums are exact to the unit, whatever the fractions", () => {
    const value = fc.double({ min: 0, max: 5000, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(value, fc.constantFrom(...MATERIAL_KINDS), fc.boolean()), {
          maxLength: 12,
        }),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 1, max: 200 }),
        fc.boolean(),
        (rows, minutes, seats, posted) => {
          const cost = costOf(
            {
              lines: rows.map(([usedValue, kind, shared], i) => ({
                id: String(i),
                usedValue,
                kind,
                shared,
                priced: true,
              })),
              prepMinutes: minutes,
              seats,
              classMinutes: minutes,
              posted,
            },
            prices({ countsClass: true, post: 123 }),
          );
          expect(cost.kinds.reduce((sum, { minor }) => sum + minor, 0)).toBe(cost.total);
          for (const { minor } of cost.kinds)
            expect(Number.isInteger(minor) && minor > 0).toBe(true);
          const materials = cost.kinds
            .filter(({ kind }) => (MATERIAL_KINDS as readonly string[]).includes(kind))
            .reduce((sum, { minor }) => sum + minor, 0);
          expect(materials).toBe(cost.materials);
        },
      ),
      { seed: 21, numRuns: 200 },
    );
  });
});

describe("one seat more or fewer", () => {
  const cost = costOf({ lines, prepMinutes: 180, seats: 14 }, prices({ seatPrice: 1200 }));

  it("a seat more spreads what stays over more", () => {
    const [fewer, same, more] = withSeats(cost, 14, [13, 14, 15]);
    expect(same).toEqual({ seats: 14, perSeat: cost.perSeat, left: 14 * 1200 - cost.total });
    expect(more?.perSeat ?? 0).toBeLessThan(same?.perSeat ?? 0);
    expect(fewer?.perSeat ?? 0).toBeGreaterThan(same?.perSeat ?? 0);
    expect((more?.left ?? 0) - (same?.left ?? 0)).toBe(1200 - Math.ceil(cost.oneMore));
  });

  it("nothing is claimed where a price is missing", () => {
    expect(
      withSeats(
        costOf(
          { lines: [{ id: "x", usedValue: 0, priced: false }], prepMinutes: 0, seats: 4 },
          prices(),
        ),
        4,
        [4],
      ),
    ).toEqual([]);
  });
});
