/**
 * Boolean operations, offsets and paths against plain oracles: point sampling, formulas,
 * definitions.
 */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  difference,
  fillRings,
  intersection,
  offset,
  strokeLines,
  unionPolygons,
  unionRings,
} from "./boolean.ts";
import { convexHull } from "./hull.ts";
import { flatten, flattenLine } from "./outline.ts";
import { drawingPath, polygonsPath, readPiecePath, ringPath } from "./path.ts";
import {
  boxOf,
  growBox,
  isEmptyBox,
  joinBoxes,
  type Point,
  type Polygon,
  type Polygons,
  pointInPolygon,
  polygonsArea,
  type Ring,
  rectRing,
  ringArea,
  ringLength,
} from "./polygon.ts";
import { widestPlace } from "./widest-place.ts";

const rect = fc.record({
  x: fc.integer({ min: 0, max: 60 }),
  y: fc.integer({ min: 0, max: 60 }),
  w: fc.integer({ min: 2, max: 40 }),
  h: fc.integer({ min: 2, max: 40 }),
});
const rects = fc.array(rect, { minLength: 1, maxLength: 7 });
type Rect = { x: number; y: number; w: number; h: number };
const ringOf = ({ x, y, w, h }: Rect): Ring => rectRing(x, y, x + w, y + h);
const covers = ({ x, y, w, h }: Rect, [px, py]: Point): boolean =>
  px > x && px < x + w && py > y && py < y + h;
/** Places between the whole numbers, so that none lies on an edge. */
const PLACES: readonly Point[] = Array.from({ length: 400 }, (_, i) => [
  (i % 20) * 5 + 0.37,
  Math.floor(i / 20) * 5 + 0.61,
]);
const inside = (polygons: Polygons, point: Point): boolean =>
  polygons.some((polygon) => pointInPolygon(point, polygon));
const circle = (radius: number, count = 240): Ring =>
  Array.from(
    { length: count },
    (_, i): Point => [
      radius * Math.cos((2 * Math.PI * i) / count),
      radius * Math.sin((2 * Math.PI * i) / count),
    ],
  );

describe("boolean operations agree with sampling", () => {
  it("union", () => {
    fc.assert(
      fc.property(rects, (list) => {
        const united = unionRings(list.map(ringOf));
        for (const point of PLACES)
          expect(inside(united, point)).toBe(list.some((one) => covers(one, point)));
      }),
      { seed: 41, numRuns: 60 },
    );
  });

  it("difference and intersection", () => {
    fc.assert(
      fc.property(rects, rects, (a, b) => {
        const [left, right] = [unionRings(a.map(ringOf)), unionRings(b.map(ringOf))];
        const [less, both] = [difference(left, right), intersection(left, right)];
        for (const point of PLACES) {
          const [inA, inB] = [
            a.some((one) => covers(one, point)),
            b.some((one) => covers(one, point)),
          ];
          expect(inside(less, point)).toBe(inA && !inB);
          expect(inside(both, point)).toBe(inA && inB);
        }
        expect(polygonsArea(less) + polygonsArea(both)).toBeCloseTo(polygonsArea(left), 3);
      }),
      { seed: 42, numRuns: 40 },
    );
  });

  it("even-odd and non-zero filling of the same rings", () => {
    fc.assert(
      fc.property(rects, (list) => {
        const odd = fillRings(list.map(ringOf), "evenodd");
        const solid = fillRings(list.map(ringOf), "nonzero");
        for (const point of PLACES) {
          const count = list.filter((one) => covers(one, point)).length;
          expect(inside(odd, point)).toBe(count % 2 === 1);
          expect(inside(solid, point)).toBe(count > 0);
        }
      }),
      { seed: 43, numRuns: 40 },
    );
  });

  it("the order of the parts does not matter, and uniting twice changes nothing", () => {
    fc.assert(
      fc.property(rects, (list) => {
        const once = unionRings(list.map(ringOf));
        expect(polygonsArea(unionRings([...list].reverse().map(ringOf)))).toBeCloseTo(
          polygonsArea(once),
          6,
        );
        expect(polygonsArea(unionPolygons(once))).toBeCloseTo(polygonsArea(once), 6);
      }),
      { seed: 44, numRuns: 60 },
    );
  });

  it("a spike that turns back on itself fills nothing, and costs nothing beside it", () => {
    const outer = rectRing(0, 0, 40, 40);
    // The inside of a letter whose closing point overshoots its start by a thousandth.
    const hole: Ring = [
      [10, 30],
      [10, 12],
      [30, 12],
      [30, 30],
      [9.999, 30],
    ];
    expect(polygonsArea(unionRings([outer, [...hole].reverse()]))).toBeCloseTo(1600 - 360, 1);
    expect(polygonsArea(unionRings([outer, hole]))).toBeCloseTo(1600, 1);
    const doubled: Ring = [
      [0, 0],
      [20, 0],
      [5, 0],
      [20, 0],
      [20, 10],
      [0, 10],
    ];
    expect(polygonsArea(unionRings([doubled]))).toBeCloseTo(200, 6);
    expect(
      polygonsArea(unionRings([[...outer, outer[0] as Point, outer[0] as Point]])),
    ).toBeCloseTo(1600, 6);
  });
});

describe("offsets", () => {
  it("grow and shrink by the formula: A ± P·d + πd² for convex shapes, rounded", () => {
    fc.assert(
      fc.property(rect, fc.double({ min: 0.1, max: 5, noNaN: true }), (one, d) => {
        const shape: Polygons = [[ringOf(one)]];
        const perimeter = 2 * (one.w + one.h);
        expect(polygonsArea(offset(shape, d))).toBeCloseTo(
          one.w * one.h + perimeter * d + Math.PI * d * d,
          0,
        );
        const inner = Math.max(0, one.w - 2 * d) * Math.max(0, one.h - 2 * d);
        expect(polygonsArea(offset(shape, -d, "miter"))).toBeCloseTo(inner, 1);
      }),
      { seed: 45, numRuns: 80 },
    );
  });

  it("out and back again keeps a convex shape", () => {
    fc.assert(
      fc.property(rect, fc.double({ min: 0.1, max: 3, noNaN: true }), (one, d) => {
        const back = offset(offset([[ringOf(one)]], d, "miter"), -d, "miter");
        expect(polygonsArea(back)).toBeCloseTo(one.w * one.h, 1);
      }),
      { seed: 46, numRuns: 60 },
    );
  });

  it("holes shrink while their shape grows", () => {
    const [grown] = offset([[circle(20), [...circle(10)].reverse()]], 2);
    expect(grown).toHaveLength(2);
    expect(polygonsArea([grown as Polygon]) / (Math.PI * (22 ** 2 - 8 ** 2))).toBeCloseTo(1, 2);
    expect(offset([[circle(20), [...circle(3)].reverse()]], 4)[0]).toHaveLength(1);
  });
});

describe("pens", () => {
  const pen = { width: 4, join: "miter", cap: "butt", miterLimit: 4 } as const;
  const line = (points: Ring, closed = false) => [{ points, closed }];

  it("an L with each kind of join", () => {
    const bent: Ring = [
      [0, 0],
      [30, 0],
      [30, 20],
    ];
    const area = (join: "miter" | "round" | "bevel") =>
      polygonsArea(strokeLines(line(bent), { ...pen, join }, 0.005));
    // Two arms of 30 × 4 and 20 × 4, an overlap of 2 × 2 counted twice, and the corner's outer
    // square.
    expect(area("miter")).toBeCloseTo(200 - 4 + 4, 1);
    expect(area("bevel")).toBeCloseTo(200 - 4 + 2, 1);
    expect(area("round")).toBeCloseTo(200 - 4 + Math.PI, 1);
  });

  it("closed lines have no ends", () => {
    const area = polygonsArea(strokeLines(line(circle(20), true), pen, 0.005));
    expect(area / (Math.PI * (22 ** 2 - 18 ** 2))).toBeCloseTo(1, 2);
  });

  it("nothing drawn is nothing", () => {
    expect(strokeLines([], pen, 0.005)).toEqual([]);
  });
});

describe("the widest place", () => {
  it("is no wider than any circle that fits, and fits", () => {
    fc.assert(
      fc.property(rects, (list) => {
        for (const polygon of unionRings(list.map(ringOf))) {
          const { at, radius } = widestPlace(polygon);
          expect(pointInPolygon(at, polygon)).toBe(true);
          const nearest = Math.min(
            ...polygon.flatMap((ring) =>
              ring.map((a, i) => toSegment(at, a, ring[(i + 1) % ring.length] as Point)),
            ),
          );
          expect(radius).toBeLessThanOrEqual(nearest + 1e-6);
        }
      }),
      { seed: 47, numRuns: 60 },
    );
  });
});

function toSegment([x, y]: Point, a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const t = Math.max(
    0,
    Math.min(1, ((x - a[0]) * dx + (y - a[1]) * dy) / (dx * dx + dy * dy || 1)),
  );
  return Math.hypot(x - a[0] - t * dx, y - a[1] - t * dy);
}

describe("hulls", () => {
  it("hold every point, turn one way only, and are among the points", () => {
    const points = fc.array(
      fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 })),
      { minLength: 3, maxLength: 40 },
    );
    fc.assert(
      fc.property(points, (list) => {
        const hull = convexHull(list);
        fc.pre(hull.length > 2);
        const cross = (o: Point, a: Point, b: Point) =>
          (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
        hull.forEach((a, i) => {
          const b = hull[(i + 1) % hull.length] as Point;
          expect(cross(a, b, hull[(i + 2) % hull.length] as Point)).toBeGreaterThan(0);
          for (const point of list) expect(cross(a, b, point)).toBeGreaterThanOrEqual(0);
        });
        for (const corner of hull)
          expect(list.some(([x, y]) => x === corner[0] && y === corner[1])).toBe(true);
      }),
      { seed: 48, numRuns: 200 },
    );
  });
});

describe("outlines and paths", () => {
  it("a line keeps its start, a closed contour does not need it", () => {
    const contour = {
      start: [0, 0] as Point,
      segments: [{ kind: "line" as const, to: [10, 0] as Point }],
    };
    expect(flattenLine(contour, 0.1)).toEqual([
      [0, 0],
      [10, 0],
    ]);
    expect(
      flatten(
        {
          start: [0, 0],
          segments: [
            { kind: "line", to: [10, 0] },
            { kind: "line", to: [10, 5] },
            { kind: "line", to: [0, 0] },
          ],
        },
        0.1,
      ),
    ).toHaveLength(3);
  });

  it("a curve never strays from its chords by more than asked", () => {
    const number = fc.double({ min: -50, max: 50, noNaN: true });
    const point = fc.tuple(number, number);
    fc.assert(
      fc.property(
        point,
        point,
        point,
        point,
        fc.constantFrom(0.02, 0.2, 1),
        (start, c1, c2, to, tolerance) => {
          const line = flattenLine({ start, segments: [{ kind: "cubic", c1, c2, to }] }, tolerance);
          for (let k = 1; k < 20; k++) {
            const t = k / 20;
            const u = 1 - t;
            const on: Point = [
              u ** 3 * start[0] + 3 * u * u * t * c1[0] + 3 * u * t * t * c2[0] + t ** 3 * to[0],
              u ** 3 * start[1] + 3 * u * u * t * c1[1] + 3 * u * t * t * c2[1] + t ** 3 * to[1],
            ];
            const away = Math.min(
              ...line.slice(1).map((b, i) => toSegment(on, line[i] as Point, b)),
              ...(line.length === 1 ? [Math.hypot(on[0] - start[0], on[1] - start[1])] : []),
            );
            expect(away).toBeLessThanOrEqual(tolerance + 1e-9);
          }
        },
      ),
      { seed: 49, numRuns: 120 },
    );
  });

  it("what is drawn for the screen can be read back, piece by piece", () => {
    const piece: Polygon = [circle(20), [...circle(8)].reverse()];
    const read = readPiecePath(drawingPath([piece], 0.01));
    expect(read).toHaveLength(2);
    expect(polygonsArea([read]) / polygonsArea([piece])).toBeCloseTo(1, 3);
    expect(readPiecePath("")).toEqual([]);
  });

  it("paths hold absolute commands and short numbers only", () => {
    const path = polygonsPath([[rectRing(0, -1e-9, 1 / 3, 2)]]);
    expect(path).toBe("M0 0L0.333 0L0.333 2L0 2Z");
    expect(ringPath([])).toBe("MZ");
  });
});

describe("boxes and rings", () => {
  it("an empty box holds nothing, and grows to what it is joined with", () => {
    expect(isEmptyBox(boxOf([]))).toBe(true);
    expect(joinBoxes([boxOf([]), boxOf([[rectRing(1, 2, 3, 4)]])])).toEqual({
      minX: 1,
      minY: 2,
      maxX: 3,
      maxY: 4,
    });
    expect(growBox(boxOf([[rectRing(1, 2, 3, 4)]]), 1)).toEqual({
      minX: 0,
      minY: 1,
      maxX: 4,
      maxY: 5,
    });
  });

  it("turning a ring round changes the sign of its area, and not its length", () => {
    fc.assert(
      fc.property(rect, (one) => {
        const ring = ringOf(one);
        const back = [...ring].reverse();
        expect(ringArea(back)).toBe(-ringArea(ring));
        expect(ringLength(back)).toBeCloseTo(ringLength(ring), 9);
      }),
      { seed: 50 },
    );
  });
});
