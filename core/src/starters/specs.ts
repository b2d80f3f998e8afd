/** What each project to start from is: its blank, film and recipe. Figures in mm; everything else follows from the craft's rules. */

import type { z } from "zod";
import type { Use } from "../advice/film-choice.ts";
import type { blankSchema } from "../blanks/blank.ts";
import type { Finishing } from "../blanks/finishing.ts";
import type { Technique } from "../plan/document.ts";
import type { Schools } from "../studio/settings.ts";
import type { VinylFamily } from "../weeding/vinyl.ts";
import type { Drawing } from "./art.ts";

export type StarterFilm = readonly [id: string, name: string, family: VinylFamily, colour: string];

export type StarterLine =
  | {
      readonly slot?: string;
      readonly text?: string;
      readonly size: number;
      readonly font?: string;
      readonly film?: string;
      readonly upper?: boolean;
      readonly tracking?: number;
      readonly down?: boolean;
      readonly gap?: number;
    }
  | { readonly art: Drawing; readonly size: number; readonly films?: readonly string[]; readonly gap?: number };

export interface StarterThing {
  readonly id?: string;
  readonly title?: string;
  readonly technique?: Technique;
  readonly blank: z.input<typeof blankSchema>;
  readonly films: readonly StarterFilm[];
  readonly lines: readonly StarterLine[];
  readonly finishing?: readonly Finishing[];
  readonly perSeat?: number;
  readonly sideOf?: string;
  readonly use?: Partial<Use>;
  /** Film round a stencil, mm. */
  readonly border?: number;
}

export const SEASONS = ["any", "spring", "summer", "autumn", "winter"] as const;
export type Season = (typeof SEASONS)[number];

export interface StarterSpec {
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly season: Season;
  /** 1: everybody manages it; 3: for those who have done one. */
  readonly difficulty: 1 | 2 | 3;
  readonly budget: "small" | "large";
  /** Planned length of the class. */
  readonly minutes: number;
  readonly held?: "room" | "craftAlong";
  readonly use?: Partial<Use>;
  readonly schools?: Partial<Schools>;
  readonly thing: StarterThing;
  readonly more?: readonly StarterThing[];
}

const WHITE: StarterFilm = ["chalk", "Chalk gloss", "permanentGloss", "#F7F5EE"];
const INK: StarterFilm = ["ink", "Ink gloss", "permanentGloss", "#23303A"];
const MOSS: StarterFilm = ["moss", "Moss matte", "permanentMatte", "#4E6B3A"];
const RUST: StarterFilm = ["rust", "Rust matte", "permanentMatte", "#A4512C"];
const CREAM: StarterFilm = ["cream", "Cream matte", "permanentMatte", "#EFE6CF"];
const SKY: StarterFilm = ["sky", "Sky gloss", "permanentGloss", "#3F7CA8"];
const BERRY: StarterFilm = ["berry", "Berry gloss", "permanentGloss", "#A12A4B"];
const GOLD: StarterFilm = ["gold", "Gold glitter", "glitter", "#C9A24B"];
const AURORA: StarterFilm = ["aurora", "Aurora holographic", "holographic", "#B9C7E8"];
const PLUM: StarterFilm = ["plum", "Removable plum", "removable", "#5B3A5E"];
const SHEER: StarterFilm = ["sheer", "Stencil film", "stencil", "#BFD8D4"];
const LIFT: StarterFilm = ["lift", "Removable white", "removable", "#F2F2EC"];
const THICK: StarterFilm = ["thick", "Thick-backed white", "thickBacked", "#FAF8F2"];
const HEAT: StarterFilm = ["heat", "Iron-on film", "ironOn", "#33363A"];

const cup = (diameter: number, height: number, more: object = {}) => ({ kind: "straightCup" as const, diameter, height, ...more });
const rect = (width: number, height: number) => ({ kind: "flat" as const, width, height });

export const STARTERS: readonly StarterSpec[] = [
  {
    id: "walkers-mugs",
    title: "Mugs for the walkers' hut",
    summary: "An enamel mug with a name and a small boat, for tea that travels.",
    season: "any",
    difficulty: 1,
    budget: "large",
    minutes: 75,
    use: { washing: "hand" },
    thing: {
      blank: { name: "Enamel mug", material: "enamel", colour: "#F6F3EA", shape: cup(82, 86), handle: { school: "drinker" } },
      films: [SKY],
      lines: [
        { art: "boat", size: 12 },
        { size: 9, font: "baloo-2" },
      ],
    },
  },
  {
    id: "choir-mugs",
    title: "Mugs for the choir's interval",
    summary: "A glazed mug with a bold initial line and the singer's name.",
    season: "any",
    difficulty: 1,
    budget: "large",
    minutes: 75,
    use: { washing: "dishwasher" },
    schools: { dishwasher: "bold" },
    thing: {
      blank: { name: "Glazed mug", material: "glazed", colour: "#E9E2D2", shape: cup(84, 96), handle: { school: "guest" } },
      films: [INK],
      lines: [
        { text: "ALTO", size: 12, font: "alfa-slab-one" },
        { size: 9, font: "baloo-2" },
      ],
    },
  },
  {
    id: "belly-jugs",
    title: "Round jugs for the harvest table",
    summary: "A bellied jug with an apple in two films and a short name.",
    season: "autumn",
    difficulty: 3,
    budget: "large",
    minutes: 90,
    use: { washing: "hand" },
    thing: {
      blank: {
        name: "Bellied jug",
        material: "glazed",
        colour: "#EDE7DA",
        shape: {
          kind: "bulgedCup",
          profile: [
            { fromTop: 0, diameter: 92 },
            { fromTop: 60, diameter: 128 },
            { fromTop: 120, diameter: 136 },
            { fromTop: 180, diameter: 104 },
          ],
        },
      },
      films: [BERRY, MOSS],
      lines: [{ art: "apple", size: 16, films: ["berry", "moss"] }, { size: 8 }],
    },
  },
  {
    id: "herb-pots",
    title: "Herb pots with a leaf",
    summary: "A terracotta pot, a leaf and the herb's name, bent to the taper.",
    season: "spring",
    difficulty: 2,
    budget: "small",
    minutes: 75,
    use: { outdoors: true, months: 24 },
    thing: {
      blank: { name: "Terracotta pot", material: "firedClay", colour: "#B9684A", shape: { kind: "taperedCup", topDiameter: 130, bottomDiameter: 92, height: 118 } },
      films: [CREAM],
      lines: [
        { art: "leaf", size: 16 },
        { size: 9, font: "baloo-2" },
      ],
    },
  },
  {
    id: "canal-glasses",
    title: "Glitter glasses for the canal supper",
    summary: "Stemless glasses with one word in glitter, washed by hand.",
    season: "summer",
    difficulty: 1,
    budget: "small",
    minutes: 60,
    use: { washing: "hand" },
    thing: {
      blank: { name: "Stemless glass", material: "glass", colour: "#E3ECEC", shape: { kind: "taperedCup", topDiameter: 74, bottomDiameter: 62, height: 112 } },
      films: [GOLD],
      lines: [{ size: 10, font: "baloo-2" }],
    },
  },
  {
    id: "jam-jars",
    title: "Jars painted inside",
    summary: "A jar painted inside a day before, a berry sprig outside, twine round its neck.",
    season: "autumn",
    difficulty: 2,
    budget: "small",
    minutes: 75,
    thing: {
      blank: { name: "Preserving jar", material: "glass", colour: "#D8C6CE", shape: cup(88, 130), ground: { what: "paint", by: "host", coats: 1, faces: "inside", sand: false } },
      films: [WHITE],
      lines: [
        { art: "sprig", size: 26, films: ["chalk", "chalk"] },
        { size: 9, font: "baloo-2" },
      ],
      finishing: [{ kind: "twine", mm: 500, beads: 0 }],
    },
  },
  {
    id: "winter-baubles",
    title: "Winter baubles",
    summary: "Clear baubles with a snow star and a name, hung by a ribbon.",
    season: "winter",
    difficulty: 3,
    budget: "small",
    minutes: 75,
    thing: {
      blank: { name: "Clear bauble", material: "clearPlastic", colour: "#E5EEF0", shape: { kind: "ball", diameter: 90 } },
      films: [WHITE],
      lines: [
        { art: "snow", size: 16 },
        { size: 7, font: "baloo-2" },
      ],
    },
  },
  {
    id: "party-balloons",
    title: "Balloons with names",
    summary: "A balloon for every guest, blown up first, with removable film.",
    season: "any",
    difficulty: 2,
    budget: "small",
    minutes: 75,
    use: { months: 1 },
    thing: { blank: { name: "Balloon", material: "balloon", colour: "#6FA7C4", shape: { kind: "ball", diameter: 260 } }, films: [LIFT], lines: [{ size: 24, font: "baloo-2" }] },
  },
  {
    id: "posted-fobs",
    title: "Key fobs by post",
    summary: "Acrylic fobs with a key and a name, rings and a tassel, made at home with us on camera.",
    season: "any",
    difficulty: 2,
    budget: "small",
    minutes: 60,
    held: "craftAlong",
    thing: {
      blank: { name: "Acrylic key fob", material: "clearPlastic", colour: "#D7E4E6", shape: { kind: "roundedFlat", width: 48, height: 72, radius: 6 } },
      films: [WHITE],
      lines: [
        { art: "key", size: 14 },
        { size: 8, font: "baloo-2" },
      ],
    },
  },
  {
    id: "beaded-tags",
    title: "Tags with beads",
    summary: "Round wooden tags painted dark, a name in light film, cord and beads.",
    season: "winter",
    difficulty: 1,
    budget: "small",
    minutes: 75,
    thing: {
      blank: { name: "Round wooden tag", material: "paintedWood", colour: "#22292B", shape: { kind: "round", diameter: 76 } },
      films: [CREAM],
      lines: [{ size: 10, font: "baloo-2" }],
      finishing: [{ kind: "twine", mm: 300, beads: 3 }],
      perSeat: 2,
    },
  },
  {
    id: "pantry-signs",
    title: "Pantry signs",
    summary: "A raw panel sealed the day before, a mushroom in two films and a name.",
    season: "autumn",
    difficulty: 1,
    budget: "small",
    minutes: 75,
    thing: {
      blank: { name: "Pantry sign", material: "rawWood", colour: "#D9BE93", shape: rect(220, 120) },
      films: [RUST, CREAM],
      lines: [
        { art: "mushroom", size: 22, films: ["rust", "cream"] },
        { size: 12, film: "rust" },
      ],
    },
  },
  {
    id: "ferry-board",
    title: "A long stained board",
    summary: "Stained overnight, a word through an open stencil in parts, sponged white.",
    season: "any",
    difficulty: 3,
    budget: "large",
    minutes: 165,
    thing: {
      technique: "openStencil",
      blank: { name: "Pine board", material: "stainedWood", colour: "#6B4A32", shape: rect(760, 240) },
      films: [LIFT],
      lines: [
        { text: "HARBOUR", size: 40, tracking: 0.1 },
        { size: 14, gap: 10 },
      ],
      finishing: [{ kind: "hanger" }],
    },
  },
  {
    id: "garden-slates",
    title: "Slate bed markers",
    summary: "Slate plates with a painted word through a stencil, for outdoors.",
    season: "spring",
    difficulty: 2,
    budget: "small",
    minutes: 135,
    use: { outdoors: true, months: 36 },
    schools: { edgeSeal: "medium" },
    thing: {
      border: 8,
      technique: "openStencil",
      blank: { name: "Slate plate", material: "stone", colour: "#3B4347", shape: rect(200, 110) },
      films: [SHEER],
      lines: [{ size: 20 }],
      finishing: [{ kind: "twine", mm: 600, beads: 0 }],
    },
  },
  {
    id: "shed-planks",
    title: "Worn shed planks",
    summary: "Rough planks, one rolled coat without a seal: meant to look old.",
    season: "summer",
    difficulty: 1,
    budget: "small",
    minutes: 105,
    use: { outdoors: true, months: 24 },
    schools: { edgeSeal: "none" },
    thing: {
      border: 8,
      technique: "openStencil",
      blank: { name: "Rough plank sign", material: "rawWood", colour: "#A58A6A", shape: rect(240, 240), ground: { what: "none", by: "bought", sand: false } },
      films: [LIFT],
      lines: [
        { text: "THE SHED", size: 22, font: "black-ops-one" },
        { size: 14, font: "black-ops-one", upper: true },
      ],
    },
  },
  {
    id: "hut-mask",
    title: "Changing-hut signs",
    summary: "Letters as a mask: sand-coloured under, a dark ground over, a glued frame.",
    season: "summer",
    difficulty: 3,
    budget: "large",
    minutes: 165,
    thing: {
      technique: "mask",
      blank: { name: "Hut sign", material: "rawWood", colour: "#DCC9A0", shape: rect(320, 110), frame: { strip: 12, ledge: 0, fixed: "glued", finish: "stained", by: "host" } },
      films: [LIFT],
      lines: [{ size: 30, font: "alfa-slab-one", upper: true }],
    },
  },
  {
    id: "goose-mat",
    title: "Coir mats with a goose",
    summary: "An iron-on stencil, sprayed outdoors, for the door.",
    season: "any",
    difficulty: 3,
    budget: "large",
    minutes: 135,
    use: { outdoors: true, months: 12 },
    thing: {
      technique: "ironOnStencil",
      blank: { name: "Coir mat", material: "coir", colour: "#B58B57", shape: rect(600, 400) },
      films: [HEAT],
      lines: [
        { art: "goose", size: 60 },
        { text: "MIND THE GEESE", size: 22, font: "alfa-slab-one" },
      ],
    },
  },
  {
    id: "market-bags",
    title: "Canvas bags for the market",
    summary: "An acorn through an iron-on stencil, dabbed with cloth paint.",
    season: "autumn",
    difficulty: 2,
    budget: "small",
    minutes: 120,
    thing: {
      border: 8,
      technique: "ironOnStencil",
      blank: { name: "Canvas bag", material: "canvas", colour: "#E8DFC8", shape: rect(300, 320) },
      films: [HEAT],
      lines: [
        { art: "acorn", size: 60, films: ["heat"] },
        { size: 18, font: "alfa-slab-one" },
      ],
    },
  },
  {
    id: "turn-round-panels",
    title: "Panels to turn round",
    summary: "A panel painted on both sides, two seasons, loose in a stained frame.",
    season: "any",
    difficulty: 3,
    budget: "large",
    minutes: 150,
    thing: {
      id: "front",
      title: "Panel",
      blank: {
        name: "Thin panel",
        material: "paintedWood",
        colour: "#C4622D",
        shape: rect(240, 180),
        ground: { what: "paint", by: "host", coats: 2, faces: "both" },
        frame: { strip: 25, ledge: 10, fixed: "loose", finish: "stained", by: "host" },
      },
      films: [THICK],
      lines: [
        { art: "leaf", size: 40 },
        { text: "autumn", size: 14, font: "baloo-2" },
      ],
    },
    more: [
      {
        id: "back",
        title: "Panel, back",
        sideOf: "front",
        blank: { name: "Thin panel", material: "paintedWood", colour: "#22292B", shape: rect(240, 180), ground: { what: "paint", by: "host", coats: 2, faces: "both" } },
        films: [THICK],
        lines: [
          { art: "moon", size: 40 },
          { text: "winter", size: 14, font: "baloo-2" },
        ],
      },
    ],
  },
  {
    id: "night-trays",
    title: "Night trays in three films",
    summary: "A laminate tray with moon, wave and name: layers gathered on one tape.",
    season: "winter",
    difficulty: 2,
    budget: "large",
    minutes: 90,
    use: { food: "served" },
    thing: {
      blank: { name: "Laminate tray", material: "laminate", colour: "#26324A", shape: rect(320, 220) },
      films: [CREAM, AURORA, SKY],
      lines: [
        { art: "moon", size: 34, films: ["cream"] },
        { art: "wave", size: 24, films: ["aurora"] },
        { size: 16, film: "sky" },
      ],
    },
  },
  {
    id: "club-bottles",
    title: "Bottles for the club",
    summary: "Steel bottles with a name along the wall, one film, nobody's gets mixed up.",
    season: "any",
    difficulty: 1,
    budget: "large",
    minutes: 75,
    use: { washing: "hand" },
    thing: { blank: { name: "Steel bottle", material: "metal", colour: "#AAB2B5", shape: cup(72, 210) }, films: [INK], lines: [{ size: 14, font: "oswald", upper: true, down: true }] },
  },
  {
    id: "seed-tins",
    title: "Tins for seeds",
    summary: "A painted tin with a sprig and a name, twine round it.",
    season: "spring",
    difficulty: 1,
    budget: "small",
    minutes: 75,
    thing: {
      blank: { name: "Seed tin", material: "paintedMetal", colour: "#E8E2CF", shape: cup(84, 92) },
      films: [MOSS, RUST],
      lines: [
        { art: "sprig", size: 18, films: ["rust", "moss"] },
        { size: 9, film: "moss", font: "baloo-2" },
      ],
      finishing: [{ kind: "twine", mm: 600, beads: 0 }],
    },
  },
  {
    id: "porch-lanterns",
    title: "Porch lanterns",
    summary: "A powder-coated lantern with a house: one is tried first, for such coats take film badly.",
    season: "winter",
    difficulty: 2,
    budget: "large",
    minutes: 75,
    use: { outdoors: true, months: 24 },
    thing: { blank: { name: "Lantern", material: "powderCoat", colour: "#3A4A44", shape: cup(120, 180) }, films: [WHITE], lines: [{ art: "house", size: 26 }, { size: 9 }] },
  },
  {
    id: "field-notebooks",
    title: "Field notebooks",
    summary: "A leather cover with a hare and initials: gentle tape, no solvent.",
    season: "any",
    difficulty: 2,
    budget: "large",
    minutes: 60,
    thing: {
      blank: { name: "Leather notebook", material: "leather", colour: "#7A4E32", shape: rect(110, 160) },
      films: [CREAM],
      lines: [
        { art: "hare", size: 40 },
        { size: 10, font: "zilla-slab" },
      ],
    },
  },
  {
    id: "puddle-boots",
    title: "Boots for puddles",
    summary: "Rubber boots with a fish and a name, tried on one first.",
    season: "spring",
    difficulty: 2,
    budget: "small",
    minutes: 90,
    use: { outdoors: true, months: 12, food: "none" },
    thing: {
      blank: { name: "Rubber boot", material: "rubber", colour: "#3F6F5A", shape: cup(130, 240) },
      films: [WHITE],
      lines: [
        { art: "fish", size: 30 },
        { size: 14, font: "baloo-2" },
      ],
      perSeat: 2,
      finishing: [],
    },
  },
  {
    id: "paper-lights",
    title: "Paper lights",
    summary: "A paper lantern with a sun, for one evening: removable film and the weakest tape.",
    season: "summer",
    difficulty: 1,
    budget: "small",
    minutes: 60,
    use: { months: 1, food: "none" },
    thing: { blank: { name: "Paper light", material: "paper", colour: "#F5EEDD", shape: cup(140, 180) }, films: [PLUM], lines: [{ art: "sun", size: 40 }, { size: 12 }] },
  },
  {
    id: "night-lights",
    title: "Acrylic night lights",
    summary: "Clear acrylic painted behind, so that the letters show; protective films off in order.",
    season: "winter",
    difficulty: 2,
    budget: "small",
    minutes: 75,
    thing: {
      blank: { name: "Acrylic plate", material: "clearPlastic", colour: "#33405C", shape: rect(140, 140), ground: { what: "paint", by: "host", coats: 2, faces: "back", sand: false } },
      films: [WHITE],
      lines: [{ art: "moon", size: 40 }, { size: 14 }],
    },
  },
  {
    id: "cork-coasters",
    title: "Cork coasters",
    summary: "Four coasters with a wave, rubbed in with a cloth.",
    season: "any",
    difficulty: 1,
    budget: "small",
    minutes: 90,
    use: { food: "none" },
    thing: {
      blank: { name: "Cork coaster", material: "cork", colour: "#C69C6D", shape: { kind: "round", diameter: 95 } },
      films: [INK],
      lines: [
        { art: "wave", size: 24 },
        { size: 10, font: "alfa-slab-one" },
      ],
      perSeat: 4,
    },
  },
  {
    id: "laurel-bells",
    title: "Bells for the door",
    summary: "A sealed wooden plate with a bell, a ribbon through its eye.",
    season: "winter",
    difficulty: 1,
    budget: "small",
    minutes: 60,
    thing: {
      blank: { name: "Sealed wooden plate", material: "sealedWood", colour: "#C9A06A", shape: { kind: "oval", width: 120, height: 160 } },
      films: [BERRY],
      lines: [{ art: "bell", size: 44 }, { size: 14 }],
      finishing: [{ kind: "ribbon" }],
    },
  },
];

/** What each seat fills in. */
export const slotsOfStarter = ({ thing, more = [] }: StarterSpec): string[] => [
  ...new Set([thing, ...more].flatMap(({ lines }) => lines.flatMap((line) => ("art" in line || line.text !== undefined ? [] : [line.slot ?? "name"])))),
];
