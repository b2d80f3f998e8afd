import { describe, expect, it } from "vitest";
import { showDate, showDaysAway, timeIn, todayIn } from "./dates.ts";

describe("dates as people read them", () => {
  it("are the same whatever the machine's own zone", () => {
    const now = new Date("2026-06-01T12:00:00Z");
    expect(showDate("2026-12-05", "long", now)).toBe("Saturday 5 December");
    expect(showDate("2026-12-05", "short", now)).toBe("Sat 5 Dec");
    expect(showDate("2028-02-29", "short", now)).toBe("Tue 29 Feb 2028");
    expect(showDate("2027-01-02", "long", now)).toBe("Saturday 2 January 2027");
  });

  it("today depends on where one is", () => {
    const at = new Date("2026-12-31T23:30:00Z");
    expect([
      todayIn("Europe/London", at),
      todayIn("Europe/Berlin", at),
      todayIn("America/New_York", at),
    ]).toEqual(["2026-12-31", "2027-01-01", "2026-12-31"]);
    expect(timeIn("Asia/Kolkata", at, "24")).toBe("05:00");
    expect(timeIn("Asia/Kolkata", at, "12")).toBe("5:00 am");
  });

  it("days away", () => {
    expect([-11, -1, 0, 1, 2].map(showDaysAway)).toEqual([
      "11 days ago",
      "1 day ago",
      "today",
      "tomorrow",
      "in 2 days",
    ]);
  });
});
