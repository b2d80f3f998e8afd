/** One line of lettering: text -> shaped glyphs -> joined -> united outlines, in em. */
import { unionRings } from "../geometry/boolean.ts";
import { mapPoints, type Point, type Polygons, type Ring } from "../geometry/polygon.ts";
import type { FontFace, ShapedGlyph } from "./font-face.ts";
import { joiningNudge } from "./join.ts";

export interface LineSpec {
  readonly text: string;
  /** Extra space after each letter, em; negative tightens. */
  readonly trackingEm: number;
  /** Tighten pairs until the letters of a word overlap. */
  readonly join: boolean;
}

export interface LetteredLine {
  readonly polygons: Polygons;
  /** Characters the font has no glyph for, with their place in the text. */
  readonly missing: readonly { readonly text: string; readonly index: number }[];
  /** Glyphs that were drawn, with the text each stands for. */
  readonly glyphs: readonly { readonly glyph: number; readonly text: string }[];
  /** Pairs that should have joined and could not. */
  readonly apart: readonly string[];
}

/** Letters one line in em units; the result scales without loss down to `toleranceEm`. */
export function letterLine(face: FontFace, spec: LineSpec, toleranceEm: number): LetteredLine {
  const text = spec.text.normalize("NFC");
  const shaped = face.shape(text);
  const { shifts, apart } = spacing(face, shaped, text, spec);
  const rings: Ring[] = [];
  const missing: { text: string; index: number }[] = [];
  const glyphs: { glyph: number; text: string }[] = [];
  shaped.forEach((glyph, i) => {
    const own = clusterText(text, shaped, i);
    if (glyph.glyph === 0) {
      if (own.trim() !== "") missing.push({ text: own, index: glyph.cluster });
      return;
    }
    const outline = face.rings(glyph.glyph, toleranceEm);
    if (outline.length > 0) glyphs.push({ glyph: glyph.glyph, text: own });
    const dx = glyph.x + (shifts[i] ?? 0);
    for (const ring of outline) rings.push(ring.map((point): Point => [(point[0] + dx) * EM_LIFT, (point[1] + glyph.y) * EM_LIFT]));
  });
  return { polygons: uniteLifted(rings), missing, glyphs, apart };
}

/** Boolean operations round to tenths of a micrometre: outlines are lifted to an em of 100 mm for them. */
const EM_LIFT = 100;

const uniteLifted = (rings: readonly Ring[]): Polygons => mapPoints(unionRings(rings), ([x, y]) => [x / EM_LIFT, y / EM_LIFT]);

function clusterText(text: string, shaped: readonly ShapedGlyph[], index: number): string {
  const start = shaped[index]?.cluster ?? 0;
  const later = shaped.map((glyph) => glyph.cluster).filter((cluster) => cluster > start);
  return text.slice(start, later.length === 0 ? undefined : Math.min(...later));
}

/** Horizontal shift of every glyph, from tracking and from joining. */
function spacing(face: FontFace, shaped: readonly ShapedGlyph[], text: string, spec: LineSpec): { shifts: number[]; apart: string[] } {
  const apart: string[] = [];
  let shift = 0;
  let previous = -1;
  const shifts = shaped.map((glyph, i) => {
    const isBase = glyph.advance !== 0;
    if (!isBase) return shift;
    const before = shaped[previous];
    if (before) {
      shift += spec.trackingEm;
      if (spec.join && joins(clusterText(text, shaped, previous), clusterText(text, shaped, i))) {
        const nudge = joiningNudge(face.profile(before.glyph), face.profile(glyph.glyph), glyph.x - before.x + spec.trackingEm);
        if (nudge === null) apart.push(clusterText(text, shaped, previous) + clusterText(text, shaped, i));
        else shift -= nudge;
      }
    }
    previous = i;
    return shift;
  });
  return { shifts, apart };
}

const LETTER = /\p{L}/u;
const joins = (a: string, b: string): boolean => LETTER.test(a.slice(-1)) && LETTER.test(b.slice(0, 1));
