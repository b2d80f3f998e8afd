import { describe, expect, it } from "vitest";
import { showMinutes, showTime } from "./time.ts";

describe("times of day", () => {
  it.each([
    ["00:00", "12:00 am"],
    ["00:05", "12:05 am"],
    ["09:30", "9:30 am"],
    ["12:00", "12:00 pm"],
    ["13:07", "1:07 pm"],
    ["23:59", "11:59 pm"],
  ])("%s is %s", (time, words) => {
    expect(showTime(time, "12")).toBe(words);
    expect(showTime(time, "24")).toBe(time);
  });

  it("what is no time is left as it is", () => {
    expect(showTime("…", "12")).toBe("…");
  });
});

describe("minutes", () => {
  it("as hours where there are hours", () => {
    expect([0.4, 59.6, 60, 125].map(showMinutes)).toEqual(["0 min", "1 h", "1 h", "2 h 5 min"]);
  });
});
