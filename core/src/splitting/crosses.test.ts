import { describe, expect, it } from "vitest";
import { type Box, type Point, rectRing } from "../geometry/polygon.ts";
import { crossBox, crossesOn } from "./crosses.ts";
import type { Boxed } from "./seams.ts";

const boxed = (...boxes: readonly (readonly [number, number, number, number])[]): Boxed[] =>
  boxes.map(([minX, minY, maxX, maxY], i) => ({
    piece: { id: `p${i}`, polygon: [rectRing(minX, minY, maxX, maxY)] },
    box: { minX, minY, maxX, maxY },
    middle: (minX + maxX) / 2,
    long: false,
  }));
const extent = (minY: number, maxY: number): Box => ({ minX: 0, maxX: 100, minY, maxY });
const ys = (points: readonly Point[]) => points.map(([, y]) => y);

describe("crosses on a seam", () => {
  it("reach 2.5 mm to each side", () => {
    expect(crossBox([10, 20])).toEqual({ minX: 7.5, maxX: 12.5, minY: 17.5, maxY: 22.5 });
  });

  it("stand 2 mm off the design above and below, where the load has 7 mm for each", () => {
    const pieces = boxed([0, 3, 100, 33]);
    expect(crossesOn(7, pieces, extent(3, 33), 44)).toEqual([
      [7, -1.5],
      [7, 37.5],
    ]);
    // A tenth less: one of them is lost, and inside there is no room.
    expect(crossesOn(7, pieces, extent(3, 33), 43.9)).toEqual([[7, -1.5]]);
    expect(crossesOn(7, pieces, extent(3, 33), 37)).toEqual([[7, -1.5]]);
    expect(crossesOn(7, pieces, extent(3, 33), 36.9)).toEqual([]);
  });

  it("stand in gaps of the design, 2 mm off its pieces, as far apart as the gaps allow", () => {
    // From 20 to 50 nothing stands.
    const pieces = boxed([0, 0, 20, 20], [0, 50, 20, 60]);
    expect(crossesOn(10, pieces, extent(0, 60), 60)).toEqual([
      [10, 24.5],
      [10, 45.5],
    ]);
    // With one more above.
    expect(ys(crossesOn(10, pieces, extent(0, 60), 67))).toEqual([-4.5, 45.5]);
    // Nearer than two crosses with their room: one.
    expect(ys(crossesOn(10, boxed([0, 0, 20, 20], [0, 42, 20, 60]), extent(0, 60), 60))).toEqual([
      24.5,
    ]);
    expect(ys(crossesOn(10, boxed([0, 0, 20, 20], [0, 43, 20, 60]), extent(0, 60), 60))).toEqual([
      24.5, 38.5,
    ]);
  });

  it("pass pieces that end 4.5 mm beside the seam, and no nearer", () => {
    const all = [2.5, 57.5];
    expect(ys(crossesOn(10, boxed([14.5, 0, 40, 60]), extent(0, 60), 60))).toEqual(all);
    expect(ys(crossesOn(10, boxed([14.4, 0, 40, 60]), extent(0, 60), 60))).toEqual([]);
    expect(ys(crossesOn(10, boxed([-20, 0, 5.5, 60]), extent(0, 60), 60))).toEqual(all);
    expect(ys(crossesOn(10, boxed([-20, 0, 5.6, 60]), extent(0, 60), 60))).toEqual([]);
  });
});
