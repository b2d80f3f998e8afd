import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { describe, expect, it } from "vitest";
import { readBlank } from "./read-blank.ts";

const mug = {
  name: "Enamel mug",
  material: "enamel",
  colour: "#f4f1e8",
  shape: {
    kind: "straightCup",
    diameter: 82,
    height: 80,
    rimClearance: 15,
    footClearance: 8,
    wrapAngle: 120,
    diameterRule: "across",
  },
  margin: { rule: "byHand", mm: 5 },
} as unknown as Blank;
const { diameterRule: _, ...shape } = mug.shape as unknown as Record<string, unknown>;
const withShape = (more: object): Blank =>
  ({ ...mug, shape: { ...shape, ...more } }) as unknown as Blank;
const board = (width: number, height: number, mm: number): Blank =>
  ({
    ...mug,
    shape: { kind: "flat", width, height },
    margin: { rule: "byHand", mm },
  }) as unknown as Blank;
const faultOf = (blank: Blank) => {
  const read = readBlank(blank);
  return "fault" in read ? read.fault : null;
};

describe("a blank that is about to be taken", () => {
  it("is taken as it was measured", () => {
    const read = readBlank(withShape({}));
    expect("blank" in read && read.blank.shape).toMatchObject({ diameter: 82, height: 80 });
    expect(faultOf(board(300, 200, 10))).toBeNull();
  });

  it("whose margin eats its face is refused, just as far as it does", () => {
    expect(faultOf(board(300, 40, 19.9))).toBeNull();
    for (const mm of [20, 25]) expect(faultOf(board(300, 40, mm))).toMatch(/margin/u);
    expect(faultOf(withShape({ height: 33 }))).toMatch(/margin/u);
    expect(faultOf(withShape({ height: 34 }))).toBeNull();
  });

  it("whose rim and foot leave no height is told so, not that its margin is wrong", () => {
    expect(faultOf(withShape({ height: 23 }))).toBe(
      "rim and foot clearance leave no height for the design",
    );
  });

  it("of measures that no blank has is refused with what would be right", () => {
    for (const wrong of [0, -5, Number.NaN, 1e9])
      expect(faultOf(withShape({ diameter: wrong })), String(wrong)).toMatch(
        /measure|at most|5000|number/u,
      );
  });
});
