/** The preparation of a class on the evenings that this studio has. */
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import { madeOf } from "@elm-basket/core/plan/thing-document.ts";
import { datedPreparation } from "@elm-basket/core/proposal/propose.ts";
import type { DatedTask } from "@elm-basket/core/scheduling/before.ts";

/** Empty where the evenings before do not suffice. */
export function datedFor(document: ClassDocument, freeOn: (date: string) => number): DatedTask[] {
  try {
    return datedPreparation(document, (thing) => madeOf(document, thing).reduce((sum, count) => sum + count, 0), freeOn);
  } catch (error) {
    if (error instanceof RangeError) return [];
    throw error;
  }
}
