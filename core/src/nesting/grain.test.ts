import { describe, expect, it } from "vitest";
import type { Point, Polygons } from "../geometry/polygon.ts";
import { DEEP_MM, giveOf } from "./grain.ts";

const written = (decimals: number): Polygons => [
  [[1 / 7, 22 / 7, 100 / 3, 250 / 9].map((v): Point => [Number(v.toFixed(decimals)), 12])],
];

describe("how finely coordinates are written", () => {
  it.each([
    [3, 4e-3],
    [4, 4e-4],
    [5, 4e-5],
  ])("to %i decimals: they give by as much as was rounded", (decimals, give) => {
    expect(giveOf(written(decimals))).toBeCloseTo(give, 12);
  });

  it("coarser ones are meant as they are, finer ones are exact", () => {
    expect(giveOf(written(2))).toBe(DEEP_MM);
    expect(giveOf(written(0))).toBe(DEEP_MM);
    expect(giveOf(written(12))).toBe(DEEP_MM);
    expect(giveOf([])).toBe(DEEP_MM);
  });
});
