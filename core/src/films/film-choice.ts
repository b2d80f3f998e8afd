/**
 * Which vinyl suits what the object will go through; tape and scraper for it; cleaning and sealing
 * of the blank.
 */
import type { Material } from "../blanks/blank-kinds.ts";
import type { BlankShape } from "../blanks/shape.ts";
import { isCup } from "../blanks/shape-size.ts";
import { isBareWood, isRough, isSmooth } from "../blanks/woods.ts";
import type { Food, Use } from "../document/use.ts";
import { VINYL_FAMILIES, type VinylFamily } from "../weeding/families.ts";
import type { Vinyl } from "../weeding/vinyl.ts";

export type Verdict = "suits" | "perhaps" | "unsuited";

export type FilmReason =
  | "holdsLongEnough"
  | "tooShort"
  | "lightOutdoors"
  | "notOutdoors"
  | "washes"
  | "handWashOnly"
  | "notWashed"
  | "dishwasherSchools"
  | "fadesInDishwasher"
  | "liftsFibres"
  | "fewerFibres"
  | "forPainting"
  | "notForPainting"
  | "failsOnGlaze"
  | "gripsRough"
  | "liftsOffRough"
  | "takesBadly"
  | "comesOffClean"
  | "weakGlue"
  | "provedHere"
  | "failedHere";

export interface FilmAdvice {
  readonly family: VinylFamily;
  readonly verdict: Verdict;
  readonly reasons: readonly FilmReason[];
}

interface Film {
  /** Months it holds indoors, as makers and hosts report. */
  readonly months: number;
  readonly outdoors: "no" | "light" | "yes";
  readonly washing: "no" | "hand" | "bold";
  /** Its glue is weaker than that of its family. */
  readonly weak?: boolean;
}

/** First values from the trade; effect films hold as long as what they are made on. */
const FILMS: Record<VinylFamily, Film> = {
  removable: { months: 24, outdoors: "no", washing: "no" },
  permanentMatte: { months: 48, outdoors: "light", washing: "hand" },
  permanentGloss: { months: 84, outdoors: "yes", washing: "bold" },
  glitter: { months: 60, outdoors: "light", washing: "hand" },
  holographic: { months: 60, outdoors: "light", washing: "hand" },
  thickBacked: { months: 48, outdoors: "light", washing: "hand" },
  stencil: { months: 0, outdoors: "no", washing: "no" },
  ironOn: { months: 60, outdoors: "light", washing: "hand" },
};

const ORDER: readonly Verdict[] = ["unsuited", "perhaps", "suits"];
const worse = (a: Verdict, b: Verdict): Verdict => (ORDER.indexOf(a) <= ORDER.indexOf(b) ? a : b);

/** Glass and what is coated with it: iron-on does not hold, and heat may crack it. */
const GLASSY: ReadonlySet<Material> = new Set(["glazed", "glass", "enamel"]);

/** All families for one use and material, the best first; each with its reasons. */
export function filmAdvice(use: Use, material: Material): FilmAdvice[] {
  return VINYL_FAMILIES.map((family) => adviseOn(family, use, material)).sort(
    (a, b) => ORDER.indexOf(b.verdict) - ORDER.indexOf(a.verdict),
  );
}

export const adviseOn = (family: VinylFamily, use: Use, material: Material): FilmAdvice =>
  adviseOnFilm({ family }, use, material);

/**
 * Of one bought film: its own glue counts before that of its family, and what the host has found
 * before both.
 */
export function adviseOnFilm(
  { family, adhesive, proved }: Pick<Vinyl, "family" | "adhesive" | "proved">,
  use: Use,
  material: Material,
): FilmAdvice {
  const film = withGlue(FILMS[family], adhesive);
  // What comes off without residue behaves like removable film, whatever its finish.
  const painted =
    adhesive === "weak" && (family === "permanentGloss" || family === "permanentMatte")
      ? "removable"
      : family;
  const judged = use.paintedOver
    ? forStencil(painted, material)
    : [...forWear(family, film, use, proved), ...onMaterial(family, material)];
  const verdict = judged.reduce<Verdict>((all, [one]) => worse(all, one), "suits");
  return {
    family,
    verdict,
    reasons: judged.filter(([one]) => one === verdict).map(([, reason]) => reason),
  };
}

/**
 * Finish and glue are not one thing: a glossy film may carry a weak glue, a matte one a solvent
 * one.
 */
function withGlue(film: Film, adhesive: Vinyl["adhesive"]): Film {
  if (adhesive === "weak")
    return {
      months: Math.min(film.months, FILMS.removable.months),
      outdoors: "no",
      washing: "no",
      weak: true,
    };
  if (adhesive === "waterBased")
    return {
      ...film,
      months: Math.min(film.months, FILMS.permanentMatte.months),
      outdoors: film.outdoors === "yes" ? "light" : film.outdoors,
      washing: film.washing === "bold" ? "hand" : film.washing,
    };
  return film;
}

type Judged = readonly [Verdict, FilmReason];

function forStencil(family: VinylFamily, material: Material): Judged[] {
  switch (family) {
    case "stencil":
      return [["suits", "forPainting"]];
    case "removable":
      return [["suits", isBareWood(material) ? "fewerFibres" : "comesOffClean"]];
    case "ironOn":
      return GLASSY.has(material)
        ? [["unsuited", "failsOnGlaze"]]
        : [[material === "coir" || material === "canvas" ? "suits" : "perhaps", "gripsRough"]];
    case "permanentGloss":
    case "permanentMatte":
      return [isBareWood(material) ? ["unsuited", "liftsFibres"] : ["perhaps", "liftsFibres"]];
    default:
      return [["unsuited", "notForPainting"]];
  }
}

function forWear(family: VinylFamily, film: Film, use: Use, proved: Vinyl["proved"]): Judged[] {
  if (family === "stencil") return [["unsuited", "tooShort"]];
  const out: Judged[] = [
    film.months >= use.months
      ? ["suits", "holdsLongEnough"]
      : ["unsuited", film.weak ? "weakGlue" : "tooShort"],
  ];
  if (use.outdoors && proved?.outdoors !== undefined)
    out.push(proved.outdoors ? ["suits", "provedHere"] : ["unsuited", "failedHere"]);
  else if (use.outdoors)
    out.push(
      film.outdoors === "yes"
        ? ["suits", "holdsLongEnough"]
        : film.outdoors === "light"
          ? ["perhaps", "lightOutdoors"]
          : ["unsuited", "notOutdoors"],
    );
  const found = use.washing === "none" ? undefined : FOUND[proved?.washing ?? "hand"][use.washing];
  if (proved?.washing && found) return [...out, found];
  if (use.washing === "hand")
    out.push(film.washing === "no" ? ["unsuited", "notWashed"] : ["suits", "washes"]);
  if (use.washing === "dishwasher") out.push(inDishwasher(family, film));
  return out;
}

/**
 * What was found of washing, by what is asked of the film; where it does not say, the rule does.
 */
const FOUND: Readonly<
  Record<
    NonNullable<NonNullable<Vinyl["proved"]>["washing"]>,
    Partial<Record<Use["washing"], Judged>>
  >
> = {
  none: { hand: ["unsuited", "failedHere"], dishwasher: ["unsuited", "failedHere"] },
  handOnly: { hand: ["suits", "provedHere"], dishwasher: ["unsuited", "failedHere"] },
  hand: { hand: ["suits", "provedHere"] },
  dishwasher: { hand: ["suits", "provedHere"], dishwasher: ["suits", "provedHere"] },
};

/**
 * School A never, school B bold designs in permanent gloss after curing; effect films fade or
 * buckle.
 */
function inDishwasher(family: VinylFamily, film: Film): Judged {
  if (film.washing === "bold") return ["perhaps", "dishwasherSchools"];
  if (family === "glitter" || family === "holographic") return ["unsuited", "fadesInDishwasher"];
  return ["unsuited", film.washing === "hand" ? "handWashOnly" : "notWashed"];
}

function onMaterial(family: VinylFamily, material: Material): Judged[] {
  if (family === "ironOn")
    return GLASSY.has(material) ? [["unsuited", "failsOnGlaze"]] : [["perhaps", "gripsRough"]];
  if (material === "powderCoat") return [["perhaps", "takesBadly"]];
  return isRough(material) ? [["perhaps", "liftsOffRough"]] : [];
}

/** What cups that one drinks from are made of; a pot of raw clay or a boot is round, too. */
const DRUNK_FROM: ReadonlySet<Material> = new Set([
  "glazed",
  "glass",
  "enamel",
  "metal",
  "paintedMetal",
  "powderCoat",
  "clearPlastic",
  "paintedPlastic",
]);

/**
 * What of food touches a thing: what the host says; else cups are drunk from that are washed, or
 * that are of what one drinks from and do not stand outdoors.
 */
export const foodOf = (
  use: Pick<Use, "food" | "outdoors" | "washing">,
  { shape, material }: { readonly shape: BlankShape; readonly material: Material },
): Food => {
  if (use.food) return use.food;
  const drunk = use.washing !== "none" || (DRUNK_FROM.has(material) && !use.outdoors);
  return isCup(shape) && drunk ? "drink" : "none";
};

export type Tack = "none" | "low" | "medium" | "strong";
export interface TapeAdvice {
  /** None: the film's own liner carries it. */
  readonly tack: Tack;
  readonly why:
    | "liner"
    | "delicate"
    | "effectFilm"
    | "thickBacking"
    | "general"
    | "rough"
    | "smoothSchools"
    | "quarrel";
  readonly scraper: "card" | "felt" | "cloth";
}

const DELICATE: ReadonlySet<Material> = new Set([
  "paper",
  "paintedWood",
  "paintedMetal",
  "paintedPlastic",
  "leather",
  "rubber",
  "balloon",
]);

/**
 * A tape stronger than the paint's hold takes the paint with it; too weak leaves the vinyl behind.
 * Where the film wants strong tape
 * and the ground bears only weak, they quarrel: weak tape, and what else helps, or another film.
 */
export function tapeAdvice(
  family: VinylFamily,
  material: Material,
  glitterOnGlass: "strong" | "low" = "strong",
): TapeAdvice {
  const scraper = family === "holographic" ? "felt" : isRough(material) ? "cloth" : "card";
  if (family === "ironOn") return { tack: "none", why: "liner", scraper: "cloth" };
  const strong = family === "glitter" || family === "thickBacked";
  if (strong && DELICATE.has(material)) return { tack: "low", why: "quarrel", scraper };
  if (family === "glitter")
    return isSmooth(material)
      ? { tack: glitterOnGlass, why: "smoothSchools", scraper }
      : { tack: "strong", why: "effectFilm", scraper };
  if (family === "thickBacked") return { tack: "strong", why: "thickBacking", scraper };
  if (DELICATE.has(material)) return { tack: "low", why: "delicate", scraper };
  return { tack: "medium", why: isRough(material) ? "rough" : "general", scraper };
}

export interface SurfaceAdvice {
  readonly clean: "alcohol" | "soapyWater" | "dampCloth" | "dryWipe" | "brush";
  readonly seal: "first" | "no" | "test";
}

/**
 * How the blank is made ready, wherever that is said: smooth things with alcohol, which dulls paint
 * and crazes clear plastic; porous ones wiped dry; raw wood is sealed or vinyl lifts.
 */
export function surfaceAdvice(material: Material): SurfaceAdvice {
  switch (material) {
    case "glazed":
    case "glass":
    case "metal":
    case "enamel":
    case "laminate":
      return { clean: "alcohol", seal: "no" };
    case "powderCoat":
      return { clean: "alcohol", seal: "test" };
    case "clearPlastic":
      return { clean: "soapyWater", seal: "no" };
    case "rubber":
    case "leather":
      return { clean: "dampCloth", seal: "test" };
    case "paintedMetal":
    case "paintedPlastic":
    case "sealedWood":
    case "paintedWood":
    case "paper":
    case "balloon":
      return { clean: "dryWipe", seal: "no" };
    case "rawWood":
      return { clean: "dryWipe", seal: "first" };
    case "stainedWood":
    case "stone":
    case "firedClay":
    case "cork":
      return { clean: "dryWipe", seal: "test" };
    case "coir":
    case "canvas":
      return { clean: "brush", seal: "no" };
  }
}
