/** What the trade says of films, tapes and grounds, case by case. */
import { describe, expect, it } from "vitest";
import type { Material } from "../blanks/blank-kinds.ts";
import { type Use, useSchema } from "../document/use.ts";
import type { VinylFamily } from "../weeding/families.ts";
import { vinylSchema } from "../weeding/vinyl.ts";
import {
  adviseOn,
  adviseOnFilm,
  filmAdvice,
  foodOf,
  surfaceAdvice,
  tapeAdvice,
  type Verdict,
} from "./film-choice.ts";

const use = (more: Partial<Use> = {}): Use => useSchema.parse({ months: 12, ...more });
const judged = (family: VinylFamily, of: Partial<Use>, material: Material) => {
  const { verdict, reasons } = adviseOn(family, use(of), material);
  return [verdict, reasons];
};

describe("which film", () => {
  it.each<[VinylFamily, Partial<Use>, Material, Verdict, string]>([
    // How long it has to hold, indoors: two years, four, seven.
    ["removable", { months: 24 }, "glass", "suits", "holdsLongEnough"],
    ["removable", { months: 25 }, "glass", "unsuited", "tooShort"],
    ["permanentMatte", { months: 48 }, "glass", "suits", "holdsLongEnough"],
    ["permanentMatte", { months: 49 }, "glass", "unsuited", "tooShort"],
    ["permanentGloss", { months: 84 }, "glass", "suits", "holdsLongEnough"],
    ["permanentGloss", { months: 85 }, "glass", "unsuited", "tooShort"],
    // Outdoors.
    ["removable", { outdoors: true }, "metal", "unsuited", "notOutdoors"],
    ["permanentMatte", { outdoors: true }, "metal", "perhaps", "lightOutdoors"],
    ["permanentGloss", { outdoors: true }, "metal", "suits", "holdsLongEnough"],
    // Washed by hand, in a machine.
    ["removable", { washing: "hand" }, "glazed", "unsuited", "notWashed"],
    ["glitter", { washing: "hand" }, "glazed", "suits", "washes"],
    ["permanentMatte", { washing: "dishwasher" }, "glazed", "unsuited", "handWashOnly"],
    ["permanentGloss", { washing: "dishwasher" }, "glazed", "perhaps", "dishwasherSchools"],
    ["glitter", { washing: "dishwasher" }, "glazed", "unsuited", "fadesInDishwasher"],
    ["holographic", { washing: "dishwasher" }, "glazed", "unsuited", "fadesInDishwasher"],
    ["removable", { washing: "dishwasher" }, "glazed", "unsuited", "notWashed"],
    // What it goes on.
    ["permanentGloss", {}, "powderCoat", "perhaps", "takesBadly"],
    ["permanentGloss", {}, "coir", "perhaps", "liftsOffRough"],
    ["ironOn", {}, "canvas", "perhaps", "gripsRough"],
    ["ironOn", {}, "glass", "unsuited", "failsOnGlaze"],
    ["stencil", { months: 1 }, "glass", "unsuited", "tooShort"],
    // As a stencil: what lifts fibres, and what comes off clean.
    ["stencil", { paintedOver: true }, "rawWood", "suits", "forPainting"],
    ["removable", { paintedOver: true }, "rawWood", "suits", "fewerFibres"],
    ["removable", { paintedOver: true }, "glass", "suits", "comesOffClean"],
    ["permanentGloss", { paintedOver: true }, "rawWood", "unsuited", "liftsFibres"],
    ["permanentGloss", { paintedOver: true }, "glass", "perhaps", "liftsFibres"],
    ["ironOn", { paintedOver: true }, "canvas", "suits", "gripsRough"],
    ["ironOn", { paintedOver: true }, "coir", "suits", "gripsRough"],
    ["ironOn", { paintedOver: true }, "rawWood", "perhaps", "gripsRough"],
    ["ironOn", { paintedOver: true }, "glazed", "unsuited", "failsOnGlaze"],
    ["glitter", { paintedOver: true }, "glass", "unsuited", "notForPainting"],
  ])("%s for %o on %s: %s, %s", (family, of, material, verdict, reason) => {
    const [said, reasons] = judged(family, of, material);
    expect(said).toBe(verdict);
    expect(reasons).toContain(reason);
  });

  it("has its worst reasons alone, and the best families first", () => {
    expect(judged("removable", { months: 60, outdoors: true, washing: "hand" }, "glass")).toEqual([
      "unsuited",
      ["tooShort", "notOutdoors", "notWashed"],
    ]);
    // What it does well is no reason where something else is in doubt.
    expect(judged("permanentMatte", { outdoors: true, washing: "hand" }, "metal")).toEqual([
      "perhaps",
      ["lightOutdoors"],
    ]);
    const order = filmAdvice(use({ washing: "hand" }), "glazed").map(({ verdict }) => verdict);
    expect(order).toEqual([...order].sort((a, b) => rank(a) - rank(b)));
    expect(new Set(order).size).toBeGreaterThan(1);
  });

  it("a weak glue is the reason, where the family would hold", () => {
    const film = { family: "permanentGloss", adhesive: "weak" } as const;
    expect(adviseOnFilm(film, use({ months: 60 }), "glass").reasons).toEqual(["weakGlue"]);
  });

  it("a water-based glue holds four years, bears light rain and no machine", () => {
    const film = { family: "permanentGloss", adhesive: "waterBased" } as const;
    const verdict = (of: Partial<Use>) => adviseOnFilm(film, use(of), "glazed").verdict;
    expect(verdict({ months: 48 })).toBe("suits");
    expect(verdict({ months: 49 })).toBe("unsuited");
    expect(verdict({ outdoors: true })).toBe("perhaps");
    expect(verdict({ washing: "hand" })).toBe("suits");
    expect(verdict({ washing: "dishwasher" })).toBe("unsuited");
  });

  it.each<["none" | "handOnly" | "hand" | "dishwasher", Verdict, Verdict]>([
    ["none", "unsuited", "unsuited"],
    ["handOnly", "suits", "unsuited"],
    // Nothing is found of machines: the rule for the film speaks.
    ["hand", "suits", "perhaps"],
    ["dishwasher", "suits", "suits"],
  ])("found to bear %s: by hand %s, in a machine %s", (washing, byHand, inMachine) => {
    const film = vinylSchema.pick({ family: true, proved: true }).parse({
      family: "permanentGloss",
      proved: { washing },
    });
    const verdict = (of: Partial<Use>) => adviseOnFilm(film, use(of), "glazed").verdict;
    expect([verdict({ washing: "hand" }), verdict({ washing: "dishwasher" })]).toEqual([
      byHand,
      inMachine,
    ]);
    expect(verdict({})).toBe("suits");
  });
});

const rank = (verdict: Verdict): number => ["suits", "perhaps", "unsuited"].indexOf(verdict);

describe("what is drunk from", () => {
  const cup = { kind: "straightCup", height: 95, circumference: 260, rimClearance: 20 } as never;
  const flat = { kind: "flat", width: 80, height: 60 } as never;
  const food = (
    shape: never,
    material: Material,
    more: Partial<Pick<Use, "food" | "outdoors" | "washing">> = {},
  ) => foodOf({ outdoors: false, washing: "none", ...more }, { shape, material });

  it("cups of what one drinks from, unless they stand outdoors; others only where they are washed", () => {
    expect(food(cup, "glazed")).toBe("drink");
    expect(food(cup, "glass", { outdoors: true })).toBe("none");
    expect(food(cup, "glass", { outdoors: true, washing: "hand" })).toBe("drink");
    expect(food(cup, "firedClay")).toBe("none");
    expect(food(cup, "firedClay", { washing: "hand" })).toBe("drink");
    expect(food(flat, "glazed", { washing: "hand" })).toBe("none");
  });

  it("and whatever the host says", () => {
    expect(food(cup, "glazed", { food: "none" })).toBe("none");
    expect(food(flat, "rawWood", { food: "worked" })).toBe("worked");
  });
});

describe("which tape and scraper", () => {
  it.each<[VinylFamily, Material, string, string, string]>([
    ["permanentGloss", "glass", "medium", "general", "card"],
    ["permanentGloss", "coir", "medium", "rough", "cloth"],
    ["permanentGloss", "paintedWood", "low", "delicate", "card"],
    ["thickBacked", "glass", "strong", "thickBacking", "card"],
    ["glitter", "sealedWood", "strong", "effectFilm", "card"],
    ["glitter", "paintedMetal", "low", "quarrel", "card"],
    ["thickBacked", "paper", "low", "quarrel", "card"],
    ["holographic", "glass", "medium", "general", "felt"],
    ["ironOn", "canvas", "none", "liner", "cloth"],
  ])("%s on %s: %s, %s, %s", (family, material, tack, why, scraper) => {
    expect(tapeAdvice(family, material)).toEqual({ tack, why, scraper });
  });

  it("of glitter on glass the schools differ", () => {
    expect(tapeAdvice("glitter", "glass").tack).toBe("strong");
    expect(tapeAdvice("glitter", "glass", "low")).toMatchObject({
      tack: "low",
      why: "smoothSchools",
    });
    expect(tapeAdvice("glitter", "rawWood", "low").tack).toBe("strong");
  });
});

describe("how a blank is made ready", () => {
  it.each<[Material, string, string]>([
    ["glazed", "alcohol", "no"],
    ["powderCoat", "alcohol", "test"],
    // Alcohol crazes it.
    ["clearPlastic", "soapyWater", "no"],
    ["leather", "dampCloth", "test"],
    // Alcohol dulls paint.
    ["paintedMetal", "dryWipe", "no"],
    ["rawWood", "dryWipe", "first"],
    ["stone", "dryWipe", "test"],
    ["coir", "brush", "no"],
  ])("%s: %s, sealed: %s", (material, clean, seal) => {
    expect(surfaceAdvice(material)).toEqual({ clean, seal });
  });
});
