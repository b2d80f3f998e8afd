import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runSheetCsv, suppliesCsv, timedSteps } from "../plan/tables.ts";
import { demoDocument, withNames } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { makePlan } from "../testing/one-thing.ts";
import { costOf } from "./cost.ts";
import { moneyText } from "./money.ts";
import { pricesSchema } from "./price.ts";
import { supplySchema } from "./supply.ts";
import { supplyLines } from "./supply-lines.ts";

const supply = fc.record({
  per: fc.constantFrom("seat", "shared", "application"),
  amount: fc.integer({ min: 0, max: 12 }),
  have: fc.integer({ min: 0, max: 40 }),
  uses: fc.integer({ min: 1, max: 6 }),
  size: fc.integer({ min: 1, max: 50 }),
  price: fc.integer({ min: 0, max: 4000 }),
});

describe("buying", () => {
  it("is enough, never a pack too many, and the stock adds up", () => {
    fc.assert(
      fc.property(
        supply,
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 6 }),
        ({ per, amount, have, uses, size, price }, seats, spares) => {
          const [line] = supplyLines({
            supplies: [
              supplySchema.parse({
                id: "x",
                name: "X",
                per,
                amount,
                have,
                uses,
                pack: { size, price },
              }),
            ],
            seats,
            spares,
          });
          if (!line) throw new Error("no line");
          expect(line.have + line.buy).toBeGreaterThanOrEqual(line.need - 1e-9);
          if (line.packs > 0) expect(line.have + line.buy - size).toBeLessThan(line.need);
          expect(line.leftAfter).toBeCloseTo(line.have + line.buy - line.need, 9);
          expect(line.buyPrice).toBe(line.packs * price);
          expect(line.need).toBe(
            per === "shared"
              ? amount
              : (per === "application" ? Math.ceil(amount / uses) : amount) * (seats + spares),
          );
        },
      ),
      { seed: 91, numRuns: 300 },
    );
  });

  it("more seats never need less", () => {
    fc.assert(
      fc.property(
        supply,
        fc.integer({ min: 0, max: 60 }),
        ({ per, amount, uses, size, price }, seats) => {
          const need = (n: number) =>
            supplyLines({
              supplies: [
                supplySchema.parse({
                  id: "x",
                  name: "X",
                  per,
                  amount,
                  uses,
                  pack: { size, price },
                }),
              ],
              seats: n,
              spares: 1,
            })[0]?.need ?? 0;
          expect(need(seats + 1)).toBeGreaterThanOrEqual(need(seats));
        },
      ),
      { seed: 92, numRuns: 150 },
    );
  });
});

/** Everything has a price, so everything is told. */
function knownCost(
  usedValue: number,
  prepMinutes: number,
  seats: number,
  prices: Parameters<typeof costOf>[1],
) {
  const cost = costOf(
    { lines: [{ id: "all", usedValue, priced: true }], prepMinutes, seats },
    prices,
  );
  return { ...cost, perSeat: cost.perSeat as number, price: cost.price as number };
}

describe("prices", () => {
  const prices = fc.record({
    hourlyRate: fc.integer({ min: 0, max: 6000 }),
    venue: fc.integer({ min: 0, max: 50_000 }),
    margin: fc.double({ min: 0, max: 0.9, noNaN: true }),
  });

  it("leave the margin that was asked for, whatever the rounding", () => {
    fc.assert(
      fc.property(
        prices,
        fc.integer({ min: 0, max: 90_000 }),
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 1, max: 60 }),
        (given, usedValue, prepMinutes, seats) => {
          const cost = knownCost(usedValue, prepMinutes, seats, pricesSchema.parse(given));
          expect(cost.total).toBe(cost.materials + cost.labour + cost.venue);
          expect(cost.perSeat * seats).toBeGreaterThanOrEqual(cost.total);
          expect(cost.price * (1 - given.margin)).toBeGreaterThanOrEqual(cost.perSeat - 1e-3);
          expect((cost.price - 1) * (1 - given.margin)).toBeLessThan(cost.perSeat + 1e-3);
        },
      ),
      { seed: 93, numRuns: 200 },
    );
  });

  it("break even at the first number of seats that pays, and not before", () => {
    fc.assert(
      fc.property(
        prices,
        fc.integer({ min: 100, max: 90_000 }),
        fc.integer({ min: 2, max: 60 }),
        (given, usedValue, seats) => {
          const cost = knownCost(usedValue, 120, seats, pricesSchema.parse(given));
          if (cost.breakEvenSeats === null) return;
          const fixed = cost.labour + cost.venue;
          const earned = (n: number) => n * (cost.price - cost.materials / seats) - fixed;
          expect(earned(cost.breakEvenSeats)).toBeGreaterThanOrEqual(-1e-3);
          if (cost.breakEvenSeats > 0) expect(earned(cost.breakEvenSeats - 1)).toBeLessThan(1e-3);
        },
      ),
      { seed: 94, numRuns: 200 },
    );
  });

  it("money in words", () => {
    expect(moneyText(1250, "GBP")).toBe("£12.50");
    expect(moneyText(5, "EUR")).toBe("€0.05");
    expect(moneyText(1250, "JPY")).toBe("¥1,250");
    for (const typed of ["", "G", "gbp"])
      expect(moneyText(190, typed)).toBe(`1.90 ${typed}`.trim());
  });
});

describe("the lists of a plan", () => {
  const plan = makePlan(demoDocument("slate-numbers"), testFonts);

  it("name every supply and vinyl once, with what to buy", () => {
    const lines = suppliesCsv(plan.supplies, plan.document).trim().split("\r\n");
    expect(lines).toHaveLength(plan.supplies.length + 1);
    expect(new Set(plan.supplies.map(({ id }) => id)).size).toBe(plan.supplies.length);
    expect(plan.supplies.some(({ id }) => id === "vinyl-film")).toBe(true);
  });

  it("time every step on the clock of the class, one after the other", () => {
    const rows = timedSteps(plan);
    expect(rows[0]?.start).toBe(plan.document.when.time);
    rows.slice(1).forEach((row, i) => {
      expect(row.startInstant).toBeGreaterThanOrEqual(rows[i]?.startInstant ?? 0);
    });
    expect(runSheetCsv(plan).trim().split("\r\n")).toHaveLength(plan.document.steps.length + 1);
  });

  it("twice the names take twice the tins, and no fewer sheets", () => {
    const tins = demoDocument("seed-tins");
    const need = (names: string[]) => makePlan(withNames(tins, names), testFonts);
    const [few, many] = [need(["Ines", "Bo"]), need(["Ines", "Bo", "Jo", "Al"])];
    const tin = (p: typeof few) => p.supplies.find(({ name }) => name.includes("tin"))?.need ?? 0;
    expect(tin(many) - tin(few)).toBe(2);
    expect(many.laidOut.sheets.length).toBeGreaterThanOrEqual(few.laidOut.sheets.length);
  });
});
