import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Blank, blankSchema } from "../blanks/blank.ts";
import type { Face } from "../blanks/face.ts";
import { readFace } from "../blanks/read-face.ts";
import { viewOnCup } from "../blanks/straight-cup.ts";
import { type Point, type Polygons, placed, rectRing } from "../geometry/polygon.ts";
import { fitSpace, nearestPosition } from "./largest-fit.ts";
import { schools } from "./schools.ts";

const box = (w: number, h: number): Polygons => [[rectRing(-w / 2, -h / 2, w / 2, h / 2)]];

/**
 * Whether a point lies in the face less its margin: written from the definitions, not from the
 * fitter.
 */
function inside(face: Face, margin: number, [x, y]: Point): boolean {
  const slack = 1e-6;
  if (face.kind === "round") return Math.hypot(x, y) <= face.diameter / 2 - margin + slack;
  if (face.kind === "rect")
    return (
      Math.abs(x) <= face.width / 2 - margin + slack &&
      Math.abs(y) <= face.height / 2 - margin + slack
    );
  if (face.kind === "oval")
    return ((2 * x) / face.width) ** 2 + ((2 * y) / face.height) ** 2 <= 1 + slack;
  throw new Error(face.kind);
}

describe("fitSpace", () => {
  it("fits a box into a rectangle by the tighter side", () => {
    const { largest } = fitSpace({ kind: "rect", width: 70, height: 40 }, 5, box(30, 10));
    expect(largest.scale).toBeCloseTo(2, 5);
    expect(largest.binding).toBe("width");
    expect(fitSpace({ kind: "rect", width: 70, height: 40 }, 5, box(10, 30)).largest.binding).toBe(
      "height",
    );
  });

  it("on a round face the corners decide: a 3-4-5 box in a circle of 50", () => {
    const { largest } = fitSpace({ kind: "round", diameter: 50 }, 0, box(3, 4));
    expect(largest.scale).toBeCloseTo(10, 5);
    expect(largest.binding).toBe("circle");
  });

  it("a design off its centre is moved, not shrunk", () => {
    const off = placed(box(30, 10), 1, 100, -40);
    const { largest } = fitSpace({ kind: "rect", width: 70, height: 40 }, 5, off);
    expect(largest.scale).toBeCloseTo(2, 5);
    expect(largest.x).toBeCloseTo(-200, 4);
  });

  it("never sticks out, by sampling that shares nothing with the fitter", () => {
    const points = fc.array(
      fc.tuple(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.double({ min: -20, max: 20, noNaN: true }),
      ),
      { minLength: 3, maxLength: 12 },
    );
    const face = fc.constantFrom<Face>(
      { kind: "rect", width: 70, height: 40 },
      { kind: "round", diameter: 60 },
      { kind: "oval", width: 80, height: 50 },
    );
    fc.assert(
      fc.property(
        points,
        face,
        fc.double({ min: 0, max: 12, noNaN: true }),
        (ring, shape, margin) => {
          const spread =
            Math.max(...ring.map((p) => p[0])) -
            Math.min(...ring.map((p) => p[0])) +
            Math.max(...ring.map((p) => p[1])) -
            Math.min(...ring.map((p) => p[1]));
          fc.pre(
            spread > 1 &&
              Math.abs(
                ring.reduce(
                  (sum, p, i) =>
                    sum +
                    p[0] * (ring[(i + 1) % ring.length] as Point)[1] -
                    p[1] * (ring[(i + 1) % ring.length] as Point)[0],
                  0,
                ),
              ) > 1,
          );
          const { scale, x, y } = fitSpace(shape, margin, [[ring]]).largest;
          expect(scale).toBeGreaterThan(0);
          for (const [px, py] of ring)
            expect(
              inside(shape, shape.kind === "oval" ? 0 : margin, [px * scale + x, py * scale + y]),
            ).toBe(true);
        },
      ),
      { seed: 21, numRuns: 150 },
    );
  });

  it("is the largest: a hundredth more does not fit a rectangle", () => {
    const space = fitSpace({ kind: "rect", width: 70, height: 40 }, 6, box(17, 9));
    expect(space.position(space.largest.scale * 1.01)).toBeNull();
    expect(space.position(space.largest.scale)).not.toBeNull();
  });

  it("keeps clear of keep-outs and of notches", () => {
    const L: Face = {
      kind: "outline",
      outline: [
        [0, 0],
        [100, 0],
        [100, 40],
        [40, 40],
        [40, 100],
        [0, 100],
      ],
    };
    const { largest } = fitSpace(L, 0, box(10, 10));
    expect(largest.scale).toBeGreaterThan(3.8);
    expect(largest.scale).toBeLessThanOrEqual(4.0001);
    const hole = fitSpace({ kind: "rect", width: 100, height: 40 }, 0, box(10, 10), [
      [rectRing(-50, -20, 0, 20)],
    ]);
    expect(hole.largest.scale).toBeLessThanOrEqual(4.0001);
    expect(hole.largest.x - 5 * hole.largest.scale).toBeGreaterThanOrEqual(-1e-6);
  }, 60_000);

  it.each([
    [{ kind: "rect", width: 10, height: 10 }, 5],
    [{ kind: "round", diameter: 10 }, 6],
  ] as const)("refuses a margin that leaves nothing", (face, margin) => {
    expect(() => fitSpace(face, margin, box(1, 1))).toThrow(/margin/u);
  });

  it("moves as near to a wanted place as fits", () => {
    const space = fitSpace({ kind: "rect", width: 70, height: 40 }, 5, box(30, 10));
    expect(nearestPosition(space, 1, [0, 3])).toEqual([0, 3]);
    const [, y] = nearestPosition(space, 1, [0, 100]) ?? [0, 0];
    expect(y).toBeCloseTo(10, 3);
  });
});

describe("sizing schools", () => {
  const face: Face = { kind: "rect", width: 76, height: 42 };
  const seat = (name: string, w: number, h: number) => ({
    seat: name,
    width: w,
    space: fitSpace(face, 6, box(w, h)),
  });
  const set = [seat("long", 40, 10), seat("short", 10, 10), seat("middle", 20, 10)];

  it("longest sets the size: one scale, the least, and says who binds", () => {
    const sizing = schools.longest(set, 1);
    expect(new Set(sizing.seats.map(({ scale }) => scale)).size).toBe(1);
    expect(sizing.seats[0]?.scale).toBeCloseTo(1.6, 5);
    expect(sizing.binding).toEqual({ seat: "long", by: "width" });
  });

  it("fill the box: every seat its own largest", () => {
    expect(schools.fillBox(set, 1).seats.map(({ scale }) => Number(scale.toFixed(3)))).toEqual([
      1.6, 3, 3,
    ]);
  });

  it("same width: all as wide as the one that cannot go wider", () => {
    const widths = schools
      .sameWidth(set, 1)
      .seats.map(({ scale }, i) => scale * (set[i]?.width ?? 0));
    for (const width of widths) expect(width).toBeCloseTo(30, 4);
  });

  it("by hand: as said, but never more than a seat bears", () => {
    const sizing = schools.fixedHeight(set, 2);
    expect(sizing.seats.map(({ scale }) => Number(scale.toFixed(3)))).toEqual([1.6, 2, 2]);
    expect(sizing.binding?.seat).toBe("long");
  });

  it("no seats, no size", () => {
    for (const school of Object.values(schools))
      expect(school([], 1)).toEqual({ seats: [], binding: null });
  });
});

describe("blanks", () => {
  const blank = (shape: unknown, more: object = {}): Blank =>
    blankSchema.parse({ name: "x", shape, ...more });

  it("unrolls a straight cup", () => {
    const face = readFace(
      blank({
        kind: "straightCup",
        diameter: 80,
        height: 95,
        rimClearance: 25,
        footClearance: 10,
        wrapAngle: 90,
      }),
    );
    expect(face.width).toBeCloseTo(20 * Math.PI, 9);
    expect(face.height).toBe(60);
  });

  it("chooses the margin by size, as the rule says", () => {
    expect(readFace(blank({ kind: "flat", width: 70, height: 40 })).marginMm).toBe(6.35);
    expect(readFace(blank({ kind: "flat", width: 200, height: 120 })).marginMm).toBe(12.7);
    expect(readFace(blank({ kind: "flat", width: 900, height: 300 })).marginMm).toBe(25.4);
    expect(
      readFace(
        blank({ kind: "flat", width: 900, height: 300 }, { margin: { rule: "byHand", mm: 3 } }),
      ).marginMm,
    ).toBe(3);
  });

  it("refuses a cup that its clearances use up", () => {
    expect(() => blank({ kind: "straightCup", diameter: 80, height: 30 })).toThrow(/no height/u);
  });

  it("sees a quarter of the way round by hand-worked values", () => {
    const view = viewOnCup(40, (Math.PI / 2) * 40);
    expect(view.angle).toBeCloseTo(Math.PI / 2, 12);
    expect(view.chord).toBeCloseTo(80 * Math.SQRT1_2, 9);
    expect(view.edgeForeshortening).toBeCloseTo(Math.SQRT1_2, 9);
    expect(view.visibleShare).toBe(1);
  });

  it("beyond half the way round the chord stays at the diameter", () => {
    const view = viewOnCup(40, 1.5 * Math.PI * 40);
    expect(view.chord).toBeCloseTo(80, 9);
    expect(view.visibleShare).toBeCloseTo(2 / 3, 9);
    expect(view.edgeForeshortening).toBeCloseTo(0, 9);
  });
});
