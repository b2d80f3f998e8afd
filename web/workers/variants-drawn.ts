/** A project beside its variants: each as it will look, and what it takes. */

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { type Fault, PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import type { FontLookup } from "@elm-basket/core/lettering/compose-row.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { figuresOf, type ProjectFigures, sampled } from "@elm-basket/core/variants/figures.ts";
import { type DecalPicture, decals } from "./decals.ts";

export type VariantView =
  | {
      readonly ok: true;
      readonly figures: ProjectFigures;
      readonly pictures: readonly DecalPicture[];
    }
  | { readonly ok: false; readonly fault: Fault | null };

/** One that cannot be planned says why; the others are drawn. */
export function variantsDrawn(
  documents: readonly ClassDocument[],
  schools: Schools,
  fonts: FontLookup,
): VariantView[] {
  return documents.map((document) => {
    try {
      return {
        ok: true,
        figures: figuresOf(document, fonts, schools),
        pictures: decals(sampled(document), "1", fonts),
      };
    } catch (error) {
      if (error instanceof PlanFault) return { ok: false, fault: error.fault };
      throw error;
    }
  });
}

/** Only how each will look; nothing of one that cannot be lettered. */
export function projectsDrawn(
  documents: readonly ClassDocument[],
  fonts: FontLookup,
): DecalPicture[][] {
  return documents.map((document) => {
    try {
      const one = sampled(document);
      return decals({ ...one, seats: one.seats.slice(0, 1) }, "1", fonts);
    } catch (error) {
      if (error instanceof PlanFault) return [];
      throw error;
    }
  });
}
