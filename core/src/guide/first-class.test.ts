import { describe, expect, it } from "vitest";
import { demoClass } from "../testing/documents.ts";
import { GUIDE_STATIONS, type GuideFacts, guideAt, guideOf } from "./first-class.ts";

const facts = (name: string, more: Partial<GuideFacts> = {}): GuideFacts => {
  const document = demoClass(name);
  return {
    document,
    seats: document.seats.length,
    loads: 2,
    weedMinutes: 74,
    toBuy: 3,
    classMinutes: 85,
    open: { measure: 0, letter: 0 },
    deadline: (code) => (code === "orderBy" ? "2026-12-01" : null),
    today: "2026-11-28",
    showDate: (date) => date,
    ...more,
  };
};

describe("a first class, one thing at a time", () => {
  it("goes through all eight stations, each thing with something to look at and a reason, none twice", () => {
    const steps = guideOf(facts("seed-tins"));
    expect(new Set(steps.map(({ station }) => station))).toEqual(new Set(GUIDE_STATIONS));
    expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
    for (const { title, look, why } of steps)
      for (const words of [title, look, why]) expect(words.length).toBeGreaterThan(5);
    expect(steps.length).toBeLessThanOrEqual(18);
  });

  it("tells only what is true of the class", () => {
    const say = (name: string, more: Partial<GuideFacts> = {}) =>
      JSON.stringify(guideOf(facts(name, more)));
    expect(say("seed-tins")).toMatch(/soft tape/u);
    expect(say("slate-numbers")).not.toMatch(/soft tape|rim/u);
    expect(say("slate-numbers")).toMatch(/paint and drying/u);
    expect(say("seed-tins")).not.toMatch(/paint and drying/u);
    expect(say("night-sky-clipboard")).toMatch(/parcel/u);
    expect(say("seed-tins", { seats: 0 })).toMatch(/Paste them/u);
    expect(say("seed-tins")).not.toMatch(/dry between/u);
    expect(say("quay-market-sets")).toMatch(/dry between/u);
    for (const { look, why } of guideOf(
      facts("seed-tins", { loads: 1, toBuy: 1, open: { measure: 1, letter: 1 } }),
    ))
      for (const words of [look, why]) expect(words).toMatch(/^[A-Z0-9]/u);
    const cut = { ...demoClass("seed-tins"), handsOver: "cut" as const };
    expect(
      guideOf(facts("seed-tins", { document: cut })).some(({ station }) => station === "weed"),
    ).toBe(false);
    expect(say("seed-tins")).not.toMatch(/which is over/u);
    expect(say("seed-tins", { today: "2026-12-02" })).toMatch(
      /ordered by 2026-12-01, which is over/u,
    );
    expect(say("seed-tins", { deadline: () => null })).not.toMatch(/by {2}|by null/u);
  });

  it("what was stored and is no step any more begins again", () => {
    const steps = guideOf(facts("seed-tins"));
    expect(guideAt(steps, "bags")).toBeGreaterThan(5);
    expect(guideAt(steps, "gone")).toBe(0);
  });
});
