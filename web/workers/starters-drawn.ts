/** The projects to start from as they will look, and what they take for four. */

import { runSheetOf } from "@elm-basket/core/document/run-sheet-of.ts";
import type { FontLookup } from "@elm-basket/core/lettering/compose-row.ts";
import { letterKits } from "@elm-basket/core/plan/plan.ts";
import { STARTERS, type StarterSummary, summaryOf } from "@elm-basket/core/starters/specs.ts";
import { starterProject } from "@elm-basket/core/starters/starter-projects.ts";
import type { SeatUse } from "@elm-basket/core/stock/shelf-prices.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { seatUses } from "@elm-basket/core/variants/figures.ts";
import { type DecalPicture, decals, PICTURE_PX } from "./decals.ts";

export interface StarterView extends StarterSummary {
  readonly materials: readonly string[];
  readonly figures: {
    readonly classMinutes: number;
    /** Of one kit, for a practised hand. */
    readonly weedMinutes: number;
    /** Of the blanks, for four seats. */
    readonly blankMinutes: number;
    readonly lines: number;
    /** What a seat uses up, for what it costs. */
    readonly uses: readonly SeatUse[];
    readonly pictures: readonly DecalPicture[];
  };
}

export function startersDrawn(schools: Schools, fonts: FontLookup): StarterView[] {
  return STARTERS.flatMap((spec) => {
    const document = starterProject(spec.id, { schools });
    if (!document) return [];
    const [first] = document.seats;
    const { kits } = letterKits(document, fonts);
    const own = kits.filter(({ seat }) => seat === first?.seat);
    return [
      {
        ...summaryOf(spec),
        materials: document.supplies.map(({ name }) => name),
        figures: {
          classMinutes: runSheetOf(document).endMinute,
          weedMinutes: own.reduce((sum, { weed }) => sum + weed.minutes, 0),
          blankMinutes: document.preparation.reduce((sum, { minutes }) => sum + minutes, 0),
          lines: document.supplies.length,
          uses: seatUses(document, kits),
          pictures: decals(document, first?.seat ?? "", fonts, PICTURE_PX.listed),
        },
      },
    ];
  });
}
