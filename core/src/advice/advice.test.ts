import { describe, expect, it } from "vitest";
import { cautionsFor } from "../films/cautions.ts";
import { type Finding, findingKey } from "../findings/finding.ts";
import { demoClass, demoDocument, withNames } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { applyRemedy, type OneThing as ClassDocument, makePlan } from "../testing/one-thing.ts";
import { partOf } from "./remedy.ts";
import { speak } from "./words-en.ts";

const tins = demoDocument("seed-tins");
const find = (document: ClassDocument, code: Finding["code"]) =>
  makePlan(document, testFonts).findings.find((finding) => finding.code === code);
/** Applies the remedy, and tells whether the finding is gone. */
function heals(document: ClassDocument, code: Finding["code"], remedy: string): boolean {
  const finding = find(document, code);
  const taken = finding?.remedies.find((offered) => offered.code === remedy);
  if (!taken) throw new Error(`no ${remedy} for ${code}: ${JSON.stringify(finding?.remedies)}`);
  return find(applyRemedy(document, taken), code) === undefined;
}

describe("remedies heal what they are offered for", () => {
  it("a font that has every letter", () => {
    const poppins = {
      ...withNames(tins, ["Nguyễn"]),
      design: {
        ...tins.design,
        items: tins.design.items.map((item) =>
          item.id === "first-name" && item.kind === "text"
            ? { ...item, font: "poppins", join: false }
            : item,
        ),
      },
    };
    expect(heals(poppins, "missingGlyph", "useFont")).toBe(true);
  });

  it("a bolder face for thin strokes", () => {
    const thin = {
      ...tins,
      design: {
        ...tins.design,
        items: tins.design.items.map((item) =>
          item.id === "first-name" && item.kind === "text"
            ? { ...item, font: "great-vibes" }
            : item,
        ),
      },
    };
    const finding = makePlan(thin, testFonts).findings.find(
      ({ code, where }) => code === "thinStroke" && where.field === "first-name",
    );
    const bolder = finding?.remedies.find(({ code }) => code === "useFont");
    expect(bolder).toBeDefined();
    const after = makePlan(applyRemedy(thin, bolder as never), testFonts).findings.find(
      ({ code, where }) => code === "thinStroke" && where.field === "first-name",
    );
    expect(
      after === undefined || Number(after.values.width) > Number(finding?.values.width) * 2,
    ).toBe(true);
  });

  it("an empty seat taken out", () => {
    const single = {
      ...tins,
      design: { ...tins.design, items: tins.design.items.slice(0, 1) },
      vinyls: tins.vinyls.slice(0, 1),
    };
    expect(heals(withNames(single, ["Ines", ""]), "emptySeat", "removeSeat")).toBe(true);
  });

  it("a longer class, or one more tool", () => {
    const slate = demoDocument("slate-numbers");
    const tight = { ...slate, when: { ...slate.when, minutes: 118 } };
    expect(heals(tight, "runsOver", "addTool")).toBe(true);
    expect(heals(tight, "runsOver", "endLater")).toBe(true);
  });

  it("clear of the rim", () => {
    const shape = {
      ...(tins.blank.shape as Extract<ClassDocument["blank"]["shape"], { kind: "straightCup" }>),
      rimClearance: 5,
    };
    const drunk = {
      ...tins,
      use: { ...tins.use, food: "drink" as const },
      blank: { ...tins.blank, shape },
    };
    expect(heals(drunk, "rimTooClose", "raiseRim")).toBe(true);
  });

  it("left as it is: no longer said; but a stop is always said", () => {
    expect(heals(tins, "sameName", "leaveIt")).toBe(true);
    const stop = { code: "missingGlyph", where: { seat: "1", field: "first-name" } } as const;
    const lacking = withNames({ ...tins, accepted: [findingKey(stop)] }, ["李"]);
    expect(makePlan(lacking, testFonts).findings.some(({ severity }) => severity === "stop")).toBe(
      true,
    );
  });

  it("a remedy that names nothing changes nothing", () => {
    expect(applyRemedy(tins, { code: "setSchool", values: { school: "shout" } })).toEqual(tins);
    expect(
      applyRemedy(tins, { code: "useFont", values: { item: "nowhere", font: "lobster" } }),
    ).toEqual(tins);
    expect(applyRemedy(tins, { code: "removeSeat", values: { seat: "99" } })).toEqual(tins);
  });

  it("every remedy belongs to one part of the class, and changes only that", () => {
    const finding = find(tins, "sameName") as Finding;
    for (const remedy of finding.remedies) {
      const after = applyRemedy(tins, remedy);
      expect(partOf(remedy)).toBe("class");
      expect(after.design).toEqual(tins.design);
      expect(after.seats).toEqual(tins.seats);
    }
  });
});

describe("words", () => {
  it("speaks of seats by name, lengths in the studio's unit, and of every remedy", () => {
    const plan = makePlan(
      withNames({ ...tins, accepted: [] }, ["Mette", "Mette", "李"]),
      testFonts,
    );
    for (const finding of plan.findings) {
      const said = speak(finding, "inFraction", (seat) => plan.labels.get(seat) ?? seat);
      expect(said.sentence).toMatch(/[.:?]$/u);
      expect(said.sentence).not.toMatch(/undefined|NaN|\[object/u);
      for (const { words } of said.remedies) expect(words).not.toMatch(/undefined|NaN/u);
    }
  });
});

describe("cautions", () => {
  it("follow tools, materials and technique", () => {
    expect(cautionsFor(demoClass("slate-numbers")).map(({ code }) => code)).toEqual([
      "blades",
      "heat",
      "paint",
    ]);
    for (const drunk of ["rowing-bottles", "quay-market-sets"] as const)
      expect(cautionsFor(demoClass(drunk)).map(({ code }) => code)).toContain("drink");
    for (const not of ["seed-tins", "leaf-pot", "moth-cloche"] as const)
      expect(cautionsFor(demoClass(not)).map(({ code }) => code)).not.toContain("drink");
    expect(cautionsFor(demoClass("moth-cloche")).map(({ code }) => code)).toContain("glass");
  });
});
