import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  type Point,
  type Polygons,
  polygonsArea,
  type Ring,
  rectRing,
} from "../geometry/polygon.ts";
import { seededRandom } from "../geometry/random.ts";
import { inscribedBox } from "./inscribed.ts";
import { type PackItem, pack } from "./pack.ts";
import type { ShapeItem, ShapeProblem } from "./problem.ts";
import { layTight } from "./tight.ts";
import { validateShapes } from "./validate-shapes.ts";

const ring = (r: number, n = 24, cx = 0, cy = 0): Ring =>
  Array.from(
    { length: n },
    (_, i): Point => [
      cx + r * Math.cos((2 * Math.PI * i) / n),
      cy + r * Math.sin((2 * Math.PI * i) / n),
    ],
  );
const hole = (r: number, n = 24): Ring => [...ring(r, n)].reverse();
const triangle = (w: number, h: number): Polygons => [
  [
    [
      [0, 0],
      [w, 0],
      [0, h],
    ],
  ],
];
const problem = (items: readonly ShapeItem[], over: Partial<ShapeProblem> = {}): ShapeProblem => ({
  items,
  scraps: [],
  stock: { kind: "strip", width: 120 },
  clearance: 2,
  counters: true,
  seed: 3,
  seconds: 0.15,
  ...over,
});

/** Star-shaped rings of any jaggedness, rings with a hole, and slivers. */
const shape = fc.oneof(
  fc
    .array(fc.double({ min: 0.25, max: 1, noNaN: true }), { minLength: 3, maxLength: 14 })
    .chain((radii) =>
      fc
        .double({ min: 4, max: 30, noNaN: true })
        .map(
          (size): Polygons => [
            [
              radii.map(
                (r, i): Point => [
                  r * size * Math.cos((2 * Math.PI * i) / radii.length),
                  r * size * Math.sin((2 * Math.PI * i) / radii.length),
                ],
              ),
            ],
          ],
        ),
    ),
  fc.double({ min: 8, max: 30, noNaN: true }).map((r): Polygons => [[ring(r), hole(r * 0.7)]]),
  fc
    .tuple(
      fc.double({ min: 20, max: 110, noNaN: true }),
      fc.double({ min: 0.3, max: 1, noNaN: true }),
    )
    .map(([w, h]): Polygons => [[rectRing(0, 0, w, h)]]),
);
const turns = fc.constantFrom([0], [0, 180], [0, 90, 180, 270], [0, 45, 200]);
const items = fc
  .array(fc.tuple(shape, turns), { minLength: 1, maxLength: 12 })
  .map((list) =>
    list.map(([polygons, own], i): ShapeItem => ({ id: `i${i}`, polygons, turns: own })),
  );

describe("layTight passes the independent check", () => {
  it("on strips, whatever the shapes", () => {
    fc.assert(
      fc.property(items, fc.boolean(), fc.constantFrom(0, 1.5, 4), (list, counters, clearance) => {
        const own = problem(list, { counters, clearance, seconds: 0.05 });
        const layout = layTight(own);
        expect(validateShapes(own, layout)).toEqual([]);
        expect(layout.unplaced).toEqual([]);
      }),
      { seed: 41, numRuns: 40 },
    );
  });

  it("on scraps with bays and holes, then on sheets: what goes nowhere is said", () => {
    const scraps = [
      {
        id: "with-a-hole",
        polygon: [[rectRing(0, 0, 90, 60), [...rectRing(30, 20, 50, 40)].reverse()]],
      },
      {
        id: "bay",
        polygon: [
          [
            [
              [0, 0],
              [70, 0],
              [70, 50],
              [45, 50],
              [40, 15],
              [30, 15],
              [25, 50],
              [0, 50],
            ] as Ring,
          ],
        ],
      },
      { id: "far-away", polygon: [[ring(25, 20, 500, -300)]] },
    ];
    fc.assert(
      fc.property(items, fc.integer({ min: 0, max: 2 }), (list, most) => {
        const own = problem(list, {
          scraps,
          stock: { kind: "sheet", width: 70, height: 50, most },
          seconds: 0.05,
        });
        const layout = layTight(own);
        expect(validateShapes(own, layout)).toEqual([]);
        expect(layout.placements.length + layout.unplaced.length).toBe(list.length);
      }),
      { seed: 42, numRuns: 30 },
    );
  });
});

describe("layTight", () => {
  it("says what is too large for every bin, and lays the rest", () => {
    const layout = layTight(
      problem([
        { id: "wide", polygons: [[rectRing(0, 0, 130, 10)]], turns: [0] },
        { id: "ok", polygons: triangle(30, 20), turns: [0] },
      ]),
    );
    expect(layout.unplaced).toEqual([{ id: "wide", reason: "tooLarge" }]);
    expect(layout.placements.map(({ id }) => id)).toEqual(["ok"]);
    const none = layTight(
      problem(
        [
          { id: "a", polygons: triangle(30, 30), turns: [0] },
          { id: "b", polygons: triangle(30, 30), turns: [0] },
        ],
        { stock: { kind: "sheet", width: 31, height: 31, most: 1 } },
      ),
    );
    expect(none.unplaced.map(({ reason }) => reason)).toEqual(["noRoom"]);
  });

  it("needs less than any layout of boxes could, where shapes nest", () => {
    const list = Array.from(
      { length: 16 },
      (_, i): ShapeItem => ({ id: `t${i}`, polygons: triangle(55, 40), turns: [0, 180] }),
    );
    const layout = layTight(problem(list, { seconds: 1 }));
    // Boxes of 57 x 42 with clearance: no more than 122 · (length + 2) mm² of strip can hold them.
    const bestForBoxes = (16 * 57 * 42) / 122 - 2;
    expect(layout.length).toBeLessThan(bestForBoxes);
  });

  it("lays small ones inside counters only where that is allowed", () => {
    const list: ShapeItem[] = [
      { id: "ring", polygons: [[ring(50, 48), hole(44, 48)]], turns: [0] },
      { id: "dot", polygons: [[ring(20)]], turns: [0] },
    ];
    expect(layTight(problem(list, { seconds: 0.5 })).length).toBeLessThan(101);
    const apart = problem(list, { counters: false, seconds: 0.5 });
    const layout = layTight(apart);
    expect(layout.length).toBeGreaterThan(120);
    expect(validateShapes(apart, layout)).toEqual([]);
  });

  it("is the same every time, and no longer with more time", () => {
    const random = seededRandom(4);
    const list = Array.from(
      { length: 12 },
      (_, i): ShapeItem => ({
        id: `x${i}`,
        polygons: triangle(15 + 30 * random(), 15 + 20 * random()),
        turns: [0, 90],
      }),
    );
    const own = problem(list, { seconds: 0.3 });
    expect(layTight(own)).toEqual(layTight(own));
    expect(layTight({ ...own, seconds: 2 }).length).toBeLessThanOrEqual(layTight(own).length + 1);
  });

  it("leaves pinned kits where they are and lays the rest round them", () => {
    const list = Array.from(
      { length: 6 },
      (_, i): ShapeItem => ({ id: `p${i}`, polygons: triangle(40, 30), turns: [0, 180] }),
    );
    const pin = { id: "p2", bin: "strip", x: 40, y: 25, turn: 0 };
    const own = problem(list, { pinned: [pin] });
    const layout = layTight(own);
    expect(layout.placements.find(({ id }) => id === "p2")).toEqual(pin);
    expect(validateShapes(own, layout)).toEqual([]);
  });

  it("fills boxes without a hair to spare: a sheet cut into six", () => {
    const cut = [
      [0, 0, 40, 60],
      [40, 0, 100, 25],
      [40, 25, 70, 60],
      [70, 25, 100, 60],
      [0, 60, 55, 100],
      [55, 60, 100, 100],
    ].map(
      ([a, b, c, d], i): ShapeItem => ({
        id: `c${i}`,
        polygons: [[rectRing(a as number, b as number, c as number, d as number)]],
        turns: [0, 90],
      }),
    );
    const layout = layTight(
      problem(cut, {
        stock: { kind: "sheet", width: 100, height: 100 },
        clearance: 0,
        seconds: 0.5,
      }),
    );
    expect(layout.sheets).toBe(1);
  });

  it("what comes last goes onto the smallest scrap that holds it", () => {
    const star = (id: string): ShapeItem => ({
      id,
      polygons: [[ring(12, 10).map(([x, y], i): Point => (i % 2 === 0 ? [x, y] : [x / 2, y / 2]))]],
      turns: [0, 90],
    });
    const of = (id: string, w: number, h: number) => ({
      id,
      polygon: [[rectRing(0, 0, w, h)]] as Polygons,
    });
    const scraps = [
      of("first", 26, 26),
      of("large", 150, 90),
      of("tiny", 10, 60),
      of("small", 40, 30),
      of("middling", 60, 60),
    ];
    const own = problem([star("a"), star("b")], { scraps, stock: null });
    const layout = layTight(own);
    expect(validateShapes(own, layout)).toEqual([]);
    expect(layout.placements.map(({ bin }) => bin).sort()).toEqual(["first", "small"]);
    // Where somebody put it, it stays.
    const pinned = layTight({ ...own, pinned: [{ id: "b", bin: "large", x: 40, y: 40, turn: 0 }] });
    expect(pinned.placements.find(({ id }) => id === "b")?.bin).toBe("large");
  });

  it("takes nothing at all", () => {
    expect(layTight(problem([]))).toEqual({ placements: [], unplaced: [], sheets: 0, length: 0 });
  });
});

describe("validateShapes", () => {
  const two: ShapeItem[] = [
    { id: "a", polygons: [[rectRing(0, 0, 20, 20)]], turns: [0] },
    { id: "b", polygons: [[rectRing(0, 0, 10, 10)]], turns: [0] },
  ];
  const at = (id: string, x: number, y: number, over = {}) => ({
    id,
    bin: "strip",
    x,
    y,
    turn: 0,
    ...over,
  });
  const codes = (placements: ReturnType<typeof at>[], over: Partial<ShapeProblem> = {}) =>
    validateShapes(problem(two, over), { placements, unplaced: [], sheets: 0, length: 0 }).map(
      ({ code }) => code,
    );

  it("finds what is lost, twice, outside, too near, inside another, turned or in no bin", () => {
    expect(codes([at("a", 0, 0), at("b", 22, 0)])).toEqual([]);
    expect(codes([at("a", 0, 0)])).toEqual(["lost"]);
    expect(codes([at("a", 0, 0), at("a", 30, 0), at("b", 60, 0)])).toEqual(["twice"]);
    expect(codes([at("a", 101, 0), at("b", 0, 0)])).toEqual(["outside"]);
    expect(codes([at("a", 0, 0), at("b", 21, 0)])).toEqual(["tooNear"]);
    expect(codes([at("a", 0, 0), at("b", 5, 5)])).toEqual(["tooNear"]);
    expect(codes([at("a", 0, 0), at("b", 40, 0, { turn: 90 })])).toEqual(["notAllowedTurn"]);
    expect(codes([at("a", 0, 0), at("b", 0, 0, { bin: "sheet-1" })])).toEqual(["noSuchBin"]);
  });

  it("finds a shape over a hole of its scrap", () => {
    const scraps = [
      { id: "s", polygon: [[rectRing(0, 0, 60, 60), [...rectRing(5, 5, 15, 15)].reverse()]] },
    ];
    expect(codes([at("a", 0, 0, { bin: "s" }), at("b", 30, 30, { bin: "s" })], { scraps })).toEqual(
      ["outside"],
    );
    expect(
      codes([at("a", 20, 20, { bin: "s" }), at("b", 45, 45, { bin: "s" })], { scraps }),
    ).toEqual([]);
  });
});

describe("pack", () => {
  const list = (count: number): PackItem[] =>
    Array.from({ length: count }, (_, i) => ({
      id: `k${i}`,
      polygons: triangle(30 + (i % 3) * 4, 20),
      turns: [0, 180],
      seat: `s${i >> 1}`,
    }));
  const base = {
    scraps: [],
    stock: { kind: "strip", width: 120 } as const,
    clearance: 2,
    counters: true,
    seed: 1,
    seconds: 0.2,
  };

  it.each(["tight", "trimmer", "bySeat"] as const)(
    "%s: all placed once, apart, and no shorter than the area allows",
    (mode) => {
      const packed = pack({ ...base, items: list(14), mode });
      expect(
        validateShapes(problem(list(14)), {
          placements: packed.placements,
          unplaced: packed.unplaced,
          sheets: 0,
          length: 0,
        }),
      ).toEqual([]);
      expect(packed.used.length).toBeGreaterThanOrEqual(packed.bound);
      expect(packed.share).toBeCloseTo(packed.bound / packed.used.length, 6);
    },
  );

  it("by seat, what belongs together lies side by side", () => {
    const packed = pack({ ...base, items: list(8), mode: "bySeat" });
    const where = new Map(packed.placements.map((at) => [at.id, at]));
    for (const seat of [0, 1, 2, 3]) {
      const [a, b] = [where.get(`k${2 * seat}`), where.get(`k${2 * seat + 1}`)];
      expect(Math.hypot((a?.x ?? 0) - (b?.x ?? 999), (a?.y ?? 0) - (b?.y ?? 999))).toBeLessThan(60);
      expect(a?.turn).toBe(b?.turn);
    }
  });

  it("a group keeps its inner places, also when it is turned", () => {
    const group: PackItem[] = [
      { id: "word", polygons: [[rectRing(0, 0, 60, 10)]], turns: [90], group: "g" },
      { id: "under", polygons: [[rectRing(0, 10.5, 60, 12)]], turns: [90], group: "g" },
    ];
    const packed = pack({ ...base, items: group, mode: "tight" });
    const [a, b] = packed.placements;
    expect([a?.x, a?.y, a?.turn]).toEqual([b?.x, b?.y, 90]);
  });

  it("uses scraps before film off the roll, and says what is left of them", () => {
    const packed = pack({
      ...base,
      items: list(3),
      scraps: [{ id: "old", polygon: [[rectRing(0, 0, 90, 100)]] }],
      mode: "tight",
    });
    expect(new Set(packed.placements.map(({ bin }) => bin))).toEqual(new Set(["old"]));
    expect(packed.used.length).toBe(0);
    expect(packed.leftovers[0]?.bin).toBe("old");
    expect(polygonsArea(packed.leftovers[0]?.polygon ?? [])).toBeGreaterThan(90 * 40);
  });
});

describe("inscribedBox", () => {
  it("lies inside and is nearly the largest", () => {
    const lShape: Polygons = [
      [
        [
          [0, 0],
          [100, 0],
          [100, 30],
          [40, 30],
          [40, 90],
          [0, 90],
        ] as Ring,
      ],
    ];
    const box = inscribedBox(lShape);
    const area = box ? (box.maxX - box.minX) * (box.maxY - box.minY) : 0;
    expect(area).toBeGreaterThan(0.93 * 3600);
    expect(area).toBeLessThanOrEqual(3600 + 1e-6);
  });
});
