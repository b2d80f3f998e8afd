import type { Finding } from "../finding.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** Vinyl is kept off the rim: it is no food-contact material. About an inch. */
export const RIM_CLEARANCE_MM = 25;
/** A design wider than this round a cup cannot be read from one side. */
export const READABLE_DEGREES = 120;

export const cupRules: Rule = ({ document, cupView }) => {
  const shape = document.blank.shape;
  const findings: Finding[] = [];
  if (shape.kind === "straightCup") {
    const where = { field: "rimClearance" };
    if (shape.rimClearance < RIM_CLEARANCE_MM)
      findings.push({
        code: "rimTooClose",
        severity: "check",
        where,
        values: { clearance: shape.rimClearance, limit: RIM_CLEARANCE_MM },
        remedies: [{ code: "raiseRim", values: { mm: RIM_CLEARANCE_MM } }, leaveIt({ code: "rimTooClose", where })],
      });
    const degrees = cupView ? (cupView.angle * 180) / Math.PI : 0;
    if (degrees > READABLE_DEGREES)
      findings.push({ code: "wideOnCup", severity: "tip", where: {}, values: { degrees, limit: READABLE_DEGREES }, remedies: [leaveIt({ code: "wideOnCup", where: {} })] });
  }
  if (document.blank.material === "glass") findings.push({ code: "glassBacks", severity: "tip", where: {}, values: {}, remedies: [leaveIt({ code: "glassBacks", where: {} })] });
  return findings;
};
