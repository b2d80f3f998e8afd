import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { difference, intersection, offset, unionPolygons, unionRings } from "./boolean.ts";
import { convexHull, leastCircle } from "./hull.ts";
import { flatten } from "./outline.ts";
import { drawingPath, numberText, polygonsPath } from "./path.ts";
import {
  mapPoints,
  type Point,
  placed,
  pointInPolygon,
  polygonArea,
  polygonsArea,
  rectRing,
  ringArea,
  ringLength,
} from "./polygon.ts";

const square = [[rectRing(0, 0, 10, 10)]];

describe("polygon", () => {
  it("measures a ring with a hole", () => {
    const frame = [rectRing(0, 0, 10, 10), rectRing(2, 2, 8, 8)];
    expect(polygonArea(frame)).toBe(64);
    expect(ringLength(rectRing(0, 0, 3, 4))).toBe(14);
    expect(pointInPolygon([1, 1], frame)).toBe(true);
    expect(pointInPolygon([5, 5], frame)).toBe(false);
  });

  it("refuses a scale that would mirror", () => {
    expect(() => placed(square, -1, 0, 0)).toThrow(/above 0/u);
  });
});

describe("boolean", () => {
  it("unites overlapping rings and keeps holes", () => {
    const two = unionRings([rectRing(0, 0, 10, 10), rectRing(5, 5, 15, 15)]);
    expect(two).toHaveLength(1);
    expect(polygonsArea(two)).toBeCloseTo(175, 6);
    const frame = unionRings([rectRing(0, 0, 10, 10), [...rectRing(2, 2, 8, 8)].reverse()]);
    expect(frame[0]).toHaveLength(2);
    expect(polygonsArea(frame)).toBeCloseTo(64, 6);
  });

  it("gives the same area for wide and tall shapes: the sweep direction must not matter", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 0, max: 200 }),
            fc.integer({ min: 0, max: 30 }),
            fc.integer({ min: 1, max: 40 }),
            fc.integer({ min: 1, max: 20 }),
          ),
          { minLength: 1, maxLength: 8 },
        ),
        (boxes) => {
          const wide = boxes.map(([x, y, w, h]) => [rectRing(x, y, x + w, y + h)]);
          const tall = mapPoints(wide, ([x, y]) => [y, x]);
          const union = unionPolygons(wide);
          expect(polygonsArea(unionPolygons(tall))).toBeCloseTo(polygonsArea(union), 6);
          expect(polygonsArea(union)).toBeLessThanOrEqual(polygonsArea(wide) + 1e-6);
          for (const polygon of union) expect(ringArea(polygon[0] ?? [])).toBeGreaterThan(0);
        },
      ),
      { seed: 3, numRuns: 60 },
    );
  });

  it("difference and intersection share out the subject", () => {
    const other = [[rectRing(4, -1, 20, 6)]];
    expect(
      polygonsArea(difference(square, other)) + polygonsArea(intersection(square, other)),
    ).toBeCloseTo(100, 6);
  });

  it("offsets a square by hand-worked values", () => {
    expect(polygonsArea(offset(square, 1, "miter"))).toBeCloseTo(144, 4);
    expect(polygonsArea(offset(square, 1, "round"))).toBeCloseTo(140 + Math.PI, 1);
    expect(polygonsArea(offset(square, -1, "miter"))).toBeCloseTo(64, 4);
    expect(offset(square, -6)).toEqual([]);
  });
});

describe("hull and least circle", () => {
  const points = fc.array(
    fc.tuple(
      fc.double({ min: -50, max: 50, noNaN: true }),
      fc.double({ min: -50, max: 50, noNaN: true }),
    ),
    { minLength: 3, maxLength: 40 },
  );

  it("encloses every point, touching at least two", () => {
    fc.assert(
      fc.property(points, (list) => {
        const circle = leastCircle(list);
        const distances = list.map(([x, y]) => Math.hypot(x - circle.x, y - circle.y));
        for (const d of distances) expect(d).toBeLessThanOrEqual(circle.radius * (1 + 1e-9) + 1e-9);
        expect(distances.filter((d) => d > circle.radius - 1e-6).length).toBeGreaterThanOrEqual(
          Math.min(2, new Set(list.map(String)).size),
        );
      }),
      { seed: 5 },
    );
  });

  it("finds the circle of an equilateral triangle and of an obtuse one", () => {
    const h = Math.sqrt(3) / 2;
    expect(
      leastCircle([
        [0, 0],
        [1, 0],
        [0.5, h],
      ]).radius,
    ).toBeCloseTo(1 / Math.sqrt(3), 12);
    expect(
      leastCircle([
        [0, 0],
        [10, 0],
        [5, 1],
      ]).radius,
    ).toBeCloseTo(5, 12);
  });

  it("keeps only the corners", () => {
    expect(
      convexHull([
        [0, 0],
        [4, 0],
        [4, 4],
        [0, 4],
        [2, 2],
        [2, 0],
      ]),
    ).toHaveLength(4);
  });
});

describe("outline", () => {
  it("flattens a quarter circle's cubic within the tolerance", () => {
    const k = 0.5522847498;
    const ring = flatten(
      {
        start: [10, 0],
        segments: [
          { kind: "cubic", c1: [10, 10 * k], c2: [10 * k, 10], to: [0, 10] },
          { kind: "line", to: [0, 0] },
          { kind: "line", to: [10, 0] },
        ],
      },
      0.02,
    );
    for (let i = 1; i < ring.length; i++) {
      const [a, b] = [ring[i - 1] as Point, ring[i] as Point];
      const mid = Math.hypot((a[0] + b[0]) / 2, (a[1] + b[1]) / 2);
      if (Math.hypot(...a) > 9.9 && Math.hypot(...b) > 9.9) expect(10 - mid).toBeLessThan(0.023);
    }
  });
});

describe("path", () => {
  it("writes plain numbers only", () => {
    expect(numberText(-0.0001)).toBe("0");
    expect(numberText(12.5)).toBe("12.5");
    expect(numberText(1e-7)).toBe("0");
    expect(polygonsPath(square)).toBe("M0 0L10 0L10 10L0 10Z");
  });

  it("simplifies for the screen without leaving the tolerance", () => {
    const round: Point[] = Array.from({ length: 200 }, (_, i) => [
      10 * Math.cos((i * Math.PI) / 100),
      10 * Math.sin((i * Math.PI) / 100),
    ]);
    const path = drawingPath([[round]], 0.05);
    const kept = [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/gu)].map(
      (m): Point => [Number(m[1]), Number(m[2])],
    );
    expect(kept.length).toBeLessThan(60);
    expect(polygonArea([kept])).toBeGreaterThan(Math.PI * 100 * 0.985);
  });
});
