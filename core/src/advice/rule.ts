/** What a rule is: it looks at the stages of a plan and says what it noticed. */
import type { FontLookup } from "../lettering/compose-row.ts";
import type { PlanStages } from "../plan/plan.ts";
import { type Finding, findingKey } from "./finding.ts";

export type Rule = (plan: PlanStages, fonts: FontLookup) => Finding[];

/** Remedy offered with every finding that may be left as it is. */
export const leaveIt = (finding: Pick<Finding, "code" | "where">): Finding["remedies"][number] => ({ code: "leaveIt", values: { key: findingKey(finding) } });
