/**
 * What is said must be true on every kind of class, and one station must not contradict another.
 */
import { describe, expect, it } from "vitest";
import { MATERIALS, type Material } from "../blanks/blank-kinds.ts";
import { lessMargin, readFace } from "../blanks/read-face.ts";
import type { ClassDocument, Thing } from "../document/document.ts";
import { useSchema } from "../document/use.ts";
import { cautionsFor, foodCaution } from "../films/cautions.ts";
import { adviseOn, filmAdvice, foodOf, surfaceAdvice, tapeAdvice } from "../films/film-choice.ts";
import { saySurface, sayTape } from "../films/laying-words-en.ts";
import { makePlan } from "../plan/plan.ts";
import { demoClass } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import { weedReport } from "../weeding/difficulty.ts";
import { VINYL_FAMILIES } from "../weeding/families.ts";
import { applyRemedy } from "./remedy.ts";
import { speak } from "./words-en.ts";

const tins = demoClass("seed-tins");
const tin = tins.things[0] as Thing;
const small: ClassDocument = { ...tins, seats: tins.seats.slice(0, 6), accepted: [], scraps: [] };
const codes = (document: ClassDocument) =>
  makePlan(document, testFonts).findings.map(({ code }) => code);
const on = (change: Partial<Thing["blank"]>, more: Partial<ClassDocument> = {}): ClassDocument => ({
  ...small,
  ...more,
  things: [{ ...tin, blank: { ...tin.blank, ...change } }],
});
const PAINTED: readonly Material[] = ["paintedWood", "paintedMetal", "paintedPlastic"];

describe("tape and cleaning come from one source", () => {
  it.each(PAINTED)("never strong tape on %s, whatever the film", (material) => {
    for (const family of VINYL_FAMILIES)
      expect(["none", "low"]).toContain(tapeAdvice(family, material).tack);
  });

  it("where the film wants strong tape and the paint bears none, both are told", () => {
    for (const family of ["glitter", "thickBacked"] as const) {
      expect(tapeAdvice(family, "paintedWood").why).toBe("quarrel");
      const document: ClassDocument = {
        ...on({ material: "paintedWood" }),
        vinyls: tins.vinyls.map((vinyl) => ({ ...vinyl, family })),
      };
      expect(codes(document)).toContain("tapeQuarrel");
    }
  });

  it.each(MATERIALS)("%s: the words for cleaning and for tape say what is advised", (material) => {
    const { clean } = surfaceAdvice(material);
    const words = JSON.stringify(saySurface(surfaceAdvice(material)));
    if (clean === "alcohol") expect(words).toMatch(/alcohol/iu);
    else
      expect(words).not.toMatch(
        /(?<!no |without |not )alcohol\b(?! would| softens| lifts| crazes| dulls)/iu,
      );
    const tape = tapeAdvice("permanentGloss", material);
    expect(JSON.stringify(sayTape(tape)).toLowerCase()).toContain(
      tape.tack === "medium" ? "medium" : tape.tack,
    );
  });

  it("raw wood outdoors is not sent to films that the table beside it calls unfit", () => {
    const use = useSchema.parse({ outdoors: true, months: 36 });
    const unfit = filmAdvice(use, "rawWood").filter(({ verdict }) => verdict === "unsuited");
    for (const { family } of unfit)
      expect(adviseOn(family, use, "rawWood").verdict).toBe("unsuited");
    expect(filmAdvice(use, "rawWood").length).toBe(VINYL_FAMILIES.length);
  });
});

describe("rims and food", () => {
  const cups: readonly (readonly [string, Thing["blank"]["shape"]])[] = [
    [
      "a straight glass",
      {
        kind: "straightCup",
        diameter: 70,
        height: 110,
        rimClearance: 4,
        footClearance: 10,
        wrapAngle: 100,
      },
    ],
    [
      "a tapered glass",
      {
        kind: "taperedCup",
        topDiameter: 80,
        bottomDiameter: 60,
        height: 110,
        rimClearance: 4,
        footClearance: 10,
        wrapAngle: 100,
        warp: true,
      },
    ],
    [
      "a bulged glass",
      {
        kind: "bulgedCup",
        profile: [
          { fromTop: 0, diameter: 60 },
          { fromTop: 50, diameter: 78 },
          { fromTop: 110, diameter: 58 },
        ],
        rimClearance: 4,
        footClearance: 10,
        wrapAngle: 90,
      },
    ],
  ];
  it.each(cups)(
    "%s at 4 mm from its rim is checked; the remedy that is offered mends it",
    (_, shape) => {
      const document = on(
        { shape, material: "glass", specimens: [], keepOuts: [], reserve: [] },
        { use: useSchema.parse({}) },
      );
      const found = makePlan(document, testFonts).findings.find(
        ({ code }) => code === "rimTooClose",
      );
      expect(found?.severity).toBe("check");
      const raise = found?.remedies.find(({ code }) => code === "raiseRim");
      if (!raise) throw new Error("no remedy");
      expect(codes(applyRemedy(document, raise))).not.toContain("rimTooClose");
    },
  );

  it("what food lies on and what works with food are cautioned each in their own words", () => {
    for (const food of ["served", "worked"] as const) {
      const document = on(
        { shape: { kind: "round", diameter: 200 }, material: "sealedWood" },
        { use: useSchema.parse({ food }) },
      );
      expect(codes(document)).toContain("foodContact");
      expect(cautionsFor(document).map(({ text }) => text)).toContain(foodCaution(food));
    }
    const of = (use: object, blank: Parameters<typeof foodOf>[1]) =>
      foodOf(useSchema.parse(use), blank);
    const pot = { shape: cups[0]?.[1] ?? { kind: "round" as const, diameter: 1 } };
    expect(of({}, { shape: { kind: "round", diameter: 200 }, material: "glass" })).toBe("none");
    expect(of({}, { ...pot, material: "glazed" })).toBe("drink");
    expect(of({}, { ...pot, material: "firedClay" })).toBe("none");
    expect(of({ washing: "hand" }, { ...pot, material: "sealedWood" })).toBe("drink");
    expect(of({ outdoors: true }, { ...pot, material: "powderCoat" })).toBe("none");
    expect(of({ outdoors: true, washing: "hand" }, { ...pot, material: "metal" })).toBe("drink");
    expect(of({ food: "none" }, { ...pot, material: "glass" })).toBe("none");
    expect(foodCaution("none")).toBeNull();
  });
});

describe("a seat that lacks what others have", () => {
  it.each([
    ["a name", "name"],
    ["a word", "word"],
  ])("%s is missing: a check, and not silence", (_, field) => {
    const seats = small.seats.map((seat, i) =>
      i === 2
        ? {
            ...seat,
            fields: Object.fromEntries(
              Object.entries(seat.fields).map(([key, text]) => [key, key === field ? "" : text]),
            ),
          }
        : seat,
    );
    const found = makePlan({ ...small, seats }, testFonts).findings.filter(
      ({ where }) => where.seat === small.seats[2]?.seat,
    );
    expect(
      found.some(
        ({ code, severity }) =>
          (code === "missingWord" || code === "emptySeat") && severity !== "tip",
      ),
    ).toBe(true);
  });

  it("nobody lacks anything: nothing is said", () => {
    expect(codes(small).some((code) => code === "missingWord" || code === "emptySeat")).toBe(false);
  });
});

describe("every remedy is tried", () => {
  it.each<[string, ClassDocument]>([
    ["the tins", small],
    ["the tins on a small face", on({ shape: { kind: "round", diameter: 34 } })],
    ["the cloche", { ...demoClass("moth-cloche"), accepted: [] }],
    [
      "the bottles",
      {
        ...demoClass("rowing-bottles"),
        accepted: [],
        seats: demoClass("rowing-bottles").seats.slice(0, 6),
      },
    ],
  ])("%s: no remedy but leaving it keeps its finding as it was", (_, document) => {
    const plan = makePlan(document, testFonts);
    for (const finding of plan.findings)
      for (const remedy of finding.remedies) {
        expect(speak(finding, "mm", (seat) => seat).sentence).toMatch(/\w{4}/u);
        if (remedy.code === "leaveIt") continue;
        const after = makePlan(applyRemedy(document, remedy), testFonts).findings.filter(
          ({ code, where }) =>
            code === finding.code &&
            where.seat === finding.where.seat &&
            where.field === finding.where.field,
        );
        // It is gone, or it is less of it.
        const same = after.some(
          (one) =>
            JSON.stringify(one.values) === JSON.stringify(finding.values) &&
            one.severity === finding.severity,
        );
        expect(same, `${finding.code}: ${remedy.code} ${JSON.stringify(remedy.values)}`).toBe(
          false,
        );
      }
  });

  it("a crease is never mended by a larger size", () => {
    for (const finding of makePlan({ ...demoClass("moth-cloche"), accepted: [] }, testFonts)
      .findings)
      for (const remedy of finding.remedies)
        if (remedy.code === "setSize" && "share" in remedy.values)
          expect(Number(remedy.values.share)).toBeLessThan(1);
  });
});

describe("insides that close", () => {
  const thickened = (mm: number) => {
    const items = tin.design.items.map((item) =>
      item.kind === "text" ? { ...item, thickenMm: mm } : item,
    );
    return makePlan(
      { ...small, things: [{ ...tin, design: { ...tin.design, items } }] } as ClassDocument,
      testFonts,
    );
  };

  it("the narrower, the more minutes: an inside that closes is work, not less of it", () => {
    const polygons = small.seats.map((_, i) => [
      [
        [i * 20, 0],
        [i * 20 + 10, 0],
        [i * 20 + 10, 10],
        [i * 20, 10],
      ] as [number, number][],
    ]);
    let before = 0;
    for (const width of [2, 0.8, 0.5, 0.3, 0.13, 0]) {
      const { minutes } = weedReport({
        polygons,
        family: "permanentGloss",
        strokes: [2],
        insides: [width, width],
      });
      expect(minutes).toBeGreaterThanOrEqual(before);
      before = minutes;
    }
  });

  it("thickening what has no thin strokes left never makes a class quicker to weed", () => {
    const [some, more, most] = [0.1, 0.2, 0.4].map((mm) => thickened(mm).preparation.weeding) as [
      number,
      number,
      number,
    ];
    expect(more).toBeGreaterThan(some);
    expect(most).toBeGreaterThan(more);
  });

  it("kits whose insides have closed are not advised as plain ones", () => {
    for (const kit of thickened(0.4).kits)
      if (kit.weed.tightest > 0 && kit.weed.tightest < 0.2)
        expect(kit.weed.technique).not.toBe("plain");
  });
});

describe("a design of pictures alone", () => {
  it.each(["longest", "sameWidth", "fillBox", "fixedHeight"] as const)(
    "is planned by every school of sizing: %s",
    (school) => {
      const items = tin.design.items.filter(({ kind }) => kind === "art");
      expect(items.length).toBeGreaterThan(0);
      const plan = makePlan(
        { ...small, things: [{ ...tin, design: { ...tin.design, school, items } }] },
        testFonts,
      );
      expect(
        new Set(plan.kits.filter(({ seat }) => !seat.startsWith("spare")).map(({ seat }) => seat))
          .size,
      ).toBe(small.seats.length);
      expect(plan.findings.filter(({ severity }) => severity === "stop")).toEqual([]);
    },
  );
});

describe("a clock that changes", () => {
  const at = (date: string, time: string) =>
    makePlan(
      { ...small, when: { ...small.when, date, time, zone: "Europe/London" } },
      testFonts,
    ).findings.filter(({ code }) => code === "timeMoved" || code === "timeTwice");
  it.each([
    ["2026-03-29", "01:30", "timeMoved", "02:30"],
    ["2026-10-25", "01:30", "timeTwice", "01:30"],
  ])("%s %s: %s", (date, time, code, begins) => {
    expect(at(date, time)).toMatchObject([{ code, values: { begins } }]);
  });
  it("on any other day nothing is said", () => {
    expect(at("2026-03-29", "14:00")).toEqual([]);
    expect(at("2026-10-24", "01:30")).toEqual([]);
  });
});

describe("a face without room", () => {
  it("is known before anything is laid on it", () => {
    const left = (mm: number) =>
      lessMargin(
        readFace({
          ...tin.blank,
          shape: { kind: "flat", width: 86.7, height: 10 },
          margin: { rule: "byHand", mm },
        }),
      );
    expect(left(6.35)).toEqual({ width: 74, height: expect.closeTo(-2.7, 6) });
    expect(left(4).height).toBeCloseTo(2, 6);
  });
});
