import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { convexParts } from "./convex-parts.ts";
import { type Point, polygonsArea, type Ring, rectRing, ringArea } from "./polygon.ts";

const outline = fc
  .array(fc.double({ min: 0.2, max: 1, noNaN: true }), { minLength: 3, maxLength: 20 })
  .map(
    (reaches): Ring =>
      reaches.map((reach, i): Point => {
        const angle = (2 * Math.PI * i) / reaches.length;
        return [20 * reach * Math.cos(angle), 20 * reach * Math.sin(angle)];
      }),
  );

function isConvex(ring: Ring): boolean {
  return ring.every((p, i) => {
    const q = ring[(i + 1) % ring.length] as Point;
    const r = ring[(i + 2) % ring.length] as Point;
    return (q[0] - p[0]) * (r[1] - q[1]) - (q[1] - p[1]) * (r[0] - q[0]) > -1e-6;
  });
}

describe("convexParts", () => {
  it("are convex, turn one way, and together have the area of the whole", () => {
    fc.assert(
      fc.property(outline, fc.boolean(), (ring, turned) => {
        const parts = convexParts([turned ? [...ring].reverse() : ring]);
        const area = parts.reduce((sum, part) => sum + ringArea(part), 0);
        expect(area).toBeCloseTo(Math.abs(ringArea(ring)), 6);
        expect(parts.every(isConvex)).toBe(true);
        // Each corner that bends back takes one cut at least, and at most two.
        expect(parts.length).toBeLessThanOrEqual(2 * ring.length - 3);
      }),
      { seed: 81, numRuns: 300 },
    );
  });

  it("leaves what is convex whole, and goes round holes", () => {
    expect(convexParts([rectRing(0, 0, 8, 5)])).toHaveLength(1);
    const frame = [rectRing(0, 0, 9, 9), rectRing(3, 3, 6, 6)];
    const parts = convexParts(frame);
    expect(parts.length).toBeGreaterThan(3);
    expect(parts.reduce((sum, part) => sum + ringArea(part), 0)).toBeCloseTo(81 - 9, 9);
    expect(polygonsArea(parts.map((part) => [part]))).toBeCloseTo(81 - 9, 9);
  });
});
