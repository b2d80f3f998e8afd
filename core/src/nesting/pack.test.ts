/** What comes out of the one door: nothing lost, nothing twice, only turns that are allowed. */
import { describe, expect, it } from "vitest";
import { type Point, type Polygons, rectRing } from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { type PackItem, type PackProblem, pack } from "./pack.ts";
import { validateShapes } from "./validate-shapes.ts";

const bar = (width: number, height: number): Polygons => [[rectRing(0, 0, width, height)]];
const star = (size: number): Polygons => [
  [
    Array.from({ length: 10 }, (_, k): Point => {
      const r = k % 2 === 0 ? size : size * 0.45;
      return [r * Math.cos((Math.PI * k) / 5), r * Math.sin((Math.PI * k) / 5)];
    }),
  ],
];
const base: Omit<PackProblem, "items"> = {
  scraps: [],
  stock: { kind: "strip", width: 100 },
  clearance: 2,
  counters: true,
  seed: 4,
  seconds: 0.1,
  mode: "tight",
};

function packed(over: Partial<PackProblem> & { readonly items: readonly PackItem[] }) {
  const problem = { ...base, ...over };
  const found = pack(problem);
  const layout = { ...found, sheets: found.used.sheets, length: found.used.length };
  return { ...found, faults: validateShapes(problem, layout) };
}

describe("pack", () => {
  it.each(["strip", "sheet"] as const)(
    "lays a bar by a turn that is no quarter turn where only that one fits, on a %s",
    (kind) => {
      const items = [{ id: "bar", polygons: bar(130, 5), turns: [0, 45] }];
      const stock =
        kind === "strip" ? base.stock : ({ kind, width: 100, height: 100 } as PackProblem["stock"]);
      const { faults, unplaced, used } = packed({ items, stock });
      expect(faults).toEqual([]);
      expect(unplaced).toEqual([]);
      expect(used.length).toBeLessThan(97);
    },
  );

  it("whatever items are called, none takes another's place", () => {
    const items = ["a", "b", "block a", "0", "1", "group g", "item a"].map((id, i) => ({
      id,
      polygons: bar(20 + i, 10),
      turns: [0],
      ...(i < 2 ? { seat: "s" } : {}),
    }));
    for (const mode of ["tight", "trimmer", "bySeat"] as const) {
      const { faults, placements } = packed({ items, mode });
      expect(faults).toEqual([]);
      expect(placements.map(({ id }) => id).sort()).toEqual(items.map(({ id }) => id).sort());
    }
  });

  it("what a seat holds and no turn unites is laid piece by piece, each as it may lie", () => {
    const items = [
      { id: "a", polygons: bar(30, 10), turns: [90], seat: "s" },
      { id: "b", polygons: bar(30, 10), turns: [180], seat: "s" },
      { id: "c", polygons: bar(20, 10), turns: [90], seat: "s" },
    ];
    for (const mode of ["tight", "bySeat"] as const)
      expect(packed({ items, mode }).faults).toEqual([]);
  });

  it("takes no more than plain boxes, also without any time, and boxes lie as they may", () => {
    const random = seededRandom(8);
    const items = Array.from({ length: 30 }, (_, i) => ({
      id: `i${i}`,
      polygons: bar(15 + random() * 30, 10 + random() * 15),
      turns: i % 2 === 0 ? [0, 90] : [90],
    }));
    for (const seconds of [0, 0.05, 0.3]) {
      const { faults, used, boxes } = packed({ items, seconds });
      expect(faults).toEqual([]);
      expect(used.length).toBeLessThanOrEqual(boxes.length + 1e-6);
    }
    const upright = packed({ items: [{ id: "a", polygons: bar(80, 10), turns: [90] }] });
    expect(upright.boxes.length).toBeCloseTo(80, 6);
  });

  it("more turns and more time leave it no longer, beyond what chance does", () => {
    const items = (turns: readonly number[]) =>
      Array.from({ length: 24 }, (_, i) => ({
        id: `s${i}`,
        polygons: star(10 + (i % 5) * 2),
        turns,
      }));
    const many = Array.from({ length: 24 }, (_, i) => i * 15);
    const length = (turns: readonly number[], seconds: number) =>
      packed({ items: items(turns), seconds }).used.length;
    const [few, more] = [length([0, 90, 180, 270], 0.5), length(many, 0.5)];
    expect(more).toBeLessThan(1.04 * few);
    expect(length([0, 90, 180, 270], 2)).toBeLessThan(1.01 * few);
  });
});
