import type { Finding, Remedy } from "../finding.ts";
import type { Rule } from "../rule.ts";
import { leaveIt } from "../rule.ts";

/** A name longer than this sets every other name small. */
const LONG_NAME = 24;
/** Names that stand for all that are there more than once. */
const NAMES_SHOWN = 3;
/** Letters lower than this are hard to weed in any face, mm. */
const SMALL_LETTERS_MM = 6;

export const seatRules: Rule = ({ document, lettered }) => {
  const findings: Finding[] = [];
  if (document.seats.length === 0) findings.push({ code: "noSeats", severity: "check", where: {}, values: {}, remedies: [] });
  for (const seat of lettered.empty) findings.push({ code: "emptySeat", severity: "check", where: { seat }, values: {}, remedies: [{ code: "removeSeat", values: { seat } }] });
  const names = new Map<string, string[]>();
  for (const { seat, fields } of document.seats) if (fields.name) names.set(fields.name, [...(names.get(fields.name) ?? []), seat]);
  const twice = [...names].filter(([, seats]) => seats.length > 1);
  const [first] = twice;
  if (first) {
    const shown = twice.slice(0, NAMES_SHOWN).map(([name]) => name);
    findings.push(
      withLeave({ code: "sameName", severity: "tip", where: { seat: first[1][0] as string }, values: { name: shown.join(", "), more: twice.length - shown.length, seats: first[1].join(", ") } }),
    );
  }
  const binding = lettered.sizing.binding;
  const bound = lettered.seats.find(({ seat }) => seat === binding?.seat);
  const line = bound?.lines.reduce((a, b) => (b.text.length > a.text.length ? b : a));
  if (bound && line && line.text.length > LONG_NAME) {
    const where = { seat: bound.seat };
    const others: Remedy[] = lettered.school === "longest" ? [{ code: "setSchool", values: { school: "fillBox" } }] : [];
    const narrow: Remedy[] = mayNarrowHelps(document, line.item) ? [{ code: "narrowLine", values: { item: line.item } }] : [];
    const words = line.text.split(/\s+/u).length;
    const breaks: Remedy[] = words > 1 ? [{ code: "breakLine", values: { seat: bound.seat, item: line.item, words: Math.ceil(words / 2) } }] : [];
    findings.push({
      code: "longName",
      severity: "check",
      where,
      values: { text: line.text, letters: [...line.text].length, height: line.heightMm },
      remedies: [...others, ...narrow, ...breaks, leaveIt({ code: "longName", where })],
    });
  }
  const smallest = lettered.seats
    .flatMap((seat) => seat.lines.filter(({ text }) => text !== "").map((own) => ({ seat: seat.seat, own })))
    .reduce<{ seat: string; own: { heightMm: number; text: string } } | null>((a, b) => (a && a.own.heightMm <= b.own.heightMm ? a : b), null);
  if (smallest && smallest.own.heightMm < SMALL_LETTERS_MM) {
    const where = { seat: smallest.seat };
    findings.push({
      code: "tooSmall",
      severity: "check",
      where,
      values: { text: smallest.own.text, height: smallest.own.heightMm, limit: SMALL_LETTERS_MM },
      remedies: [...(lettered.school === "longest" ? [{ code: "setSchool" as const, values: { school: "fillBox" } }] : []), leaveIt({ code: "tooSmall", where })],
    });
  }
  return findings;
};

/** A line can only narrow against another text line. */
function mayNarrowHelps(document: Parameters<Rule>[0]["document"], itemId: string): boolean {
  const texts = document.design.items.filter((item) => item.kind === "text");
  return texts.some((item) => item.id === itemId && !item.mayNarrow) && texts.some((item) => item.id !== itemId && !item.mayNarrow);
}

function withLeave(finding: Omit<Finding, "remedies">): Finding {
  return { ...finding, remedies: [leaveIt(finding)] };
}
