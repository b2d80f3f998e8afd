/** Where designs lie, in a sentence: one figure for all seats, or from the least to the most. */
import type { LengthUnit } from "../units/length.ts";
import { type PlacedRow, spanOf } from "./placed-row.ts";

export function sayPlacing(rows: readonly PlacedRow[], unit: LengthUnit): string {
  if (rows.length === 0) return "";
  const span = (of: (row: PlacedRow) => number | null) => spanOf(rows, of, unit, "to");
  const round = rows.some(({ arcFromHandle }) => arcFromHandle !== undefined)
    ? `, ${span(({ arcFromHandle }) => arcFromHandle ?? null)} round the wall from the middle of the handle`
    : "";
  return rows.every(({ left }) => left === null)
    ? `letters begin ${span(({ above }) => above)} below the rim and end ${span(({ below }) => below)} above the foot${round}.`
    : `${span(({ left }) => left)} in from either side, ${span(({ above }) => above)} from the top, ${span(({ below }) => below)} from the lower edge.`;
}
