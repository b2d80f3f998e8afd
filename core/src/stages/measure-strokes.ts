/**
 * Stage 1b: the thinnest strokes of every letter and every part of the art. Measured once a glyph
 * and once an item.
 */
import type { Polygons } from "../geometry/polygon.ts";
import type { ComposedPart } from "../lettering/compose.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import { thinnestOf } from "../lettering/thinnest.ts";
import { identity } from "../memory/identity.ts";
import { KeptWith } from "../memory/kept-with.ts";
import type { LetteredLineInfo, LetteredSet, SizedSeat } from "./letter-set.ts";

const artWidths = new KeptWith<Polygons, number>();
/** Of art at scale 1, mm: drawn and measured once for all seats, whatever their size. */
const artWidth = ({ ink }: ComposedPart): number =>
  artWidths.take(ink.outline, `${ink.scale}`, () => thinnestOf(ink.polygons).width);

const measuredSeats = new KeptWith<SizedSeat, SizedSeat>();

export function measureStrokes(set: LetteredSet, fonts: FontLookup): LetteredSet {
  return { ...set, seats: set.seats.map((seat) => measuredSeat(seat, fonts)) };
}

/** The same seat gets the same answer, so that what is made of it can be kept. */
export function measuredSeat<Seat extends SizedSeat>(seat: Seat, fonts: FontLookup): Seat {
  const faces = seat.lines.map(({ font }) => fonts(font));
  const key = faces.map((face) => (face ? identity(face) : 0)).join(" ");
  return measuredSeats.take(seat, key, () => measured(seat, fonts)) as Seat;
}

function measured(seat: SizedSeat, fonts: FontLookup): SizedSeat {
  const artStrokes = seat.art.map((part) => ({
    vinyl: part.vinyl,
    item: part.item,
    width: artWidth(part) * seat.scale + 2 * (seat.thickened.get(part.item) ?? 0),
  }));
  return {
    ...seat,
    artStrokes,
    lines: seat.lines.map((line) => ({
      ...line,
      strokes: strokesOf(line, fonts),
      insides: insidesOf(line, fonts),
    })),
  };
}

function strokesOf(line: LetteredLineInfo, fonts: FontLookup): LetteredLineInfo["strokes"] {
  const face = fonts(line.font);
  return face
    ? line.glyphs.map(({ glyph, text }) => ({
        text,
        width: face.thinnest(glyph) * line.emMm + 2 * line.thickenMm,
      }))
    : [];
}

/** As cut: thickening closes them from both sides, opening holds them at a width. */
function insidesOf(line: LetteredLineInfo, fonts: FontLookup): LetteredLineInfo["insides"] {
  const face = fonts(line.font);
  if (!face) return [];
  return line.glyphs.flatMap(({ glyph, text }) => {
    const em = face.tightestCounter(glyph);
    return Number.isFinite(em)
      ? [{ text, width: Math.max(em * line.emMm - 2 * line.thickenMm, line.openCountersMm, 0) }]
      : [];
  });
}

/** Thinnest stroke of a measured seat, mm; 0 when there is none. */
export function thinnestOfSeat(seat: SizedSeat): number {
  const widths = [
    ...seat.lines.flatMap((line) => line.strokes.map(({ width }) => width)),
    ...seat.artStrokes.map(({ width }) => width),
  ];
  return widths.length === 0 ? 0 : Math.min(...widths);
}
