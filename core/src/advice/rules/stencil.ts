import { goesOf, needsTape } from "../../plan/technique.ts";
import type { Finding } from "../finding.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** Islands ride on the tape; with many in one kit, beginners lose or shift some. Those of iron-on film keep to its liner. */
const MANY_ISLANDS = 6;

export const stencilRules: Rule = ({ document, lettered }): Finding[] => {
  if (goesOf(document.technique) !== "out" || !needsTape(document.technique) || document.design.stencil?.islands === "bridged") return [];
  const counted = lettered.seats.map((seat) => ({ seat: seat.seat, islands: [...seat.layers.values()].flat().reduce((sum, polygon) => sum + polygon.length - 1, 0) }));
  const worst = counted.reduce<(typeof counted)[number] | null>((a, b) => (a && a.islands >= b.islands ? a : b), null);
  if (!worst || worst.islands < MANY_ISLANDS) return [];
  const where = { seat: worst.seat };
  return [
    {
      code: "looseIslands",
      severity: "tip",
      where,
      values: { islands: worst.islands, kits: counted.filter(({ islands }) => islands >= MANY_ISLANDS).length },
      remedies: [{ code: "bridgeIslands", values: {} }, leaveIt({ code: "looseIslands", where })],
    },
  ];
};
