import { describe, expect, it } from "vitest";
import { bladeAdvice } from "./wear.ts";

const load = (flawed: number, pieces = 100) => ({ pieces, flawed });

describe("when a blade is due", () => {
  it.each([
    ["nothing known", [], "unknown"],
    ["all through", [load(0), load(1)], "well"],
    ["one load with pieces left behind: more force first", [load(6), load(0), load(0)], "force"],
    [
      "three of the last five: a new blade",
      [load(6), load(0), load(3), load(8), load(0)],
      "change",
    ],
    [
      "what was long ago does not count",
      [load(0), load(0), load(0), load(0), load(0), load(9), load(9), load(9)],
      "well",
    ],
    ["a load of which nothing was told does not count", [load(0, 0), load(5)], "force"],
  ] as const)("%s", (_, loads, expected) => {
    expect(bladeAdvice(loads)).toBe(expected);
  });
});
