/** Runs every rule over the plan; a rule is a file in rules/. */

import { type Finding, findingKey, SEVERITY_ORDER } from "../findings/finding.ts";
import type { Remedy } from "../findings/remedy.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import { LetteringMemory } from "../lettering/lettering-memory.ts";
import { type PlanStages, stagesOf } from "../stages/stages.ts";
import type { ClassRule, Rule } from "./rule.ts";
import { artRules } from "./rules/art.ts";
import { blankRules } from "./rules/blank.ts";
import { broughtRules } from "./rules/brought.ts";
import { colourRules } from "./rules/colours.ts";
import { contrastRules, shadeRules } from "./rules/contrast.ts";
import { counterRules } from "./rules/counters.ts";
import { cupRules } from "./rules/cup.ts";
import { curveRules } from "./rules/curve.ts";
import { filmRules } from "./rules/film.ts";
import { glyphRules } from "./rules/glyphs.ts";
import { homeRules } from "./rules/home.ts";
import { layoutRules, matRules } from "./rules/layout.ts";
import { moneyRules } from "./rules/money.ts";
import { nameRules } from "./rules/names.ts";
import { seatRules } from "./rules/seats.ts";
import { sizeRules } from "./rules/sizes.ts";
import { stencilRules } from "./rules/stencil.ts";
import { strokeRules } from "./rules/strokes.ts";
import { timeRules } from "./rules/time.ts";

const CLASS_RULES: readonly ClassRule[] = [seatRules, matRules, timeRules, moneyRules, shadeRules];
const THING_RULES: readonly Rule[] = [
  sizeRules,
  nameRules,
  glyphRules,
  artRules,
  strokeRules,
  counterRules,
  stencilRules,
  layoutRules,
  cupRules,
  curveRules,
  blankRules,
  broughtRules,
  homeRules,
  colourRules,
  filmRules,
  contrastRules,
];

/**
 * Findings in order of gravity; what the host has left as it is (and is no stop) is not repeated.
 */
export function findingsFor(
  plan: PlanStages,
  fonts: FontLookup,
  memory = new LetteringMemory(),
): Finding[] {
  const accepted = new Set(plan.document.accepted);
  const ofThings = plan.things.map(({ id }) =>
    THING_RULES.flatMap((rule) => rule(stagesOf(plan, id), fonts, memory)),
  );
  const things =
    plan.things.length === 1
      ? (ofThings[0] ?? [])
      : saidOnce(
          ofThings.flatMap((found, i) =>
            found.map((finding) => named(finding, plan.things[i]?.id ?? "")),
          ),
        );
  return [...CLASS_RULES.flatMap((rule) => rule(plan, fonts)), ...things]
    .filter((finding) => finding.severity === "stop" || !accepted.has(findingKey(finding)))
    .sort((a, b) => SEVERITY_ORDER.indexOf(a.severity) - SEVERITY_ORDER.indexOf(b.severity));
}

/** Where there are several things, a finding and its remedies say which. */
function named(finding: Finding, thing: string): Finding {
  const where = { ...finding.where, thing };
  const key = findingKey({ code: finding.code, where });
  return {
    ...finding,
    where,
    remedies: finding.remedies.map((remedy) =>
      ofThing(remedy.code === "leaveIt" ? { ...remedy, values: { key } } : remedy, thing),
    ),
  };
}

const ofThing = <R extends Remedy>(remedy: R, thing: string): R => ({
  ...remedy,
  values: { ...remedy.values, thing },
});

/** What is the same of several things, as of a film all of them use, is said of the first. */
function saidOnce(findings: readonly Finding[]): Finding[] {
  const seen = new Set<string>();
  return findings.filter(({ code, where: { thing: _, ...where }, values }) => {
    const same = JSON.stringify([code, where, values]);
    return seen.size < seen.add(same).size;
  });
}
