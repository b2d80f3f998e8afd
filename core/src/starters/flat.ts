/** Decals on what is flat: fobs, tags, signs, trays, covers. */
import { AURORA, BERRY, CREAM, INK, RUST, SKY, THICK, WHITE } from "./films.ts";
import { rect, type StarterSpec } from "./spec.ts";

export const FLAT: readonly StarterSpec[] = [
  {
    id: "posted-fobs",
    title: "Key fobs by post",
    summary:
      "Acrylic fobs with a key and a name, rings and a tassel, made at home with us on camera.",
    season: "any",
    difficulty: 2,
    budget: "small",
    minutes: 60,
    held: "craftAlong",
    thing: {
      blank: {
        name: "Acrylic key fob",
        material: "clearPlastic",
        colour: "#D7E4E6",
        shape: { kind: "roundedFlat", width: 48, height: 72, radius: 6 },
      },
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
      blank: {
        name: "Round wooden tag",
        material: "paintedWood",
        colour: "#22292B",
        shape: { kind: "round", diameter: 76 },
      },
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
        blank: {
          name: "Thin panel",
          material: "paintedWood",
          colour: "#22292B",
          shape: rect(240, 180),
          ground: { what: "paint", by: "host", coats: 2, faces: "both" },
        },
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
      blank: {
        name: "Laminate tray",
        material: "laminate",
        colour: "#26324A",
        shape: rect(320, 220),
      },
      films: [CREAM, AURORA, SKY],
      lines: [
        { art: "moon", size: 34, films: ["cream"] },
        { art: "wave", size: 24, films: ["aurora"] },
        { size: 16, film: "sky" },
      ],
    },
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
      blank: {
        name: "Leather notebook",
        material: "leather",
        colour: "#7A4E32",
        shape: rect(110, 160),
      },
      films: [CREAM],
      lines: [
        { art: "hare", size: 40 },
        { size: 10, font: "zilla-slab" },
      ],
    },
  },
  {
    id: "night-lights",
    title: "Acrylic night lights",
    summary:
      "Clear acrylic painted behind, so that the letters show; protective films off in order.",
    season: "winter",
    difficulty: 2,
    budget: "small",
    minutes: 75,
    thing: {
      blank: {
        name: "Acrylic plate",
        material: "clearPlastic",
        colour: "#33405C",
        shape: rect(140, 140),
        ground: { what: "paint", by: "host", coats: 2, faces: "back", sand: false },
      },
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
      blank: {
        name: "Cork coaster",
        material: "cork",
        colour: "#C69C6D",
        shape: { kind: "round", diameter: 95 },
      },
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
      blank: {
        name: "Sealed wooden plate",
        material: "sealedWood",
        colour: "#C9A06A",
        shape: { kind: "oval", width: 120, height: 160 },
      },
      films: [BERRY],
      lines: [{ art: "bell", size: 44 }, { size: 14 }],
      finishing: [{ kind: "ribbon" }],
    },
  },
];
