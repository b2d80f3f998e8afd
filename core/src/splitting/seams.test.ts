import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boxOf, type Polygon, rectRing } from "../geometry/polygon.ts";
import { type Boxed, cheapest, positions, seamCost } from "./seams.ts";

const piece = (polygon: Polygon, long = false): Boxed => {
  const box = boxOf([polygon]);
  return { piece: { id: "p", polygon }, box, middle: (box.minX + box.maxX) / 2, long };
};
const bar = (from: number, to: number, long = false) => piece([rectRing(from, 0, to, 6)], long);

describe("where seams may be", () => {
  it("in the middle of gaps, and between middles of neighbours", () => {
    expect(positions([bar(0, 20), bar(30, 50)])).toEqual([25]);
    expect(positions([bar(20, 100), bar(0, 10)])).toEqual([15, 32.5]);
    // Interlocking: no gap. One inside the other: none either.
    expect(positions([bar(0, 30), bar(20, 60)])).toEqual([27.5]);
    expect(positions([bar(0, 60), bar(20, 30), bar(80, 90)])).toEqual([27.5, 57.5, 70]);
    expect(positions([bar(0, 20), bar(5, 15)])).toEqual([]);
  });

  it("every millimetre across what is too long", () => {
    expect(positions([bar(0, 3.2, true)])).toEqual([0.5, 1.5, 2.5]);
    expect(positions([bar(0.4, 3.5, true)])).toEqual([1.5, 2.5]);
    expect(positions([bar(0, 2, true), bar(6, 8)])).toEqual([0.5, 1.5, 4]);
  });

  it("are not looked for in a design of 4 m and more", () => {
    expect(positions([bar(0, 4000, true)])).toHaveLength(4000);
    expect(positions([bar(0, 4001, true)])).toBeNull();
  });
});

describe("what a seam costs", () => {
  it("nothing in a gap of 20 mm, more the nearer a piece", () => {
    const two = [bar(0, 10), bar(30, 40)];
    expect(seamCost(two, 20)).toBe(0);
    expect(seamCost(two, 15)).toBeCloseTo(0.5, 9);
    expect(seamCost(two, 28)).toBeCloseTo(0.8, 9);
    expect(seamCost(two, 10)).toBeCloseTo(1, 9);
    expect(seamCost(two, 30)).toBeCloseTo(1, 9);
  });

  it("of whole pieces that interlock, how far the nearer side reaches past it", () => {
    expect(seamCost([bar(0, 10)], 4)).toBeCloseTo(4 + 1, 9);
    expect(seamCost([bar(0, 10), bar(2, 5)], 4)).toBeCloseTo(4 + 1 + 1, 9);
  });

  it("through a piece, its length and slant, more than any interlocking", () => {
    expect(seamCost([bar(0, 100, true)], 50)).toBeCloseTo(100 + 6, 9);
    // Wherever its outline begins.
    const fromAbove: Polygon = [
      [
        [100, 6],
        [0, 6],
        [0, 0],
        [100, 0],
      ],
    ];
    expect(seamCost([piece(fromAbove, true)], 50)).toBeCloseTo(100 + 6, 9);
    // Both edges at 45 degrees.
    const band = piece(
      [
        [
          [0, 0],
          [100, 100],
          [100, 110],
          [0, 10],
        ],
      ],
      true,
    );
    expect(seamCost([band], 30)).toBeCloseTo(100 + 10 + 20 * Math.SQRT2, 9);
    // A level edge, and one that rises 1 in 2.
    const wedge = piece(
      [
        [
          [0, 0],
          [100, 0],
          [100, 50],
        ],
      ],
      true,
    );
    expect(seamCost([wedge], 30)).toBeCloseTo(100 + 15 + 20 / Math.sqrt(5), 9);
  });

  it("through a ring is two crossings, each by its own stroke", () => {
    const ring = piece([rectRing(0, 0, 100, 40), [...rectRing(10, 10, 90, 37)].reverse()], true);
    expect(seamCost([ring], 50)).toBeCloseTo(200 + 10 + 3, 9);
    expect(seamCost([ring], 5)).toBeCloseTo(100 + 40, 9);
  });
});

describe("the cheapest chain", () => {
  const total = (chain: readonly number[], costs: readonly number[]) =>
    chain.reduce((sum, i) => sum + (costs[i] as number), 0);

  it("is found as by trying all, where parts have to hold something and grow only", () => {
    let [none, several] = [0, 0];
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 99 }), { minLength: 1, maxLength: 8 }),
        fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 8, maxLength: 8 }),
        fc.uniqueArray(fc.integer({ min: 0, max: 100 }), { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 10, max: 60 }),
        (unsorted, given, marks, length) => {
          const at = [...unsorted].sort((a, b) => a - b);
          const costs = at.map((_, i) => given[i] as number);
          // Points that lie between two seams, and how far they reach with half a millimetre room.
          const fits = (from: number, to: number) => {
            const own = marks.filter((x) => x > from && x <= to);
            return own.length > 0 && Math.max(...own) - Math.min(...own) <= length;
          };
          const bounds = [Number.NEGATIVE_INFINITY, ...at, Number.POSITIVE_INFINITY];
          let best: readonly number[] | null = null;
          for (let bits = 0; bits < 2 ** at.length; bits++) {
            const chain = at.flatMap((_, i) => ((bits >> i) & 1 ? [i] : []));
            const ends = [0, ...chain.map((i) => i + 1), bounds.length - 1];
            const holds = ends
              .slice(1)
              .every((end, i) => fits(bounds[ends[i] as number] as number, bounds[end] as number));
            const better =
              !best ||
              chain.length < best.length ||
              (chain.length === best.length && total(chain, costs) < total(best, costs));
            if (holds && better) best = chain;
          }
          const found = cheapest(at, costs, fits);
          if (!best) none++;
          else if (best.length > 1) several++;
          expect(found === null).toBe(best === null);
          if (found && best)
            expect([found.length, total(found, costs)]).toEqual([best.length, total(best, costs)]);
        },
      ),
      { seed: 31, numRuns: 1500 },
    );
    expect(Math.min(none, several)).toBeGreaterThan(4);
  });

  it("of equal ones takes the last", () => {
    expect(
      cheapest([10, 20, 30], [1, 1, 1], (a, b) => Math.min(b, 40) - Math.max(a, 0) <= 30),
    ).toEqual([2]);
    expect(
      cheapest([10, 20, 30], [1, 0.5, 1], (a, b) => Math.min(b, 40) - Math.max(a, 0) <= 30),
    ).toEqual([1]);
  });
});
