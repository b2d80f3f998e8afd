/** Runs every rule over the plan; a rule is a file in rules/. */
import type { FontLookup } from "../lettering/compose-row.ts";
import type { PlanStages } from "../plan/plan.ts";
import { type Finding, findingKey, SEVERITY_ORDER } from "./finding.ts";
import type { Rule } from "./rule.ts";
import { blankRules } from "./rules/blank.ts";
import { counterRules } from "./rules/counters.ts";
import { cupRules } from "./rules/cup.ts";
import { curveRules } from "./rules/curve.ts";
import { filmRules } from "./rules/film.ts";
import { glyphRules } from "./rules/glyphs.ts";
import { layoutRules } from "./rules/layout.ts";
import { nameRules } from "./rules/names.ts";
import { seatRules } from "./rules/seats.ts";
import { stencilRules } from "./rules/stencil.ts";
import { strokeRules } from "./rules/strokes.ts";
import { timeRules } from "./rules/time.ts";

const RULES: readonly Rule[] = [seatRules, nameRules, glyphRules, strokeRules, counterRules, stencilRules, layoutRules, cupRules, curveRules, blankRules, filmRules, timeRules];

/** Findings in order of gravity; what the host has left as it is (and is no stop) is not repeated. */
export function findingsFor(plan: PlanStages, fonts: FontLookup): Finding[] {
  const accepted = new Set(plan.document.accepted);
  return RULES.flatMap((rule) => rule(plan, fonts))
    .filter((finding) => finding.severity === "stop" || !accepted.has(findingKey(finding)))
    .sort((a, b) => SEVERITY_ORDER.indexOf(a.severity) - SEVERITY_ORDER.indexOf(b.severity));
}
