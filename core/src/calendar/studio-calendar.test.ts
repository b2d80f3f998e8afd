import { describe, expect, it } from "vitest";
import { icsText } from "./ics.ts";
import { calendarEvents, type StudioCalendar } from "./studio-calendar.ts";
import { instantOf } from "./zones.ts";

const own: StudioCalendar = {
  zone: "Europe/London",
  eveningStart: "19:30",
  classes: [
    {
      id: "a",
      title: "Seed tins",
      date: "2027-03-28",
      time: "14:00",
      zone: "America/New_York",
      minutes: 90,
      place: "Hut",
    },
  ],
  evenings: [
    { date: "2027-03-27", minutes: 42.4, over: 0, work: ["Weed 3 kits, Seed tins: 42 min"] },
    { date: "2027-03-28", minutes: 100, over: 12.2, work: [] },
    { date: "2027-03-29", minutes: 0.2, over: 0, work: [] },
  ],
  due: [{ id: "a-post", date: "2027-03-27", title: "Post 8 parcels: Seed tins" }],
};

describe("the studio's calendar", () => {
  const events = calendarEvents(own);
  const of = (uid: string) => events.find((event) => event.uid.startsWith(uid));

  it("a class stands at its own zone's time, whatever the studio's clock does that night", () => {
    expect(of("class-a")?.startInstant).toBe(instantOf("2027-03-28", "14:00", "America/New_York"));
    expect((of("class-a")?.endInstant ?? 0) - (of("class-a")?.startInstant ?? 0)).toBe(90 * 60_000);
  });

  it("an evening lasts as long as its work, and says what it does not hold; a moment is none", () => {
    expect(of("evening-2027-03-27")).toMatchObject({
      title: "42 min of making ready",
      startInstant: instantOf("2027-03-27", "19:30", "Europe/London"),
    });
    expect(of("evening-2027-03-28")?.title).toBe(
      "100 min of making ready, 12 more than the evening holds",
    );
    expect(of("evening-2027-03-29")).toBeUndefined();
  });

  it("what falls due is a whole day at which nobody is busy, also on the day the clock changes", () => {
    const text = icsText(events, own.zone, 0, "Lantern Lane, Workroom");
    expect(text).toContain(
      "DTSTART;VALUE=DATE:20270327\r\nDTEND;VALUE=DATE:20270328\r\nTRANSP:TRANSPARENT",
    );
    expect(text).toContain("X-WR-CALNAME:Lantern Lane\\, Workroom");
    expect(text.match(/BEGIN:VEVENT/gu)).toHaveLength(4);
    // The hour that is skipped in London: the evening after it is told by its clock.
    expect(text).toContain("DTSTART;TZID=Europe/London:20270328T193000");
  });

  it("is in order of time, and the same ids stand for the same things the next time", () => {
    expect(events.map(({ startInstant }) => startInstant)).toEqual(
      [...events.map(({ startInstant }) => startInstant)].sort((a, b) => a - b),
    );
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
    expect(calendarEvents(own)).toEqual(events);
  });
});
