/** One line of lettering: text -> shaped glyphs -> joined -> united outlines, in em. */
import { unionRings } from "../geometry/boolean.ts";
import type { Polygons, Ring } from "../geometry/polygon.ts";
import type { FontFace, ShapedGlyph } from "./font-face.ts";
import { joiningNudge, type Profile, profileOf } from "./join.ts";

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

const PROFILE_TOLERANCE_EM = 0.002;

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
    for (const ring of outline) rings.push(ring.map(([x, y]) => [x + dx, y + glyph.y]));
  });
  return { polygons: uniteEm(rings), missing, glyphs, apart };
}

/** Boolean operations work in tenths of a micrometre of a millimetre; em outlines are lifted to a 100 mm em first. */
const EM_LIFT = 100;

function uniteEm(rings: readonly Ring[]): Polygons {
  const lifted = rings.map((ring): Ring => ring.map(([x, y]) => [x * EM_LIFT, y * EM_LIFT]));
  return unionRings(lifted).map((polygon) => polygon.map((ring): Ring => ring.map(([x, y]) => [x / EM_LIFT, y / EM_LIFT])));
}

function clusterText(text: string, shaped: readonly ShapedGlyph[], index: number): string {
  const start = shaped[index]?.cluster ?? 0;
  const later = shaped.map((glyph) => glyph.cluster).filter((cluster) => cluster > start);
  return text.slice(start, later.length === 0 ? undefined : Math.min(...later));
}

/** Horizontal shift of every glyph, from tracking and from joining. */
function spacing(face: FontFace, shaped: readonly ShapedGlyph[], text: string, spec: LineSpec): { shifts: number[]; apart: string[] } {
  const apart: string[] = [];
  const profiles = new Map<number, Profile>();
  const profile = (glyph: number): Profile => {
    const known = profiles.get(glyph) ?? profileOf(face.rings(glyph, PROFILE_TOLERANCE_EM));
    profiles.set(glyph, known);
    return known;
  };
  let shift = 0;
  let previous = -1;
  const shifts = shaped.map((glyph, i) => {
    const isBase = glyph.advance !== 0;
    if (!isBase) return shift;
    const before = shaped[previous];
    if (before) {
      shift += spec.trackingEm;
      if (spec.join && joins(clusterText(text, shaped, previous), clusterText(text, shaped, i))) {
        const nudge = joiningNudge(profile(before.glyph), profile(glyph.glyph), glyph.x - before.x + spec.trackingEm);
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
