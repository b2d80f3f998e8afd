import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { rectRing } from "../geometry/polygon.ts";
import { CORNERS, weedStart } from "./start.ts";

const film = { minX: 0, minY: 0, maxX: 100, maxY: 60 };

describe("where weeding begins", () => {
  it("at the corner that is farthest from all letters", () => {
    expect(weedStart([[rectRing(5, 5, 60, 20)]], film, () => false)).toMatchObject({ corner: "bottomRight", from: [100, 60] });
    expect(weedStart([[rectRing(40, 30, 95, 55)]], film, () => false).corner).toBe("topLeft");
  });

  it("away from a dot that would come along", () => {
    const word = rectRing(25, 20, 75, 40);
    const dot = rectRing(84, 8, 86, 10);
    expect(weedStart([[word], [dot]], film, (i) => i === 1).corner).not.toBe("topRight");
  });

  it("mirrored, the answer is mirrored", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 70 }), fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 25 }), fc.integer({ min: 1, max: 15 })), { minLength: 1, maxLength: 6 }),
        (rows) => {
          const rings = rows.map(([x, y, w, h]) => [rectRing(x, y, x + w, y + h)]);
          const flipped = rows.map(([x, y, w, h]) => [rectRing(100 - x - w, y, 100 - x, y + h)]);
          const [a, b] = [weedStart(rings, film, (i) => i === 0), weedStart(flipped, film, (i) => i === 0)];
          const room = ({ from }: typeof a, all: typeof rings) => Math.min(...all.flatMap(([ring = []]) => ring.map(([x, y]) => Math.hypot(x - from[0], y - from[1]))));
          expect(CORNERS).toContain(a.corner);
          expect(room(a, rings)).toBeCloseTo(room(b, flipped), 6);
        },
      ),
      { seed: 7, numRuns: 80 },
    );
  });
});
