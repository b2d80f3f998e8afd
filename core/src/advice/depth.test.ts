import { describe, expect, it } from "vitest";
import { MATERIALS } from "../blanks/blank-kinds.ts";
import type { Use } from "../document/use.ts";
import { adviseOn, filmAdvice, surfaceAdvice, tapeAdvice } from "../films/film-choice.ts";
import { saySurface, sayTape } from "../films/laying-words-en.ts";
import { REASON_WORDS } from "../films/verdict-words-en.ts";
import type { Finding } from "../findings/finding.ts";
import { seededRandom } from "../geometry/random.ts";
import { PLAIN_LINE } from "../lettering/plain-line.ts";
import { tidyName } from "../roster/tidy.ts";
import { demoDocument, madeUpNames, withNames } from "../testing/documents.ts";
import { testFonts } from "../testing/fonts.ts";
import {
  applyRemedy,
  type OneThing as ClassDocument,
  oneThingSchema as classDocumentSchema,
  makePlan,
} from "../testing/one-thing.ts";
import { isRemedy } from "../testing/remedies.ts";
import { VINYL_FAMILIES } from "../weeding/families.ts";
import { speak } from "./words-en.ts";

const tins = demoDocument("seed-tins");
const plain: ClassDocument = classDocumentSchema.parse({
  ...tins,
  accepted: [],
  vinyls: tins.vinyls.slice(0, 1),
  design: {
    items: [
      {
        ...PLAIN_LINE,
        id: "line",
        slot: "name",
        font: "poppins",
        vinyl: tins.vinyls[0]?.id,
        size: 10,
      },
    ],
  },
  seats: [{ seat: "1", fields: { name: "Ines" } }],
});
const withLine = (more: object, document = plain): ClassDocument =>
  classDocumentSchema.parse({
    ...document,
    design: { ...document.design, items: [{ ...document.design.items[0], ...more }] },
  });
const withBlank = (shape: unknown, more: object = {}, document = plain): ClassDocument =>
  classDocumentSchema.parse({ ...document, blank: { ...document.blank, shape, ...more } });
const named = (...names: string[]) =>
  classDocumentSchema.parse({
    ...plain,
    seats: names.map((name, i) => ({ seat: String(i + 1), fields: { name } })),
  });

const find = (document: ClassDocument, code: Finding["code"]): Finding | undefined =>
  makePlan(document, testFonts).findings.find((finding) => finding.code === code);

/** The document after a remedy of a finding that must be there. */
function after(document: ClassDocument, code: Finding["code"], remedy: string): ClassDocument {
  const finding = find(document, code);
  const taken = finding?.remedies.find((offered) => offered.code === remedy);
  if (!finding || !taken) throw new Error(`no ${remedy} for ${code}: ${JSON.stringify(finding)}`);
  const said = speak(finding, "mm", (seat) => `seat ${seat}`);
  expect(said.sentence).not.toMatch(/undefined|NaN/u);
  for (const { words } of said.remedies) expect(words).not.toMatch(/undefined|NaN/u);
  return classDocumentSchema.parse(applyRemedy(document, taken));
}

describe("curved blanks", () => {
  const tapered = {
    kind: "taperedCup",
    topDiameter: 100,
    bottomDiameter: 70,
    height: 100,
    warp: false,
  };
  const dome = {
    kind: "bulgedCup",
    profile: [0, 30, 60, 90].map((fromTop, i) => ({ fromTop, diameter: [70, 92, 96, 84][i] })),
    rimClearance: 8,
    footClearance: 4,
    wrapAngle: 130,
  };

  it("a straight cut on a taper is said, and bent by one press", () => {
    const bent = after(withBlank(tapered), "offLevel", "warp");
    expect(find(bent, "offLevel")).toBeUndefined();
    const [flat, curved] = [makePlan(withBlank(tapered), testFonts), makePlan(bent, testFonts)];
    expect(flat.lettered.seats[0]?.layers).toEqual(flat.lettered.seats[0]?.flat);
    expect(curved.lettered.seats[0]?.layers).not.toEqual(curved.lettered.seats[0]?.flat);
  });

  it("wide plates on a bulge crease; smaller, they lie down", () => {
    const bold = withBlank(
      dome,
      {},
      withLine({ font: "alfa-slab-one", letterCase: "upper" }, named("BO")),
    );
    const smaller = after(bold, "creases", "setSize");
    expect(find(smaller, "creases")).toBeUndefined();
  });

  it("a closed ring on a bulge is opened by one press", () => {
    const ringed = classDocumentSchema.parse({
      ...withBlank(dome),
      design: {
        ...plain.design,
        items: [
          ...plain.design.items,
          { kind: "gap", id: "g", size: 2 },
          {
            kind: "shape",
            id: "halo",
            form: "ring",
            vinyl: plain.vinyls[0]?.id,
            size: 40,
            band: 2,
          },
        ],
      },
    });
    expect(find(ringed, "creases")?.values.patch).toBeGreaterThan(10);
    const opened = after(ringed, "creases", "openRings");
    expect(Number(find(opened, "creases")?.values.patch ?? 0)).toBeLessThan(
      Number(find(ringed, "creases")?.values.patch),
    );
  });

  it("a wide plate of art is slit by one press, and lies down", () => {
    const leaf = {
      kind: "art",
      id: "leaf",
      name: "leaf",
      size: 40,
      layers: [
        {
          vinyl: plain.vinyls[0]?.id,
          polygons: [
            [
              [
                [0, 0],
                [44, 0],
                [44, 40],
                [0, 40],
              ],
            ],
          ],
        },
      ],
    };
    const plated = classDocumentSchema.parse({
      ...withBlank(dome),
      design: {
        ...plain.design,
        school: "fixedHeight",
        items: [leaf, { kind: "gap", id: "g", size: 2 }, ...plain.design.items],
      },
    });
    const slit = after(plated, "creases", "slitPlates");
    expect(find(slit, "creases")).toBeUndefined();
  });

  it("a straight cup says neither", () => {
    expect(find(plain, "creases")).toBeUndefined();
    expect(find(plain, "offLevel")).toBeUndefined();
  });
});

describe("remedies on letters", () => {
  it("thin strokes are thickened just enough; where that would close the letters, not at all", () => {
    const thin = withLine({ font: "oswald" }, named("Ottilie Brandenburger"));
    const thickened = after(thin, "thinStroke", "thicken");
    expect(find(thickened, "thinStroke")).toBeUndefined();
    const by = Number(find(thin, "thinStroke")?.remedies.find(isRemedy("thicken"))?.values.by);
    const tooLittle = withLine(
      { font: "oswald", thickenMm: Math.max(0, by - 0.06) },
      named("Ottilie Brandenburger"),
    );
    expect(find(tooLittle, "thinStroke")).toBeDefined();
    const hopeless = find(
      withLine({ font: "dancing-script", join: true }, named("Ottilie Maximiliane Brandenburger")),
      "thinStroke",
    );
    expect(hopeless?.severity).toBe("stop");
    expect(hopeless?.remedies.map(({ code }) => code)).not.toContain("thicken");
  });

  const twoLines = (word: object, more: object = {}, document = plain) =>
    classDocumentSchema.parse({
      ...document,
      design: {
        ...document.design,
        ...more,
        items: [
          document.design.items[0],
          { kind: "gap", id: "g", size: 2 },
          { ...document.design.items[0], id: "word", slot: undefined, text: "tea", ...word },
        ],
      },
    });

  it("a small line is made larger against the rest, just enough, and the other lines stay sound", () => {
    const small = twoLines({ size: 2, font: "oswald" });
    const [before, grown] = [makePlan(small, testFonts), after(small, "thinStroke", "growLine")];
    const now = makePlan(grown, testFonts);
    expect(now.findings.filter(({ code }) => code === "thinStroke")).toEqual([]);
    const thinnest = (plan: typeof now) =>
      Math.min(
        ...(plan.lettered.seats[0]?.lines
          .find(({ item }) => item === "word")
          ?.strokes.map(({ width }) => width) ?? []),
      );
    expect(thinnest(before)).toBeLessThan(0.8);
    expect(thinnest(now)).toBeGreaterThanOrEqual(thinnest(before));
    const limit = Number(find(small, "thinStroke")?.values.limit);
    expect(thinnest(now)).toBeGreaterThanOrEqual(limit);
    expect(thinnest(now)).toBeLessThan(limit * 1.05);
  });

  const WORDS = ["kale", "leek", "dill", "rosemary", "beetroot", "pak choi", "runner beans"];
  it("a line grown by one press lifts well in every seat, whatever the names and sizes", () => {
    const random = seededRandom(41);
    let offered = 0;
    for (let round = 0; round < 10; round++) {
      const seats = madeUpNames(60, random).map((name, i) => ({
        seat: String(i + 1),
        fields: { name, word: WORDS[Math.floor(random() * WORDS.length)] },
      }));
      const set = twoLines(
        { size: 4 + random() * 3, font: "oswald", slot: "word", text: undefined },
        {},
        classDocumentSchema.parse({ ...plain, seats }),
      );
      const finding = makePlan(set, testFonts).findings.find(
        ({ code, where }) => code === "thinStroke" && where.field === "word",
      );
      const remedy = finding?.remedies.find(isRemedy("growLine"));
      if (!remedy) continue;
      offered++;
      const still = makePlan(applyRemedy(set, remedy), testFonts).findings.filter(
        ({ code, where }) => code === "thinStroke" && where.field === remedy.values.item,
      );
      expect(still, JSON.stringify(remedy)).toEqual([]);
    }
    expect(offered).toBeGreaterThan(3);
  });

  it("a size by hand is raised where the face has room, and never past it", () => {
    const low = withLine(
      { font: "oswald" },
      classDocumentSchema.parse({
        ...plain,
        design: { ...plain.design, school: "fixedHeight", fixedScale: 0.4 },
      }),
    );
    const finding = find(low, "thinStroke");
    expect(finding?.remedies.map(({ code }) => code)).toContain("setSize");
    const raised = after(low, "thinStroke", "setSize");
    expect(raised.design.fixedScale).toBeGreaterThan(0.4);
    expect(find(raised, "thinStroke")).toBeUndefined();
    expect(raised.design.fixedScale).toBeLessThanOrEqual(
      makePlan(low, testFonts).lettered.asked[0]?.space.largest.scale ?? 0,
    );
    const full = named("Ottilie Maximiliane Brandenburger-Seebeck zu Adelheid");
    const most = withLine(
      { font: "oswald" },
      classDocumentSchema.parse({
        ...full,
        design: { ...full.design, school: "fixedHeight", fixedScale: 0.4 },
      }),
    );
    expect(find(most, "thinStroke")).toBeDefined();
    expect(find(most, "thinStroke")?.remedies.map(({ code }) => code)).not.toContain("setSize");
  });

  it("a set at the size of its longest name fills the box where every thin seat has room", () => {
    const set = withLine(
      { font: "oswald", letterCase: "upper" },
      named("IIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIIII", "SVEA"),
    );
    const finding = find(set, "thinStroke");
    expect(finding).toMatchObject({ where: { seat: "2" }, values: { seats: 1 } });
    expect(find(after(set, "thinStroke", "setSchool"), "thinStroke")).toBeUndefined();
    const bound = withLine({ font: "oswald" }, named("Ottilie Maximiliane Brandenburger", "Bo"));
    expect(find(bound, "thinStroke")?.values.seats).toBe(2);
    expect(find(bound, "thinStroke")?.remedies.map(({ code }) => code)).not.toContain("setSchool");
  });

  it("no line is grown that is the only one, or would take the room of another", () => {
    const alone = withLine({ font: "oswald" }, named("Ottilie Maximiliane Brandenburger"));
    expect(find(alone, "thinStroke")?.remedies.map(({ code }) => code)).not.toContain("growLine");
    const wide = twoLines(
      { size: 3, font: "oswald", text: "tea with everybody at the long table" },
      {},
      named("Ines"),
    );
    const finding = makePlan(wide, testFonts).findings.find(
      ({ code, where }) => code === "thinStroke" && where.field === "word",
    );
    expect(finding).toBeDefined();
    expect(finding?.remedies.map(({ code }) => code)).not.toContain("growLine");
  });

  it("tight insides are opened", () => {
    const tight = withLine({ font: "alfa-slab-one" }, named("Annegret Seebeck-Adelheid"));
    const opened = after(tight, "tightCounter", "openCounters");
    expect(find(opened, "tightCounter")).toBeUndefined();
  });

  it("dots that would get lost are brought onto their letters, bridged or dropped", () => {
    const dotted = withLine({ font: "oswald" }, named("Ruairí Mikkjel Vigdis Heiði"));
    const before = makePlan(dotted, testFonts).kits[0]?.pieces.length ?? 0;
    for (const marks of ["joined", "bridged", "dropped"]) {
      const finding = find(dotted, "looseMarks");
      const remedy = finding?.remedies
        .filter(isRemedy("treatMarks"))
        .find(({ values }) => values.marks === marks);
      expect(remedy, marks).toBeDefined();
      const treated = applyRemedy(dotted, remedy as never);
      expect(makePlan(treated, testFonts).kits[0]?.pieces.length, marks).toBeLessThan(before);
    }
  });

  it("a long name of several words is broken in two, for that seat alone", () => {
    const long = named("Bo", "Maximiliane von und zu Hohenstein");
    const broken = after(long, "longName", "breakLine");
    expect(broken.seats[0]?.own).toBeUndefined();
    expect(broken.seats[1]?.own?.line?.breakAt).toBeGreaterThan(0);
    const height = (document: ClassDocument) =>
      makePlan(document, testFonts).lettered.seats[0]?.lines[0]?.heightMm ?? 0;
    expect(height(broken)).toBeGreaterThan(height(long) * 1.3);
  });

  it("a letter one font lacks: another font for that seat alone", () => {
    const lacking = named("Nguyễn", "Bo");
    const here = after(lacking, "missingGlyph", "useFontHere");
    expect(find(here, "missingGlyph")).toBeUndefined();
    expect(here.design).toEqual(lacking.design);
    expect(here.seats[1]?.own).toBeUndefined();
  });

  it("islands of a stencil are bridged", () => {
    const stencil = classDocumentSchema.parse({
      ...withLine({ font: "alfa-slab-one" }, named("8806")),
      technique: "openStencil",
    });
    const bridged = after(stencil, "looseIslands", "bridgeIslands");
    const plan = makePlan(bridged, testFonts);
    expect(plan.kits.every((kit) => kit.pieces.every(({ counters }) => counters === 0))).toBe(true);
    expect(plan.lettered.seats[0]?.bridges.map(({ letter }) => letter).sort()).toEqual([
      "0",
      "6",
      "8",
      "8",
      "8",
      "8",
    ]);
  });
});

describe("names as typed", () => {
  it.each([
    ["  ines  ", "Ines"],
    ["anne-marie o'hara", "Anne-Marie O'Hara"],
    ["ØYVIND", "Øyvind"],
    ["JO", "JO"],
    ["Bo  Ek", "Bo Ek"],
    ["van der Berg", "van der Berg"],
    ["李", "李"],
    ["", ""],
  ])("%s -> %s", (given, wanted) => {
    expect(tidyName(given)).toBe(wanted);
  });

  it("are offered to be tidied, all at once, and never silently", () => {
    const untidy = named("ines", " Bo", "Mette");
    expect(makePlan(untidy, testFonts).document.seats[0]?.fields.name).toBe("ines");
    const tidy = after(untidy, "untidyNames", "tidyNames");
    expect(tidy.seats.map(({ fields }) => fields.name)).toEqual(["Ines", "Bo", "Mette"]);
    expect(find(tidy, "untidyNames")).toBeUndefined();
  });

  it("words of other slots, and words in capitals that are meant so, are no slips", () => {
    const document = withNames(tins, ["Ines", "Bo"]);
    const words = {
      ...document,
      seats: document.seats.map((seat, i) => ({
        ...seat,
        fields: {
          ...seat.fields,
          crop: i === 0 ? "STUDIO" : "stay in",
          word: i === 0 ? "STUDIO" : "stay in",
        },
      })),
    };
    expect(makePlan(words, testFonts).findings.some(({ code }) => code === "untidyNames")).toBe(
      false,
    );
  });

  it("where a line has its own case rule, only spaces are looked at", () => {
    const upper = withLine({ letterCase: "upper" }, named("ines"));
    expect(find(upper, "untidyNames")).toBeUndefined();
    expect(
      find(withLine({ letterCase: "upper" }, named("ines  b")), "untidyNames")?.values.tidy,
    ).toBe("ines b");
  });
});

describe("blanks", () => {
  it("that differ are planned with the smallest, and said", () => {
    const uneven = withBlank(plain.blank.shape, { specimens: [{ across: 80 }, { across: 86 }] });
    expect(find(uneven, "unevenBlanks")?.values).toMatchObject({ spread: 6, pieces: 2 });
    expect(
      find(
        withBlank(plain.blank.shape, { specimens: [{ across: 80 }, { across: 81 }] }),
        "unevenBlanks",
      ),
    ).toBeUndefined();
  });

  it("decorated on both sides take every piece twice", () => {
    const both = withBlank(plain.blank.shape, { handle: { school: "both", clear: 20 } });
    expect(find(both, "twiceTheVinyl")).toBeDefined();
    const pieces = (document: ClassDocument) => makePlan(document, testFonts).kits[0]?.pieces ?? [];
    const once = pieces(withBlank(plain.blank.shape, { handle: { school: "drinker", clear: 20 } }));
    expect(pieces(both)).toHaveLength(once.length * 2);
    expect(new Set(pieces(both).map(({ id }) => id)).size).toBe(once.length * 2);
  });
});

describe("which film", () => {
  const use = (more: Partial<Use>): Use => ({
    washing: "none",
    outdoors: false,
    months: 24,
    paintedOver: false,
    ...more,
  });
  const best = (more: Partial<Use>, material: (typeof MATERIALS)[number]) =>
    filmAdvice(use(more), material)
      .filter(({ verdict }) => verdict === "suits")
      .map(({ family }) => family);

  it("suits what the object goes through", () => {
    expect(best({ washing: "hand", months: 60 }, "glazed")).toEqual([
      "permanentGloss",
      "glitter",
      "holographic",
    ]);
    expect(best({ outdoors: true, months: 60 }, "glass")).toEqual(["permanentGloss"]);
    expect(best({}, "paintedWood")).toContain("removable");
    expect(best({ paintedOver: true }, "rawWood")).toEqual(["removable", "stencil"]);
    expect(best({ paintedOver: true }, "coir")).toContain("ironOn");
  });

  it("names where schools differ, and what surely fails", () => {
    expect(adviseOn("permanentGloss", use({ washing: "dishwasher" }), "glazed")).toMatchObject({
      verdict: "perhaps",
      reasons: ["dishwasherSchools"],
    });
    expect(adviseOn("glitter", use({ washing: "dishwasher" }), "glazed")).toMatchObject({
      verdict: "unsuited",
      reasons: ["fadesInDishwasher"],
    });
    expect(adviseOn("ironOn", use({}), "glazed").verdict).toBe("unsuited");
    expect(adviseOn("removable", use({ months: 36 }), "glass").reasons).toEqual(["tooShort"]);
    expect(adviseOn("permanentGloss", use({ paintedOver: true }), "rawWood").reasons).toEqual([
      "liftsFibres",
    ]);
    expect(adviseOn("permanentGloss", use({}), "powderCoat").reasons).toEqual(["takesBadly"]);
  });

  it("has a reason in words for every family, use and material", () => {
    for (const family of VINYL_FAMILIES)
      for (const material of MATERIALS)
        for (const more of [
          {},
          { washing: "hand" },
          { washing: "dishwasher" },
          { outdoors: true },
          { paintedOver: true },
        ] as const) {
          const { reasons } = adviseOn(family, use(more), material);
          for (const reason of reasons) expect(REASON_WORDS[reason]).toMatch(/\.$/u);
          if (family !== "permanentGloss" || material !== "glazed") continue;
          expect(reasons.length).toBeGreaterThan(0);
        }
  });

  it("a film that does not suit is a finding, with the reason", () => {
    const washed = classDocumentSchema.parse({
      ...plain,
      use: { washing: "hand" },
      vinyls: plain.vinyls.map((vinyl) => ({ ...vinyl, family: "removable" })),
    });
    const finding = find(washed, "filmUnsuited");
    expect(finding?.values.reason).toBe("notWashed");
    expect(speak(finding as Finding, "mm", String).sentence).toContain("Does not bear washing");
  });
});

describe("tape, scraper, surface", () => {
  it("strong for glitter, low for what is delicate, felt for foil", () => {
    expect(tapeAdvice("glitter", "metal")).toMatchObject({ tack: "strong", why: "effectFilm" });
    expect(tapeAdvice("glitter", "glass")).toMatchObject({ tack: "strong", why: "smoothSchools" });
    // Strong tape takes paint off: it is never advised on it, whatever the film asks for.
    for (const family of VINYL_FAMILIES)
      for (const material of ["paintedWood", "paintedMetal", "paper"] as const)
        expect(tapeAdvice(family, material).tack).not.toBe("strong");
    expect(tapeAdvice("thickBacked", "paintedWood").why).toBe("quarrel");
    expect(tapeAdvice("ironOn", "coir").tack).toBe("none");
    expect(tapeAdvice("permanentGloss", "paper")).toMatchObject({ tack: "low", why: "delicate" });
    expect(tapeAdvice("holographic", "glass").scraper).toBe("felt");
    expect(tapeAdvice("permanentGloss", "stone").scraper).toBe("cloth");
    expect(sayTape(tapeAdvice("thickBacked", "glass"))).toContain("Strong tape");
  });

  it("raw wood is sealed first; alcohol only where it belongs, with its caution", () => {
    expect(surfaceAdvice("rawWood")).toEqual({ clean: "dryWipe", seal: "first" });
    expect(saySurface(surfaceAdvice("glass"))).toContain("Alcohol burns");
    expect(saySurface(surfaceAdvice("rawWood"))).not.toContain("Alcohol");
    for (const material of MATERIALS)
      expect(saySurface(surfaceAdvice(material)).length).toBeGreaterThan(20);
  });
});

describe("the tape's piece", () => {
  it("covers all layers, also those beyond the first", () => {
    const { tape } = makePlan(withNames(tins, ["Jo"]), testFonts);
    expect(tape.width).toBeGreaterThan(18);
    expect(tape.seat).toBe("1");
    expect(tape.beyondFirst.every(({ mm }) => mm > 0)).toBe(true);
  });
});
