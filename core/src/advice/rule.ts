/**
 * What a rule is: it looks at the stages of a plan, of the class or of one of its things, and says
 * what it noticed.
 */

import { type Finding, findingKey } from "../findings/finding.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import type { LetteringMemory } from "../lettering/lettering-memory.ts";
import type { PlanStages, ThingStages } from "../stages/stages.ts";

export type ClassRule = (plan: PlanStages, fonts: FontLookup) => Finding[];
/**
 * @param memory what was lettered for the plan: a remedy that is tried letters only what it changes
 */
export type Rule = (plan: ThingStages, fonts: FontLookup, memory: LetteringMemory) => Finding[];

/** Remedy offered with every finding that may be left as it is. */
export const leaveIt = (finding: Pick<Finding, "code" | "where">): Finding["remedies"][number] => ({
  code: "leaveIt",
  values: { key: findingKey(finding) },
});
