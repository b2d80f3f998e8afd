import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seededRandom } from "../geometry/random.ts";
import type { Bin, Item, Layout } from "./problem.ts";
import { guillotine } from "./strategies/guillotine.ts";
import { shelves } from "./strategies/shelves.ts";
import { layTrimmerFriendly, loadsBound, trimsOf } from "./trimmer.ts";
import { validateLayout } from "./validate.ts";

const sheet: Bin = { width: 286, height: 286 };
const item = (id: string, width: number, height: number, mayTurn = true): Item => ({
  id,
  width,
  height,
  mayTurn,
});
const kits = (n: number, seed: number): Item[] => {
  const random = seededRandom(seed);
  return Array.from({ length: n }, (_, i) =>
    item(String(i), 30 + random() * 60, 25 + random() * 25),
  );
};

describe("layTrimmerFriendly", () => {
  it("passes the independent check on random kits: all placed once, inside, apart, separable", () => {
    const some = fc.array(
      fc.tuple(
        fc.double({ min: 1, max: 320, noNaN: true }),
        fc.double({ min: 1, max: 320, noNaN: true }),
        fc.boolean(),
      ),
      { maxLength: 40 },
    );
    fc.assert(
      fc.property(some, (sizes) => {
        const items = sizes.map(([w, h, turn], i) => item(`k${i}`, w, h, turn));
        expect(validateLayout(layTrimmerFriendly(items, sheet), items, sheet, true)).toEqual([]);
      }),
      { seed: 8, numRuns: 120 },
    );
  });

  it("says what is too large, and lays the rest", () => {
    const layout = layTrimmerFriendly([item("wide", 300, 20, true), item("ok", 20, 20)], sheet);
    expect(layout.unplaced).toEqual([{ id: "wide", reason: "tooLarge" }]);
    expect(layout.placed.map(({ id }) => id)).toEqual(["ok"]);
    const turned = layTrimmerFriendly([item("long", 20, 280)], { width: 286, height: 30 });
    expect(turned.placed[0]?.turned).toBe(true);
    expect(
      layTrimmerFriendly([item("long", 20, 280, false)], { width: 286, height: 30 }).unplaced,
    ).toHaveLength(1);
  });

  it("reaches the perfect layout of equal kits", () => {
    const items = Array.from({ length: 24 }, (_, i) => item(String(i), 71.5, 47.6));
    const layout = layTrimmerFriendly(items, sheet);
    expect(layout.trims).toHaveLength(1);
    expect(loadsBound(items, sheet)).toBe(1);
  });

  it("never needs more loads than plain shelves", () => {
    for (const seed of [1, 2, 3, 4, 5]) {
      const items = kits(60, seed);
      const plain = trimsOf(shelves(items, sheet), new Map(items.map((i) => [i.id, i])));
      const best = layTrimmerFriendly(items, sheet);
      expect(best.trims.length).toBeLessThanOrEqual(plain.length);
      expect(best.trims.length).toBeGreaterThanOrEqual(loadsBound(items, sheet));
    }
  });

  it("is the same every time", () => {
    expect(layTrimmerFriendly(kits(50, 9), sheet)).toEqual(layTrimmerFriendly(kits(50, 9), sheet));
  });

  it("takes no kits at all", () => {
    expect(layTrimmerFriendly([], sheet)).toEqual({ placed: [], unplaced: [], trims: [] });
  });

  it("guillotine refuses an item that fits no bin: it must be taken out before", () => {
    expect(() => guillotine([item("x", 999, 1, false)], sheet, "area", "across")).toThrow(
      /does not fit/u,
    );
  });
});

describe("validateLayout", () => {
  const items = [item("a", 50, 50), item("b", 50, 50)];
  const at = (id: string, x: number, y: number, turned = false) => ({ id, bin: 0, x, y, turned });
  const check = (placed: Layout["placed"], guillotine = false) =>
    validateLayout({ placed, unplaced: [], trims: [] }, items, sheet, guillotine).map(
      ({ code }) => code,
    );

  it("finds what is lost, twice, outside, overlapping", () => {
    expect(check([at("a", 0, 0), at("b", 50, 0)])).toEqual([]);
    expect(check([at("a", 0, 0)])).toEqual(["lost"]);
    expect(check([at("a", 0, 0), at("a", 60, 0), at("b", 120, 0)])).toEqual(["twice"]);
    expect(check([at("a", 0, 0), at("b", 240, 0)])).toEqual(["outside"]);
    expect(check([at("a", 0, 0), at("b", 49, 49)])).toEqual(["overlap"]);
  });

  it("finds a pinwheel that no straight cut can part", () => {
    const wheel = [
      item("1", 60, 30, false),
      item("2", 30, 60, false),
      item("3", 60, 30, false),
      item("4", 30, 60, false),
    ];
    const placed = [at("1", 0, 0), at("2", 60, 0), at("3", 30, 60), at("4", 0, 30)];
    expect(
      validateLayout({ placed, unplaced: [], trims: [] }, wheel, sheet, true).map(
        ({ code }) => code,
      ),
    ).toEqual(["notGuillotine"]);
  });
});
