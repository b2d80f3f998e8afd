/** Kits made ready further before the class: what is then not done in it any more. */
import type { ClassDocument } from "../document/document.ts";
import type { HandedOver } from "../document/document-kinds.ts";
import { withoutStep } from "../scheduling/reorder.ts";
import { deedOf } from "./order.ts";

const WEEDING: ReadonlySet<string> = new Set(["weed", "join-parts"]);
const TAPING = /^tape(-\d+)?$/u;

type Parts = Pick<ClassDocument, "steps" | "handsOver">;

/**
 * Steps without weeding, or without weeding and taping; whoever followed them follows what they
 * followed.
 */
export function handedOver(
  { steps }: Pick<ClassDocument, "steps">,
  to: Exclude<HandedOver, "cut">,
): Parts {
  const isDone = (deed: string) => WEEDING.has(deed) || (to === "taped" && TAPING.test(deed));
  return {
    handsOver: to,
    steps: steps
      .filter((step) => isDone(deedOf(step)))
      .reduce((left, { id }) => withoutStep(left, id), [...steps]),
  };
}
