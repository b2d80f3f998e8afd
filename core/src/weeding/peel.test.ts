import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Point, type Polygon, rectRing } from "../geometry/polygon.ts";
import { armsOf } from "./arms.ts";
import { HAND_MM, liftOf, type PeelProblem, peelOf } from "./peel.ts";
import { FRAGILE_SHAPES } from "./peel-shapes.ts";

const film = { minX: 0, minY: 0, maxX: 100, maxY: 60 };
const peel = (pieces: readonly Polygon[], more: Partial<PeelProblem> = {}) =>
  peelOf({ pieces, film, minStroke: 0.8, isSmall: () => false, ...more });
const length = ([x, y]: Point) => Math.hypot(x, y);

describe("fragile arms", () => {
  const body: Polygon = [
    [
      [20, 20],
      [40, 20],
      [40, 29],
      [70, 29],
      [70, 30],
      [40, 30],
      [40, 40],
      [20, 40],
    ],
  ];

  it("an arm of 30 by 1 mm on a body of 20 mm hangs where it meets the body", () => {
    const [arm, ...others] = armsOf([body], 0.8);
    expect(others).toEqual([]);
    expect(arm).toMatchObject({ piece: 0, loose: false });
    expect(arm?.lengthMm).toBeCloseTo(30, 0);
    expect(arm?.widthMm).toBeCloseTo(1, 1);
    expect(arm?.root[0]).toBeCloseTo(40, 0);
    expect(arm?.tip[0]).toBeCloseTo(70, 6);
  });

  it("a plain body, a ring and a stroke between two bodies are none", () => {
    const ring: Polygon = [rectRing(0, 0, 20, 20), [...rectRing(1, 1, 19, 19)].reverse()];
    const dumbbell: Polygon = [
      [
        [0, 0],
        [10, 0],
        [10, 4],
        [30, 4],
        [30, 0],
        [40, 0],
        [40, 10],
        [30, 10],
        [30, 5],
        [10, 5],
        [10, 10],
        [0, 10],
      ],
    ];
    expect(armsOf([[rectRing(0, 0, 20, 20)], ring, dumbbell], 0.8)).toEqual([]);
  });

  it("a strip by itself is loose at both ends", () => {
    expect(armsOf([[rectRing(10, 10, 50, 11)]], 0.8)).toMatchObject([{ loose: true }]);
  });
});

describe("where weeding begins, and which way", () => {
  it("at the corner that is farthest from all letters", () => {
    expect(peel([[rectRing(5, 5, 60, 20)]])).toMatchObject({
      corner: "bottomRight",
      from: [100, 60],
    });
    expect(peel([[rectRing(40, 30, 95, 55)]]).corner).toBe("topLeft");
    expect(peel([[rectRing(40, 30, 95, 55)]]).reasons).toEqual([{ code: "room" }]);
  });

  it("away from a dot that would come along, and says how far the waste comes off before it", () => {
    const made = peel([[rectRing(25, 20, 75, 40)], [rectRing(84, 8, 86, 10)]], {
      isSmall: (i) => i === 1,
    });
    expect(made.corner).not.toBe("topRight");
    expect(made.safeMm).toBeGreaterThan(50);
    expect(made.reasons).toContainEqual({ code: "small", count: 1 });
  });

  it.each(FRAGILE_SHAPES.map((shape) => [shape.name, shape] as const))(
    "%s: its arm is left for the last, or gone along",
    (_, shape) => {
      const made = peelOf({ ...shape, minStroke: 0.8, isSmall: () => false });
      expect(goesWell(made, shape.root, shape.tip, shape.film)).toBe(true);
    },
  );

  it("one fragile arm anywhere, in any direction", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.double({ min: 15, max: 45, noNaN: true }),
        fc.double({ min: 0.7, max: 1.1, noNaN: true }),
        fc.boolean(),
        (degrees, arm, width, spot) => {
          const angle = (degrees * Math.PI) / 180;
          const shape = bodyWithArm(60, 60, angle, arm, width);
          const box = { minX: 0, minY: 0, maxX: 120, maxY: 120 };
          const blob: Polygon = [rectRing(spot ? 8 : 100, 8, spot ? 16 : 110, 18)];
          const made = peelOf({
            pieces: [shape.polygon, blob],
            film: box,
            minStroke: 0.8,
            isSmall: () => false,
          });
          expect(made.arms.length).toBeGreaterThan(0);
          expect(goesWell(made, shape.root, shape.tip, box)).toBe(true);
        },
      ),
      { seed: 11, numRuns: 150 },
    );
  });

  it("turned over, the peel is turned over with it", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 70 }),
        fc.integer({ min: 15, max: 40 }),
        fc.integer({ min: 0, max: 359 }),
        (x, y, degrees) => {
          const shape = bodyWithArm(x, y, (degrees * Math.PI) / 180, 18, 0.9);
          const flipped: Polygon = shape.polygon.map((ring) =>
            ring.map(([px, py]): Point => [100 - px, py]).reverse(),
          );
          const cost = (made: ReturnType<typeof peelOf>) => made.safeMm ?? -1;
          expect(cost(peel([shape.polygon]))).toBeCloseTo(cost(peel([flipped])), 6);
        },
      ),
      { seed: 12, numRuns: 60 },
    );
  });

  it("waste no longer than a hand is not cut; longer waste is, where least of it is", () => {
    expect(peel([[rectRing(5, 5, 60, 20)]]).cuts).toEqual([]);
    const long = { minX: 0, minY: 0, maxX: 500, maxY: 60 };
    const wide: Polygon = [rectRing(140, 2, 150, 58)];
    const made = peelOf({
      pieces: [[rectRing(20, 20, 60, 40)], wide, [rectRing(440, 20, 480, 40)]],
      film: long,
      minStroke: 0.8,
      isSmall: () => false,
    });
    const along = made.cuts.map(([a]) =>
      Math.abs(
        (a[0] - made.from[0]) * made.direction[0] + (a[1] - made.from[1]) * made.direction[1],
      ),
    );
    expect(made.cuts.length).toBeGreaterThanOrEqual(2);
    for (const [i, at] of along.entries())
      expect(at - (along[i - 1] ?? 0)).toBeLessThanOrEqual(HAND_MM + 1e-6);
    if (made.corner.endsWith("Left")) expect(made.cuts[0]?.[0][0]).toBeGreaterThan(140);
  });
});

describe("a letter lifted out of a stencil", () => {
  it("is taken at the corner that is farthest from its inside", () => {
    const letter: Polygon = [rectRing(0, 0, 40, 20), [...rectRing(26, 6, 34, 14)].reverse()];
    expect(liftOf(letter).at[0]).toBe(0);
  });

  it("without an inside at a corner of its widest part", () => {
    const flag: Polygon = [
      [
        [0, 0],
        [20, 0],
        [20, 15],
        [2, 15],
        [2, 60],
        [0, 60],
      ],
    ];
    expect(liftOf(flag).at[1]).toBeLessThan(20);
  });
});

/** Within 45 degrees of root to tip, or not met before two thirds of the film are off. */
function goesWell(
  { direction }: ReturnType<typeof peelOf>,
  root: Point,
  tip: Point,
  box: typeof film,
): boolean {
  const axis: Point = [tip[0] - root[0], tip[1] - root[1]];
  const along = (axis[0] * direction[0] + axis[1] * direction[1]) / length(axis);
  const at = ([x, y]: Point) => x * direction[0] + y * direction[1];
  const all = [
    at([box.minX, box.minY]),
    at([box.maxX, box.minY]),
    at([box.minX, box.maxY]),
    at([box.maxX, box.maxY]),
  ];
  const met =
    (Math.min(at(root), at(tip)) - Math.min(...all)) / (Math.max(...all) - Math.min(...all));
  return along >= Math.SQRT1_2 - 1e-9 || met >= 2 / 3;
}

/** A square of 12 mm with an arm out of the middle of one side, all turned. */
function bodyWithArm(
  x: number,
  y: number,
  angle: number,
  arm: number,
  width: number,
): { polygon: Polygon; root: Point; tip: Point } {
  const turned = ([px, py]: Point): Point => [
    x + px * Math.cos(angle) - py * Math.sin(angle),
    y + px * Math.sin(angle) + py * Math.cos(angle),
  ];
  const half = width / 2;
  const ring: Point[] = [
    [-6, -6],
    [6, -6],
    [6, -half],
    [6 + arm, -half],
    [6 + arm, half],
    [6, half],
    [6, 6],
    [-6, 6],
  ];
  return { polygon: [ring.map(turned)], root: turned([6, 0]), tip: turned([6 + arm, 0]) };
}
