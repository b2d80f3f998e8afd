import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boxHeight, boxOfPoints, boxWidth } from "../geometry/polygon.ts";
import type { Blank } from "./blank.ts";
import { faceOutline } from "./face.ts";
import { readFace } from "./read-face.ts";
import type { BlankShape } from "./shape.ts";
import {
  type CurvedShape,
  circumference,
  curvedHeight,
  curvedWidth,
  curvedWidthLimits,
  fromCircumference,
  mostCurvedHeight,
  wallHeight,
  withCurvedHeight,
  withCurvedWidth,
  withWallHeight,
} from "./soft-tape.ts";

const clear = { rimClearance: 25, footClearance: 6, wrapAngle: 120 };
const mug: CurvedShape = { kind: "straightCup", diameter: 82, height: 95, ...clear };
const pot: CurvedShape = {
  kind: "taperedCup",
  topDiameter: 140,
  bottomDiameter: 100,
  height: 120,
  ...clear,
  warp: true,
};
const dome: CurvedShape = {
  kind: "bulgedCup",
  profile: [
    { fromTop: 10, diameter: 90 },
    { fromTop: 60, diameter: 150 },
    { fromTop: 140, diameter: 170 },
  ],
  ...clear,
};
const ball: CurvedShape = { kind: "ball", diameter: 80, wrapAngle: 90 };

const faceOf = (shape: BlankShape) => {
  const blank = {
    name: "x",
    material: "glazed",
    colour: "#ffffff",
    shape,
    margin: { rule: "byHand", mm: 0 },
    keepOuts: [],
    reserve: [],
    specimens: [],
  } as unknown as Blank;
  return boxOfPoints(faceOutline(readFace(blank).face));
};

describe("by hand", () => {
  it("82 mm across is 257.6 round; a third of the way round is 85.9 wide on the curve", () => {
    expect(circumference(82)).toBeCloseTo(257.611, 3);
    expect(fromCircumference(257.611)).toBeCloseTo(82, 3);
    expect(curvedWidth(mug)).toBeCloseTo(85.87, 2);
    expect(curvedHeight(mug as never)).toBe(64);
  });

  it("a pot 20 mm narrower a side over 120 mm has a wall of 121.66; a wall of 130 makes it 128.45 high", () => {
    expect(wallHeight(pot as never)).toBeCloseTo(Math.hypot(120, 20), 9);
    expect(withWallHeight(pot as never, 130)).toMatchObject({ height: 128.452 });
  });

  it("a quarter over a ball of 80 is 62.8 wide", () => {
    expect(curvedWidth(ball)).toBeCloseTo((Math.PI * 80) / 4, 9);
    expect(curvedWidthLimits(ball).most).toBeCloseTo((Math.PI * 80) / 2, 9);
  });
});

describe("what the tape measures is what the face has", () => {
  it.each([
    ["mug", mug],
    ["pot", pot],
    ["ball", ball],
  ] as const)("%s", (_, shape) => {
    expect(boxWidth(faceOf(shape))).toBeCloseTo(curvedWidth(shape), 1);
    if (shape.kind !== "ball") expect(boxHeight(faceOf(shape))).toBeCloseTo(curvedHeight(shape), 6);
  });

  it("dome: high along the wall, wide where the face has its middle", () => {
    expect(boxHeight(faceOf(dome))).toBeCloseTo(curvedHeight(dome as never), 3);
    expect(curvedWidth(dome)).toBeLessThan(boxWidth(faceOf(dome)) + 1e-6);
  });

  it("any width and height within the limits read back as they were typed", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(mug, pot, dome, ball),
        fc.double({ min: 0.02, max: 0.98, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (shape, across, down) => {
          const { least, most } = curvedWidthLimits(shape);
          const width = least + (most - least) * across;
          expect(curvedWidth(withCurvedWidth(shape, width))).toBeCloseTo(width, 2);
          if (shape.kind === "ball") return;
          const height = mostCurvedHeight(shape) * down;
          const high = withCurvedHeight(shape, height);
          expect(curvedHeight(high)).toBeCloseTo(height, 2);
          expect(high.rimClearance).toBe(shape.rimClearance);
        },
      ),
      { seed: 908, numRuns: 200 },
    );
  });
});
