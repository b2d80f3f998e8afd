/** Stage 1b: the thinnest strokes of every letter and every part of the art. Measured once a glyph and once an item. */
import type { ComposedPart } from "../lettering/compose.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import { thinnestOf } from "../lettering/thinnest.ts";
import type { LetteredLineInfo, LetteredSeat, LetteredSet } from "./letter-set.ts";

const partKey = (part: Pick<ComposedPart, "item" | "vinyl" | "picture">): string => `${part.item}/${part.vinyl}/${part.picture ?? ""}`;

export function measureStrokes(set: LetteredSet, fonts: FontLookup): LetteredSet {
  // Art is the same for every seat, but for its scale and which picture it is.
  const widths = new Map<string, number>();
  for (const { art } of set.seats) for (const part of art) if (!widths.has(partKey(part))) widths.set(partKey(part), thinnestOf(part.polygons).width);
  return { ...set, seats: set.seats.map((seat) => measured(seat, fonts, widths)) };
}

function measured(seat: LetteredSeat, fonts: FontLookup, widths: ReadonlyMap<string, number>): LetteredSeat {
  const artStrokes = seat.art.map((part) => ({ vinyl: part.vinyl, item: part.item, width: (widths.get(partKey(part)) ?? 0) * seat.scale + 2 * (seat.thickened.get(part.item) ?? 0) }));
  return { ...seat, artStrokes, lines: seat.lines.map((line) => ({ ...line, strokes: strokesOf(line, fonts), insides: insidesOf(line, fonts) })) };
}

function strokesOf(line: LetteredLineInfo, fonts: FontLookup): LetteredLineInfo["strokes"] {
  const face = fonts(line.font);
  return face ? line.glyphs.map(({ glyph, text }) => ({ text, width: face.thinnest(glyph) * line.emMm + 2 * line.thickenMm })) : [];
}

/** As cut: thickening closes them from both sides, opening holds them at a width. */
function insidesOf(line: LetteredLineInfo, fonts: FontLookup): LetteredLineInfo["insides"] {
  const face = fonts(line.font);
  if (!face) return [];
  return line.glyphs.flatMap(({ glyph, text }) => {
    const em = face.tightestCounter(glyph);
    return Number.isFinite(em) ? [{ text, width: Math.max(em * line.emMm - 2 * line.thickenMm, line.openCountersMm, 0) }] : [];
  });
}

/** Thinnest stroke of a measured seat, mm; 0 when there is none. */
export function thinnestOfSeat(seat: LetteredSeat): number {
  const widths = [...seat.lines.flatMap((line) => line.strokes.map(({ width }) => width)), ...seat.artStrokes.map(({ width }) => width)];
  return widths.length === 0 ? 0 : Math.min(...widths);
}
