/** From the recipe and the seats' fields to one design per seat, at scale 1, baselines level over the whole set. */
import { unionPolygons } from "../geometry/boolean.ts";
import { type Box, boxHeight, boxOf, boxWidth, EMPTY_BOX, isEmptyBox, joinBoxes, type Polygons, placed } from "../geometry/polygon.ts";
import type { FontFace } from "./font-face.ts";
import { type LetteredLine, letterLine } from "./line.ts";
import { type ArtItem, applyCase, type Design, type TextItem } from "./recipe.ts";

export interface SeatFields {
  readonly seat: string;
  readonly fields: Readonly<Record<string, string>>;
}

/** A text item as it stands in one seat's design. */
export interface ComposedLine {
  readonly item: string;
  readonly vinyl: string;
  readonly font: string;
  readonly text: string;
  /** Millimetres per em at scale 1. */
  readonly emMm: number;
  readonly missing: LetteredLine["missing"];
  readonly glyphs: LetteredLine["glyphs"];
  readonly apart: LetteredLine["apart"];
  readonly narrowed: boolean;
  readonly polygons: Polygons;
}

export interface ComposedSeat {
  readonly seat: string;
  readonly lines: readonly ComposedLine[];
  readonly art: readonly { readonly item: string; readonly vinyl: string; readonly polygons: Polygons }[];
}

export type FontLookup = (id: string) => FontFace | undefined;

interface Placement {
  readonly item: string;
  readonly vinyl: string;
  readonly polygons: Polygons;
  readonly line: Omit<ComposedLine, "polygons"> | null;
}

/** @throws RangeError when the design names a font that was not handed in. */
export function composeSet(design: Design, seats: readonly SeatFields[], fonts: FontLookup, toleranceEm: number): ComposedSeat[] {
  const letter = cachedLetters(fonts, toleranceEm);
  const wide = seats.map((seat) => composeRow(design, seat, letter));
  const rows = narrowedRows(design, wide);
  const offsets = stackOffsets(design, rows);
  return rows.map((row, index) => {
    const put = row.map((cell, i) => ({ ...cell, polygons: placed(cell.polygons, 1, 0, offsets[i] ?? 0) }));
    return {
      seat: seats[index]?.seat ?? "",
      lines: put.flatMap((cell) => (cell.line ? [{ ...cell.line, polygons: cell.polygons }] : [])),
      art: put.flatMap((cell) => (cell.line || cell.polygons.length === 0 ? [] : [{ item: cell.item, vinyl: cell.vinyl, polygons: cell.polygons }])),
    };
  });
}

type LetterFn = (item: TextItem, text: string) => { line: LetteredLine; face: FontFace };

function cachedLetters(fonts: FontLookup, toleranceEm: number): LetterFn {
  const cache = new Map<string, LetteredLine>();
  return (item, text) => {
    const face = fonts(item.font);
    if (!face) throw new RangeError(`there is no font "${item.font}"`);
    const key = JSON.stringify([item.font, item.trackingEm, item.join, text]);
    const line = cache.get(key) ?? letterLine(face, { text, trackingEm: item.trackingEm, join: item.join }, toleranceEm);
    cache.set(key, line);
    return { line, face };
  };
}

/** One seat's items, each centred on x = 0 with its baseline (or art's bottom) at y = 0. */
function composeRow(design: Design, seat: SeatFields, letter: LetterFn): Placement[] {
  return design.items.map((item): Placement => {
    if (item.kind === "text") return textCell(item, seat, letter);
    if (item.kind === "art") return { item: item.id, vinyl: item.vinyl, polygons: artAtBaseline(item), line: null };
    return { item: item.id, vinyl: "", polygons: [], line: null };
  });
}

function textCell(item: TextItem, seat: SeatFields, letter: LetterFn): Placement {
  const raw = item.slot ? (seat.fields[item.slot] ?? "") : (item.text ?? "");
  const text = applyCase(raw.trim(), item.letterCase);
  const { line, face } = letter(item, text);
  const emMm = item.size / (item.by === "capHeight" ? face.capHeight : face.xHeight);
  const scaled = placed(line.polygons, emMm, 0, 0);
  const box = boxOf(scaled);
  const polygons = isEmptyBox(box) ? [] : placed(scaled, 1, -(box.minX + box.maxX) / 2, 0);
  return {
    item: item.id,
    vinyl: item.vinyl,
    polygons,
    line: { item: item.id, vinyl: item.vinyl, font: item.font, text, emMm, missing: line.missing, glyphs: line.glyphs, apart: line.apart, narrowed: false },
  };
}

function artAtBaseline(item: ArtItem): Polygons {
  const box = boxOf(item.polygons);
  const scale = item.size / Math.max(boxHeight(box), Number.MIN_VALUE);
  return placed(item.polygons, scale, (-scale * (box.minX + box.maxX)) / 2, -scale * box.maxY);
}

/**
 * A line that may narrow is at most as wide as the widest other line of the set: measured over all seats,
 * because against its own seat a long word under "Jo" would shrink to nothing.
 */
function narrowedRows(design: Design, rows: readonly (readonly Placement[])[]): Placement[][] {
  const keeps = design.items.map((item) => item.kind === "text" && !item.mayNarrow);
  const limit = Math.max(0, ...rows.flatMap((row) => row.filter((_, i) => keeps[i]).map((cell) => boxWidth(boxOf(cell.polygons)))));
  return rows.map((row) =>
    row.map((cell, i) => {
      const item = design.items[i];
      const width = boxWidth(boxOf(cell.polygons));
      if (item?.kind !== "text" || !item.mayNarrow || !cell.line || limit === 0 || width <= limit) return cell;
      const factor = limit / width;
      return { ...cell, polygons: placed(cell.polygons, factor, 0, 0), line: { ...cell.line, emMm: cell.line.emMm * factor, narrowed: true } };
    }),
  );
}

/**
 * y of every item's baseline: each row is as tall as the tallest ink of any seat, so that
 * descenders never run into the next line and all baselines lie level across the set.
 */
function stackOffsets(design: Design, rows: readonly (readonly Placement[])[]): number[] {
  let y = 0;
  return design.items.map((item, i) => {
    if (item.kind === "gap") {
      y += item.size;
      return y;
    }
    const ink = rows.reduce<Box>((all, row) => joinBoxes([all, boxOf(row[i]?.polygons ?? [])]), EMPTY_BOX);
    if (isEmptyBox(ink)) return y;
    const baseline = y - Math.min(ink.minY, 0);
    y = baseline + Math.max(ink.maxY, 0);
    return baseline;
  });
}

/** Pieces per vinyl: items of one vinyl that touch or overlap are united. */
export function layersOf(seat: ComposedSeat): Map<string, Polygons> {
  const layers = new Map<string, Polygons[]>();
  for (const part of [...seat.lines, ...seat.art]) layers.set(part.vinyl, [...(layers.get(part.vinyl) ?? []), part.polygons]);
  return new Map([...layers].map(([vinyl, parts]) => [vinyl, mayTouch(parts) ? unionPolygons(parts.flat()) : parts.flat()]));
}

/** Uniting costs far more than looking: parts whose boxes lie apart are left as they are. */
function mayTouch(parts: readonly Polygons[]): boolean {
  const boxes = parts.map(boxOf);
  return boxes.some((a, i) => boxes.some((b, j) => j > i && a.minX <= b.maxX && b.minX <= a.maxX && a.minY <= b.maxY && b.minY <= a.maxY));
}

export function designOf(seat: ComposedSeat): Polygons {
  return [...seat.lines, ...seat.art].flatMap((part) => part.polygons);
}
