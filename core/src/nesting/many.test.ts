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
import type { Spot } from "./press/filling.ts";
import { pressIntoBin } from "./press/press-bin.ts";
import type { Item, ShapeItem, ShapeProblem } from "./problem.ts";
import { prepare } from "./ready.ts";
import { guillotine } from "./strategies/guillotine.ts";
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
});

describe("a sheet filled on the floor", () => {
  const items = stars(60, 7, 21);
  const filled = (work: number, fixed: readonly (Spot | null)[] = []) => {
    const ready = items.map((item) => prepare(item, false));
    const start = items.map((_, i) => fixed[i] ?? null);
    const own = pressIntoBin(
      ready.map(({ turned }) => turned),
      start,
      {
        clearance: 2,
        width: 120,
        height: 100,
        outline: null,
        fixed: new Set(start.flatMap((spot, i) => (spot ? [i] : []))),
        areaOf: (i) => (ready[i] as (typeof ready)[number]).area,
        random: seededRandom(3),
      },
      work,
    );
    const spots = own?.spots ?? [];
    const area = spots.reduce((sum, spot, i) => sum + (spot ? (ready[i]?.area ?? 0) : 0), 0);
    return { spots, area, work: own?.work ?? 0 };
  };
  const fixed: Spot[] = [
    { turn: 0, x: 4.5, y: 7.25 },
    { turn: 0, x: 70, y: 50 },
  ];

  it("leaves what must stay where it is, and presses in others beside it", () => {
    const { spots } = filled(4e7, fixed);
    expect(spots.slice(0, 2)).toEqual(fixed);
    expect(spots.filter((spot) => spot !== null).length).toBeGreaterThan(8);
  });

  it("keeps to the work it is given, holds more with more of it, and the same from one seed", () => {
    const [less, more] = [filled(3e7), filled(3e8)];
    expect(less.work).toBeLessThan(4.5e7);
    expect(more.area).toBeGreaterThan(less.area * 0.99);
    expect(filled(3e7).area).toBe(less.area);
    expect(filled(1e3).spots).toEqual([]);
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
