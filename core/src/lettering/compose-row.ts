/** One seat's items of the recipe, each centred on x = 0 with its baseline (or lower edge) at y = 0. */
import { cleanArt } from "../art/clean.ts";
import { boxHeight, boxOf, isEmptyBox, mapPoints, moved, type Polygons, placed } from "../geometry/polygon.ts";
import type { FontFace } from "./font-face.ts";
import { type DrawnGlyph, type LetteredLine, letterLine } from "./line.ts";
import { type ArtItem, applyCase, type Design, type Exception, pictureOf, type RecipeItem, type Run, type TextItem } from "./recipe.ts";
import { shapePolygons } from "./shapes.ts";

export interface SeatFields {
  readonly seat: string;
  readonly fields: Readonly<Record<string, string>>;
  /** What this seat has of its own, by item. */
  readonly own?: Readonly<Record<string, Exception>> | undefined;
}

export type FontLookup = (id: string) => FontFace | undefined;

/** A text item as it stands in one seat's design, without its outlines. */
export interface LineInfo {
  readonly item: string;
  readonly vinyl: string;
  readonly font: string;
  readonly text: string;
  /** Millimetres per em at scale 1. */
  readonly emMm: number;
  readonly missing: LetteredLine["missing"];
  /** Drawn letters; from and to in millimetres at scale 1. */
  readonly glyphs: readonly DrawnGlyph[];
  readonly apart: LetteredLine["apart"];
  readonly closedCounters: number;
  readonly narrowed: boolean;
}

export interface Cell {
  readonly item: string;
  /** One part a vinyl; all parts keep their places to each other. */
  readonly parts: readonly { readonly vinyl: string; readonly polygons: Polygons; readonly picture?: string }[];
  readonly line: LineInfo | null;
}

export const cellPolygons = (cell: Cell): Polygons => cell.parts.flatMap(({ polygons }) => polygons);

export function scaledCell(cell: Cell, factor: number): Cell {
  const line = cell.line && { ...cell.line, emMm: cell.line.emMm * factor, glyphs: cell.line.glyphs.map((glyph) => ({ ...glyph, from: glyph.from * factor, to: glyph.to * factor })) };
  return { ...cell, line, parts: cell.parts.map((part) => ({ ...part, polygons: placed(part.polygons, factor, 0, 0) })) };
}

export function movedCell(cell: Cell, x: number, y: number): Cell {
  const line = cell.line && { ...cell.line, glyphs: cell.line.glyphs.map((glyph) => ({ ...glyph, from: glyph.from + x, to: glyph.to + x })) };
  return { ...cell, line, parts: cell.parts.map((part) => ({ ...part, polygons: moved(part.polygons, x, y) })) };
}

export type LetterFn = (item: TextItem, font: string, text: string, nudges: Readonly<Record<string, number>>) => { line: LetteredLine; face: FontFace };

/** Lettered texts by what they depend on; kept by whoever letters the same set again and again. */
export type LetterCache = Map<string, LetteredLine>;

/** More texts than a thousand seats of several lines have. */
const MOST_CACHED = 8000;

/** Letters each text once, however many seats have it. */
export function cachedLetters(fonts: FontLookup, toleranceEm: number, cache: LetterCache): LetterFn {
  return (item, font, text, nudges) => {
    const face = fonts(font);
    if (!face) throw new RangeError(`there is no font "${font}"`);
    const key = JSON.stringify([font, item.trackingEm, item.join, item.marks, nudges, text, toleranceEm]);
    const known = cache.get(key);
    if (known) return { line: known, face };
    const line = letterLine(face, { text, trackingEm: item.trackingEm, join: item.join, marks: item.marks, nudges }, toleranceEm);
    if (cache.size >= MOST_CACHED) cache.clear();
    cache.set(key, line);
    return { line, face };
  };
}

/** Shapes that go round everything come later, when everything has its place. */
export function composeRow(design: Design, seat: SeatFields, letter: LetterFn): Cell[] {
  return design.items.map((item) => cellOf(item, seat, letter));
}

function cellOf(item: RecipeItem, seat: SeatFields, letter: LetterFn): Cell {
  switch (item.kind) {
    case "text":
      return textCell(item, seat, letter);
    case "art":
      return { item: item.id, parts: artParts(item, seat.fields), line: null };
    case "shape":
      return { item: item.id, parts: item.around === undefined ? [{ vinyl: item.vinyl, polygons: shapePolygons(item) }] : [], line: null };
    case "gap":
      return { item: item.id, parts: [], line: null };
  }
}

/** Baselines of a broken line lie this many letter heights apart. */
const LEADING = 1.75;
/** Letters that stand below each other need less air than lines. */
const STACKED_LEADING = 1.35;

function textCell(item: TextItem, seat: SeatFields, letter: LetterFn): Cell {
  const own = seat.own?.[item.id] ?? {};
  const font = own.font ?? item.font;
  const vinyl = own.vinyl ?? item.vinyl;
  const raw = item.slot ? (seat.fields[item.slot] ?? "") : (item.text ?? "");
  const text = applyCase(raw.trim(), item.letterCase);
  const nudges = { ...item.nudges, ...own.nudges };
  const rows = (item.run === "stacked" ? lettersIn(text.replace(/\s+/gu, "")) : brokenLine(text, own)).map((part) => letter(item, font, part, nudges));
  const { face } = rows[0] ?? letter(item, font, "", nudges);
  const height = item.size * (own.size ?? 1);
  const emMm = height / (item.by === "capHeight" ? face.capHeight : face.xHeight);
  const drawn = rows.map(({ line }, i) => {
    const scaled = placed(line.polygons, emMm, 0, 0);
    const box = boxOf(scaled);
    const x = isEmptyBox(box) ? 0 : -(box.minX + box.maxX) / 2;
    const y = (i - rows.length + 1) * height * (item.run === "stacked" ? STACKED_LEADING : LEADING);
    return { polygons: moved(scaled, x, y), glyphs: line.glyphs.map((glyph) => ({ ...glyph, from: glyph.from * emMm + x, to: glyph.to * emMm + x })) };
  });
  const lines = rows.map(({ line }) => line);
  return {
    item: item.id,
    parts: [
      {
        vinyl,
        polygons: turnedText(
          drawn.flatMap(({ polygons }) => polygons),
          item.run,
        ),
      },
    ],
    line: {
      item: item.id,
      vinyl,
      font,
      text,
      emMm,
      missing: lines.flatMap(({ missing }) => missing),
      glyphs: drawn.flatMap(({ glyphs }) => glyphs),
      apart: lines.flatMap(({ apart }) => apart),
      closedCounters: lines.reduce((sum, line) => sum + line.closedCounters, 0),
      narrowed: false,
    },
  };
}

/** The first so many words or characters, and the rest below; a single word stays whole. */
function brokenLine(text: string, { breakAfter, breakAt }: Pick<Exception, "breakAfter" | "breakAt">): string[] {
  if (breakAt !== undefined && breakAt < text.length) return [text.slice(0, breakAt).trim(), text.slice(breakAt).trim()].filter((part) => part !== "");
  const all = text.split(/\s+/u);
  if (breakAfter === undefined || breakAfter >= all.length) return [text];
  return [all.slice(0, breakAfter).join(" "), all.slice(breakAfter).join(" ")];
}

/** Letters as a reader counts them: an accent that is typed by itself stays with its letter. */
const lettersIn = (text: string): string[] => text.match(/\P{M}\p{M}*/gu) ?? [];

/** Turned a quarter about the middle of its lower edge: read from above going down, or from below going up. */
function turnedText(polygons: Polygons, run: Run): Polygons {
  if (run !== "down" && run !== "up") return polygons;
  const sign = run === "down" ? 1 : -1;
  const turned = mapPoints(polygons, ([x, y]) => [-sign * y, sign * x]);
  const box = boxOf(turned);
  return isEmptyBox(box) ? turned : moved(turned, -(box.minX + box.maxX) / 2, -box.maxY);
}

function artParts(item: ArtItem, fields: SeatFields["fields"]): Cell["parts"] {
  const { name, layers: drawn } = pictureOf(item, fields);
  const layers = drawn.map(({ vinyl, polygons }) => ({ vinyl, polygons: cleanArt(polygons).polygons }));
  const box = boxOf(layers.flatMap(({ polygons }) => polygons));
  const scale = item.size / Math.max(boxHeight(box), Number.MIN_VALUE);
  return layers.map(({ vinyl, polygons }) => ({ vinyl, polygons: placed(polygons, scale, (-scale * (box.minX + box.maxX)) / 2, -scale * box.maxY), picture: name }));
}
