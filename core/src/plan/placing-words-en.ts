/** Where designs lie, in a sentence: one figure for all seats, or from the least to the most. */
import { type LengthUnit, showLength } from "../units/length.ts";

export interface PlacedRow {
  readonly left: number | null;
  readonly right: number | null;
  readonly above: number;
  readonly below: number;
  /** Along the wall from the middle of the handle to the nearer letters. */
  readonly arcFromHandle?: number | undefined;
}

/** Nobody measures finer, mm. */
const ALIKE_MM = 0.5;

export function sayPlacing(rows: readonly PlacedRow[], unit: LengthUnit): string {
  if (rows.length === 0) return "";
  const span = (of: (row: PlacedRow) => number | null) => {
    const values = rows.flatMap((row) => of(row) ?? []);
    const [least, most] = [Math.min(...values), Math.max(...values)];
    return most - least < ALIKE_MM
      ? showLength(least, unit)
      : `${showLength(least, unit)} to ${showLength(most, unit)}`;
  };
  const round = rows.some(({ arcFromHandle }) => arcFromHandle !== undefined)
    ? `, ${span(({ arcFromHandle }) => arcFromHandle ?? null)} round the wall from the middle of the handle`
    : "";
  return rows.every(({ left }) => left === null)
    ? `letters begin ${span(({ above }) => above)} below the rim and end ${span(({ below }) => below)} above the foot${round}.`
    : `${span(({ left }) => left)} in from either side, ${span(({ above }) => above)} from the top, ${span(({ below }) => below)} from the lower edge.`;
}
