/** A class from nothing: sound beginnings for its technique and material, which a host changes as needed. */

import { surfaceAdvice, tapeAdvice } from "../advice/film-choice.ts";
import { LINER_LIMITS } from "../advice/film-words-en.ts";
import type { Material } from "../blanks/blank.ts";
import { type BlankShape, isRound } from "../blanks/shape.ts";
import { CUTTER_PROFILES, type Cutter } from "../cutting/cutter.ts";
import { PLAIN_LINE } from "../lettering/plain-line.ts";
import { type Design, stencilSchema } from "../lettering/recipe.ts";
import { type Schools, schoolsSchema } from "../studio/settings.ts";
import type { Supply } from "../supplies/supply.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { type ClassDocument, layoutSchema, ONLY_THING, type Technique } from "./document.ts";
import { starterSteps } from "./starter-steps.ts";
import { isPainted } from "./technique.ts";

export interface StarterInput {
  readonly title: string;
  readonly when: ClassDocument["when"];
  readonly setting: ClassDocument["setting"];
  readonly blankName: string;
  readonly material: Material;
  readonly blankColour: string;
  readonly shape: BlankShape;
  readonly technique: Technique;
  /** At least one; the first is that of the lettering. */
  readonly films: readonly Vinyl[];
  readonly cutter?: Cutter;
  readonly prices?: ClassDocument["prices"];
  readonly schools?: Schools;
  readonly seats: ClassDocument["seats"];
}

export function starterClass(input: StarterInput): ClassDocument {
  const { technique, material, schools = schoolsSchema.parse({}) } = input;
  const film = input.films[0] as Vinyl;
  return {
    format: "elm-basket/class",
    version: 2,
    title: input.title,
    summary: "",
    when: input.when,
    setting: input.setting,
    things: [
      {
        id: ONLY_THING,
        title: input.blankName.slice(0, 60),
        technique,
        blank: { name: input.blankName, material, colour: input.blankColour, shape: input.shape, margin: { rule: "bySize" }, keepOuts: [], reserve: [], specimens: [] },
        design: { ...starterDesign(technique, film.id), school: schools.sizing },
        perSeat: 1,
      },
    ],
    use: { washing: "none", outdoors: false, months: 24, paintedOver: false },
    vinyls: [...input.films],
    cutter: input.cutter ?? (CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number]).cutter,
    seats: input.seats,
    spareKits: 0,
    spareSupplies: 1,
    layout: layoutSchema.parse({ trim: schools.trim === "first" }),
    scraps: [],
    steps: starterSteps(technique, material, schools, input.shape),
    tools: starterTools(technique),
    supplies: starterSupplies({ technique, material, family: film.family, blankName: input.blankName, shape: input.shape, schools }),
    prices: input.prices ?? { currency: "GBP", hourlyRate: 0, venue: 0, margin: 0.3 },
    recuts: [],
    accepted: [],
  };
}

/** One line for the name. Of a stencil the letters stand alone, so that no joined script is taken out in one piece. */
export function starterDesign(technique: Technique, vinyl: string): Design {
  const out = technique === "openStencil" || technique === "ironOnStencil";
  return {
    school: "longest",
    fixedScale: 1,
    offered: [],
    ...(isPainted(technique) ? { stencil: stencilSchema.parse({}) } : {}),
    items: [{ ...PLAIN_LINE, id: "first-name", slot: "name", font: out ? "zilla-slab" : "pacifico", vinyl, size: 12, join: !out }],
  };
}

export function starterTools(technique: Technique): ClassDocument["tools"] {
  if (technique === "ironOnStencil") return [{ id: "iron", name: "Small iron", count: 3, hot: true }];
  return isPainted(technique) ? [{ id: "fan", name: "Fan", count: 1, hot: false }] : [];
}

interface Kind {
  readonly technique: Technique;
  readonly material: Material;
  readonly family: Vinyl["family"];
  readonly blankName: string;
  readonly shape: BlankShape;
  readonly schools: Schools;
}

const TAPE_NAMES = { low: "Transfer tape, low tack", medium: "Transfer tape, medium", strong: "Transfer tape, strong" } as const;
const CLEANERS: Readonly<Record<ReturnType<typeof surfaceAdvice>["clean"], readonly [string, string]>> = {
  alcohol: ["wipe", "Alcohol wipe"],
  soapyWater: ["wipe", "Soft cloth, with soapy water"],
  dampCloth: ["wipe", "Damp cloth"],
  dryWipe: ["wipe", "Lint-free cloth"],
  brush: ["brush", "Stiff brush"],
};

/** What every seat and the room needs, without prices: only the host knows those. */
export function starterSupplies({ technique, material, family, blankName, shape, schools }: Kind): Supply[] {
  const [cleanId, cleaner] = CLEANERS[surfaceAdvice(material).clean];
  const { tack } = tapeAdvice(family, material);
  return [
    supply("blank", blankName, "seat", 1),
    ...(tack === "none" ? [] : [supply("tape", TAPE_NAMES[tack], "application", 1, tack === "medium" ? { substitute: `clear shelf liner for bold letters: ${LINER_LIMITS}` } : {})]),
    supply(cleanId, cleaner, "seat", 1),
    ...(technique === "ironOnStencil" ? [supply("press-cloth", "Press cloth", "every", 1, { seats: 2 })] : [supply("scraper", "Scraper", "seat", 1, { substitute: "an old bank card" })]),
    // What rolls is held while it is laid on: one between two at least.
    ...(isRound(shape) ? [supply("holder", "Cradle", "every", 1, { seats: 2, uses: 200, spares: false, substitute: "a rolled towel" })] : []),
    supply("hook", "Weeding hook", "every", 1, { seats: 2, substitute: "a dental pick or a toothpick" }),
    ...(isPainted(technique) ? painting(technique, schools.edgeSeal) : []),
    supply("bag", "Parcel bag", "seat", 1),
  ];
}

const SEALS = { ground: "Paint in the colour of the ground", medium: "Matte medium for the edges", clearCoat: "Water-based clear coat for the edges" } as const;

function painting(technique: Technique, seal: Schools["edgeSeal"]): Supply[] {
  const cans = technique === "ironOnStencil";
  return [
    cans ? supply("spray", "Rubber-like spray coat", "every", 1, { seats: 4, unit: "can" }) : supply("paint", "Paint for the face", "every", 1, { seats: 6, unit: "pot" }),
    ...(cans
      ? [supply("dust-mask", "Spray mask, as the can's label says", "seat", 1, { uses: 5 })]
      : [supply("sponge", "Sponge", "seat", 2), ...(seal === "none" ? [] : [supply("edge-seal", SEALS[seal], "every", 1, { seats: 12, unit: "pot" })])]),
    supply("border-tape", "Masking tape for the border, roll", "every", 1, { seats: 4, unit: "roll" }),
    supply("cover", "Paper to cover the table", "table", 1, { unit: "sheet" }),
  ];
}

function supply(id: string, name: string, per: Supply["per"], amount: number, more: Partial<Supply> = {}): Supply {
  return { id, name, per, amount, unit: "piece", pack: { size: 1 }, have: 0, uses: 1, spares: true, ...more };
}
