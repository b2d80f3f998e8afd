import { describe, expect, it } from "vitest";
import { isNewer } from "./live-class.ts";

describe("which state of a run is the newer", () => {
  it("the later run, however few its versions; within a run the higher version, and the same again", () => {
    const at = (startedAt: number, version: number) => ({ startedAt, version });
    expect(isNewer(at(200, 1), at(100, 40))).toBe(true);
    expect(isNewer(at(100, 90), at(200, 1))).toBe(false);
    expect([
      isNewer(at(100, 4), at(100, 3)),
      isNewer(at(100, 3), at(100, 3)),
      isNewer(at(100, 2), at(100, 3)),
    ]).toEqual([true, true, false]);
  });
});
