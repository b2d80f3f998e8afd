import type { Finding } from "../../findings/finding.ts";
import type { FontLookup } from "../../lettering/compose-row.ts";
import { STUDIO_FONTS, studioFont } from "../../lettering/studio-fonts.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** How much tighter a script is set to bring its letters together, em. */
const TIGHTER_EM = 0.03;

export const glyphRules: Rule = (plan, fonts) =>
  plan.lettered.seats
    .flatMap((seat) =>
      seat.lines.flatMap((line) => [
        ...missing(plan, seat.seat, line, fonts),
        ...apart(plan, seat.seat, line),
      ]),
    )
    .concat(missingInEmpty(plan, fonts));

type Line = Parameters<Rule>[0]["lettered"]["seats"][number]["lines"][number];

function missing(
  plan: Parameters<Rule>[0],
  seat: string,
  line: Line,
  fonts: FontLookup,
): Finding[] {
  return line.missing.length === 0
    ? []
    : [
        missingFinding(
          plan,
          seat,
          line.item,
          line.font,
          [...new Set(line.missing.map(({ text }) => text))].join(" "),
          fonts,
        ),
      ];
}

function missingFinding(
  plan: Parameters<Rule>[0],
  seat: string,
  item: string,
  font: string,
  letters: string,
  fonts: FontLookup,
): Finding {
  const able = fontsFor(plan, item, font, fonts);
  const here = able
    .slice(0, 1)
    .map((id) => ({ code: "useFontHere" as const, values: { seat, item, font: id } }));
  const remedies = [
    ...here,
    ...able.map((id) => ({ code: "useFont" as const, values: { item, font: id } })),
  ];
  const code = remedies.length > 0 ? "missingGlyph" : "noFontHasGlyph";
  return {
    code,
    severity: "stop",
    where: { seat, field: item },
    values: { letters, font },
    remedies: remedies.length > 0 ? remedies : [{ code: "removeSeat", values: { seat } }],
  };
}

/** Seats whose only letters the font lacks come out empty: they are named by what is missing. */
function missingInEmpty(plan: Parameters<Rule>[0], fonts: FontLookup): Finding[] {
  return plan.lettered.empty.flatMap((seat) => {
    const fields = plan.document.seats.find((s) => s.seat === seat)?.fields ?? {};
    return plan.document.design.items.flatMap((item) => {
      if (item.kind !== "text" || !item.slot || !fields[item.slot]?.trim()) return [];
      const text = fields[item.slot] as string;
      const lacking = lettersMissing(fonts, item.font, text);
      return lacking === "" ? [] : [missingFinding(plan, seat, item.id, item.font, lacking, fonts)];
    });
  });
}

function lettersMissing(fonts: FontLookup, font: string, text: string): string {
  const face = fonts(font);
  return face
    ? [
        ...new Set(
          [...text.normalize("NFC")].filter(
            (char) => char.trim() !== "" && face.shape(char).some(({ glyph }) => glyph === 0),
          ),
        ),
      ].join(" ")
    : "";
}

const MOST_OFFERS = 2;

/**
 * Shipped fonts that have every letter of the item over the whole set; the same kind of face first.
 */
function fontsFor(
  plan: Parameters<Rule>[0],
  itemId: string,
  font: string,
  fonts: FontLookup,
): string[] {
  const item = plan.document.design.items.find(({ id }) => id === itemId);
  if (item?.kind !== "text") return [];
  const texts = item.slot
    ? plan.document.seats.map(({ fields }) => fields[item.slot as string] ?? "").join("")
    : (item.text ?? "");
  const kind = studioFont(font)?.kind;
  const able = STUDIO_FONTS.filter(
    (entry) =>
      entry.id !== font && fonts(entry.id) && lettersMissing(fonts, entry.id, texts) === "",
  );
  return [...able]
    .sort((a, b) => Number(b.kind === kind) - Number(a.kind === kind))
    .slice(0, MOST_OFFERS)
    .map(({ id }) => id);
}

function apart(plan: Parameters<Rule>[0], seat: string, line: Line): Finding[] {
  if (line.apart.length === 0) return [];
  const item = plan.document.design.items.find(({ id }) => id === line.item);
  const where = { seat, field: line.item };
  const tracking =
    item?.kind === "text" ? Math.round((item.trackingEm - TIGHTER_EM) * 1000) / 1000 : 0;
  return [
    {
      code: "lettersApart",
      severity: "check",
      where,
      values: { pairs: line.apart.join(", "), text: line.text },
      remedies: [
        { code: "setTracking", values: { item: line.item, trackingEm: tracking } },
        leaveIt({ code: "lettersApart", where }),
      ],
    },
  ];
}
