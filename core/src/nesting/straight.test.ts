import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { intersection } from "../geometry/boolean.ts";
import { convexHull } from "../geometry/hull.ts";
import {
  boxOf,
  moved,
  type Point,
  type Polygons,
  polygonsArea,
  type Ring,
  rectRing,
  ringArea,
} from "../geometry/polygon.ts";
import { noFitOf, overlapping, rimOf, touching } from "./no-fit.ts";
import type { ShapeItem, ShapeProblem } from "./problem.ts";
import { type Straight, straightOf } from "./straight.ts";
import { layTouching } from "./strategies/touching.ts";
import { layTight } from "./tight.ts";
import { validateShapes } from "./validate-shapes.ts";

const convex = fc
  .array(
    fc.tuple(
      fc.double({ min: 0, max: 60, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
    ),
    { minLength: 5, maxLength: 12 },
  )
  .map((points): Polygons => [[convexHull(points)]])
  .filter((polygons) => polygonsArea(polygons) > 50);
const straight = (polygons: Polygons, clearance = 0): Straight => {
  const made = straightOf(polygons, clearance);
  if (!made) throw new Error("not a convex piece with few corners");
  return made;
};
/** As the search sees it: from the top left of its box. */
const fromCorner = (polygons: Polygons): Polygons => {
  const { minX, minY } = boxOf(polygons);
  return moved(polygons, -minX, -minY);
};
const ringOf = (corners: Float64Array): Ring =>
  Array.from(
    { length: corners.length / 2 },
    (_, i): Point => [corners[2 * i] as number, corners[2 * i + 1] as number],
  );
/** Any outline round a middle: most are not convex. */
const odd = fc
  .array(fc.double({ min: 0.25, max: 1, noNaN: true }), { minLength: 4, maxLength: 9 })
  .map(
    (reaches): Polygons => [
      [
        reaches.map((reach, i): Point => {
          const angle = (2 * Math.PI * i) / reaches.length;
          return [30 * reach * Math.cos(angle), 30 * reach * Math.sin(angle)];
        }),
      ],
    ],
  );
const rectangle = (w: number, h: number): Polygons => [[rectRing(0, 0, w, h)]];

describe("straightOf", () => {
  it("takes what has few corners, whichever way it is drawn, and nothing else", () => {
    const flag: Ring = [
      [0, 0],
      [20, 0],
      [10, 30],
    ];
    expect(straightOf([[flag]], 0)).toMatchObject({ width: 20, height: 30, sides: [0, 0, 20, 0] });
    expect(straightOf([[[...flag].reverse()]], 0)?.perimeter).toBeCloseTo(
      20 + 2 * Math.hypot(10, 30),
      9,
    );
    const frame = straight([[rectRing(0, 0, 9, 9), [...rectRing(3, 3, 6, 6)].reverse()]]);
    expect(frame.perimeter).toBeCloseTo(48, 9);
    expect(frame.sides).toEqual([9, 9, 9, 9]);
    expect(straight([...rectangle(5, 5), ...moved(rectangle(5, 5), 20, 0)]).parts).toHaveLength(2);
    const dart: Ring = [
      [0, 0],
      [20, 10],
      [0, 20],
      [5, 10],
    ];
    expect(straight([[dart]]).parts).toHaveLength(2);
    // In one stroke: it crosses itself.
    const pentagram = Array.from(
      { length: 5 },
      (_, i): Point => [10 * Math.cos((4 * Math.PI * i) / 5), 10 * Math.sin((4 * Math.PI * i) / 5)],
    );
    expect(straightOf([[pentagram]], 0)).toBeNull();
    expect(
      straightOf(
        [
          [
            Array.from(
              { length: 60 },
              (_, i): Point => [Math.cos((Math.PI * i) / 30), Math.sin((Math.PI * i) / 30)],
            ),
          ],
        ],
        0,
      ),
    ).toBeNull();
  });

  it("takes an outline apart that touches itself, also where rounding makes it cross", () => {
    // Along the slanted edge hangs a triangle by its corner, a thousandth beyond the edge.
    const [a, p, d]: [Point, Point, Point] = [
      [0, 0],
      [40.001, 19.999],
      [80, 40],
    ];
    const hung: Ring = [a, p, [50, 0], [60, 10], p, d, [80, 60], [0, 60]];
    const made = straightOf([[hung]], 0, 4e-3);
    expect(made).not.toBeNull();
    const parts = made?.parts.reduce((sum, part) => sum + Math.abs(ringArea(ringOf(part))), 0);
    expect(parts).toBeCloseTo(Math.abs(ringArea(hung)), 0);
  });

  it("leaves out corners that are none", () => {
    const dotted: Ring = [
      [0, 0],
      [5, 0],
      [5, 0],
      [10, 0],
      [10, 10],
      [0, 10],
      [0, 4],
    ];
    expect(straight([[dotted]]).edges).toHaveLength(16);
  });

  it("grows by half the clearance: nowhere less, and on the edges no more", () => {
    fc.assert(
      fc.property(convex, fc.double({ min: 0.5, max: 6, noNaN: true }), (polygons, clearance) => {
        const bare = fromCorner(polygons)[0]?.[0] as Ring;
        const grown = ringOf(straight(polygons, clearance).parts[0] as Float64Array);
        const toEdge = (p: Point, ring: Ring) =>
          Math.min(...ring.map((a, i) => distanceTo(p, a, ring[(i + 1) % ring.length] as Point)));
        for (let i = 0; i < grown.length; i++) {
          const [a, b] = [grown[i] as Point, grown[(i + 1) % grown.length] as Point];
          for (const t of [0, 0.3, 0.7])
            expect(
              toEdge([a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])], bare),
            ).toBeGreaterThan(clearance / 2 - 1e-6);
        }
        bare.forEach((a, i) => {
          const b = bare[(i + 1) % bare.length] as Point;
          expect(toEdge([(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], grown)).toBeLessThan(
            clearance / 2 + 1e-6,
          );
        });
      }),
      { seed: 71, numRuns: 100 },
    );
  });
});

function distanceTo(p: Point, a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const t = Math.max(
    0,
    Math.min(1, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / (dx * dx + dy * dy)),
  );
  return Math.hypot(p[0] - a[0] - t * dx, p[1] - a[1] - t * dy);
}

/**
 * The widest gap beside any edge of the first; below 0 how deep the second reaches in at the least.
 */
function widestGap(first: Ring, second: Ring): number {
  return Math.max(
    ...first.map((p, i) => {
      const q = first[(i + 1) % first.length] as Point;
      const along = Math.hypot(q[0] - p[0], q[1] - p[1]);
      const beside = ([x, y]: Point) =>
        ((q[1] - p[1]) * (x - p[0]) - (q[0] - p[0]) * (y - p[1])) / along;
      const own = Math.max(...first.map(beside));
      const others = Math.min(...second.map(beside));
      return own < 1e-6 ? others : Number.NEGATIVE_INFINITY;
    }),
  );
}

describe("no-fit polygons", () => {
  it("tell overlap as a separating line between the outlines does", () => {
    let [overlaps, apart] = [0, 0];
    fc.assert(
      fc.property(
        convex,
        convex,
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: -40, max: 40, noNaN: true }),
        (a, b, x, y) => {
          const [first, second] = [
            fromCorner(a)[0]?.[0] as Ring,
            moved(fromCorner(b), x, y)[0]?.[0] as Ring,
          ];
          const gap = Math.max(widestGap(first, second), widestGap(second, first));
          const said = overlapping(noFitOf(straight(a), straight(b)), x, y);
          if (said) overlaps++;
          else apart++;
          if (gap > 0) expect(said).toBe(false);
          if (gap < -1e-5) expect(said).toBe(true);
          if (polygonsArea(intersection([[first]], [[second]])) > 0.05) expect(said).toBe(true);
        },
      ),
      { seed: 72, numRuns: 400 },
    );
    expect(Math.min(overlaps, apart)).toBeGreaterThan(50);
  });

  it("tell overlap of what is not convex as its area in common does", () => {
    let [overlaps, apart] = [0, 0];
    fc.assert(
      fc.property(
        odd,
        odd,
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: -60, max: 60, noNaN: true }),
        (a, b, x, y) => {
          const [one, other] = [straightOf(a, 0), straightOf(b, 0)];
          fc.pre(one !== null && other !== null);
          if (!one || !other) return;
          const common = polygonsArea(intersection(fromCorner(a), moved(fromCorner(b), x, y)));
          const said = overlapping(noFitOf(one, other), x, y);
          if (said) overlaps++;
          else apart++;
          if (common > 0.05) expect(said).toBe(true);
          if (said) expect(common).toBeGreaterThan(0);
        },
      ),
      { seed: 74, numRuns: 400 },
    );
    expect(Math.min(overlaps, apart)).toBeGreaterThan(50);
  });

  it("has on its rim only places where the two touch, also where one just fits into the other", () => {
    fc.assert(
      fc.property(odd, odd, (a, b) => {
        const noFit = noFitOf(straight(a), straight(b));
        const rim = rimOf(noFit);
        expect(rim.length).toBeGreaterThan(0);
        for (let i = 0; i < rim.length; i += 4)
          for (const t of [0, 0.5, 1]) {
            const x = (rim[i] as number) * (1 - t) + (rim[i + 2] as number) * t;
            const y = (rim[i + 1] as number) * (1 - t) + (rim[i + 3] as number) * t;
            const common = intersection(fromCorner(a), moved(fromCorner(b), x, y));
            expect(polygonsArea(common)).toBeLessThan(0.02);
          }
      }),
      { seed: 75, numRuns: 60 },
    );
    const notched: Ring = [
      [0, 0],
      [40, 0],
      [40, 10],
      [30, 10],
      [30, 30],
      [10, 30],
      [10, 10],
      [0, 10],
    ];
    const cup: Ring = [
      [0, 0],
      [40, 0],
      [40, 30],
      [30, 30],
      [30, 10],
      [10, 10],
      [10, 30],
      [0, 30],
    ];
    // The bar of the one fits between the walls of the other, at one depth only.
    const noFit = noFitOf(straight([[cup]]), straight([[notched.map(([x, y]): Point => [x, -y])]]));
    const rim = rimOf(noFit);
    const fits = Array.from({ length: rim.length / 4 }, (_, i) => rim.slice(4 * i, 4 * i + 4)).some(
      (own) =>
        [0, 2].some(
          (k) => Math.abs(own[k] as number) < 1e-6 && Math.abs((own[k + 1] as number) - 10) < 1e-6,
        ),
    );
    expect(fits).toBe(true);
    expect(overlapping(noFit, 0, 10)).toBe(false);
    expect(touching(noFit, 0, 10)).toBeCloseTo(20 + 20 + 20 + 10 + 10, 6);
  });

  it("pieces that touch do not overlap, and the length they touch along is theirs", () => {
    const [a, b] = [straight(rectangle(20, 10)), straight(rectangle(8, 6))];
    const noFit = noFitOf(a, b);
    expect(overlapping(noFit, 20, 0)).toBe(false);
    expect(overlapping(noFit, 19.9, 0)).toBe(true);
    expect(touching(noFit, 20, 0)).toBeCloseTo(6, 9);
    expect(touching(noFit, 20, 7)).toBeCloseTo(3, 9);
    expect(touching(noFit, -8, 2)).toBeCloseTo(6, 9);
    expect(touching(noFit, 16, 10)).toBeCloseTo(4, 9);
    expect(touching(noFit, 20, 10)).toBe(0);
    expect(touching(noFit, 20.1, 0)).toBe(0);
  });

  it("half the clearance of each keeps two pieces apart by all of it", () => {
    const [a, b] = [straight(rectangle(20, 10), 2), straight(rectangle(8, 6), 2)];
    const noFit = noFitOf(a, b);
    expect(overlapping(noFit, 22, 0)).toBe(false);
    expect(overlapping(noFit, 21.9, 0)).toBe(true);
    expect(touching(noFit, 22, 0)).toBeGreaterThanOrEqual(6);
  });
});

/** A sheet cut into strips, and these along slanted lines: the perfect layout is known. */
function slanted(seed: number): { items: ShapeItem[]; side: number } {
  const random = fc.sample(fc.double({ min: 0.2, max: 0.8, noNaN: true }), { seed, numRuns: 20 });
  const side = 200;
  const items = [0, 1, 2, 3].flatMap((row) => {
    const cuts = [0, 1, 2, 3].map((k) => ({
      top: 20 + 45 * k + 20 * (random[4 * row + k] as number),
      bottom: 20 + 45 * k + 20 * (random[4 * row + ((k + 1) % 4)] as number),
    }));
    const lines = [{ top: 0, bottom: 0 }, ...cuts, { top: side, bottom: side }];
    return lines.slice(1).map((line, k): ShapeItem => {
      const before = lines[k] as (typeof lines)[number];
      const ring: Ring = [
        [before.top, row * 50],
        [line.top, row * 50],
        [line.bottom, row * 50 + 50],
        [before.bottom, row * 50 + 50],
      ];
      return { id: `s${row}-${k}`, polygons: [[ring]], turns: [0] };
    });
  });
  return { items, side };
}

const onSheet = (
  items: readonly ShapeItem[],
  side: number,
  over: Partial<ShapeProblem> = {},
): ShapeProblem => ({
  items,
  scraps: [],
  stock: { kind: "sheet", width: side, height: side },
  clearance: 0,
  counters: true,
  seed: 1,
  seconds: 1,
  ...over,
});

describe("pieces with straight edges", () => {
  it.each([5, 6, 7])("go back into the sheet they were cut from (%i)", (seed) => {
    const { items, side } = slanted(seed);
    const problem = onSheet(items, side, { seconds: 3 });
    const layout = layTight(problem);
    expect(validateShapes(problem, layout)).toEqual([]);
    expect(layout.sheets).toBe(1);
    expect(layout.unplaced).toEqual([]);
  });

  it.each([5, 6, 7])("also when their corners are rounded, each in its own frame (%i)", (seed) => {
    const { items, side } = slanted(seed);
    const rounded = items.map((item, i) => {
      const [ox, oy] = [7 * Math.sin(12.9 * i), 7 * Math.cos(7.3 * i)];
      const thousandths = (mm: number) => Math.round(1000 * mm) / 1000;
      return {
        ...item,
        polygons: item.polygons.map((polygon) =>
          polygon.map((ring) =>
            ring.map(([x, y]): Point => [thousandths(x + ox), thousandths(y + oy)]),
          ),
        ),
      };
    });
    const problem = onSheet(rounded, side, { seconds: 3 });
    const layout = layTight(problem);
    expect(validateShapes(problem, layout)).toEqual([]);
    expect(layout.unplaced).toEqual([]);
  });

  it("twenty flags turned head to foot take less than their boxes would", () => {
    const flag: Ring = [
      [0, 0],
      [40, 0],
      [20, 50],
    ];
    const flags = Array.from(
      { length: 20 },
      (_, i): ShapeItem => ({ id: `f${i}`, polygons: [[flag]], turns: [0, 180] }),
    );
    // Boxes of 42 by 52 mm: 4 by 3 on a sheet.
    const problem = onSheet(flags, 180, { clearance: 2 });
    const layout = layTight(problem);
    expect(validateShapes(problem, layout)).toEqual([]);
    expect(layout.sheets).toBe(1);
    expect(layout).toEqual(layTight(problem));
  });

  it("whatever the pieces, the layout passes the independent check", () => {
    const items = fc.array(
      fc.tuple(convex, fc.constantFrom([0], [0, 180], [0, 90, 180, 270], [30])),
      { minLength: 2, maxLength: 14 },
    );
    fc.assert(
      fc.property(items, fc.constantFrom(0, 1.5), (list, clearance) => {
        const problem = onSheet(
          list.map(([polygons, turns], i) => ({ id: `c${i}`, polygons, turns })),
          110,
          { clearance, seconds: 0.1 },
        );
        expect(validateShapes(problem, layTight(problem))).toEqual([]);
      }),
      { seed: 73, numRuns: 24 },
    );
  });

  it.each([1, 2])("so do pieces that are not convex, in any quarter turn (%i)", (seed) => {
    const { items, side } = slanted(seed);
    // Two and two of a row are one piece: slanted in the middle, no longer convex.
    const joined = [0, 1, 2, 3].flatMap((row) =>
      [0, 2].map((k): ShapeItem => {
        const two = [items[5 * row + k], items[5 * row + 5 * 0 + k + 1]].flatMap(
          (one) => one?.polygons ?? [],
        );
        const [left, right] = two.map((polygon) => polygon[0] as Ring) as [Ring, Ring];
        const ring = [left[0], right[1], right[2], left[3]] as Ring;
        const notch: Point = [(left[0] as Point)[0] + 12, (left[0] as Point)[1] + 25];
        return { id: `j${row}-${k}`, polygons: [[[...ring, notch]]], turns: [0, 90, 180, 270] };
      }),
    );
    const problem = onSheet(joined, side, { seconds: 2 });
    const layout = layTight(problem);
    expect(validateShapes(problem, layout)).toEqual([]);
    expect(layout.unplaced).toEqual([]);
  });

  it("takes no more work than it is given, but for one layout's step", () => {
    const { items, side } = slanted(8);
    const pieces = items.map(({ polygons }) => ({
      turned: [straight(polygons)],
      area: polygonsArea(polygons),
    }));
    const full = layTouching(pieces, side - 1, side - 1, 4e6);
    const cut = layTouching(pieces, side - 1, side - 1, 4e5);
    expect(cut.work).toBeLessThan(6e5);
    expect(full.area).toBeGreaterThanOrEqual(cut.area);
    expect(layTouching([], side, side, 1e5)).toMatchObject({ spots: [], area: 0 });
  });
});
