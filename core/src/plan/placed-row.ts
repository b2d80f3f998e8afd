import { type LengthUnit, showLength } from "../units/length.ts";

/** How far a seat's design lies from the edges of its face, mm. */
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

/** One figure where all are alike, else from the least `to` the most. */
export function spanOf(
  rows: readonly PlacedRow[],
  of: (row: PlacedRow) => number | null,
  unit: LengthUnit,
  to: string,
): string {
  const values = rows.flatMap((row) => of(row) ?? []);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  return most - least < ALIKE_MM
    ? showLength(least, unit)
    : `${showLength(least, unit)} ${to} ${showLength(most, unit)}`;
}
