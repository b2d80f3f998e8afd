/** A font opened from its bytes: metrics measured on drawn outlines, glyph outlines cached. */

import { Blob, Buffer, DrawFuncs, Face, Font, shape } from "harfbuzzjs";
import { PlanFault } from "../faults/plan-fault.ts";
import { unionRings } from "../geometry/boolean.ts";
import { type Contour, flatten, type Segment } from "../geometry/outline.ts";
import {
  mapPoints,
  type Point,
  type Polygons,
  polygonArea,
  type Ring,
} from "../geometry/polygon.ts";
import { GLYPH_DUST_EM2 } from "../geometry/tolerance.ts";
import { widestPlace } from "../geometry/widest-place.ts";
import { type Profile, profileOf } from "./join.ts";
import { thinnestOf } from "./thinnest.ts";

export interface ShapedGlyph {
  readonly glyph: number;
  /** Index of the first character (UTF-16) it stands for. */
  readonly cluster: number;
  /** Pen position and own offset, em. */
  readonly x: number;
  readonly y: number;
  readonly advance: number;
}

/**
 * What was measured of a font's letters before, em: thinnest stroke, and tightest inside or null
 * without one.
 */
export interface GlyphMeasures {
  /** Digest (SHA-256) of the font's bytes. */
  readonly font: string;
  readonly glyphs: Readonly<Record<string, readonly [thinnest: number, counter: number | null]>>;
}

/** All lengths in em (the font's unit square), y downwards, baseline at 0. */
export class FontFace {
  readonly id: string;
  /** Height of the drawn outline of H above the baseline. */
  readonly capHeight: number;
  /** Height of the drawn outline of x above the baseline. */
  readonly xHeight: number;
  readonly #font: Font;
  readonly #upem: number;
  readonly #contours = new Map<number, readonly Contour[]>();
  readonly #profiles = new Map<number, Profile>();
  readonly #thinnest = new Map<number, number>();
  readonly #counters = new Map<number, number>();
  readonly #rings = new Map<string, readonly Ring[]>();
  readonly #parts = new Map<string, Polygons>();

  /**
   * @param measures of these very bytes; letters that are not among them are measured when they are
   * asked for
   * @throws PlanFault when the bytes are no font with glyphs
   */
  constructor(id: string, bytes: Uint8Array, measures?: GlyphMeasures) {
    const face = new Face(new Blob(bytes));
    if (!(face.upem > 0) || !face.referenceTable("cmap"))
      throw new PlanFault({ code: "unreadableFont", values: { font: id } });
    this.id = id;
    this.#font = new Font(face);
    this.#upem = face.upem;
    this.capHeight = this.#heightOf("H") ?? 0.7;
    this.xHeight = this.#heightOf("x") ?? this.capHeight;
    for (const [glyph, [thinnest, counter]] of Object.entries(measures?.glyphs ?? {})) {
      this.#thinnest.set(Number(glyph), thinnest);
      this.#counters.set(Number(glyph), counter ?? Number.POSITIVE_INFINITY);
    }
  }

  #heightOf(letter: string): number | null {
    const glyph = this.shape(letter)[0]?.glyph ?? 0;
    if (glyph === 0) return null;
    const tops = this.rings(glyph, MEASURE_TOLERANCE_EM).flatMap((ring) =>
      ring.map((point) => point[1]),
    );
    return tops.length === 0 ? null : -Math.min(...tops);
  }

  /**
   * Shapes one line, left to right unless the script says otherwise; kerning, ligatures and
   * contextual forms on.
   */
  shape(text: string): ShapedGlyph[] {
    const buffer = new Buffer();
    buffer.addText(text);
    buffer.guessSegmentProperties();
    shape(this.#font, buffer);
    let pen = 0;
    return buffer.getGlyphInfosAndPositions().map((glyph) => {
      const at = {
        x: (pen + (glyph.xOffset ?? 0)) / this.#upem,
        y: -(glyph.yOffset ?? 0) / this.#upem,
      };
      pen += glyph.xAdvance ?? 0;
      return {
        glyph: glyph.codepoint,
        cluster: glyph.cluster,
        ...at,
        advance: (glyph.xAdvance ?? 0) / this.#upem,
      };
    });
  }

  /**
   * Outline of a glyph, flattened; `toleranceEm` is the largest distance of a chord from the curve.
   */
  rings(glyph: number, toleranceEm: number): readonly Ring[] {
    const key = `${glyph}/${toleranceEm}`;
    const known = this.#rings.get(key);
    if (known) return known;
    const made = this.#outline(glyph).map((contour) => flatten(contour, toleranceEm));
    const rings = made.filter((ring) => ring.length > 2);
    this.#rings.set(key, rings);
    return rings;
  }

  /** The separate parts of a glyph, united: a letter and its dots and accents. */
  parts(glyph: number, toleranceEm: number): Polygons {
    const key = `${glyph}/${toleranceEm}`;
    const known = this.#parts.get(key);
    if (known) return known;
    const lifted = this.rings(glyph, toleranceEm).map(
      (ring): Ring => ring.map(([x, y]) => [x * PARTS_EM_MM, y * PARTS_EM_MM]),
    );
    const united = mapPoints(unionRings(lifted), ([x, y]) => [x / PARTS_EM_MM, y / PARTS_EM_MM]);
    const made = united.filter((polygon) => polygonArea(polygon) > GLYPH_DUST_EM2);
    this.#parts.set(key, made);
    return made;
  }

  /**
   * Thinnest stroke of a glyph, em. Joining letters only thickens, so the least over a line's
   * glyphs
   * holds for the line, and one measurement per glyph serves every size.
   */
  thinnest(glyph: number): number {
    const known = this.#thinnest.get(glyph);
    if (known !== undefined) return known;
    const { width } = thinnestOf(
      mapPoints(this.parts(glyph, THIN_TOLERANCE_EM), ([x, y]) => [x * THIN_EM_MM, y * THIN_EM_MM]),
    );
    this.#thinnest.set(glyph, width / THIN_EM_MM);
    return width / THIN_EM_MM;
  }

  /**
   * Width of the largest circle in the tightest counter of a glyph, em; infinite without counters.
   */
  tightestCounter(glyph: number): number {
    const known = this.#counters.get(glyph);
    if (known !== undefined) return known;
    const holes = this.parts(glyph, THIN_TOLERANCE_EM).flatMap((polygon) => polygon.slice(1));
    const width = Math.min(
      Number.POSITIVE_INFINITY,
      ...holes.map((hole) => 2 * widestPlace([hole]).radius),
    );
    this.#counters.set(glyph, width);
    return width;
  }

  /** Left and right edge of a glyph's ink, for joining. */
  profile(glyph: number): Profile {
    const known = this.#profiles.get(glyph) ?? profileOf(this.rings(glyph, PROFILE_TOLERANCE_EM));
    this.#profiles.set(glyph, known);
    return known;
  }

  #outline(glyph: number): readonly Contour[] {
    const known = this.#contours.get(glyph);
    if (known) return known;
    const drawn = drawGlyph(this.#font, glyph, 1 / this.#upem);
    this.#contours.set(glyph, drawn);
    return drawn;
  }
}

/** A two-thousandth of an em: enough to measure letter heights. */
const PROFILE_TOLERANCE_EM = 0.002;
const MEASURE_TOLERANCE_EM = 0.0005;
/**
 * Strokes are some hundredths of an em wide; chords this coarse change them by less than a
 * fiftieth.
 */
const THIN_TOLERANCE_EM = 0.001;
/** Boolean operations round to tenths of a micrometre: parts are united at this em. */
const PARTS_EM_MM = 100;
/** Glyphs are measured at this em: the size at which a decal's letters usually are. */
const THIN_EM_MM = 30;

function drawGlyph(font: Font, glyph: number, scale: number): Contour[] {
  const contours: { start: Point; segments: Segment[] }[] = [];
  const point = (x: number, y: number): Point => [x * scale, -y * scale];
  const add = (segment: Segment) => contours[contours.length - 1]?.segments.push(segment);
  const draw = new DrawFuncs();
  draw.setMoveToFunc((x, y) => {
    contours.push({ start: point(x, y), segments: [] });
  });
  draw.setLineToFunc((x, y) => {
    add({ kind: "line", to: point(x, y) });
  });
  draw.setQuadraticToFunc((cx, cy, x, y) => {
    add({ kind: "quad", c: point(cx, cy), to: point(x, y) });
  });
  draw.setCubicToFunc((ax, ay, bx, by, x, y) => {
    add({ kind: "cubic", c1: point(ax, ay), c2: point(bx, by), to: point(x, y) });
  });
  draw.setClosePathFunc(() => {
    const last = contours[contours.length - 1];
    if (last) last.segments.push({ kind: "line", to: last.start });
  });
  font.drawGlyph(glyph, draw);
  return contours;
}
