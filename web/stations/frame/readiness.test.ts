import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { makePlan } from "@elm-basket/core/plan/plan.ts";
import { planJson } from "@elm-basket/core/plan/plan-json.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { testFonts } from "@elm-basket/core/testing/fonts.ts";
import { describe, expect, it } from "vitest";
import type { KitRow } from "@/data/making.ts";
import { readiness, stationOf } from "./readiness.ts";

const tins = demoClass("seed-tins");
const classOf = (document: ClassDocument, names: readonly string[]): ClassDocument => ({
  ...document,
  seats: names.map((name, i) => ({ seat: String(i + 1), fields: { name, word: "Kale" } })),
});
const planOf = (document: ClassDocument) => planJson(makePlan(document, testFonts));
const kit = (seat: string, more: Partial<KitRow> = {}) =>
  ({ seat, weedMinutes: 4, weeded: false, packed: false, ...more }) as KitRow;
const look = (
  document: ClassDocument,
  kits: KitRow[] = [],
  cut: boolean[] = [],
  ended = false,
  host = true,
) =>
  readiness({
    plan: planOf(document),
    kits,
    sheets: cut.map((done) => ({ cutAt: done ? new Date() : null })),
    unit: "mm",
    ended,
    host,
  });

describe("what each station says for itself", () => {
  it("a new class: names and blank are there, nothing is made", () => {
    const now = look(classOf(tins, ["Ines", "Bo"]), [kit("1"), kit("2")], [false, false]);
    expect(now.plan).toEqual({ state: "full", line: "2 seats" });
    expect(now.measure.line).toMatch(/^\d+ × \d+ mm$/u);
    expect(now.cut).toEqual({ state: "empty", line: "2 loads" });
    expect(now.weed).toEqual({ state: "empty", line: "8 min" });
    expect(now["look-back"]).toEqual({ state: "empty", line: "after the class" });
  });

  it("a helper is told what is packed, not what is to be bought", () => {
    const names = classOf(tins, ["Ines", "Bo"]);
    const told = (kits: KitRow[], host: boolean) => look(names, kits, [], false, host).pack.line;
    expect(told([kit("1"), kit("2")], true)).toMatch(/to buy$/u);
    expect(told([kit("1"), kit("2")], false)).toBe("0 of 2 packed");
    expect(told([kit("1", { packed: true }), kit("2")], false)).toBe("1 of 2 packed");
  });

  it("half made: what is done of how much", () => {
    const now = look(
      classOf(tins, ["Ines", "Bo"]),
      [kit("1", { weeded: true, packed: true }), kit("2")],
      [true, false],
    );
    expect(now.cut).toEqual({ state: "half", line: "1 of 2 loads" });
    expect(now.weed).toEqual({ state: "half", line: "1 of 2" });
    expect(now.pack).toMatchObject({ state: "half", line: "1 of 2 packed" });
  });

  it("all made and taught", () => {
    const now = look(
      classOf(tins, ["Ines"]),
      [kit("1", { weeded: true, packed: true })],
      [true],
      true,
    );
    expect([
      now.cut.state,
      now.weed.state,
      now.pack.state,
      now.teach.state,
      now["look-back"].state,
    ]).toEqual(["full", "full", "full", "full", "full"]);
    expect(now.teach.line).toBe("taught");
  });

  it("spare kits are weeded, but nobody's to pack", () => {
    const now = look(
      classOf(tins, ["Ines"]),
      [kit("1", { weeded: true, packed: true }), kit("spare-1")],
      [true],
    );
    expect(now.pack.state).toBe("full");
    expect(now.weed.state).toBe("half");
  });

  it("nobody yet", () => {
    const now = look(classOf(tins, []));
    expect(now.plan).toEqual({ state: "half", line: "0 seats" });
    expect(now.letter).toEqual({ state: "empty", line: "no names yet" });
    expect(now.cut.line).toBe("nothing to cut");
    expect(now.weed.line).toBe("no kits");
  });

  it("a stop shows at the station where it is mended", () => {
    expect(look(classOf(tins, ["李"])).letter.state).toBe("stop");
    expect(look({ ...tins, when: { ...tins.when, minutes: 20 } }).teach.state).toBe("stop");
  });

  it("a code that is not known shows at Plan rather than nowhere", () => {
    expect(stationOf("somethingNew")).toBe("plan");
    expect(stationOf("creases")).toBe("measure");
  });
});
