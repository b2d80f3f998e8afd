import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { crossingsUpTo } from "./crossings.ts";
import type { Ring } from "./polygon.ts";

const circle = (count: number): Ring =>
  Array.from({ length: count }, (_, i): [number, number] => [
    Math.cos((i / count) * 2 * Math.PI),
    Math.sin((i / count) * 2 * Math.PI),
  ]);
/** Up and down between two lines, each stroke over all that were before. */
const zigzag = (count: number): Ring =>
  Array.from({ length: count }, (_, i): [number, number] =>
    i % 2 === 0 ? [i * 1e-3, i] : [200 - i * 1e-3, count - i],
  );

describe("crossings", () => {
  it("none in a ring that is simple, nor between rings within each other", () => {
    expect(crossingsUpTo([circle(2000)], 10)).toBe(0);
    expect(crossingsUpTo([circle(400), circle(400).map(([x, y]) => [x / 2, y / 2])], 10)).toBe(0);
  });

  it("one in a bow, five in a five-pointed star drawn in one stroke", () => {
    const bow: Ring = [
      [0, 0],
      [2, 2],
      [2, 0],
      [0, 2],
    ];
    expect(crossingsUpTo([bow], 10)).toBe(1);
    const points = circle(5);
    const star = [0, 2, 4, 1, 3].map((i) => points[i] as [number, number]);
    expect(crossingsUpTo([star], 10)).toBe(5);
  });

  it("are as many as a look at each two edges finds", () => {
    const point = fc.tuple(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 }));
    const side = ([ax, ay]: number[], [bx, by]: number[], [x, y]: number[]) =>
      Math.sign(
        ((bx as number) - (ax as number)) * ((y as number) - (ay as number)) -
          ((by as number) - (ay as number)) * ((x as number) - (ax as number)),
      );
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 14 }), (ring) => {
        let count = 0;
        const at = (i: number) => ring[i % ring.length] as [number, number];
        for (let i = 0; i < ring.length; i++)
          for (let j = i + 1; j < ring.length; j++)
            if (
              side(at(i), at(i + 1), at(j)) * side(at(i), at(i + 1), at(j + 1)) < 0 &&
              side(at(j), at(j + 1), at(i)) * side(at(j), at(j + 1), at(i + 1)) < 0
            )
              count++;
        expect(crossingsUpTo([ring], 1000)).toBe(count);
      }),
      { seed: 20_261_201 },
    );
  });

  it("of a tangle are not counted to the end", () => {
    expect(crossingsUpTo([zigzag(6000)], 20_000)).toBe(Number.POSITIVE_INFINITY);
    // Nothing crosses here, yet all lie over each other.
    const lines: Ring[] = Array.from({ length: 6000 }, (_, i) => [
      [0, i],
      [200, i + 0.4],
      [100, i + 0.3],
    ]);
    expect(crossingsUpTo(lines, 10)).toBe(Number.POSITIVE_INFINITY);
  });
});
