/** A class with its studio's own figures: what moves, what stays, and that it goes back. */
import { describe, expect, it } from "vitest";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import { classDocumentSchema } from "../document/document.ts";
import { offersOf, type Seen } from "../learning/offers.ts";
import {
  DEED_WORDS,
  restsOn,
  sayFails,
  sayOffer,
  sayPart,
  sayRest,
  TERM_WORDS,
} from "../learning/words-en.ts";
import { makePlan } from "../plan/plan.ts";
import { withProposal } from "../proposal/merge.ts";
import { mayDry } from "../proposal/paced.ts";
import { propose } from "../proposal/propose.ts";
import { movedSteps, withFigures } from "../proposal/taken.ts";
import { starterProject } from "../starters/starter-projects.ts";
import { schoolsSchema } from "../studio/settings.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { WEEDING_COEFFICIENTS } from "../weeding/difficulty.ts";
import { cuttingOf, dryingOf, guessedPace, paceOf } from "./figured.ts";
import type { Figures } from "./figures.ts";
import { DEEDS, deedKind, minutesOf, quarterOf, WEEDING_TERMS } from "./terms.ts";

const twice = Object.fromEntries(
  WEEDING_TERMS.map((term) => [term, 2 * WEEDING_COEFFICIENTS[term]]),
) as Record<(typeof WEEDING_TERMS)[number], number>;
const rests = { observations: 40, classes: 3 };
const NOTHING: Seen = { weeding: [], cutting: [], steps: [], drying: [] };
const proposedClass = (document = demoClass("leaf-pot")) =>
  withProposal(
    { ...document, steps: [], proposed: { steps: [], supplies: [], preparation: [] } },
    propose(document),
  );

describe("kinds of steps and times of the year", () => {
  it("are told by a step's name, the longer name first", () => {
    expect(
      [
        "peel-film",
        "peel-liner",
        "peel",
        "coat-2",
        "place-board",
        "welcome",
        "in-tea",
        "peeling",
      ].map(deedKind),
    ).toEqual(["peel-film", "peel-liner", "peel", "coat", "place", "welcome", null, null]);
    expect(
      ["2026-12-05", "2027-01-31", "2027-02-28", "2027-03-01", "2027-08-31", "2027-09-01"].map(
        quarterOf,
      ),
    ).toEqual(["12-2", "12-2", "12-2", "3-5", "6-8", "9-11"]);
    expect(DEEDS.filter((deed) => !DEED_WORDS[deed])).toEqual([]);
  });

  it("every step that is proposed for any demo class or starter is of a known kind", () => {
    const own = ["slate-numbers", "quay-market-sets", "moth-cloche", "leaf-pot"].flatMap(
      (name) => propose(demoClass(name)).steps,
    );
    expect(own.map(({ id }) => id).filter((id) => deedKind(id) === null && id !== "break")).toEqual(
      [],
    );
  });
});

describe("a class with its studio's own figures", () => {
  it("weeds, cuts and is planned by them, and everything else stays", () => {
    const document = demoClass("leaf-pot");
    const plain = makePlan(document, testFonts);
    const own = makePlan(
      {
        ...document,
        figures: {
          weeding: { minutes: twice, ...rests },
          cutting: [{ cutter: document.cutter.name, factor: 1.5, ...rests }],
        },
      },
      testFonts,
    );
    expect(own.preparation.weeding).toBeCloseTo(2 * plain.preparation.weeding, 6);
    for (const [i, kit] of own.kits.entries())
      expect(kit.weed.minutes).toBeCloseTo(2 * (plain.kits[i]?.weed.minutes ?? 0), 6);
    for (const [i, sheet] of own.laidOut.sheets.entries()) {
      expect(sheet.cutMinutes).toBeCloseTo(1.5 * (plain.laidOut.sheets[i]?.cutMinutes ?? 0), 6);
      expect(sheet.kits).toEqual(plain.laidOut.sheets[i]?.kits);
    }
    const other = makePlan(
      { ...document, figures: { cutting: [{ cutter: "Another cutter", factor: 1.5, ...rests }] } },
      testFonts,
    );
    expect(other.preparation.cutting).toBeCloseTo(plain.preparation.cutting, 9);
  });

  it("a kit's minutes are its counts by what each takes", () => {
    for (const { weed } of makePlan(demoClass("night-sky-clipboard"), testFonts).kits)
      expect(minutesOf(weed.counts, WEEDING_COEFFICIENTS)).toBeCloseTo(weed.minutes, 9);
  });

  it("moves steps as they were proposed, not those of the host, and goes back by the first guess", () => {
    const document = proposedClass();
    const hosts = {
      ...document,
      steps: document.steps.map((step) => (step.id === "place" ? { ...step, minutes: 77 } : step)),
    };
    const figures: Figures = { steps: { factor: 1.5, deeds: { clean: 2 }, ...rests } };
    const next = withFigures(hosts, figures, {});
    const minutes = (of: typeof hosts, id: string) =>
      of.steps.find((step) => step.id === id)?.minutes ?? 0;
    expect(minutes(next, "clean")).toBe(2 * minutes(hosts, "clean"));
    expect(minutes(next, "peel")).toBe(Math.ceil(1.5 * minutes(hosts, "peel")));
    expect(minutes(next, "place")).toBe(77);
    expect(movedSteps(hosts, next).map(({ id }) => id)).not.toContain("place");
    expect(movedSteps(hosts, next).length).toBeGreaterThan(3);
    expect(withFigures(next, undefined, {})).toEqual(hosts);
    expect(withFigures(next, {}, {}).figures).toBeUndefined();
    expect(classDocumentSchema.parse(next).figures).toEqual(figures);
  });

  it("paint dries longer in the cold room in winter; glue and cooling do not", () => {
    const document = {
      ...demoClass("slate-numbers"),
      when: { ...demoClass("slate-numbers").when, date: "2027-01-10" },
    };
    const figures: Figures = {
      drying: {
        factor: 1.2,
        rooms: [{ place: " workroom,  GROUND floor", factor: 1.5 }],
        quarters: { "12-2": 1.1, "6-8": 0.7 },
        ...rests,
      },
    };
    expect(dryingOf({ ...document, figures })).toBeCloseTo(1.2 * 1.5 * 1.1, 9);
    expect(
      dryingOf({ ...document, figures, setting: { ...document.setting, place: "Elsewhere" } }),
    ).toBeCloseTo(1.32, 9);
    const waits = (of: typeof document) =>
      propose(of)
        .steps.flatMap(({ after }) => after ?? [])
        .filter(({ wait }) => wait > 0);
    const [before, after] = [waits(document), waits({ ...document, figures } as typeof document)];
    expect(after.length).toBe(before.length);
    for (const [i, { step, wait }] of after.entries())
      expect(wait).toBe(
        /^(coat|ground|seal-edges|spray)/u.test(step)
          ? Math.ceil((before[i]?.wait ?? 0) * 1.98 - 1e-9)
          : before[i]?.wait,
      );
    expect(
      propose({ ...document, figures }).steps.find(({ id }) => id === "coat-2")?.because,
    ).toMatch(/1\.98 times the first guess/u);
  });

  it("film that cools or rests is not asked whether it is dry; paint is, and what the host has named", () => {
    expect(
      [
        "coat-2",
        "seal-edges",
        "ground-1-board",
        "spray",
        "my-varnish",
        "press",
        "place",
        "peel-liner",
      ].map(mayDry),
    ).toEqual([true, true, true, true, true, false, false, false]);
  });

  it("a step's first guess is known again, but for those of the host", () => {
    const figures: Figures = { steps: { factor: 1.5, deeds: {}, ...rests } };
    expect(
      guessedPace(
        { figures, proposed: { steps: [{ id: "place" }, { id: "weed", was: { minutes: 5 } }] } },
        "place",
      ),
    ).toBe(1.5);
    expect(
      guessedPace({ figures, proposed: { steps: [{ id: "weed", was: { minutes: 5 } }] } }, "weed"),
    ).toBe(1);
    expect(guessedPace({ figures }, "place")).toBe(1);
    expect([paceOf({}, "place"), paceOf({ figures }, "my-own-step"), cuttingOf({}, "x")]).toEqual([
      1, 1.5, 1,
    ]);
  });

  it("a starter made by it has the figures' minutes from the start", () => {
    const starter = starterProject("jam-jars", {
      schools: schoolsSchema.parse({}),
      cutter: (CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number]).cutter,
      prices: { currency: "GBP", hourlyRate: 0, venue: 0, margin: 0.3 },
    });
    if (!starter) throw new Error("there is such a starter");
    const next = withFigures(starter, { steps: { factor: 2, deeds: {}, ...rests } }, {});
    expect(movedSteps(starter, next).length).toBeGreaterThan(2);
  });
});

describe("what is offered", () => {
  const kit = {
    base: 1,
    perPiece: 8,
    perCounter: 3,
    perSmallPart: 1,
    perMetreOutline: 0.8,
    perTail: 0,
    perThinStroke: 0,
    perTightInside: 0,
  };
  const weeded = (classes: number, times: number) =>
    Array.from({ length: 12 * classes }, (_, i) => ({
      counts: { ...kit, perPiece: 5 + (i % 6) },
      minutes: times * minutesOf({ ...kit, perPiece: 5 + (i % 6) }, WEEDING_COEFFICIENTS),
      group: `e${i % (2 * classes)}`,
      of: `c${i % classes}`,
    }));

  it("is nothing in a new studio, and nothing near the guess", () => {
    const none = offersOf(NOTHING, {});
    for (const offer of Object.values(none))
      expect(offer).toMatchObject({ worth: false, factor: 1, figures: null });
    expect(none.weeding.lacking).toBe(8);
    expect(offersOf({ ...NOTHING, weeding: weeded(3, 1.02) }, {}).weeding.worth).toBe(false);
  });

  it("is the studio's own where it is off, and no news once it is in use", () => {
    const seen = { ...NOTHING, weeding: weeded(3, 1.4) };
    const { weeding } = offersOf(seen, {});
    expect(weeding).toMatchObject({ worth: true, observations: 36, classes: 3, used: 1 });
    expect(weeding.factor).toBeGreaterThan(1.3);
    expect(sayOffer(weeding)).toMatch(/^Your weeding runs 1\.3\d? times the first guess$/u);
    expect(sayRest(weeding)).toMatch(
      /^36 kits of 3 classes; four times in five it lies between 1\.\d\d? and 1\.\d\d?$/u,
    );
    const taken = offersOf(seen, { weeding: weeding.figures ?? undefined });
    expect(taken.weeding.worth).toBe(false);
    expect(taken.weeding.used).toBeCloseTo(weeding.factor, 2);
  });

  it("one slow kind of step is told though the whole holds", () => {
    const steps = Array.from({ length: 40 }, (_, i) => ({
      ratio: i % 4 === 0 ? 1.6 : 0.97,
      group: `c${i % 5}`,
      step: i % 4 === 0 ? "place-board" : "peel",
    }));
    const offer = offersOf(
      { ...NOTHING, steps: [...steps, { ratio: 9, group: "c1", step: "in-tea" }] },
      {},
    ).steps;
    expect(offer.worth).toBe(true);
    expect(offer.figures?.deeds.place ?? 1).toBeGreaterThan(1.3);
    expect(offer.observations).toBe(40);
    expect(sayPart("steps", "place")).toBe("Placing");
  });

  it("cutters are told apart, and one with two loads is not offered", () => {
    const loads = [
      ...Array.from({ length: 6 }, (_, i) => ({ ratio: 1.3, group: `g${i}`, cutter: "Wide" })),
      { ratio: 2, group: "a", cutter: "Small" },
      { ratio: 2, group: "b", cutter: "Small" },
    ];
    const { cutting } = offersOf({ ...NOTHING, cutting: loads }, {});
    expect(cutting.figures?.map(({ cutter }) => cutter)).toEqual(["Wide"]);
    expect(cutting.parts.map(({ what, observations }) => [what, observations])).toEqual([
      ["Wide", 6],
      ["Small", 2],
    ]);
  });

  it("a cold room and a warm season are told from the studio as a whole", () => {
    const drying = Array.from({ length: 48 }, (_, i) => ({
      ratio: (i % 2 === 0 ? 1.5 : 1) * (i % 4 < 2 ? 1.2 : 0.9),
      group: `e${i}`,
      place: i % 2 === 0 ? "Cellar" : "Loft",
      date: i % 4 < 2 ? "2027-01-10" : "2027-07-10",
    }));
    const { drying: offer } = offersOf({ ...NOTHING, drying }, {});
    expect(offer.figures?.rooms.map(({ place, factor }) => [place, factor > 1])).toEqual([
      ["Cellar", true],
      ["Loft", false],
    ]);
    expect(offer.figures?.quarters["12-2"]).toBeGreaterThan(1.03);
    expect(offer.figures?.quarters["6-8"]).toBeLessThan(0.97);
    expect(offer.parts.map(({ what }) => sayPart("drying", what))).toEqual([
      "Cellar",
      "Loft",
      "December to February",
      "June to August",
    ]);
  });

  it("says what minutes rest on, and how many spares are enough", () => {
    expect(restsOn(undefined, "weeding")).toBe("First guesses from practice.");
    expect(restsOn({ weeding: { minutes: twice, observations: 1, classes: 1 } }, "weeding")).toBe(
      "Your own log: 1 kit of one class.",
    );
    expect(
      restsOn({ cutting: [{ cutter: "Wide", factor: 1.2, ...rests }] }, "cutting", "Small"),
    ).toBe("First guesses from practice.");
    const tins = demoClass("seed-tins");
    expect(sayFails(tins, [])).toMatch(
      /^About 7 kits in a hundred fail \(a first guess, nothing of these films is logged yet\): \d spares? (is|are) enough/u,
    );
    expect(sayFails(tins, [{ film: "Harbour gloss", kits: 300, lost: 60 }])).toMatch(
      /^About 2\d kits .*60 of 300 logged pieces/u,
    );
    expect(Object.keys(TERM_WORDS)).toEqual([...WEEDING_TERMS]);
  });
});
