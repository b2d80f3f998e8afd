import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CLOCKS, showTime } from "../units/time.ts";
import { addDays } from "./dates.ts";
import { readDate, readTime } from "./read-date.ts";

const TODAY = "2026-11-29";

describe("a day as it is typed", () => {
  it.each([
    ["2026-12-13", "2026-12-13"],
    ["13.12.2026", "2026-12-13"],
    ["13/12/26", "2026-12-13"],
    ["3.1.", "2027-01-03"],
    ["29/11", "2026-11-29"],
    ["28.11", "2027-11-28"],
    ["Sun 13 Dec", "2026-12-13"],
    ["Sunday 13 December 2026", "2026-12-13"],
    ["13th of december", "2026-12-13"],
    ["29 Feb", "2028-02-29"],
    ["1 Sept 2027", "2027-09-01"],
  ])("%s", (typed, date) => expect(readDate(typed, TODAY)).toBe(date));

  it.each(["", "soon", "31.2.2026", "13 Foo", "40/1", "2026-13-01", "1", "12/13/2026"])(
    "is none: “%s”",
    (typed) => expect(readDate(typed, TODAY)).toBeNull(),
  );

  it("is read back as it is shown, whatever the day", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), (days) => {
        const date = addDays("2024-02-29", days);
        const shown = new Intl.DateTimeFormat("en-GB", {
          weekday: "short",
          day: "numeric",
          month: "short",
          year: "numeric",
          timeZone: "UTC",
        }).format(new Date(`${date}T12:00:00Z`));
        expect(readDate(shown, TODAY)).toBe(date);
      }),
      { seed: 7, numRuns: 300 },
    );
  });
});

describe("a time as it is typed", () => {
  it.each([
    ["14:00", "14:00"],
    ["9", "09:00"],
    ["1430", "14:30"],
    ["930", "09:30"],
    ["14.05", "14:05"],
    ["2 pm", "14:00"],
    ["12 am", "00:00"],
    ["12:30pm", "12:30"],
    ["0:15", "00:15"],
  ])("%s", (typed, time) => expect(readTime(typed)).toBe(time));

  it.each(["", "noon", "25:00", "14:70", "13 pm", "0 am"])("is none: “%s”", (typed) =>
    expect(readTime(typed)).toBeNull(),
  );

  it("is read back as either clock shows it", () => {
    for (let minutes = 0; minutes < 24 * 60; minutes += 7) {
      const time = `${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;
      for (const clock of CLOCKS) expect(readTime(showTime(time, clock))).toBe(time);
    }
  });
});
