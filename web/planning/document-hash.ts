/** What a stored plan was computed from. */
import { createHash } from "node:crypto";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";

/** Raise when the computation changes: stored plans are then made again. */
const PLAN_GENERATION = 18;

/**
 * How much is on the shelf changes with every mark at every class, and only what is to be bought
 * depends on it: that is told apart.
 */
export function documentHash({ vinyls, supplies, ...document }: ClassDocument): string {
  const films = vinyls.map((vinyl) => ({ ...vinyl, stock: { ...vinyl.stock, have: 0 } }));
  const materials = supplies.map((supply) => ({ ...supply, have: 0 }));
  return createHash("sha256")
    .update(JSON.stringify([PLAN_GENERATION, document, films, materials]))
    .digest("hex");
}
