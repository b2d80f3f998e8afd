import { describe, expect, it } from "vitest";
import type { StudioLogRow } from "@/data/log.ts";
import { linesOf } from "./log-lines.ts";
import { queryOf, searchOf } from "./log-search.ts";
import { sayOf } from "./log-text.ts";

const row = (kind: StudioLogRow["kind"], more: Partial<StudioLogRow> = {}): StudioLogRow => ({
  id: String(Math.random()),
  at: new Date("2026-11-20T19:00:00Z"),
  kind,
  seat: null,
  step: null,
  minutes: null,
  body: {},
  title: "Tins",
  workshopId: "w",
  film: null,
  ...more,
});
const day = (at: Date) => at.toISOString().slice(0, 10);

describe("the log as it is read", () => {
  it("what many seats said of one step stands in one line, in the order in which they said it", () => {
    const days = linesOf(
      [
        row("liveStep", { step: "place" }),
        row("done", { step: "place", seat: "3" }),
        row("done", { step: "place", seat: "1" }),
        row("done", { step: "peel", seat: "1" }),
      ],
      day,
    );
    expect(days).toHaveLength(1);
    expect(days[0]?.lines.map(({ row: own, seats }) => [own.kind, seats])).toEqual([
      ["liveStep", []],
      ["done", ["1", "3"]],
      ["done", ["1"]],
    ]);
  });

  it("each class of each day by itself; what says something more stays by itself", () => {
    const days = linesOf(
      [
        row("packed", { seat: "1", body: { lacks: 1 } }),
        row("packed", { seat: "2" }),
        row("packed", { seat: "3" }),
        row("cut", { workshopId: "x", title: "Slates" }),
        row("cut", { at: new Date("2026-11-19T19:00:00Z"), workshopId: "x" }),
      ],
      day,
    );
    expect(days.map(({ date, workshopId, lines }) => [date, workshopId, lines.length])).toEqual([
      ["2026-11-20", "w", 2],
      ["2026-11-20", "x", 1],
      ["2026-11-19", "x", 1],
    ]);
    expect(days[0]?.lines[1]?.seats).toEqual(["3", "2"]);
  });

  it("says what was said of it", () => {
    expect(sayOf(row("lost", { body: { reason: "folded", film: "1:gold" } }))).toBe("folded");
    expect(
      sayOf(row("note", { body: { again: "Yes.", explain: "", different: "More tape" } })),
    ).toBe("Yes. · More tape");
    expect(sayOf(row("cut", { body: { sheet: 2, state: "stopped" } }))).toBe("load 2, stopped");
    expect([
      sayOf(row("dry", { body: { dry: true } })),
      sayOf(row("dry", { body: { dry: false } })),
      sayOf(row("weeded", { body: { flawed: true } })),
      sayOf(row("packed", { body: { lacks: 2 } })),
    ]).toEqual(["dry", "not yet", "with a small flaw", "2 lacking"]);
  });

  it("an address asks for what there is, whatever stands in it", () => {
    expect(searchOf({ q: "x".repeat(500), about: "constructor", before: "1; drop" })).toEqual({
      text: "x".repeat(80),
      group: null,
      before: null,
    });
    const search = searchOf({ q: "slate & co", about: "flaws", before: "77" });
    expect(search).toEqual({ text: "slate & co", group: "flaws", before: "77" });
    expect(searchOf(Object.fromEntries(new URLSearchParams(queryOf(search, "77"))))).toEqual(
      search,
    );
  });
});
