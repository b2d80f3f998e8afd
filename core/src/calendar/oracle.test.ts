/** Dates against the platform's own time zones, evenings against plain search. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, daysBetween, deadlines, isDate, ROOM_LEAD_DAYS } from "./dates.ts";
import { LEAST_SITTING_MINUTES, tonight } from "./evenings.ts";
import { icsText } from "./ics.ts";
import { isZone } from "./zone-names.ts";
import { clockIn, instantOf } from "./zones.ts";

const ZONES = [
  "Europe/London",
  "America/New_York",
  "Asia/Kolkata",
  "Australia/Lord_Howe",
  "UTC",
  "Pacific/Auckland",
];
const date = fc.integer({ min: 0, max: 3000 }).map((n) => addDays("2024-01-01", n));
const time = fc
  .tuple(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }))
  .map(([h, m]) => `${String(h).padStart(2, "0")}:${String(m).padStart(2, "0")}`);

/** What a wall clock in the zone shows at an instant, by the platform. */
function wallClock(instant: number, zone: string): string {
  const parts = new Intl.DateTimeFormat("en-CA", {
    timeZone: zone,
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
  }).formatToParts(new Date(instant));
  const of = (type: string) => parts.find((part) => part.type === type)?.value ?? "";
  return `${of("year")}-${of("month")}-${of("day")} ${of("hour")}:${of("minute")}`;
}

describe("instants", () => {
  it("show the time that was asked for; a time that does not exist moves forward, one that is twice is the first", () => {
    fc.assert(
      fc.property(date, time, fc.constantFrom(...ZONES), (day, clock, zone) => {
        const instant = instantOf(day, clock, zone);
        const shown = wallClock(instant, zone);
        if (shown === `${day} ${clock}`) {
          // The first of two: an hour earlier it was not this time already.
          for (const gap of [30, 60])
            expect(wallClock(instant - gap * 60_000, zone)).not.toBe(shown);
        } else {
          // It does not exist: no instant near it shows it.
          for (let minutes = -180; minutes <= 180; minutes += 15)
            expect(wallClock(instant + minutes * 60_000, zone)).not.toBe(`${day} ${clock}`);
          expect(shown > `${day} ${clock}`).toBe(true);
        }
      }),
      { seed: 101, numRuns: 250 },
    );
  });

  it("the gap of a spring night, and the doubled hour of an autumn one, in a zone of half hours too", () => {
    expect(wallClock(instantOf("2026-03-29", "01:30", "Europe/London"), "Europe/London")).toBe(
      "2026-03-29 02:30",
    );
    expect(instantOf("2026-10-25", "01:30", "Europe/London")).toBe(Date.UTC(2026, 9, 25, 0, 30));
    expect(
      wallClock(instantOf("2026-10-04", "02:15", "Australia/Lord_Howe"), "Australia/Lord_Howe"),
    ).toBe("2026-10-04 02:45");
  });

  it("there and back", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(2024, 0, 1), max: Date.UTC(2031, 0, 1) }),
        fc.constantFrom(...ZONES),
        (instant, zone) => {
          const { date: day, time: clock } = clockIn(instant, zone);
          expect(`${day} ${clock}`).toBe(wallClock(instant, zone));
        },
      ),
      { seed: 102, numRuns: 200 },
    );
  });
});

describe("calendar days", () => {
  it("add and take away as on a wall calendar", () => {
    fc.assert(
      fc.property(date, fc.integer({ min: -800, max: 800 }), (day, n) => {
        expect(daysBetween(day, addDays(day, n))).toBe(n);
        expect(addDays(addDays(day, n), -n)).toBe(day);
      }),
      { seed: 103, numRuns: 200 },
    );
  });

  it("only real dates and zones are taken", () => {
    for (const good of ["2026-02-28", "2028-02-29"]) expect(isDate(good)).toBe(true);
    for (const bad of ["2026-02-29", "2026-13-01", "26-01-01", "2026-1-1", "", "tomorrow"])
      expect(isDate(bad)).toBe(false);
    for (const zone of ZONES) expect(isZone(zone)).toBe(true);
    for (const bad of ["", "Mars/Olympus", "Europe"]) expect(isZone(bad)).toBe(false);
  });

  it("deadlines lie before the class, earliest first", () => {
    fc.assert(
      fc.property(date, (day) => {
        const list = deadlines(day, ROOM_LEAD_DAYS);
        list.forEach((row, i) => {
          expect(row.date).toBe(addDays(day, -row.daysBefore));
          if (i > 0) expect(row.date >= (list[i - 1]?.date ?? "")).toBe(true);
        });
      }),
      { seed: 104 },
    );
  });
});

describe("tonight", () => {
  const task = fc.record({
    minutes: fc.integer({ min: 0, max: 300 }),
    due: fc.integer({ min: -2, max: 14 }),
  });

  it("is the least that keeps every later evening no fuller: with a tenth less, some deadline needs more a day", () => {
    fc.assert(
      fc.property(fc.array(task, { maxLength: 8 }), (list) => {
        const tasks = list.map(({ minutes, due }, i) => ({
          id: `t${i}`,
          minutes,
          dueDate: addDays("2026-11-25", due),
        }));
        const plan = tonight(tasks, "2026-11-25");
        const all = tasks.reduce((sum, { minutes }) => sum + minutes, 0);
        const pace = Math.max(
          0,
          ...tasks.map(
            ({ dueDate }) =>
              tasks
                .filter((one) => one.dueDate <= dueDate)
                .reduce((sum, { minutes }) => sum + minutes, 0) /
              Math.max(1, daysBetween("2026-11-25", dueDate) + 1),
          ),
        );
        expect(plan.minutes).toBeCloseTo(
          Math.min(all, Math.max(pace, all > 0 ? LEAST_SITTING_MINUTES : 0)),
          6,
        );
        expect(plan.tasks.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(
          plan.minutes,
          1,
        );
        for (const { id, minutes } of plan.tasks)
          expect(minutes).toBeLessThanOrEqual(tasks.find((one) => one.id === id)?.minutes ?? 0);
      }),
      { seed: 105, numRuns: 200 },
    );
  });

  it("takes what is due first", () => {
    fc.assert(
      fc.property(fc.array(task, { minLength: 2, maxLength: 8 }), (list) => {
        const tasks = list.map(({ minutes, due }, i) => ({
          id: `t${i}`,
          minutes: minutes + 1,
          dueDate: addDays("2026-11-25", due),
        }));
        const chosen = tonight(tasks, "2026-11-25").tasks.map(
          ({ id }) => tasks.find((one) => one.id === id)?.dueDate ?? "",
        );
        expect([...chosen].sort()).toEqual(chosen);
      }),
      { seed: 106, numRuns: 100 },
    );
  });
});

describe("calendar files", () => {
  it("unfold to what was written, whatever is in a title", () => {
    const text = fc.constantFrom(
      "Seal; then paint",
      "Zoë's coat, first",
      "back\\slash",
      "two\nlines",
      "李".repeat(60),
      "plain",
    );
    fc.assert(
      fc.property(text, text, (title, description) => {
        const file = icsText(
          [
            {
              uid: "x",
              title,
              description,
              place: "",
              startInstant: Date.UTC(2026, 11, 5, 14),
              endInstant: Date.UTC(2026, 11, 5, 15),
            },
          ],
          "Europe/London",
          0,
        );
        for (const line of file.split("\r\n"))
          expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
        const unfolded = file.replace(/\r\n /gu, "");
        const field = (name: string) =>
          new RegExp(`^${name}:(.*)$`, "mu")
            .exec(unfolded)?.[1]
            ?.replace(/\\n/gu, "\n")
            .replace(/\\([;,\\])/gu, "$1");
        expect(field("SUMMARY")).toBe(title);
        expect(field("DESCRIPTION")).toBe(description);
      }),
      { seed: 107, numRuns: 40 },
    );
  });
});
