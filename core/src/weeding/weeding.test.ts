import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Polygon, rectRing } from "../geometry/polygon.ts";
import { WEEDING_COEFFICIENTS as c, weedReport } from "./difficulty.ts";
import { FAMILY_TRAITS, VINYL_FAMILIES } from "./families.ts";
import { vinylSchema } from "./vinyl.ts";

const square = (size: number, x = 0): Polygon => [rectRing(x, 0, x + size, size)];
const ring = (size: number, x = 0): Polygon => [
  rectRing(x, 0, x + size, size),
  [...rectRing(x + size / 4, size / 4, x + (3 * size) / 4, (3 * size) / 4)].reverse(),
];
const report = (
  polygons: readonly Polygon[],
  strokes: readonly number[] = [2],
  family: (typeof VINYL_FAMILIES)[number] = "permanentGloss",
) => weedReport({ polygons, family, strokes });

describe("what weeding a kit takes", () => {
  it("adds up by hand: two rings of 20 mm", () => {
    const made = report([ring(20), ring(20, 30)]);
    const metres = (2 * (80 + 40)) / 1000;
    expect(made).toMatchObject({ pieces: 2, counters: 2, smallParts: 0, tails: 0, thinStrokes: 0 });
    expect(made.minutes).toBeCloseTo(
      c.base + 2 * c.perPiece + 2 * c.perCounter + metres * c.perMetreOutline,
      9,
    );
  });

  it("nothing to weed takes no time", () => {
    expect(report([], []).minutes).toBe(0);
  });

  it("more of anything never takes less time", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 12 }),
        fc.boolean(),
        (sizes, hollow) => {
          const pieces = sizes.map((size, i) =>
            hollow ? ring(size, i * 40) : square(size, i * 40),
          );
          const all = report(pieces);
          expect(report(pieces.slice(0, -1)).minutes).toBeLessThan(all.minutes);
          expect(report(pieces, [2, 0.1]).minutes).toBeGreaterThan(all.minutes);
        },
      ),
      { seed: 131, numRuns: 80 },
    );
  });

  it("small parts and thin strokes are judged by the film", () => {
    expect(report([square(2.5)]).smallParts).toBe(0);
    expect(report([square(2.5)], [1], "glitter")).toMatchObject({ smallParts: 1, thinStrokes: 1 });
    expect(report([square(1.9)]).smallParts).toBe(1);
  });

  it("a long thin arm is a tail, a ring is none", () => {
    expect(report([[rectRing(0, 0, 60, 2)]]).tails).toBe(1);
    expect(report([[rectRing(0, 0, 20, 10)]]).tails).toBe(0);
    expect(report([ring(30)]).tails).toBe(0);
  });

  it.each([
    [2, 0, "plain"],
    [0.7, 0, "lighterCut"],
    [0.5, 0, "reverse"],
    [0.3, 0, "bolder"],
    [2, 5, "reverse"],
    [0, 5, "reverse"],
    [0, 0, "plain"],
  ])("thinnest %d mm and %d small parts: %s", (thinnest, small, technique) => {
    const parts = [square(20), ...Array.from({ length: small }, (_, i) => square(1, 40 + i * 5))];
    expect(report(parts, thinnest === 0 ? [] : [thinnest]).technique).toBe(technique);
  });
});

describe("films", () => {
  it("each says what it bears", () => {
    for (const family of VINYL_FAMILIES) {
      const traits = FAMILY_TRAITS[family];
      expect(traits.minStrokeMm).toBeGreaterThan(0.5);
      expect(traits.minCounterMm).toBeGreaterThan(0.5);
      expect(traits.speedShare).toBeGreaterThan(0);
      expect(traits.speedShare).toBeLessThanOrEqual(1);
    }
    expect(VINYL_FAMILIES.filter((family) => FAMILY_TRAITS[family].mirrored)).toEqual(["ironOn"]);
    expect(FAMILY_TRAITS.glitter.tape).toBe("strong");
  });

  it("a vinyl starts as one sheet of twelve inches", () => {
    expect(
      vinylSchema.parse({ id: "moss", name: "Moss", family: "removable", colour: "#506040" }).stock,
    ).toMatchObject({ kind: "sheet", width: 304.8, height: 304.8, have: 0 });
  });
});
