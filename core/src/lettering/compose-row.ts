/**
 * One seat's items of the recipe, each centred on x = 0 with its baseline (or lower edge) at y = 0.
 */

import { cleanArt } from "../art/clean.ts";
import { PlanFault } from "../faults/plan-fault.ts";
import { type Box, boxHeight, boxOf, isEmptyBox, mapPoints } from "../geometry/polygon.ts";
import { identity } from "../memory/identity.ts";
import type { FontFace } from "./font-face.ts";
import { boxOfInks, Ink } from "./ink.ts";
import type { LetteringMemory } from "./lettering-memory.ts";
import { type DrawnGlyph, type LetteredLine, letterLine } from "./line.ts";
import type { ArtItem, Design, Exception, RecipeItem, TextItem } from "./recipe.ts";
import type { Run } from "./recipe-kinds.ts";
import { applyCase, pictureOf } from "./recipe-reads.ts";
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
  readonly parts: readonly CellPart[];
  readonly line: LineInfo | null;
  /** How the line's letters were scaled and moved since they were set. */
  readonly letters: { readonly scale: number; readonly x: number };
  /** What it was made of, but for where it lies: two cells that say the same are the same. */
  readonly key: string;
}

export interface CellPart {
  readonly vinyl: string;
  readonly ink: Ink;
  readonly picture?: string;
}

const UNMOVED = { scale: 1, x: 0 };

export const cellBox = (cell: Cell): Box => boxOfInks(cell.parts.map(({ ink }) => ink));

export function scaledCell(cell: Cell, factor: number): Cell {
  const { line, letters } = cell;
  return {
    ...cell,
    line: line && { ...line, emMm: line.emMm * factor },
    letters: { scale: letters.scale * factor, x: letters.x * factor },
    parts: cell.parts.map((part) => ({ ...part, ink: part.ink.scaled(factor) })),
  };
}

export function movedCell(cell: Cell, x: number, y: number): Cell {
  return {
    ...cell,
    letters: { scale: cell.letters.scale, x: cell.letters.x + x },
    parts: cell.parts.map((part) => ({ ...part, ink: part.ink.moved(x, y) })),
  };
}

/** The same place for other ink: what is drawn only when the whole set is known. */
export const withInk = (cell: Cell, vinyl: string, ink: Ink | null): Cell => ({
  ...cell,
  parts: ink === null ? [] : [{ vinyl, ink }],
});

/** Letters as they stand after all moving. */
export const lettersOf = ({ line, letters: { scale, x } }: Cell): LineInfo["glyphs"] =>
  line
    ? line.glyphs.map((glyph) => ({
        ...glyph,
        from: glyph.from * scale + x,
        to: glyph.to * scale + x,
      }))
    : [];

export type LetterFn = (
  item: TextItem,
  font: string,
  text: string,
  nudges: Readonly<Record<string, number>>,
) => { line: LetteredLine; face: FontFace };

/** Letters each text once, however many seats have it. */
export function cachedLetters(
  fonts: FontLookup,
  toleranceEm: number,
  memory: LetteringMemory,
): LetterFn {
  return (item, font, text, nudges) => {
    const face = fontOf(fonts, font);
    const key = JSON.stringify([
      identity(face),
      item.trackingEm,
      item.join,
      item.marks,
      nudges,
      text,
      toleranceEm,
    ]);
    const line = memory.texts.take(key, () =>
      letterLine(
        face,
        { text, trackingEm: item.trackingEm, join: item.join, marks: item.marks, nudges },
        toleranceEm,
      ),
    );
    return { line, face };
  };
}

function fontOf(fonts: FontLookup, id: string): FontFace {
  const face = fonts(id);
  if (!face) throw new PlanFault({ code: "noFont", values: { font: id } });
  return face;
}

export interface Composing {
  readonly fonts: FontLookup;
  readonly toleranceEm: number;
  readonly memory: LetteringMemory;
}

/** Shapes that go round everything come later, when everything has its place. */
export function composeRow(
  design: Design,
  seat: SeatFields,
  { fonts, toleranceEm, memory }: Composing,
): Cell[] {
  const letter = cachedLetters(fonts, toleranceEm, memory);
  return design.items.map((item) => {
    const key = keyOf(item, seat, { fonts, toleranceEm, memory });
    return memory.cells.take(key, () => ({ ...cellOf(item, seat, letter), letters: UNMOVED, key }));
  });
}

/** All that a cell depends on. */
function keyOf(
  item: RecipeItem,
  { fields, own }: SeatFields,
  { fonts, toleranceEm, memory }: Composing,
): string {
  const what = memory.contents.of(item);
  if (item.kind === "art") return `${what} ${pictureOf(item, fields).name}`;
  if (item.kind !== "text") return `${what}`;
  const exception = own?.[item.id];
  const font = identity(fontOf(fonts, exception?.font ?? item.font));
  return `${what} ${toleranceEm} ${font} ${exception ? memory.contents.of(exception) : ""} ${rawText(item, fields)}`;
}

const rawText = (item: TextItem, fields: SeatFields["fields"]): string =>
  item.slot ? (fields[item.slot] ?? "") : (item.text ?? "");

type DrawnCell = Omit<Cell, "letters" | "key">;

function cellOf(item: RecipeItem, seat: SeatFields, letter: LetterFn): DrawnCell {
  switch (item.kind) {
    case "text":
      return textCell(item, seat, letter);
    case "art":
      return { item: item.id, parts: artParts(item, seat.fields), line: null };
    case "shape":
      return {
        item: item.id,
        parts:
          item.around === undefined
            ? [{ vinyl: item.vinyl, ink: new Ink(shapePolygons(item)) }]
            : [],
        line: null,
      };
    case "gap":
      return { item: item.id, parts: [], line: null };
  }
}

/** Baselines of a broken line lie this many letter heights apart. */
const LEADING = 1.75;
/** Letters that stand below each other need less air than lines. */
const STACKED_LEADING = 1.35;

function textCell(item: TextItem, seat: SeatFields, letter: LetterFn): DrawnCell {
  const own = seat.own?.[item.id] ?? {};
  const font = own.font ?? item.font;
  const vinyl = own.vinyl ?? item.vinyl;
  const text = applyCase(rawText(item, seat.fields).trim(), item.letterCase);
  const nudges = { ...item.nudges, ...own.nudges };
  const rows = (
    item.run === "stacked" ? lettersIn(text.replace(/\s+/gu, "")) : brokenLine(text, own)
  ).map((part) => letter(item, font, part, nudges));
  const { face } = rows[0] ?? letter(item, font, "", nudges);
  const height = item.size * (own.size ?? 1);
  const emMm = height / (item.by === "capHeight" ? face.capHeight : face.xHeight);
  const drawn = rows.map(({ line }, i) => {
    const scaled = new Ink(line.polygons, emMm);
    const box = scaled.box;
    const x = isEmptyBox(box) ? 0 : -(box.minX + box.maxX) / 2;
    const y = (i - rows.length + 1) * height * (item.run === "stacked" ? STACKED_LEADING : LEADING);
    return {
      ink: scaled.moved(x, y),
      glyphs: line.glyphs.map((glyph) => ({
        ...glyph,
        from: glyph.from * emMm + x,
        to: glyph.to * emMm + x,
      })),
    };
  });
  const lines = rows.map(({ line }) => line);
  const inks = drawn.map(({ ink }) => ink);
  return {
    item: item.id,
    parts: [{ vinyl, ink: turnedText(inks, item.run) }],
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
function brokenLine(
  text: string,
  { breakAfter, breakAt }: Pick<Exception, "breakAfter" | "breakAt">,
): string[] {
  if (breakAt !== undefined && breakAt < text.length)
    return [text.slice(0, breakAt).trim(), text.slice(breakAt).trim()].filter(
      (part) => part !== "",
    );
  const all = text.split(/\s+/u);
  if (breakAfter === undefined || breakAfter >= all.length) return [text];
  return [all.slice(0, breakAfter).join(" "), all.slice(breakAfter).join(" ")];
}

/** Letters as a reader counts them: an accent that is typed by itself stays with its letter. */
const lettersIn = (text: string): string[] => text.match(/\P{M}\p{M}*/gu) ?? [];

/**
 * Turned a quarter about the middle of its lower edge: read from above going down, or from below
 * going up.
 */
function turnedText(rows: readonly Ink[], run: Run): Ink {
  const [only] = rows;
  if (run !== "down" && run !== "up")
    return rows.length === 1 && only ? only : new Ink(rows.flatMap(({ polygons }) => polygons));
  const sign = run === "down" ? 1 : -1;
  const turned = new Ink(
    mapPoints(
      rows.flatMap(({ polygons }) => polygons),
      ([x, y]) => [-sign * y, sign * x],
    ),
  );
  const { box } = turned;
  return isEmptyBox(box) ? turned : turned.moved(-(box.minX + box.maxX) / 2, -box.maxY);
}

function artParts(item: ArtItem, fields: SeatFields["fields"]): Cell["parts"] {
  const { name, layers: drawn } = pictureOf(item, fields);
  const layers = drawn.map(({ vinyl, polygons }) => ({
    vinyl,
    polygons: cleanArt(polygons).polygons,
  }));
  const box = boxOf(layers.flatMap(({ polygons }) => polygons));
  const scale = item.size / Math.max(boxHeight(box), Number.MIN_VALUE);
  return layers.map(({ vinyl, polygons }) => ({
    vinyl,
    ink: new Ink(polygons, scale, (-scale * (box.minX + box.maxX)) / 2, -scale * box.maxY),
    picture: name,
  }));
}
