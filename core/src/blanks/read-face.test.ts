import { describe, expect, it } from "vitest";
import { boxOfPoints, polygonsArea } from "../geometry/polygon.ts";
import { blankSchema } from "./blank.ts";
import { faceOutline, isConvex } from "./face.ts";
import { handleSides } from "./handle.ts";
import { asCut, drawnFace, readFace } from "./read-face.ts";
import { blankShapeSchema } from "./shape.ts";
import { frontSize } from "./shape-size.ts";

const blank = (shape: unknown, more: object = {}) =>
  blankSchema.parse({ name: "piece", shape, ...more });

describe("readFace", () => {
  it("takes the margin by size, or by hand", () => {
    expect(readFace(blank({ kind: "flat", width: 70, height: 40 }))).toMatchObject({
      marginMm: 6.35,
      marginRule: "small",
      width: 70,
      height: 40,
    });
    expect(
      readFace(blank({ kind: "roundedFlat", width: 300, height: 200, radius: 20 })),
    ).toMatchObject({ marginRule: "board", marginMm: 12.7 });
    expect(readFace(blank({ kind: "oval", width: 600, height: 300 })).marginRule).toBe("sign");
    expect(
      readFace(blank({ kind: "round", diameter: 90 }, { margin: { rule: "byHand", mm: 3 } })),
    ).toMatchObject({ marginMm: 3, marginRule: "byHand" });
  });

  it("centres a free outline", () => {
    const reading = readFace(
      blank({
        kind: "outline",
        outline: [
          [10, 10],
          [110, 10],
          [110, 60],
          [10, 60],
        ],
      }),
    );
    expect([reading.width, reading.height]).toEqual([100, 50]);
    expect(boxOfPoints(faceOutline(reading.face))).toMatchObject({ minX: -50, minY: -25 });
  });

  it("a straight cup: radius times angle, height less rim and foot", () => {
    const reading = readFace(
      blank({ kind: "straightCup", diameter: 80, height: 100, wrapAngle: 90 }),
    );
    expect(reading.width).toBeCloseTo(40 * (Math.PI / 2), 9);
    expect(reading.height).toBe(69);
    expect(reading.cup).toMatchObject({ radius: 40 });
  });

  it("a handle keeps its distance on both sides", () => {
    const wide = readFace(
      blank(
        { kind: "straightCup", diameter: 80, height: 100, wrapAngle: 300 },
        { handle: { school: "drinker", clear: 20 } },
      ),
    );
    expect(wide.width).toBeCloseTo(40 * Math.PI - 40, 9);
    expect(() =>
      readFace(
        blank({ kind: "straightCup", diameter: 80, height: 100 }, { handle: { clear: 70 } }),
      ),
    ).toThrow("handle leaves no room");
  });

  it("plans with the smallest of what was measured, and says how they differ", () => {
    const reading = readFace(
      blank(
        { kind: "straightCup", diameter: 80, height: 100, wrapAngle: 180 },
        { specimens: [{ across: 79, down: 101 }, { across: 81, down: 98 }, { across: 80 }] },
      ),
    );
    expect(reading.spread).toEqual({
      across: { smallest: 79, largest: 81 },
      down: { smallest: 98, largest: 101 },
    });
    expect(reading.width).toBeCloseTo((79 / 2) * Math.PI, 9);
    expect(reading.height).toBe(98 - 31);
  });

  it("specimens resize every kind of shape by its widest", () => {
    const kinds = [
      { kind: "flat", width: 100, height: 50 },
      { kind: "roundedFlat", width: 100, height: 50, radius: 5 },
      { kind: "oval", width: 100, height: 50 },
      { kind: "round", diameter: 100 },
      { kind: "ball", diameter: 100 },
      { kind: "straightCup", diameter: 100, height: 120 },
      { kind: "taperedCup", topDiameter: 100, bottomDiameter: 80, height: 120 },
      {
        kind: "bulgedCup",
        profile: [0, 60, 120].map((fromTop, i) => ({ fromTop, diameter: [80, 100, 80][i] })),
      },
      {
        kind: "outline",
        outline: [
          [0, 0],
          [100, 0],
          [50, 50],
        ],
      },
    ];
    for (const shape of kinds) {
      const reading = readFace(
        blank(shape, { specimens: [{ across: 90 }], margin: { rule: "byHand", mm: 2 } }),
      );
      expect(frontSize(reading.shape).width).toBeCloseTo(90, 9);
      expect(frontSize(blankShapeSchema.parse(shape)).width).toBeCloseTo(100, 9);
    }
  });

  it("what is kept for later comes off its side, and too much is refused", () => {
    const reading = readFace(
      blank(
        { kind: "flat", width: 100, height: 60 },
        { reserve: [{ side: "top", mm: 15, what: "twine" }] },
      ),
    );
    expect(boxOfPoints(faceOutline(reading.face))).toMatchObject({ minY: -15, maxY: 30 });
    expect(reading.height).toBe(45);
    expect(() =>
      readFace(
        blank({ kind: "flat", width: 100, height: 60 }, { reserve: [{ side: "left", mm: 120 }] }),
      ),
    ).toThrow("keep less");
  });

  it("keep-outs grow by their clearance; round ones are never drawn too small", () => {
    const reading = readFace(
      blank(
        { kind: "flat", width: 100, height: 60 },
        {
          keepOuts: [
            { kind: "hole", form: "round", x: 0, y: -20, width: 6, height: 6, clearance: 2 },
            { kind: "seam", x: 30, y: 0, width: 2, height: 60, clearance: 1 },
          ],
        },
      ),
    );
    expect(polygonsArea([reading.keepOuts[0] ?? []])).toBeGreaterThan(Math.PI * 25);
    expect(boxOfPoints(reading.keepOuts[1]?.[0] ?? [])).toEqual({
      minX: 28,
      maxX: 32,
      minY: -31,
      maxY: 31,
    });
  });
});

describe("a tapered cup's face", () => {
  const shape = {
    kind: "taperedCup",
    topDiameter: 100,
    bottomDiameter: 76,
    height: 95,
    rimClearance: 20,
    footClearance: 10,
    wrapAngle: 150,
  };

  it("bent: a rectangle before bending, a piece of ring after", () => {
    const reading = readFace(blank(shape));
    expect(reading.face.kind).toBe("rect");
    expect(reading.height).toBeCloseTo(Math.hypot(95, 12) - 30, 9);
    const outline = drawnFace(reading);
    expect(outline.length).toBeGreaterThan(20);
    expect(isConvex(outline)).toBe(false);
    expect(asCut([[faceOutline(reading.face)]], reading)).not.toEqual([
      [faceOutline(reading.face)],
    ]);
  });

  it.each([
    ["wide at the top", { topDiameter: 100, bottomDiameter: 76 }],
    ["wide at the foot", { topDiameter: 76, bottomDiameter: 100 }],
  ])("straight, %s: a convex part of the ring, so that the fit is exact", (_, diameters) => {
    const reading = readFace(blank({ ...shape, ...diameters, warp: false }));
    const outline = faceOutline(reading.face);
    expect(isConvex(outline)).toBe(true);
    const bent = readFace(blank({ ...shape, ...diameters }));
    const ring = drawnFace(bent);
    const inside = polygonsArea([[outline]]);
    expect(inside).toBeLessThan(polygonsArea([[ring]]));
    expect(inside).toBeGreaterThan(0.6 * polygonsArea([[ring]]));
    expect(asCut([[outline]], reading)).toEqual([[outline]]);
  });
});

describe("a bulged cup's face", () => {
  const dome = {
    kind: "bulgedCup",
    profile: [0, 30, 60, 90, 120].map((fromTop, i) => ({
      fromTop,
      diameter: [60, 96, 110, 112, 108][i],
    })),
    rimClearance: 20,
    footClearance: 10,
    wrapAngle: 110,
  };

  it("follows the profile: narrower where the blank is", () => {
    const reading = readFace(blank(dome));
    const outline = faceOutline(reading.face);
    const top = Math.min(...outline.map(([, y]) => y));
    const widthNear = (y: number) =>
      2 * Math.max(...outline.filter((p) => Math.abs(p[1] - y) < 6).map(([x]) => x));
    expect(widthNear(top)).toBeLessThan(widthNear(0));
    expect(reading.bulge?.curvature).toBeGreaterThan(0);
    expect(reading.bulge?.largestPatch).toBeGreaterThan(5);
    expect(reading.bulge?.largestPatch).toBeLessThan(30);
  });

  it("a ball of 80 mm gives patches of 9.8 mm", () => {
    const reading = readFace(blank({ kind: "ball", diameter: 80, wrapAngle: 90 }));
    expect(reading.bulge?.largestPatch).toBeCloseTo(9.798, 3);
    expect(reading.face).toMatchObject({ kind: "round" });
    expect(reading.width).toBeCloseTo(40 * (Math.PI / 2), 6);
  });
});

describe("measures that make no blank are refused with the reason", () => {
  const message = (shape: unknown) =>
    blankShapeSchema.safeParse(shape).error?.issues[0]?.message ?? "";
  it.each([
    [{ kind: "straightCup", diameter: 80, height: 20 }, "leave no height"],
    [{ kind: "taperedCup", topDiameter: 80, bottomDiameter: 80, height: 100 }, "straight cup"],
    [{ kind: "bulgedCup", profile: [{ fromTop: 0, diameter: 80 }] }, "three heights"],
    [
      { kind: "bulgedCup", profile: [0, 50, 40].map((fromTop) => ({ fromTop, diameter: 80 })) },
      "from the top down",
    ],
    [
      {
        kind: "outline",
        outline: [
          [0, 0],
          [10, 0],
          [20, 0],
        ],
      },
      "span an area",
    ],
  ])("%#", (shape, words) => {
    expect(message(shape)).toContain(words);
  });
});

describe("the handle", () => {
  it("lies at the drinker's hand, or opposite for the guest; both sides show it either way", () => {
    expect(handleSides("drinker", "right")).toEqual(["right"]);
    expect(handleSides("drinker", "left")).toEqual(["left"]);
    expect(handleSides("guest", "right")).toEqual(["left"]);
    expect(handleSides("both", "left")).toEqual(["left", "right"]);
  });
});
