import type { Finding } from "../../findings/finding.ts";
import { leaveIt, type Rule } from "../rule.ts";

/**
 * Whoever brings their own and has not measured it is planned with the blank as it is drawn: that
 * is a guess.
 */
export const broughtRules: Rule = ({ document, ownFaces }) => {
  if (!document.thing.brought) return [];
  const waiting = document.seats.filter(({ seat }) => !ownFaces.has(seat));
  if (waiting.length === 0) return [];
  const where: Finding["where"] = { field: "brought" };
  return [
    {
      code: "ownUnmeasured",
      severity: "check",
      where,
      values: { seats: waiting.length, of: document.seats.length, name: document.thing.title },
      remedies: [leaveIt({ code: "ownUnmeasured", where })],
    },
  ];
};
