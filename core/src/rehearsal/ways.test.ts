/** Ways to end sooner: what is offered was tried, and does what it says. */
import { describe, expect, it } from "vitest";
import { type ClassDocument, classDocumentSchema } from "../document/document.ts";
import { withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { demoClass } from "../testing/documents.ts";
import { rehearsalOf } from "./of-class.ts";
import { rehearse } from "./rehearse.ts";
import { tryWays } from "./try-ways.ts";
import { ordersFor, type Way, waySchema, waysFor, withWay } from "./ways.ts";
import { sayCost, sayWay, sayWhatIf } from "./words-en.ts";

const schools = schoolsSchema.parse({});
const given = { schools, facts: new Map(), weedMinutes: [2, 3, 9, 4, 12, 3, 8, 2, 5, 10] };
const slate = demoClass("slate-numbers");
/** As it is proposed, so that another way of a school changes nothing else. */
const proposed = (document: ClassDocument): ClassDocument => {
  const bare = {
    ...document,
    steps: [],
    tools: [],
    proposed: { steps: [], supplies: [], preparation: [] },
  };
  return withProposal(bare, propose(bare, { schools, facts: new Map() }));
};

describe("ways of the slate class", () => {
  const { ways, whatIfs } = tryWays(slate, given, 7);

  it("offers a second heat gun and a coat less, each with what it gains", () => {
    const codes = ways.map(({ way }) => way.code);
    expect(codes).toEqual(expect.arrayContaining(["moreTool", "fewerCoats", "tapeBefore"]));
    for (const { saves, gains } of ways) expect(saves >= 1 || gains >= 0.02).toBe(true);
    expect(codes).not.toContain("weedBefore");
  });

  it("what is gained is gained on other evenings, too", () => {
    for (const { way, saves } of ways.slice(0, 4)) {
      const next = withWay(slate, way, given);
      if (!next) throw new Error("a way that is offered can be taken");
      const fresh =
        rehearse(rehearsalOf(slate), 2000, 99).p90 - rehearse(rehearsalOf(next), 2000, 99).p90;
      // Both are quantiles of some thousand evenings: their own error is about a minute.
      expect(Math.abs(fresh - saves)).toBeLessThan(3);
      expect(fresh).toBeGreaterThan(0);
    }
  });

  it("what each makes of the class is a class", () => {
    for (const { way } of ways) {
      expect(classDocumentSchema.safeParse(withWay(slate, way, given)).success).toBe(true);
      expect(waySchema.parse(JSON.parse(JSON.stringify(way)))).toEqual(way);
    }
  });

  it("says what the host cannot choose", () => {
    expect(whatIfs.map(({ code }) => code)).toEqual(["lateMore", "fewer", "dryLonger"]);
    const dry = whatIfs.find(({ code }) => code === "dryLonger");
    expect(dry?.p50).toBeGreaterThan(rehearse(rehearsalOf(slate), 500, 7).p50 + 8);
  });

  it("in words, with the tool's name and numbers", () => {
    const words = ways.map(({ way }) => sayWay(way, slate));
    expect(words).toContain("Heat gun: 2 instead of 1");
    for (const one of [...words, ...ways.map(sayCost), ...whatIfs.map(sayWhatIf)])
      expect(one).not.toMatch(/undefined|NaN|\[object/u);
    expect(
      ways
        .filter(({ costs }) => costs > 0)
        .every((one) => sayCost(one).includes("evenings before")),
    ).toBe(true);
  });
});

describe("what may be tried", () => {
  const codesOf = (document: ClassDocument) => waysFor(document, given).map(({ code }) => code);

  it("kits that are weeded in the class may be weeded before, all or the harder half", () => {
    const cut: ClassDocument = { ...proposed({ ...slate, handsOver: "cut" }), handsOver: "cut" };
    const hard = waysFor(cut, given).find(
      (way): way is Extract<Way, { code: "weedHard" }> => way.code === "weedHard",
    );
    expect(hard).toMatchObject({ kits: 5, minutes: 44 });
    const before = cut.steps.find(({ id }) => id === "weed");
    const next = hard && withWay(cut, hard, given);
    expect(next?.steps.find(({ id }) => id === "weed")?.minutes).toBeLessThan(before?.minutes ?? 0);
    expect(next?.preparation.at(-1)).toMatchObject({
      title: "Weed the 5 hardest kits",
      minutes: 44,
    });
    expect(waysFor(cut, { ...given, weedMinutes: [1, 2] }).map(({ code }) => code)).not.toContain(
      "weedHard",
    );
  });

  it("another way of a school only where the steps are as proposed", () => {
    expect(codesOf(slate).filter((code) => code === "school")).toEqual([]);
    const own = proposed(slate);
    const names = waysFor(own, given).flatMap((way) =>
      way.code === "school" ? [`${way.name} ${way.way}`] : [],
    );
    expect(names).toContain("peel dry");
    expect(names).not.toContain("peel damp");
  });

  it("nobody helps across the table at home; a softer gate, never a harder one", () => {
    expect(codesOf(demoClass("night-sky-clipboard"))).not.toContain("helper");
    const all: ClassDocument = {
      ...slate,
      rehearsal: { gate: "all", lateShare: 0, lateMinutes: 0, stuckShare: 0, stuckMinutes: 0 },
    };
    expect(waysFor(all, given).flatMap((way) => (way.code === "gate" ? [way.gate] : []))).toEqual([
      "allButOne",
      "threeQuarters",
    ]);
    expect(codesOf(slate)).not.toContain("gate");
  });

  it("an order that craft and waits allow, and none that they forbid", () => {
    const steps = slate.steps.map(({ id }) => id);
    for (const way of ordersFor(slate)) {
      if (way.code !== "order") continue;
      const next = withWay(slate, way, given)?.steps.map(({ id }) => id) ?? [];
      expect(next.indexOf(way.step)).toBe(next.indexOf(way.before) - 1);
      expect([...next].sort()).toEqual([...steps].sort());
    }
    expect(
      withWay(slate, { code: "order", step: "coat-1", before: "seal-edges" }, given),
    ).toBeNull();
    expect(
      withWay(slate, { code: "order", step: "nowhere", before: "seal-edges" }, given),
    ).toBeNull();
  });

  it("a way that names nothing changes nothing", () => {
    expect(withWay(slate, { code: "moreTool", tool: "press" }, given)).toBeNull();
    expect(withWay(slate, { code: "fewerCoats", step: "coat-9" }, given)).toBeNull();
    expect(withWay(slate, { code: "groundBefore" }, given)).toBeNull();
    expect(withWay(slate, { code: "school", name: "peel", way: "sideways" }, given)).toBeNull();
    expect(
      waySchema.safeParse({ code: "weedHard", kits: 1, minutes: 1, half: 0, slow: 1 }).success,
    ).toBe(false);
  });
});
