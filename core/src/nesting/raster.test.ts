import { describe, expect, it } from "vitest";
import { type Polygons, rectRing } from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { type Grid, outsideOf, type Raster } from "./raster.ts";

const grid: Grid = { column: 0.7, cell: 0.2 };
const covers = (raster: Raster, x: number, y: number, by: Grid): boolean => {
  const column = Math.floor(x / by.column);
  if (column < 0 || column >= raster.columns) return false;
  for (let i = raster.first[column] as number; i < (raster.first[column + 1] as number); i++)
    if (
      y >= (raster.from[i] as number) * by.cell - 1e-6 &&
      y <= (raster.to[i] as number) * by.cell + 1e-6
    )
      return true;
  return false;
};
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
