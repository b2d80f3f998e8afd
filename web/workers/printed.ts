/** A class's pages to print, by the names of their files. */
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { careCardsPdf } from "@elm-basket/print/care-cards.ts";
import { type ClassLabels, classLabelsPdf } from "@elm-basket/print/class-labels.ts";
import { cueCardsPdf } from "@elm-basket/print/cue-cards.ts";
import { kitLabelsPdf } from "@elm-basket/print/kit-labels.ts";
import { KIT_SHEETS, type LabelSheetId, usualSheet } from "@elm-basket/print/label-sheets.ts";
import type { Paper } from "@elm-basket/print/pages.ts";
import { placementPdf } from "@elm-basket/print/placement.ts";
import { runSheetPdf } from "@elm-basket/print/run-sheet.ts";
import { stepCardsPdf } from "@elm-basket/print/step-cards.ts";

export type Printed =
  | "labels.pdf"
  | `${ClassLabels}-labels.pdf`
  | "step-cards.pdf"
  | "care-cards.pdf"
  | "placement.pdf"
  | "run-sheet.pdf"
  | "cue-cards.pdf";

export interface PrintWays {
  readonly paper: Paper;
  readonly unit: LengthUnit;
  readonly schools: Schools;
  /** Sheet of labels; plain paper where none is said. */
  readonly sheet?: LabelSheetId;
}

export function printed(
  plan: Plan,
  what: Printed,
  { paper, unit, schools, sheet = usualSheet(paper) }: PrintWays,
): Promise<Uint8Array> {
  switch (what) {
    case "labels.pdf":
      return kitLabelsPdf(plan, KIT_SHEETS.includes(sheet) ? sheet : usualSheet(paper));
    case "film-labels.pdf":
      return classLabelsPdf(plan, "film", sheet, unit);
    case "blank-labels.pdf":
      return classLabelsPdf(plan, "blank", sheet, unit);
    case "table-labels.pdf":
      return classLabelsPdf(plan, "table", sheet, unit);
    case "step-cards.pdf":
      return stepCardsPdf(plan, { paper, unit });
    case "care-cards.pdf":
      return careCardsPdf(plan, { paper, schools });
    case "placement.pdf":
      return placementPdf(plan, { paper, unit });
    case "cue-cards.pdf":
      return cueCardsPdf(plan, { paper });
    case "run-sheet.pdf":
      return runSheetPdf(plan, { paper });
  }
}
