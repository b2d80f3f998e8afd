/** Which paper and which sheet of labels is asked for. */
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { isLabelSheet, type LabelSheetId } from "@elm-basket/print/label-sheets.ts";
import type { Paper } from "@elm-basket/print/pages.ts";

/** Who measures in inches has Letter in the printer. */
export const paperFor = (unit: LengthUnit): Paper =>
  unit === "mm" || unit === "cm" ? "a4" : "letter";

/** The sheet named in an address; null where none is, or none that is known. */
export function sheetIn(params: URLSearchParams): LabelSheetId | null {
  const asked = params.get("sheet") ?? "";
  return isLabelSheet(asked) ? asked : null;
}
