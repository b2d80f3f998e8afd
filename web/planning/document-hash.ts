/** What a stored plan was computed from. */
import { createHash } from "node:crypto";
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";

/** Raise when the computation changes: stored plans are then made again. */
const PLAN_GENERATION = 5;

export function documentHash(document: ClassDocument): string {
  return createHash("sha256")
    .update(JSON.stringify([PLAN_GENERATION, document]))
    .digest("hex");
}
