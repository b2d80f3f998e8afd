import { describe, expect, it } from "vitest";
import { addDays, addMonths, daysBetween, deadlines, isDate, ROOM_LEAD_DAYS } from "./dates.ts";
import { tonight } from "./evenings.ts";
import { icsText } from "./ics.ts";
import { isZone } from "./zone-names.ts";
import { clockIn, instantOf, isTwice } from "./zones.ts";

describe("dates", () => {
  it("counts calendar days over months, leap days and clock changes", () => {
    expect(addDays("2028-02-28", 2)).toBe("2028-03-01");
    expect(daysBetween("2026-03-28", "2026-03-30")).toBe(2);
    expect(daysBetween("2026-12-05", "2026-11-24")).toBe(-11);
  });

  it("a time that does not exist moves forward by the gap", () => {
    expect(clockIn(instantOf("2026-03-29", "01:30", "Europe/London"), "Europe/London")).toEqual({
      date: "2026-03-29",
      time: "02:30",
    });
  });

  it("a time that exists twice is the first", () => {
    const first = instantOf("2026-10-25", "01:30", "Europe/London");
    expect(new Date(first).toISOString()).toBe("2026-10-25T00:30:00.000Z");
  });

  it("counts deadlines back, earliest first", () => {
    const list = deadlines("2026-12-05", ROOM_LEAD_DAYS);
    expect(list[0]).toEqual({ code: "orderBy", date: "2026-11-23", daysBefore: 12 });
    expect(list.map(({ daysBefore }) => daysBefore)).toEqual(
      [...list.map(({ daysBefore }) => daysBefore)].sort((a, b) => b - a),
    );
  });

  it.each([
    ["2026-02-30", false],
    ["2026-2-3", false],
    ["2026-02-03", true],
  ])("%s is a date: %s", (text, expected) => {
    expect(isDate(text)).toBe(expected);
  });

  it.each([
    ["Europe/London", true],
    ["UTC", true],
    ["Moon/Base", false],
    ["", false],
    ["../etc", false],
  ])("%s is a zone: %s", (zone, expected) => {
    expect(isZone(zone)).toBe(expected);
  });
});

describe("tonight", () => {
  const task = (id: string, minutes: number, dueDate: string) => ({ id, minutes, dueDate });

  it("spreads work so that no later evening is fuller", () => {
    const plan = tonight(
      [task("weed", 200, "2026-11-27"), task("pack", 40, "2026-12-04")],
      "2026-11-24",
    );
    expect(plan.minutes).toBe(50);
    expect(plan.bindingDate).toBe("2026-11-27");
    expect(plan.tasks).toEqual([{ id: "weed", minutes: 50 }]);
  });

  it("takes what is due first, and goes on to the next", () => {
    const plan = tonight([task("b", 100, "2026-11-25"), task("a", 60, "2026-11-24")], "2026-11-24");
    expect(plan.minutes).toBe(80);
    expect(plan.tasks).toEqual([
      { id: "a", minutes: 60 },
      { id: "b", minutes: 20 },
    ]);
  });

  it("a sitting is no shorter than half an hour, unless less is left", () => {
    expect(tonight([task("a", 60, "2026-12-24")], "2026-11-24").minutes).toBe(30);
    expect(tonight([task("a", 12, "2026-12-24")], "2026-11-24").minutes).toBe(12);
    expect(tonight([], "2026-11-24").minutes).toBe(0);
  });

  it("what waits for another evening is not offered, and the next is; the pace counts both", () => {
    const wet = { ...task("coat-2", 60, "2026-11-26"), notBefore: "2026-11-25" };
    expect(tonight([wet, task("weed", 300, "2026-11-27")], "2026-11-24")).toEqual({
      minutes: 90,
      tasks: [{ id: "weed", minutes: 90 }],
      bindingDate: "2026-11-27",
    });
    expect(tonight([wet], "2026-11-24")).toEqual({
      minutes: 0,
      tasks: [],
      bindingDate: "2026-11-26",
    });
    expect(tonight([wet], "2026-11-25").tasks.map(({ id }) => id)).toEqual(["coat-2"]);
  });

  it("what is overdue is due tonight", () => {
    expect(tonight([task("late", 90, "2026-11-20")], "2026-11-24").minutes).toBe(90);
  });
});

describe("icsText", () => {
  const start = instantOf("2026-12-05", "14:00", "Europe/London");
  const text = icsText(
    [
      {
        uid: "a@x",
        title: "Tape; press, peel",
        description: "Line one\nLine two",
        place: "Hut",
        startInstant: start,
        endInstant: start + 600_000,
      },
    ],
    "Europe/London",
    start,
  );

  it("writes local times with their zone, and the zone's rules", () => {
    expect(text).toContain("DTSTART;TZID=Europe/London:20261205T140000\r\n");
    expect(text).toContain("BEGIN:VTIMEZONE\r\nTZID:Europe/London");
    expect(text).toContain("DTSTART:20260329T010000\r\nTZOFFSETFROM:+0000\r\nTZOFFSETTO:+0100");
    expect(text).toContain("DTSTART:20261025T020000\r\nTZOFFSETFROM:+0100\r\nTZOFFSETTO:+0000");
  });

  it("escapes text and folds long lines at 75 octets", () => {
    expect(text).toContain("SUMMARY:Tape\\; press\\, peel");
    expect(text).toContain("Line one\\nLine two");
    const long = icsText(
      [
        {
          uid: "a@x",
          title: "ë".repeat(100),
          description: "",
          place: "",
          startInstant: start,
          endInstant: start,
        },
      ],
      "UTC",
      start,
    );
    for (const line of long.split("\r\n"))
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
  });
});

describe("the hour that exists twice", () => {
  const first = instantOf("2026-10-25", "01:30", "Europe/London");
  const event = (startInstant: number, minutes: number) => ({
    uid: "a",
    title: "Class",
    description: "",
    place: "",
    startInstant,
    endInstant: startInstant + minutes * 60_000,
  });
  const times = (text: string) =>
    [...text.slice(text.indexOf("BEGIN:VEVENT")).matchAll(/^DT(START|END)[^:\r\n]*:(.*)$/gmu)].map(
      ([line]) => line.trim(),
    );

  it("is told in UTC, so that no class ends before it begins", () => {
    expect(times(icsText([event(first, 45)], "Europe/London", first))).toEqual([
      "DTSTART:20261025T003000Z",
      "DTEND:20261025T011500Z",
    ]);
  });

  it("any other hour is told by its clock", () => {
    const day = instantOf("2026-10-24", "14:00", "Europe/London");
    expect(times(icsText([event(day, 90)], "Europe/London", day))).toEqual([
      "DTSTART;TZID=Europe/London:20261024T140000",
      "DTEND;TZID=Europe/London:20261024T153000",
    ]);
  });

  it("both of its instants are known to be told alike, their neighbours are not", () => {
    for (const [hours, twice] of [
      [0, true],
      [1, true],
      [2, false],
      [-1, false],
    ] as const)
      expect(isTwice(first + hours * 3_600_000, "Europe/London")).toBe(twice);
  });
});

describe("months later", () => {
  it("the same day, or the last of a month that is too short", () => {
    for (const [date, months, then] of [
      ["2026-12-05", 1, "2027-01-05"],
      ["2027-01-31", 1, "2027-02-28"],
      ["2028-01-31", 1, "2028-02-29"],
      ["2026-10-31", 6, "2027-04-30"],
      ["2026-10-31", 24, "2028-10-31"],
      ["2028-02-29", 12, "2029-02-28"],
    ] as const)
      expect(addMonths(date, months)).toBe(then);
  });
});
