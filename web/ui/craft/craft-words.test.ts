/** What the core says of a class in two languages: of every kind of thing it has words for. */
import * as artDe from "@elm-basket/core/art/words-de.ts";
import * as artEn from "@elm-basket/core/art/words-en.ts";
import * as faultsDe from "@elm-basket/core/faults/words-de.ts";
import * as faultsEn from "@elm-basket/core/faults/words-en.ts";
import type { SurfaceAdvice, TapeAdvice } from "@elm-basket/core/films/film-choice.ts";
import * as layingDe from "@elm-basket/core/films/laying-words-de.ts";
import * as layingEn from "@elm-basket/core/films/laying-words-en.ts";
import * as learnedDe from "@elm-basket/core/learning/words-de.ts";
import * as learnedEn from "@elm-basket/core/learning/words-en.ts";
import * as placingDe from "@elm-basket/core/plan/placing-words-de.ts";
import * as placingEn from "@elm-basket/core/plan/placing-words-en.ts";
import * as addressesDe from "@elm-basket/core/posting/words-de.ts";
import * as addressesEn from "@elm-basket/core/posting/words-en.ts";
import type { Way } from "@elm-basket/core/rehearsal/ways.ts";
import * as rehearsalDe from "@elm-basket/core/rehearsal/words-de.ts";
import * as rehearsalEn from "@elm-basket/core/rehearsal/words-en.ts";
import * as rosterDe from "@elm-basket/core/roster/words-de.ts";
import * as rosterEn from "@elm-basket/core/roster/words-en.ts";
import * as goodsDe from "@elm-basket/core/stock/words-de.ts";
import * as goodsEn from "@elm-basket/core/stock/words-en.ts";
import * as peelingDe from "@elm-basket/core/weeding/bench-words-de.ts";
import * as peelingEn from "@elm-basket/core/weeding/bench-words-en.ts";
import type { WeedReport } from "@elm-basket/core/weeding/difficulty.ts";
import type { Peel } from "@elm-basket/core/weeding/peel.ts";
import { describe, expect, it } from "vitest";

/** English words that a German sentence of ours never has. */
const ENGLISH =
  /\b(the|and|of|is|are|not|it|with|kit|kits|seat|film|tape|weed|line|there|no|or|your)\b/u;

/** Both sentences hold together, and the second is in German. */
function both(english: string | readonly string[], german: string | readonly string[]): void {
  const [en, de] = [[english].flat().join(" "), [german].flat().join(" ")];
  for (const said of [en, de]) {
    expect(said.length).toBeGreaterThan(2);
    expect(said).not.toMatch(/undefined|NaN|\[object/u);
  }
  expect(de).not.toBe(en);
  expect(de).not.toMatch(ENGLISH);
}

describe("what the core says is said in German, too", () => {
  it.each([
    "textLeftOut",
    "pictureLeftOut",
    "scriptLeftOut",
    "outsideReferenceLeftOut",
    "tooFaint",
    "opacityIgnored",
    "gradientFlattened",
    "effectIgnored",
    "styleLeftOut",
    "notUnderstood",
    "unknownColour",
    "clippedToPage",
    "noSize",
    "pathCutShort",
    "foreignLeftOut",
    "negativeSize",
  ] as const)("a drawing: %s", (code) => {
    for (const count of [1, 3]) {
      const finding = { code, text: "mesh", count };
      both(artEn.sayArtFinding(finding), artDe.sayArtFinding(finding));
    }
  });

  it.each([
    "tooLarge",
    "tooDeep",
    "tooMany",
    "tooManyPoints",
    "entities",
    "notXml",
    "notSvg",
    "nothingToCut",
  ] as const)("a drawing refused: %s", (fault) => {
    const read = {
      fault,
      detail: "7 MB",
      findings: [{ code: "textLeftOut" as const, text: "", count: 1 }],
    };
    both(artEn.sayArtFault(read), artDe.sayArtFault(read));
  });

  it.each([
    { code: "waitInCircle", values: { tasks: ["a", "b"] } },
    { code: "nothingLessMargin", values: { of: "side" } },
    { code: "nothingLessMargin", values: { of: "diameter" } },
    { code: "noFont", values: { font: "x" } },
    { code: "unreadableFont", values: { font: "x" } },
    { code: "tookTooLong", values: {} },
    { code: "tooMuchMemory", values: {} },
  ] as const)("a class that cannot be planned: $code $values", (fault) => {
    both(faultsEn.sayFault(fault as never), faultsDe.sayFault(fault as never));
  });

  it("tape, scraper and the surface before it", () => {
    for (const why of ["delicate", "general", "rough", "liner", "quarrel"] as const)
      for (const tack of ["none", "low", "medium", "strong"] as const)
        for (const scraper of ["card", "felt", "cloth"] as const) {
          const advice: TapeAdvice = { tack, why, scraper };
          both(layingEn.sayTape(advice), layingDe.sayTape(advice));
        }
    const strong: TapeAdvice = { tack: "strong", why: "general", scraper: "card" };
    both(layingEn.sayTapeAtHand(strong, "low"), layingDe.sayTapeAtHand(strong, "low"));
    expect(layingDe.sayTapeAtHand(strong, "strong")).toBe("");
    for (const clean of ["alcohol", "soapyWater", "dampCloth", "dryWipe", "brush"] as const)
      for (const seal of ["first", "no", "test"] as const) {
        const advice = { clean, seal } as SurfaceAdvice;
        both(layingEn.saySurface(advice), layingDe.saySurface(advice));
        expect(layingDe.saySurface(advice, true).length).toBeLessThan(
          layingDe.saySurface(advice).length,
        );
      }
  });

  it("what was learned, with a comma where German has one", () => {
    const offer = {
      model: "steps",
      factor: 1.25,
      observations: 42,
      classes: 3,
      range: [1.1, 1.4],
    } as const;
    expect(learnedDe.sayOffer(offer)).toBe(
      "Ihre Gruppen brauchen 1,25-mal so lange wie zuerst geschätzt",
    );
    expect(learnedDe.sayRest(offer)).toBe(
      "42 Schritte in 3 Kursen; in vier von fünf Fällen liegt es zwischen 1,1 und 1,4",
    );
    for (const observations of [0, 1])
      both(
        learnedEn.sayRest({ ...offer, observations, classes: 1 }),
        learnedDe.sayRest({ ...offer, observations, classes: 1 }),
      );
    const figures = { weeding: { observations: 4, classes: 2 } } as never;
    for (const model of ["weeding", "cutting"] as const)
      both(learnedEn.restsOn(figures, model), learnedDe.restsOn(figures, model));
    expect(learnedDe.sayPart("drying", "3-5")).toBe("März bis Mai");
    expect(learnedDe.sayPart("steps", "a step of their own")).toBe("a step of their own");
  });

  it("spares: the same figures in both, and nothing where nobody comes", () => {
    const document = {
      vinyls: [{ name: "gold" }],
      seats: Array.from({ length: 20 }, () => ({})),
    } as never;
    const seen = [{ film: "gold", kits: 30, lost: 2 }];
    both(learnedEn.sayFails(document, seen), learnedDe.sayFails(document, seen));
    both(learnedEn.sayFails(document, []), learnedDe.sayFails(document, []));
    const digits = (text: string) => text.match(/\d+/gu);
    expect(digits(learnedDe.sayFails(document, seen))).toEqual(
      digits(learnedEn.sayFails(document, seen)),
    );
    expect(learnedDe.sayFails({ vinyls: [], seats: [] } as never, seen)).toBe("");
  });

  it("where designs lie", () => {
    const flat = { left: 20, right: 20, above: 10, below: 12 };
    const round = { left: null, right: null, above: 15, below: 30, arcFromHandle: 40 };
    for (const rows of [[flat], [flat, { ...flat, left: 30 }], [round]])
      both(placingEn.sayPlacing(rows, "mm"), placingDe.sayPlacing(rows, "mm"));
    expect(placingDe.sayPlacing([flat, { ...flat, left: 30 }], "mm")).toMatch(/^20 mm bis 30 mm/u);
  });

  it("lists of names, addresses and goods name the line", () => {
    const row = { line: 4, text: "Rosalind" };
    for (const code of ["sameSeat", "spaces", "nobody", "tooLong"] as const)
      both(
        rosterEn.sayRosterFinding({ ...row, code }),
        rosterDe.sayRosterFinding({ ...row, code }),
      );
    for (const code of ["noAddress", "nobody", "twice", "guessed"] as const)
      both(
        addressesEn.sayAddressFinding({ ...row, code }),
        addressesDe.sayAddressFinding({ ...row, code }),
      );
    for (const code of ["number", "price", "currency", "twice"] as const)
      both(goodsEn.sayGoodsFinding({ ...row, code }), goodsDe.sayGoodsFinding({ ...row, code }));
    expect(goodsDe.sayGoodsFinding({ ...row, code: "noName" })).toMatch(/^Zeile 4: /u);
  });

  it("amounts: units of ours in German, a studio's own as they were written", () => {
    expect(goodsDe.countedIn(1, "roll")).toBe("1 Rolle");
    expect(goodsDe.countedIn(3.5, "roll")).toBe("3,5 Rollen");
    expect(goodsDe.countedIn(3, "Knäuel")).toBe("3 Knäuel");
    expect(goodsDe.countedIn(2, "constructor")).toBe("2 constructor");
    expect(goodsDe.countedIn(2, "")).toBe("2");
  });

  it("each way a rehearsal tries, and what it costs", () => {
    const document = {
      steps: [
        { id: "a", title: "Malen", who: "all" },
        { id: "b", title: "Abziehen", who: "queue" },
      ],
      things: [],
      tools: [{ id: "gun", name: "Pistole", count: 1 }],
    } as never;
    const ways: readonly Way[] = [
      { code: "moreTool", tool: "gun" },
      { code: "helper" },
      { code: "weedBefore" },
      { code: "weedHard", kits: 1, minutes: 5, half: 0.5, slow: 0.5 },
      { code: "weedHard", kits: 3, minutes: 5, half: 0.5, slow: 0.5 },
      { code: "tapeBefore" },
      { code: "groundBefore" },
      { code: "fewerCoats", step: "a" },
      { code: "order", step: "a", before: "b" },
      { code: "shorterTalk" },
      { code: "gate", gate: "allButOne" },
      { code: "school", name: "peel", way: "dry" },
    ];
    for (const way of ways) {
      both(rehearsalEn.sayWay(way, document), rehearsalDe.sayWay(way, document));
      both(
        rehearsalEn.sayCost({ way, costs: 20 }) || "nothing",
        rehearsalDe.sayCost({ way, costs: 20 }) || "nichts",
      );
    }
    expect(rehearsalDe.sayWay({ code: "order", step: "a", before: "x" }, document)).toBe(
      "„Malen“ vor „x“",
    );
    for (const code of ["lateMore", "fewer", "dryLonger"] as const)
      for (const count of [1, 4]) {
        const what = { code, values: { count, minutes: 10 } };
        both(rehearsalEn.sayWhatIf(what), rehearsalDe.sayWhatIf(what));
      }
  });

  it("how a film is weeded and peeled", () => {
    const peel = {
      corner: "topLeft",
      direction: [1, 1],
      safeMm: 40,
      cuts: [[[0, 0]]],
      reasons: [
        { code: "room" },
        { code: "along", lengthMm: 30, widthMm: 0.75 },
        { code: "last", lengthMm: 30, widthMm: 0.75 },
        { code: "small", count: 1 },
        { code: "small", count: 4 },
      ],
    } as unknown as Peel;
    both(peelingEn.sayPeel(peel, "mm"), peelingDe.sayPeel(peel, "mm"));
    expect(peelingDe.sayPeel(peel, "mm")[0]).toContain("schräg nach rechts unten");
    expect(peelingDe.sayPeel(peel, "mm")[2]).toContain("30 mm mal 0,75 mm");
    expect(peelingDe.sayPeel({ ...peel, direction: [-1, 0] }, "mm")[0]).toContain("nach links,");
    for (const [pieces, islands] of [
      [1, 0],
      [4, 1],
      [4, 3],
    ] as const)
      both(peelingEn.sayLifts({ pieces, islands }), peelingDe.sayLifts({ pieces, islands }));
    for (const technique of ["plain", "lighterCut", "bolder", "reverse"] as const)
      for (const smallParts of [0, 400])
        for (const thinnest of [0, 0.2]) {
          const weed = { technique, thinnest, tightest: 0.3, smallParts } as WeedReport;
          both(
            peelingEn.sayTechnique(weed, "permanentMatte", "mm"),
            peelingDe.sayTechnique(weed, "permanentMatte", "mm"),
          );
        }
  });
});
