/**
 * Many items, little time: layouts keep to the time they are given, and are never worse than plain
 * boxes.
 */
import { describe, expect, it } from "vitest";
import {
  boxHeight,
  boxOf,
  boxWidth,
  type Point,
  type Polygons,
  polygonsArea,
  rectRing,
} from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import type { Item, ShapeItem, ShapeProblem } from "./problem.ts";
import { prepare, Rasters } from "./ready.ts";
import { layInOrder } from "./strategies/bottom-left.ts";
import { guillotine } from "./strategies/guillotine.ts";
import { rebuild } from "./strategies/rebuild.ts";
import { layTight } from "./tight.ts";
import { layTrimmerFriendly } from "./trimmer.ts";
import { validateLayout } from "./validate.ts";
import { validateShapes } from "./validate-shapes.ts";

const SIDE_MM = 290;

/** Stars of many points: much to draw, little to fill. */
function stars(count: number, points: number, seed: number): ShapeItem[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, i): ShapeItem => {
    const r = 9 + random() * 8;
    const ring = Array.from({ length: 2 * points }, (__, k): Point => {
      const own = k % 2 === 0 ? r : r * 0.5;
      return [own * Math.cos((Math.PI * k) / points), own * Math.sin((Math.PI * k) / points)];
    });
    return { id: `s${i}`, polygons: [[ring]], turns: [0, 90, 180, 270] };
  });
}

const problem = (items: readonly ShapeItem[], over: Partial<ShapeProblem> = {}): ShapeProblem => ({
  items,
  scraps: [],
  stock: { kind: "sheet", width: SIDE_MM, height: SIDE_MM },
  clearance: 2,
  counters: false,
  seed: 5,
  seconds: 0.05,
  ...over,
});

/** Sheets that boxes in straight cuts take. */
function boxSheets(items: readonly ShapeItem[], clearance: number): number {
  const boxes = items.map(({ id, polygons }): Item => {
    const box = boxOf(polygons);
    return {
      id,
      width: boxWidth(box) + clearance,
      height: boxHeight(box) + clearance,
      mayTurn: true,
    };
  });
  return layTrimmerFriendly(boxes, { width: SIDE_MM + clearance, height: SIDE_MM + clearance })
    .trims.length;
}

describe("many items and little time", () => {
  it.each([60, 250])(
    "%i stars: all placed, on no more sheets than boxes in straight cuts",
    (count) => {
      const items = stars(count, 40, 9);
      const own = problem(items);
      const layout = layTight(own);
      expect(validateShapes(own, layout)).toEqual([]);
      expect(layout.unplaced).toEqual([]);
      expect(layout.sheets).toBeLessThanOrEqual(boxSheets(items, own.clearance));
    },
  );

  it("more time never costs sheets, and the same seed gives the same layout", () => {
    const items = stars(90, 12, 4);
    const [short, long] = [0.05, 1.5].map((seconds) => layTight(problem(items, { seconds }))) as [
      ReturnType<typeof layTight>,
      ReturnType<typeof layTight>,
    ];
    expect(long.sheets).toBeLessThanOrEqual(short.sheets);
    expect(layTight(problem(items))).toEqual(short);
    expect(layTight(problem(items, { seed: 6, seconds: 1.5 })).placements).not.toEqual(
      long.placements,
    );
  });

  it("scraps without time for shapes still take boxes, inside their outline", () => {
    const items = stars(40, 60, 2);
    const outline: Polygons = [
      [
        [
          [0, 0],
          [180, 0],
          [180, 70],
          [90, 70],
          [90, 160],
          [0, 160],
        ],
      ],
    ];
    const own = problem(items, { scraps: [{ id: "odd", polygon: outline }], seconds: 0.02 });
    const layout = layTight(own);
    expect(validateShapes(own, layout)).toEqual([]);
    expect(layout.placements.filter(({ bin }) => bin === "odd").length).toBeGreaterThan(4);
  });

  it("making rasters costs what their corners and columns cost, once", () => {
    const rasters = new Rasters(
      stars(40, 30, 3).map((item) => prepare(item, false)),
      2,
      false,
    );
    const [few, many] = [20, 40].map((count) => Array.from({ length: count }, (_, i) => i)) as [
      number[],
      number[],
    ];
    expect(rasters.workFor(many, "search") / rasters.workFor(few, "search")).toBeGreaterThan(1.7);
    expect(rasters.workFor(many, "fine")).toBeGreaterThan(rasters.workFor(many, "search"));
    // Made once, they cost nothing more.
    rasters.arena(few, "search", [{ width: 100, height: 100, outside: null }]);
    expect(rasters.workFor(few, "search")).toBe(0);
    expect(rasters.workFor(many, "search")).toBeGreaterThan(0);
  });
});

describe("rebuilding a full bin", () => {
  const items = stars(40, 7, 21);
  const filled = (work: number) => {
    const ready = items.map((item) => prepare(item, false));
    const all = items.map((_, i) => i);
    const arena = new Rasters(ready, 2, false).arena(all, "search", [
      { width: 120, height: 100, outside: null },
    ]);
    const areaOf = (i: number) => (ready[i] as (typeof ready)[number]).area;
    const random = seededRandom(3);
    layInOrder(
      arena,
      [...all].sort((a, b) => areaOf(b) - areaOf(a)),
      0,
      1e9,
    );
    const fixed = new Set(all.filter((i) => arena.bin[i] === 0).slice(0, 2));
    const before = [...fixed].map((i) => arena.spot(i));
    const held = () => all.reduce((sum, i) => sum + (arena.bin[i] === 0 ? areaOf(i) : 0), 0);
    const from = held();
    rebuild(arena, { bin: 0, fixed, areaOf, random, workUpTo: arena.work + work });
    return { arena, all, fixed, before, from, to: held() };
  };

  it("holds as much as before or more, nothing overlapping, and what is fixed stays", () => {
    const { arena, all, fixed, before, from, to } = filled(4e6);
    expect(to).toBeGreaterThanOrEqual(from - 1e-9);
    for (const i of all.filter((item) => arena.bin[item] === 0)) {
      expect(arena.collisions(i)).toEqual([]);
      expect(arena.overhang(i)).toBe(0);
    }
    expect([...fixed].map((i) => arena.spot(i))).toEqual(before);
  });

  it("with more work finds at least what it found with less, from the same seed", () => {
    const [less, more] = [filled(1e6).to, filled(12e6).to];
    expect(more).toBeGreaterThanOrEqual(less * 0.99);
    expect(filled(1e6).to).toBe(less);
  });
});

describe("turns that make no difference", () => {
  const turnsOf = (polygons: Polygons, turns = [0, 90, 180, 270]) =>
    prepare({ id: "i", polygons, turns }, true).turns;

  it("are looked at once: squares, rectangles, stars", () => {
    expect(turnsOf([[rectRing(0, 0, 20, 20)]])).toEqual([0]);
    expect(turnsOf([[rectRing(0, 0, 20, 30)]])).toEqual([0, 90]);
    expect(turnsOf(stars(1, 8, 1)[0]?.polygons ?? [])).toEqual([0]);
    expect(turnsOf(stars(1, 6, 1)[0]?.polygons ?? [])).toEqual([0, 90]);
  });

  it("are kept where a hole or a mirrored half makes one, though box and mean are the same", () => {
    const holed: Polygons = [[rectRing(0, 0, 20, 20), [...rectRing(2, 2, 6, 6)].reverse()]];
    expect(turnsOf(holed)).toEqual([0, 90, 180, 270]);
    // Z and its mirror have the same box and the same mean of points; Z looks the same half round,
    // not a quarter.
    const z: Polygons = [
      [
        [
          [0, 0],
          [20, 0],
          [20, 20],
          [30, 20],
          [30, 30],
          [10, 30],
          [10, 10],
          [0, 10],
        ],
      ],
    ];
    expect(turnsOf(z)).toEqual([0, 90]);
  });
});

describe("straight cuts over many sheets", () => {
  it("fill the first sheet before the next, place all, and leave nothing overlapping", () => {
    const random = seededRandom(77);
    const items = Array.from(
      { length: 400 },
      (_, i): Item => ({
        id: `r${i}`,
        width: 12 + random() * 70,
        height: 8 + random() * 25,
        mayTurn: i % 3 !== 0,
      }),
    );
    const bin = { width: SIDE_MM, height: SIDE_MM };
    const sorted = [...items].sort((a, b) => b.width * b.height - a.width * a.height);
    for (const choice of ["shortSide", "topLeft"] as const) {
      const placed = guillotine(sorted, bin, choice, "shorterLeftover");
      expect(validateLayout({ placed, unplaced: [], trims: [] }, items, bin, true)).toEqual([]);
      const area = (n: number) =>
        placed
          .filter((at) => at.bin === n)
          .reduce(
            (sum, at) =>
              sum +
              (items.find(({ id }) => id === at.id)?.width ?? 0) *
                (items.find(({ id }) => id === at.id)?.height ?? 0),
            0,
          );
      const last = Math.max(...placed.map((at) => at.bin));
      for (let n = 0; n < last; n++) expect(area(n)).toBeGreaterThan(0.7 * SIDE_MM ** 2);
    }
  });

  it("area of what is placed is the area of what was asked for", () => {
    const items = stars(30, 10, 8);
    const layout = layTight(problem(items));
    const placed = new Set(layout.placements.map(({ id }) => id));
    expect(
      polygonsArea(items.filter(({ id }) => placed.has(id)).flatMap(({ polygons }) => polygons)),
    ).toBeCloseTo(polygonsArea(items.flatMap(({ polygons }) => polygons)), 6);
  });
});
