/**
 * The fonts shipped with the application, by what they are good for. Bytes are handed in by the
 * caller.
 */

import { FAMILY_TRAITS, type VinylFamily } from "../weeding/families.ts";
import type { FontFace } from "./font-face.ts";

export type FontKind = "script" | "hand" | "sans" | "rounded" | "slab" | "display" | "stencil";

export interface FontEntry {
  readonly id: string;
  readonly family: string;
  readonly kind: FontKind;
  readonly joined: boolean;
  /**
   * Thinnest stroke of the sample letters as a share of the cap height, measured on the outlines (a
   * test measures again):
   * what the smallest safe size for a film follows from.
   */
  readonly thinShare: number;
  readonly licence: string;
}

const OFL = "SIL Open Font License 1.1";

export const STUDIO_FONTS: readonly FontEntry[] = [
  {
    id: "pacifico",
    family: "Pacifico",
    kind: "script",
    joined: true,
    thinShare: 0.0779,
    licence: OFL,
  },
  {
    id: "lobster",
    family: "Lobster",
    kind: "script",
    joined: true,
    thinShare: 0.046,
    licence: OFL,
  },
  {
    id: "dancing-script",
    family: "Dancing Script",
    kind: "script",
    joined: true,
    thinShare: 0.0223,
    licence: OFL,
  },
  {
    id: "satisfy",
    family: "Satisfy",
    kind: "script",
    joined: true,
    thinShare: 0.0456,
    licence: "Apache License 2.0",
  },
  {
    id: "great-vibes",
    family: "Great Vibes",
    kind: "script",
    joined: true,
    thinShare: 0.0166,
    licence: OFL,
  },
  {
    id: "sacramento",
    family: "Sacramento",
    kind: "script",
    joined: true,
    thinShare: 0.0442,
    licence: OFL,
  },
  {
    id: "yellowtail",
    family: "Yellowtail",
    kind: "script",
    joined: true,
    thinShare: 0.0719,
    licence: "Apache License 2.0",
  },
  {
    id: "kaushan-script",
    family: "Kaushan Script",
    kind: "script",
    joined: true,
    thinShare: 0.0339,
    licence: OFL,
  },
  {
    id: "patrick-hand",
    family: "Patrick Hand",
    kind: "hand",
    joined: false,
    thinShare: 0.0984,
    licence: OFL,
  },
  { id: "oswald", family: "Oswald", kind: "sans", joined: false, thinShare: 0.0882, licence: OFL },
  { id: "poppins", family: "Poppins", kind: "sans", joined: false, thinShare: 0.134, licence: OFL },
  {
    id: "quicksand",
    family: "Quicksand",
    kind: "rounded",
    joined: false,
    thinShare: 0.1378,
    licence: OFL,
  },
  {
    id: "fredoka",
    family: "Fredoka",
    kind: "rounded",
    joined: false,
    thinShare: 0.1181,
    licence: OFL,
  },
  {
    id: "varela-round",
    family: "Varela Round",
    kind: "rounded",
    joined: false,
    thinShare: 0.0925,
    licence: OFL,
  },
  {
    id: "baloo-2",
    family: "Baloo 2 Bold",
    kind: "rounded",
    joined: false,
    thinShare: 0.1638,
    licence: OFL,
  },
  {
    id: "alfa-slab-one",
    family: "Alfa Slab One",
    kind: "slab",
    joined: false,
    thinShare: 0.1412,
    licence: OFL,
  },
  {
    id: "zilla-slab",
    family: "Zilla Slab",
    kind: "slab",
    joined: false,
    thinShare: 0.1018,
    licence: OFL,
  },
  {
    id: "abril-fatface",
    family: "Abril Fatface",
    kind: "display",
    joined: false,
    thinShare: 0.0252,
    licence: OFL,
  },
  {
    id: "black-ops-one",
    family: "Black Ops One",
    kind: "stencil",
    joined: false,
    thinShare: 0.1383,
    licence: OFL,
  },
];

/** Letters whose strokes stand for a face. */
export const SAMPLE_LETTERS = "aegnrsABEMW";

/** Thinnest stroke of the sample letters, as a share of the cap height. */
export function measureThinShare(face: Pick<FontFace, "shape" | "thinnest" | "capHeight">): number {
  const widths = face.shape(SAMPLE_LETTERS).map(({ glyph }) => face.thinnest(glyph));
  return Math.min(...widths) / face.capHeight;
}

/** Least cap height at which the strokes of a face stay as wide as the film asks, mm. */
export function smallestSafeCap(thinShare: number, family: VinylFamily): number {
  return FAMILY_TRAITS[family].minStrokeMm / thinShare;
}

export const studioFont = (id: string): FontEntry | undefined =>
  STUDIO_FONTS.find((font) => font.id === id);
