import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { intersection } from "./boolean.ts";
import { cutToBox } from "./cut-to-box.ts";
import { convexHull } from "./hull.ts";
import { boxOfPoints, type Point, polygonArea, type Ring, rectRing, ringArea } from "./polygon.ts";

const area = (ring: Ring) => Math.abs(ringArea(ring));

describe("a ring cut to a box", () => {
  it("of a square keeps the corner that lies in it", () => {
    const kept = cutToBox(rectRing(0, 0, 10, 10), { minX: 6, minY: -5, maxX: 20, maxY: 3 });
    expect(boxOfPoints(kept)).toEqual({ minX: 6, minY: 0, maxX: 10, maxY: 3 });
    expect(area(kept)).toBeCloseTo(12);
  });

  it("is nothing where they do not meet, and the ring itself where it lies within", () => {
    const square = rectRing(0, 0, 10, 10);
    expect(cutToBox(square, { minX: 20, minY: 0, maxX: 30, maxY: 10 })).toEqual([]);
    expect(cutToBox(square, { minX: -1, minY: -1, maxX: 11, maxY: 11 })).toEqual(square);
  });

  it("of an arch keeps both feet", () => {
    const arch: Ring = [
      [0, 0],
      [30, 0],
      [30, 30],
      [20, 30],
      [20, 10],
      [10, 10],
      [10, 30],
      [0, 30],
    ];
    expect(area(cutToBox(arch, { minX: 0, minY: 15, maxX: 30, maxY: 30 }))).toBeCloseTo(300);
  });

  it("has the area that the clipping library finds, on rings of any kind", () => {
    const mm = fc.double({ min: -200, max: 200, noNaN: true });
    const points = fc.array(fc.tuple(mm, mm), { minLength: 3, maxLength: 14 });
    fc.assert(
      fc.property(points, mm, mm, mm, mm, (some, a, b, c, d) => {
        const ring = convexHull(some.map(([x, y]): Point => [x, y]));
        fc.pre(ring.length >= 3);
        const box = {
          minX: Math.min(a, b),
          maxX: Math.max(a, b),
          minY: Math.min(c, d),
          maxY: Math.max(c, d),
        };
        const kept = cutToBox(ring, box);
        const other = intersection([[ring]], [[rectRing(box.minX, box.minY, box.maxX, box.maxY)]]);
        const wanted = other.reduce((sum, polygon) => sum + polygonArea(polygon), 0);
        // The library rounds to its grid, along an outline of at most 1600 mm.
        expect(Math.abs(area(kept) - wanted)).toBeLessThan(1.6 + 1e-6 * wanted);
        for (const [x, y] of kept) {
          expect(x).toBeGreaterThanOrEqual(box.minX - 1e-9);
          expect(x).toBeLessThanOrEqual(box.maxX + 1e-9);
          expect(y).toBeGreaterThanOrEqual(box.minY - 1e-9);
          expect(y).toBeLessThanOrEqual(box.maxY + 1e-9);
        }
      }),
      { seed: 20261130, numRuns: 300 },
    );
  });
});
