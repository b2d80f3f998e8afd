/** Where designs lie, in a German sentence: one figure for all seats, or from the least to the most. */
import { withComma } from "../units/comma.ts";
import type { LengthUnit } from "../units/length.ts";
import { type PlacedRow, spanOf } from "./placed-row.ts";

export function sayPlacing(rows: readonly PlacedRow[], unit: LengthUnit): string {
  if (rows.length === 0) return "";
  const span = (of: (row: PlacedRow) => number | null) => withComma(spanOf(rows, of, unit, "bis"));
  const round = rows.some(({ arcFromHandle }) => arcFromHandle !== undefined)
    ? `, ${span(({ arcFromHandle }) => arcFromHandle ?? null)} an der Wand entlang von der Mitte des Henkels`
    : "";
  return rows.every(({ left }) => left === null)
    ? `Die Buchstaben beginnen ${span(({ above }) => above)} unter dem oberen Rand und enden ${span(({ below }) => below)} über dem Fuß${round}.`
    : `${span(({ left }) => left)} von jeder Seite, ${span(({ above }) => above)} von oben, ${span(({ below }) => below)} von der unteren Kante.`;
}
