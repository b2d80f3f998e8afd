import { isRound } from "../../blanks/shape-size.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** At a craft-along everybody has another piece: what suits is said before the list goes out. */
export const homeRules: Rule = ({ document }) => {
  const { shape } = document.blank;
  if (document.setting.kind !== "craftAlong" || !isRound(shape) || shape.kind === "straightCup")
    return [];
  const where = { field: "shape" };
  return [
    {
      code: "homeBlanks",
      severity: "tip",
      where,
      values: { bulged: shape.kind === "taperedCup" ? 0 : 1 },
      remedies: [leaveIt({ code: "homeBlanks", where })],
    },
  ];
};
