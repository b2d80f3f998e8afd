import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Point, type Polygons, pointInPolygon, rectRing } from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { Arena } from "./arena.ts";
import { type Grid, outsideOf, type Raster, rasterOf } from "./raster.ts";

const grid: Grid = { column: 0.7, cell: 0.2, fair: false };
const covers = (raster: Raster, x: number, y: number, by: Grid): boolean => {
  const column = Math.floor(x / by.column) - raster.left;
  if (column < 0 || column >= raster.columns) return false;
  for (let i = raster.first[column] as number; i < (raster.first[column + 1] as number); i++)
    if (
      y >= (raster.from[i] as number) * by.cell - 1e-6 &&
      y <= (raster.to[i] as number) * by.cell + 1e-6
    )
      return true;
  return false;
};
const star = fc
  .array(fc.double({ min: 0.3, max: 1, noNaN: true }), { minLength: 3, maxLength: 10 })
  .map((radii): Polygons => {
    const points = radii.map(
      (r, i): Point => [
        10 * r * Math.cos((2 * Math.PI * i) / radii.length),
        10 * r * Math.sin((2 * Math.PI * i) / radii.length),
      ],
    );
    const [minX, minY] = [
      Math.min(...points.map(([x]) => x)),
      Math.min(...points.map(([, y]) => y)),
    ];
    return [[points.map(([x, y]): Point => [x - minX, y - minY])]];
  });

describe("rasterOf", () => {
  it("never leaves out a point within reach of the shape, nor takes in one that is a column and a cell farther", () => {
    fc.assert(
      fc.property(star, fc.constantFrom(0, 0.8, 2.5), fc.integer(), (polygons, reach, seed) => {
        const random = seededRandom(seed);
        const raster = rasterOf(polygons, reach, grid);
        const ring = polygons[0]?.[0] ?? [];
        const toRim = (x: number, y: number) =>
          Math.min(
            ...ring.map(([ax, ay], i) => {
              const [bx, by] = ring[(i + 1) % ring.length] as Point;
              const t = Math.min(
                1,
                Math.max(
                  0,
                  ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2),
                ),
              );
              return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay));
            }),
          );
        for (let i = 0; i < 120; i++) {
          const [x, y] = [-4 + 28 * random(), -4 + 28 * random()];
          const away = pointInPolygon([x, y], polygons[0] ?? []) ? 0 : toRim(x, y);
          if (away < reach - 1e-6) expect(covers(raster, x, y, grid)).toBe(true);
          if (away > reach + grid.column + grid.cell + 1e-6)
            expect(covers(raster, x, y, grid)).toBe(false);
        }
      }),
      { seed: 61, numRuns: 60 },
    );
  });
});

describe("outsideOf", () => {
  it("covers every point outside a stock with a hole, and leaves free what is well inside", () => {
    const stock: Polygons = [[rectRing(0, 0, 20, 12), [...rectRing(8, 4, 12, 8)].reverse()]];
    const raster = outsideOf(stock, grid);
    const random = seededRandom(3);
    let inside = 0;
    for (let i = 0; i < 2000; i++) {
      const [x, y] = [20 * random(), 12 * random()];
      const hole = x > 8 && x < 12 && y > 4 && y < 8;
      const wellInside =
        (x < 8 - 0.9 || x > 12 + 0.9 || y < 4 - 0.4 || y > 8 + 0.4) &&
        x > 0.9 &&
        x < 19.1 &&
        y > 0.4 &&
        y < 11.6;
      if (hole) expect(covers(raster, x, y, grid)).toBe(true);
      if (wellInside) expect(covers(raster, x, y, grid)).toBe(false);
      if (wellInside) inside++;
    }
    expect(inside).toBeGreaterThan(500);
  });
});

describe("Arena.scan", () => {
  it("finds the least overlap of a column, as trying every cell does", () => {
    const random = seededRandom(8);
    const shapes = Array.from({ length: 8 }, () => {
      const polygons: Polygons = [
        [
          Array.from({ length: 7 }, (_, i): Point => {
            const r = 4 + 6 * random();
            return [
              10 + r * Math.cos((2 * Math.PI * i) / 7),
              10 + r * Math.sin((2 * Math.PI * i) / 7),
            ];
          }),
        ],
      ];
      const raster = rasterOf(polygons, 0.5, grid);
      return [{ grown: raster, bare: raster, width: 20, height: 20 }];
    });
    const arena = new Arena(grid, shapes, [{ width: 60, height: 60, outside: null }]);
    for (let round = 0; round < 40; round++) {
      for (let i = 0; i < 8; i++)
        arena.put(i, {
          bin: 0,
          turn: 0,
          x: Math.floor(random() * arena.lastX(i, 0, 0)),
          y: Math.floor(random() * arena.lastY(i, 0, 0)),
        });
      const x = Math.floor(random() * arena.lastX(0, 0, 0));
      const [low, high] = [10, 150];
      arena.gather(0, 0, 0, low, high);
      arena.scan(0, 0, 0, x, low, high);
      const [cost, y] = [arena.leastCost, arena.leastY];
      const costs = Array.from({ length: high - low + 1 }, (_, k) => {
        arena.put(0, { bin: 0, turn: 0, x, y: low + k });
        return [1, 2, 3, 4, 5, 6, 7].reduce((sum, other) => sum + arena.overlap(0, other), 0);
      });
      expect(cost).toBe(Math.min(...costs));
      expect(costs[y - low]).toBe(cost);
    }
  });
});
