import { describe, expect, it } from "vitest";
import { hullOf } from "../geometry/hull.ts";
import { boxOf, type Polygons } from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { Ink } from "./ink.ts";

const SEEDS = [1, 2, 3, 4, 5];

function made(random: () => number): Ink {
  const outline: Polygons = Array.from({ length: 1 + Math.floor(random() * 3) }, () => [
    Array.from({ length: 12 }, () => [random() * 40 - 20, random() * 30] as const),
  ]);
  return new Ink(outline, 0.2 + random() * 3, random() * 50 - 25, random() * 50 - 25);
}

describe("ink", () => {
  it.each(SEEDS)("says of itself what measuring the drawn outline says (seed %i)", (seed) => {
    const ink = made(seededRandom(seed));
    const drawn = ink.polygons;
    for (const side of ["minX", "minY", "maxX", "maxY"] as const)
      expect(ink.box[side]).toBeCloseTo(boxOf(drawn)[side], 9);
    const own = hullOf([[ink.hull]]);
    const measured = hullOf(drawn);
    expect(own).toHaveLength(measured.length);
    own.forEach(([x, y], i) => {
      expect(x).toBeCloseTo(measured[i]?.[0] ?? Number.NaN, 9);
      expect(y).toBeCloseTo(measured[i]?.[1] ?? Number.NaN, 9);
    });
  });

  it.each(SEEDS)(
    "moved, scaled and drawn is what its points moved and scaled are (seed %i)",
    (seed) => {
      const random = seededRandom(seed + 100);
      const ink = made(random);
      const [dx, dy, factor] = [random() * 9, -random() * 9, 0.3 + random()];
      const one = ink.moved(dx, dy).scaled(factor).drawn(2, 5, -7);
      ink.polygons.flat(2).forEach(([x, y], i) => {
        const [px, py] = one.flat(2)[i] as readonly [number, number];
        expect(px).toBeCloseTo((x + dx) * factor * 2 + 5, 9);
        expect(py).toBeCloseTo((y + dy) * factor * 2 - 7, 9);
      });
    },
  );

  it("is named by its outline and where it lies", () => {
    const ink = made(seededRandom(7));
    expect(ink.moved(1, 2).moved(-1, -2).key).toBe(ink.key);
    expect(ink.moved(1, 0).key).not.toBe(ink.key);
    expect(new Ink([...ink.outline], ink.scale, ink.x, ink.y).key).not.toBe(ink.key);
  });

  it("of nothing is nothing", () => {
    const none = new Ink([]);
    expect([none.isEmpty, none.polygons, none.hull]).toEqual([true, [], []]);
    expect(none.moved(3, 4).box).toEqual(boxOf([]));
  });
});
