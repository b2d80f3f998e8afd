import { describe, expect, it } from "vitest";
import { comingAfter } from "./coming.ts";

const step = (id: string, after: readonly (readonly [string, number])[] = []) => ({
  id,
  title: id.toUpperCase(),
  minutes: 5,
  after: after.map(([of, wait]) => ({ step: of, wait })),
});
const STEPS = [
  step("clean"),
  step("lay"),
  step("coat", [["lay", 0]]),
  step("tidy"),
  step("second", [["coat", 20]]),
  step("peel", [
    ["second", 30],
    ["coat", 45],
  ]),
];

describe("what comes next in the room", () => {
  it("is the next four steps, with what dries after each", () => {
    expect(comingAfter(STEPS as never, "clean")).toEqual([
      { id: "lay", title: "LAY", minutes: 5, dries: 0 },
      { id: "coat", title: "COAT", minutes: 5, dries: 45 },
      { id: "tidy", title: "TIDY", minutes: 5, dries: 0 },
      { id: "second", title: "SECOND", minutes: 5, dries: 30 },
    ]);
  });

  it("is nothing after the last, and of a step that is gone", () => {
    expect(comingAfter(STEPS as never, "peel")).toEqual([]);
    expect(comingAfter(STEPS as never, "gone")).toEqual([]);
  });
});
