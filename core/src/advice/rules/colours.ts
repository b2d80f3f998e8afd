import { vinylsOf } from "../../lettering/recipe-reads.ts";
import { leaveIt, type Rule } from "../rule.ts";

/**
 * From so many films on one piece, with so many parts too small to be laid by feel, people take
 * print instead.
 */
const [MANY_FILMS, MANY_SMALL] = [4, 6];

export const colourRules: Rule = ({ document, kits }) => {
  const films = vinylsOf(document.design).length;
  if (films < MANY_FILMS) return [];
  const small = new Map<string, number>();
  for (const { of, weed, copy, recut } of kits)
    if (copy === 1 && recut === null) small.set(of, (small.get(of) ?? 0) + weed.smallParts);
  const most = Math.max(0, ...small.values());
  if (most < MANY_SMALL) return [];
  const where = { field: "colours" };
  return [
    {
      code: "manyColours",
      severity: "tip",
      where,
      values: { films, small: most },
      remedies: [leaveIt({ code: "manyColours", where })],
    },
  ];
};
