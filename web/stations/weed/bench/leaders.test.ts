import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { leadersOf } from "./leaders.ts";

const margins = { minX: 0, maxX: 100, above: -5, below: 45, apart: 6 };

describe("numbers beside the film", () => {
  it("stand over what they number where there is room", () => {
    expect(
      leadersOf(
        [
          [20, 10],
          [60, 35],
        ],
        margins,
      ).map(({ label }) => label),
    ).toEqual([
      [20, -5],
      [60, 45],
    ]);
  });

  it("keep apart, in order, inside, and off the film", () => {
    const point = fc.tuple(
      fc.double({ min: 0, max: 100, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
    );
    fc.assert(
      fc.property(fc.array(point, { maxLength: 16 }), (points) => {
        const leaders = leadersOf(points, margins);
        expect(leaders.map(({ n }) => n)).toEqual(points.map((_, i) => i + 1));
        for (const y of [margins.above, margins.below]) {
          const row = leaders
            .filter(({ label }) => label[1] === y)
            .sort((a, b) => a.label[0] - b.label[0]);
          row.forEach(({ label, at }, i) => {
            expect(label[0]).toBeGreaterThanOrEqual(-1e-9);
            expect(label[0]).toBeLessThanOrEqual(100 + 1e-9);
            const before = row[i - 1];
            if (!before) return;
            expect(label[0] - before.label[0]).toBeGreaterThanOrEqual(6 - 1e-9);
            expect(at[0]).toBeGreaterThanOrEqual(before.at[0]);
          });
        }
      }),
      { seed: 3, numRuns: 100 },
    );
  });
});
