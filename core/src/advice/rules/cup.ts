/** Rims and food, and what of a cup can be read from one side. */
import { isCup } from "../../blanks/shape-size.ts";
import { foodOf } from "../../films/film-choice.ts";
import type { Finding } from "../../findings/finding.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** Vinyl is kept off the rim: it is no food-contact material. About an inch. */
export const RIM_CLEARANCE_MM = 25;
/** A design wider than this round a cup cannot be read from one side. */
export const READABLE_DEGREES = 120;

export const cupRules: Rule = ({ document, cupView }) => {
  const { shape, material } = document.blank;
  const findings: Finding[] = [];
  const food = foodOf(document.use, document.blank);
  if (isCup(shape) && food === "drink" && shape.rimClearance < RIM_CLEARANCE_MM) {
    const where = { field: "rimClearance" };
    // Raising it is a remedy only where something of the wall is left.
    const leavesWall = wallOf(shape) - RIM_CLEARANCE_MM - shape.footClearance > 0;
    const raise = leavesWall
      ? [{ code: "raiseRim" as const, values: { mm: RIM_CLEARANCE_MM } }]
      : [];
    findings.push({
      code: "rimTooClose",
      severity: "check",
      where,
      values: { clearance: shape.rimClearance, limit: RIM_CLEARANCE_MM },
      remedies: [...raise, leaveIt({ code: "rimTooClose", where })],
    });
  }
  if (food === "served" || food === "worked") {
    const where = { field: "food" };
    findings.push({
      code: "foodContact",
      severity: "check",
      where,
      values: { food },
      remedies: [leaveIt({ code: "foodContact", where })],
    });
  }
  const degrees = isCup(shape) && cupView ? (cupView.angle * 180) / Math.PI : 0;
  if (degrees > READABLE_DEGREES)
    findings.push({
      code: "wideOnCup",
      severity: "tip",
      where: {},
      values: { degrees, limit: READABLE_DEGREES },
      remedies: [leaveIt({ code: "wideOnCup", where: {} })],
    });
  if (material === "glass" || material === "clearPlastic")
    findings.push({
      code: "glassBacks",
      severity: "tip",
      where: {},
      values: {},
      remedies: [leaveIt({ code: "glassBacks", where: {} })],
    });
  return findings;
};

function wallOf(shape: Extract<Parameters<typeof isCup>[0], { rimClearance: number }>): number {
  if (shape.kind !== "bulgedCup") return shape.height;
  return (shape.profile.at(-1)?.fromTop ?? 0) - (shape.profile[0]?.fromTop ?? 0);
}
