import { describe, expect, it } from "vitest";
import type { Finding } from "../findings/finding.ts";
import { REMEDY_CODES, type Remedy, readRemedy } from "../findings/remedy.ts";
import { makePlan } from "../plan/plan.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { applyRemedy, partOf } from "./remedy.ts";
import { speak } from "./words-en.ts";

/** One of each, as a rule would offer it; of the demo's tins where it names something. */
const EACH: readonly Remedy[] = [
  { code: "useFont", values: { item: "first-name", font: "oswald" } },
  { code: "useFontHere", values: { seat: "1", item: "first-name", font: "oswald" } },
  { code: "setSchool", values: { school: "fillBox" } },
  { code: "setTracking", values: { item: "first-name", trackingEm: -0.04 } },
  { code: "removeSeat", values: { seat: "2" } },
  { code: "endLater", values: { minutes: 101 } },
  { code: "addTool", values: { tool: "roller", name: "Roller", saves: 3 } },
  { code: "tapeBefore", values: { saves: 6, costs: 20 } },
  { code: "weedBefore", values: { saves: 6, costs: 20 } },
  { code: "groundBefore", values: { saves: 6, costs: 20 } },
  { code: "pauseHere", values: { after: "welcome", minutes: 12 } },
  { code: "helper", values: { saves: 4 } },
  { code: "raiseRim", values: { mm: 20 } },
  { code: "leaveIt", values: { key: "longName/2///" } },
  { code: "narrowLine", values: { item: "first-name" } },
  { code: "thicken", values: { item: "first-name", mm: 0.2, by: 0.1, inside: 0.9 } },
  { code: "openCounters", values: { item: "first-name", mm: 0.8 } },
  { code: "treatMarks", values: { item: "first-name", marks: "bridged" } },
  { code: "warp", values: {} },
  { code: "openRings", values: { item: "sprig", name: "Sprig" } },
  { code: "slitPlates", values: { item: "sprig", name: "Sprig", share: 0.7 } },
  { code: "setSize", values: { scale: 0.8, share: 0.9 } },
  { code: "growLine", values: { item: "first-name", size: 1.3, share: 1.3 } },
  { code: "bridgeIslands", values: {} },
  { code: "tidyNames", values: { slot: "name", spacesOnly: 0 } },
  { code: "breakLine", values: { seat: "2", item: "first-name", words: 1 } },
  { code: "ownSize", values: { seats: "2", share: 0.875 } },
  { code: "setFamily", values: { vinyl: "harbour", family: "ironOn" } },
  {
    code: "useVinyl",
    values: { item: "first-name", from: "harbour", into: "poppy", name: "Poppy" },
  },
  { code: "lessPad", values: { mm: 4 } },
  { code: "lessBorder", values: { mm: 6 } },
  { code: "useCutter", values: { profile: "long", name: "Long mat" } },
  { code: "plainFilm", values: { vinyl: "harbour", name: "Harbour gloss" } },
  { code: "filmToBlank", values: {} },
];
const tins = demoClass("seed-tins");
const finding = (remedies: readonly Remedy[]): Finding => ({
  code: "noSeats",
  severity: "tip",
  where: {},
  values: {},
  remedies,
});
const said = (remedy: Remedy) =>
  speak(finding([remedy]), "mm", (seat) => seat).remedies[0]?.words ?? "";

describe("the table of remedies", () => {
  it("has one of each here", () => {
    expect(EACH.map(({ code }) => code).sort()).toEqual([...REMEDY_CODES].sort());
  });

  it.each(EACH.map((remedy) => [remedy.code, remedy] as const))(
    "%s is read, changes its own part alone, and is said with every figure it has",
    (_, remedy) => {
      expect(readRemedy(JSON.parse(JSON.stringify(remedy)))).toEqual(remedy);
      const after = applyRemedy(tins, remedy);
      const changed = new Set(
        (Object.keys(tins) as (keyof typeof tins)[]).flatMap((key) => {
          if (JSON.stringify(after[key]) === JSON.stringify(tins[key])) return [];
          if (key !== "things") return [key === "seats" ? "seats" : "class"];
          const [was, is] = [tins.things[0], after.things[0]];
          return (["blank", "design"] as const).filter(
            (part) => JSON.stringify(was?.[part]) !== JSON.stringify(is?.[part]),
          );
        }),
      );
      for (const part of changed) expect(part).toBe(partOf(remedy));
      const words = said(remedy);
      expect(words).not.toMatch(/NaN|undefined|\b0 mm/u);
      expect(words).toMatch(/^[A-Z]/u);
    },
  );

  it("what lacks something, or has it in another kind, is none", () => {
    for (const given of [
      null,
      "useFont",
      { code: "burnIt", values: {} },
      { code: "toString", values: {} },
      { code: "useFont", values: { item: "first-name" } },
      { code: "raiseRim", values: { mm: "20" } },
      { code: "raiseRim", values: { mm: Number.NaN } },
      { code: "removeSeat", values: { seat: "9".repeat(301) } },
      { code: "removeSeat" },
    ])
      expect(readRemedy(given)).toBeNull();
  });

  it("a size of one's own is said by heights where these are known, by its share otherwise", () => {
    expect(said({ code: "ownSize", values: { seats: "2", share: 0.875 } })).toBe(
      "Give it a size of its own: 87 % of what it has",
    );
    expect(
      said({ code: "ownSize", values: { seats: "2 5", share: 0.5, height: 10.9, others: 13.75 } }),
    ).toBe("Give these a size of their own: 10.9 mm, the others 13.75 mm");
  });
});

describe("what plans offer", () => {
  it.each(["seed-tins", "rowing-bottles", "slate-numbers", "moth-cloche"])(
    "%s: each is read as it is",
    (name) => {
      const { findings } = makePlan(demoClass(name as never), testFonts);
      const offered = findings.flatMap(({ remedies }) => remedies);
      expect(offered.length).toBeGreaterThan(0);
      for (const remedy of offered) expect(readRemedy(remedy)).toEqual(remedy);
    },
  );
});
