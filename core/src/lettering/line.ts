/** One line of lettering: text -> shaped glyphs -> joined -> united outlines, in em. */
import { unionRings } from "../geometry/boolean.ts";
import {
  boxOfPoints,
  joinBoxes,
  mapPoints,
  type Point,
  type Polygon,
  type Polygons,
  polygonArea,
  type Ring,
} from "../geometry/polygon.ts";
import { GLYPH_DUST_EM2 } from "../geometry/tolerance.ts";
import type { FontFace, ShapedGlyph } from "./font-face.ts";
import { joiningNudge } from "./join.ts";
import { withMarks } from "./marks.ts";
import type { MarkRule } from "./recipe-kinds.ts";
import { countersOf } from "./thicken.ts";

export interface LineSpec {
  readonly text: string;
  /** Extra space after each letter, em; negative tightens. */
  readonly trackingEm: number;
  /** Tighten pairs until the letters of a word overlap. */
  readonly join: boolean;
  /** Extra space by pair of letters, em, given by hand: it comes on top of joining. */
  readonly nudges?: Readonly<Record<string, number>>;
  readonly marks?: MarkRule;
}

export interface DrawnGlyph {
  readonly glyph: number;
  readonly text: string;
  /** Ink from left to right, em. */
  readonly from: number;
  readonly to: number;
}

export interface LetteredLine {
  readonly polygons: Polygons;
  /** Characters the font has no glyph for, with their place in the text. */
  readonly missing: readonly { readonly text: string; readonly index: number }[];
  /** Glyphs that were drawn, with the text each stands for. */
  readonly glyphs: readonly DrawnGlyph[];
  /** Pairs that should have joined and could not. */
  readonly apart: readonly string[];
  /** Counters of single letters that are gone in the united line: letters overlap too far. */
  readonly closedCounters: number;
}

/** Letters one line in em units; the result scales without loss down to `toleranceEm`. */
export function letterLine(face: FontFace, spec: LineSpec, toleranceEm: number): LetteredLine {
  const text = spec.text.normalize("NFC");
  const shaped = face.shape(text);
  const { shifts, apart } = spacing(face, shaped, text, spec);
  const inked: Inked[] = [];
  const missing: { text: string; index: number }[] = [];
  const glyphs: DrawnGlyph[] = [];
  const rule = spec.marks ?? "asDrawn";
  shaped.forEach((glyph, i) => {
    const own = clusterText(text, shaped, i);
    if (glyph.glyph === 0) {
      if (own.trim() !== "") missing.push({ text: own, index: glyph.cluster });
      return;
    }
    const drawn = rule === "asDrawn" && face.rings(glyph.glyph, toleranceEm);
    const rings = drawn || withMarks(face.parts(glyph.glyph, toleranceEm), own, rule).flat();
    if (rings.length === 0) return;
    const [dx, dy] = [glyph.x + (shifts[i] ?? 0), glyph.y];
    const box = joinBoxes(rings.map(boxOfPoints));
    const [from, to] = [box.minX + dx, box.maxX + dx];
    glyphs.push({ glyph: glyph.glyph, text: own, from, to });
    const parts = () => (drawn ? face.parts(glyph.glyph, toleranceEm) : null);
    inked.push({ rings, parts, dx, dy, from, to });
  });
  const polygons = united(inked);
  const wanted =
    spec.join || spec.nudges
      ? glyphs.reduce(
          (sum, { glyph }) => sum + countersOf(face.parts(glyph, COUNTER_TOLERANCE_EM)),
          0,
        )
      : 0;
  return {
    polygons,
    missing,
    glyphs,
    apart,
    closedCounters: Math.max(0, wanted - countersOf(polygons)),
  };
}

/** Coarse outlines have the same counters as fine ones. */
const COUNTER_TOLERANCE_EM = 0.002;

/**
 * Boolean operations round to tenths of a micrometre: outlines are lifted to an em of 100 mm for
 * them.
 */
const EM_LIFT = 100;

/** A glyph as it stands in the line, em. */
interface Inked {
  readonly rings: readonly Ring[];
  /** Its parts, united before; null where they differ from what the font draws. */
  readonly parts: () => Polygons | null;
  readonly dx: number;
  readonly dy: number;
  readonly from: number;
  readonly to: number;
}

/** Letters farther apart do not touch, em. */
const CLEAR_EM = 1e-3;

/**
 * Letters that stand clear of the others are their own parts, which are united once a font; only
 * what touches or overlaps is united anew.
 */
function united(inked: readonly Inked[]): Polygons {
  const order = [...inked].sort((a, b) => a.from - b.from);
  const polygons: Polygon[] = [];
  for (let i = 0; i < order.length; ) {
    const first = order[i] as Inked;
    let { to } = first;
    let end = i + 1;
    for (; end < order.length && (order[end] as Inked).from < to + CLEAR_EM; end++)
      to = Math.max(to, (order[end] as Inked).to);
    const alone = end === i + 1 ? first.parts() : null;
    const { dx, dy } = first;
    if (alone) polygons.push(...mapPoints(alone, ([x, y]) => [x + dx, y + dy]));
    else polygons.push(...uniteLifted(order.slice(i, end).flatMap(lifted)));
    i = end;
  }
  return polygons;
}

const lifted = ({ rings, dx, dy }: Inked): Ring[] =>
  rings.map((ring) => ring.map(([x, y]): Point => [(x + dx) * EM_LIFT, (y + dy) * EM_LIFT]));

function uniteLifted(rings: readonly Ring[]): Polygons {
  const united = mapPoints(unionRings(rings), ([x, y]) => [x / EM_LIFT, y / EM_LIFT]);
  return united.filter((polygon) => polygonArea(polygon) > GLYPH_DUST_EM2);
}

function clusterText(text: string, shaped: readonly ShapedGlyph[], index: number): string {
  const start = shaped[index]?.cluster ?? 0;
  const later = shaped.map((glyph) => glyph.cluster).filter((cluster) => cluster > start);
  return text.slice(start, later.length === 0 ? undefined : Math.min(...later));
}

/** Horizontal shift of every glyph, from tracking and from joining. */
function spacing(
  face: FontFace,
  shaped: readonly ShapedGlyph[],
  text: string,
  spec: LineSpec,
): { shifts: number[]; apart: string[] } {
  const apart: string[] = [];
  let shift = 0;
  let previous = -1;
  const shifts = shaped.map((glyph, i) => {
    const isBase = glyph.advance !== 0;
    if (!isBase) return shift;
    const before = shaped[previous];
    if (before) {
      shift += spec.trackingEm;
      shift +=
        spec.nudges?.[clusterText(text, shaped, previous) + clusterText(text, shaped, i)] ?? 0;
      if (spec.join && joins(clusterText(text, shaped, previous), clusterText(text, shaped, i))) {
        const nudge = joiningNudge(
          face.profile(before.glyph),
          face.profile(glyph.glyph),
          glyph.x - before.x + spec.trackingEm,
        );
        if (nudge === null)
          apart.push(clusterText(text, shaped, previous) + clusterText(text, shaped, i));
        else shift -= nudge;
      }
    }
    previous = i;
    return shift;
  });
  return { shifts, apart };
}

const LETTER = /\p{L}/u;
const joins = (a: string, b: string): boolean =>
  LETTER.test(a.slice(-1)) && LETTER.test(b.slice(0, 1));
