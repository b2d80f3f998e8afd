/** Who is there: nobody, or the same name twice. */
import type { Finding } from "../../findings/finding.ts";
import { type ClassRule, leaveIt } from "../rule.ts";

/** Names that stand for all that are there more than once. */
const NAMES_SHOWN = 3;

export const seatRules: ClassRule = ({ document }) => {
  const findings: Finding[] = [];
  if (document.seats.length === 0)
    findings.push({ code: "noSeats", severity: "check", where: {}, values: {}, remedies: [] });
  const names = new Map<string, string[]>();
  for (const { seat, fields } of document.seats)
    if (fields.name) names.set(fields.name, [...(names.get(fields.name) ?? []), seat]);
  const twice = [...names].filter(([, seats]) => seats.length > 1);
  const [first] = twice;
  if (first) {
    const shown = twice.slice(0, NAMES_SHOWN).map(([name]) => name);
    const where = { seat: first[1][0] as string };
    findings.push({
      code: "sameName",
      severity: "tip",
      where,
      values: {
        name: shown.join(", "),
        more: twice.length - shown.length,
        seats: first[1].join(", "),
      },
      remedies: [leaveIt({ code: "sameName", where })],
    });
  }
  return findings;
};
