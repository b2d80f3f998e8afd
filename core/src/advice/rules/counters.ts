import { groundLimitMm } from "../../blanks/woods.ts";
import type { Finding } from "../../findings/finding.ts";
import { polygonArea } from "../../geometry/polygon.ts";
import type { FontLookup } from "../../lettering/compose-row.ts";
import { FAMILY_TRAITS } from "../../weeding/families.ts";
import { goesOf } from "../../weeding/technique.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** How much looser a line is set when its letters have closed each other's insides, em. */
const LOOSER_EM = 0.02;
/**
 * From this many i-dots and accents in one kit on, bringing them together with their letters is
 * offered.
 */
const MANY_MARKS = 2;

/** Insides that overlap closed, insides too tight to weed, dots that get lost. */
export const counterRules: Rule = (plan, fonts) =>
  plan.document.design.items.flatMap((item): Finding[] => {
    if (item.kind !== "text") return [];
    // Insides of a stencil stay: they are not picked out, and dots are taken out with their
    // letters.
    return goesOf(plan.document.technique) === "out"
      ? [...closed(plan, item), ...bled(plan, item)]
      : [...closed(plan, item), ...tight(plan, item), ...looseMarks(plan, item, fonts)];
  });

type Plan = Parameters<Rule>[0];
type TextItem = Extract<Plan["document"]["design"]["items"][number], { kind: "text" }>;

const linesOf = ({ lettered }: Plan, item: TextItem) =>
  lettered.seats.flatMap((seat) =>
    seat.lines.filter((line) => line.item === item.id).map((line) => ({ seat: seat.seat, line })),
  );

function closed(plan: Plan, item: TextItem): Finding[] {
  const hit = linesOf(plan, item).filter(({ line }) => line.closedCounters > 0);
  const first = hit[0];
  if (!first) return [];
  const where = { seat: first.seat, field: item.id };
  const looser = Math.round((item.trackingEm + LOOSER_EM) * 1000) / 1000;
  return [
    {
      code: "closedCounters",
      severity: "check",
      where,
      values: { text: first.line.text, counters: first.line.closedCounters, seats: hit.length },
      remedies: [
        { code: "setTracking", values: { item: item.id, trackingEm: looser, looser: 1 } },
        leaveIt({ code: "closedCounters", where }),
      ],
    },
  ];
}

function tight(plan: Plan, item: TextItem): Finding[] {
  const family = plan.document.vinyls.find(({ id }) => id === item.vinyl)?.family;
  if (!family) return [];
  // A coarse ground closes what film and hook would still bear.
  const limit = Math.max(
    FAMILY_TRAITS[family].minCounterMm,
    groundLimitMm(plan.document.blank.material),
  );
  const narrow = linesOf(plan, item).flatMap(({ seat, line }) =>
    line.insides
      .filter(({ width }) => width < limit)
      .map(({ text, width }) => ({ seat, letter: text, width })),
  );
  const worst = narrow.reduce<(typeof narrow)[number] | null>(
    (a, b) => (a && a.width <= b.width ? a : b),
    null,
  );
  if (!worst) return [];
  const where = { seat: worst.seat, field: item.id };
  return [
    {
      code: "tightCounter",
      // Half of what a hook needs cannot be picked out at all.
      severity: worst.width < limit / 2 ? "check" : "tip",
      where,
      values: {
        letter: worst.letter,
        width: worst.width,
        limit,
        seats: new Set(narrow.map(({ seat }) => seat)).size,
      },
      remedies: [
        { code: "openCounters", values: { item: item.id, mm: limit } },
        leaveIt({ code: "tightCounter", where }),
      ],
    },
  ];
}

/**
 * Of a stencil insides are film that keeps paint off: on a coarse ground paint runs under those
 * that are too small.
 */
function bled(plan: Plan, item: TextItem): Finding[] {
  const limit = groundLimitMm(plan.document.blank.material);
  const narrow = linesOf(plan, item).flatMap(({ seat, line }) =>
    line.insides
      .filter(({ width }) => width < limit)
      .map(({ text, width }) => ({ seat, letter: text, width })),
  );
  const worst = narrow.reduce<(typeof narrow)[number] | null>(
    (a, b) => (a && a.width <= b.width ? a : b),
    null,
  );
  if (!worst) return [];
  const where = { seat: worst.seat, field: item.id };
  const values = {
    letter: worst.letter,
    width: worst.width,
    limit,
    seats: new Set(narrow.map(({ seat }) => seat)).size,
  };
  return [
    {
      code: "insideBelowGround",
      severity: "check",
      where,
      values,
      remedies: [
        { code: "openCounters", values: { item: item.id, mm: limit } },
        leaveIt({ code: "insideBelowGround", where }),
      ],
    },
  ];
}

const PARTED = /[ijäëïöüÿáéíóúàèìòùâêîôûãñõåøčšžćńśźğışőűěřůďťļķņģ]/giu;

function looseMarks(plan: Plan, item: TextItem, fonts: FontLookup): Finding[] {
  if (item.marks !== "asDrawn") return [];
  const family = plan.document.vinyls.find(({ id }) => id === item.vinyl)?.family;
  const limit = family ? FAMILY_TRAITS[family].smallPartMm2 : 0;
  const lost = linesOf(plan, item).filter(
    ({ line }) =>
      (line.text.match(PARTED) ?? []).length >= MANY_MARKS &&
      dotArea(fonts, line.font) * line.emMm ** 2 < limit,
  );
  const first = lost[0];
  if (!first) return [];
  const where = { seat: first.seat, field: item.id };
  const remedy = (marks: string) => ({
    code: "treatMarks" as const,
    values: { item: item.id, marks },
  });
  return [
    {
      code: "looseMarks",
      severity: "tip",
      where,
      values: { text: first.line.text, seats: lost.length },
      remedies: [
        remedy("joined"),
        remedy("bridged"),
        remedy("dropped"),
        leaveIt({ code: "looseMarks", where }),
      ],
    },
  ];
}

/** Area of the dot of an i, em²: the smallest mark there is. */
function dotArea(fonts: FontLookup, font: string): number {
  const face = fonts(font);
  const glyph = face?.shape("i")[0]?.glyph ?? 0;
  const parts = face && glyph !== 0 ? face.parts(glyph, 0.002) : [];
  return parts.length < 2
    ? Number.POSITIVE_INFINITY
    : Math.min(...parts.map((polygon) => polygonArea(polygon)));
}
