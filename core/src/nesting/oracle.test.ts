/**
 * Every strategy on random kits, held against the independent check, against bounds, and against
 * exhaustive search.
 */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seededRandom } from "../geometry/random.ts";
import type { Bin, Item, PlacedItem } from "./problem.ts";
import { columns } from "./strategies/columns.ts";
import { guillotine } from "./strategies/guillotine.ts";
import { shelves } from "./strategies/shelves.ts";
import { layTrimmerFriendly, loadsBound, trimsOf } from "./trimmer.ts";
import { validateLayout } from "./validate.ts";

const bin: Bin = { width: 280, height: 280 };
const item = fc.record({
  width: fc.integer({ min: 15, max: 140 }),
  height: fc.integer({ min: 12, max: 120 }),
  mayTurn: fc.boolean(),
});
const items = fc
  .array(item, { minLength: 1, maxLength: 60 })
  .map((list) => list.map((one, i): Item => ({ id: `k${i}`, ...one })));

const layoutOf = (placed: readonly PlacedItem[], list: readonly Item[]) => ({
  placed,
  unplaced: [],
  trims: trimsOf(placed, new Map(list.map((one) => [one.id, one]))),
});
const used = (trims: readonly Bin[]): number =>
  trims.reduce((sum, trim) => sum + trim.width * trim.height, 0);

describe("every strategy passes the independent check", () => {
  it.each([
    ["shelves", (list: readonly Item[]) => shelves(list, bin)],
    ["columns", (list: readonly Item[]) => columns(list, bin, false)],
    ["columns, turned", (list: readonly Item[]) => columns(list, bin, true)],
    [
      "guillotine by short sides",
      (list: readonly Item[]) => guillotine(list, bin, "shortSide", "shorterLeftover"),
    ],
    ["guillotine by area", (list: readonly Item[]) => guillotine(list, bin, "area", "across")],
    [
      "guillotine from the corner",
      (list: readonly Item[]) => guillotine(list, bin, "topLeft", "down"),
    ],
  ] as const)("%s", (_, strategy) => {
    fc.assert(
      fc.property(items, (list) => {
        expect(validateLayout(layoutOf(strategy(list), list), list, bin, true)).toEqual([]);
      }),
      { seed: 121, numRuns: 40 },
    );
  });
});

describe("the layout that is used", () => {
  it("never takes more vinyl than any one of its strategies, nor fewer loads than the bound", () => {
    fc.assert(
      fc.property(items, (list) => {
        const best = layTrimmerFriendly(list, bin);
        expect(best.trims.length).toBeGreaterThanOrEqual(loadsBound(list, bin));
        for (const placed of [
          shelves(list, bin),
          columns(list, bin, false),
          columns(list, bin, true),
        ]) {
          const other = layoutOf(placed, list).trims;
          if (other.length === best.trims.length)
            expect(used(best.trims)).toBeLessThanOrEqual(used(other) + 1e-6);
          else expect(best.trims.length).toBeLessThan(other.length);
        }
      }),
      { seed: 122, numRuns: 40 },
    );
  });

  it("the bound is below what exhaustive search needs, on rows of equal height", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 20, max: 150 }), { minLength: 1, maxLength: 7 }),
        (widths) => {
          const list = widths.map(
            (width, i): Item => ({ id: `k${i}`, width, height: 280, mayTurn: false }),
          );
          const needed = fewestBins(widths, 280);
          expect(loadsBound(list, bin)).toBeLessThanOrEqual(needed);
          expect(layTrimmerFriendly(list, bin).trims.length).toBeGreaterThanOrEqual(needed);
        },
      ),
      { seed: 123, numRuns: 80 },
    );
  });

  it("trims cover what lies on them, and no more than a load", () => {
    fc.assert(
      fc.property(items, (list) => {
        const made = layTrimmerFriendly(list, bin);
        const byId = new Map(list.map((one) => [one.id, one]));
        made.trims.forEach((trim, load) => {
          expect(trim.width <= bin.width + 1e-6 && trim.height <= bin.height + 1e-6).toBe(true);
          for (const at of made.placed.filter(({ bin: own }) => own === load)) {
            const own = byId.get(at.id) as Item;
            expect(at.x + (at.turned ? own.height : own.width)).toBeLessThanOrEqual(
              trim.width + 1e-6,
            );
            expect(at.y + (at.turned ? own.width : own.height)).toBeLessThanOrEqual(
              trim.height + 1e-6,
            );
          }
        });
      }),
      { seed: 124, numRuns: 60 },
    );
  });

  it("the order in which kits come does not lose any of them", () => {
    const random = seededRandom(5);
    const list = Array.from(
      { length: 40 },
      (_, i): Item => ({
        id: `k${i}`,
        width: 20 + random() * 80,
        height: 15 + random() * 40,
        mayTurn: true,
      }),
    );
    for (let turn = 0; turn < 5; turn++) {
      const shuffled = [...list].sort(() => random() - 0.5);
      const made = layTrimmerFriendly(shuffled, bin);
      expect(made.placed.map(({ id }) => id).sort()).toEqual(list.map(({ id }) => id).sort());
    }
  });

  it("slivers and giants: long thin kits lie along, what is too large is said", () => {
    const odd: Item[] = [
      { id: "sliver", width: 279, height: 0.5, mayTurn: true },
      { id: "tall", width: 2, height: 279, mayTurn: false },
      { id: "giant", width: 281, height: 10, mayTurn: false },
      { id: "turnable", width: 10, height: 280, mayTurn: true },
    ];
    const made = layTrimmerFriendly(odd, bin);
    expect(made.unplaced).toEqual([{ id: "giant", reason: "tooLarge" }]);
    expect(validateLayout(made, odd, bin, true)).toEqual([]);
  });
});

/** Fewest bins for lengths side by side, by trying everything. */
function fewestBins(lengths: readonly number[], size: number): number {
  let best = lengths.length;
  const place = (i: number, bins: number[]): void => {
    if (bins.length >= best && i < lengths.length) return;
    if (i === lengths.length) {
      best = Math.min(best, bins.length);
      return;
    }
    const length = lengths[i] as number;
    bins.forEach((free, k) => {
      if (free >= length) place(i + 1, [...bins.slice(0, k), free - length, ...bins.slice(k + 1)]);
    });
    place(i + 1, [...bins, size - length]);
  };
  place(0, []);
  return best;
}
