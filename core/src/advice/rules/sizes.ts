/**
 * What the seats' own words do to the sizes: seats with nothing or half of it, one long name that
 * sets all others small, letters too low.
 */

import type { Finding } from "../../findings/finding.ts";
import type { Remedy } from "../../findings/remedy.ts";
import { fillableSlots, type Slot } from "../../lettering/recipe-reads.ts";
import { letterSet } from "../../stages/letter-set.ts";
import type { ThingStages } from "../../stages/stages.ts";
import { breakPlace } from "../break-place.ts";
import { leaveIt, type Rule } from "../rule.ts";
import type { Trying } from "./larger.ts";

/** Letters lower than this are hard to weed in any face, mm. */
const SMALL_LETTERS_MM = 6;
/** A name is told of when without it all others would grow by this share. */
const WORTH_SAYING = 1.2;
/** More long names than these are the class as it is, no outliers; nor is a third of the seats. */
const MOST_OUTLIERS = 4;

export const sizeRules: Rule = (plan, fonts, memory) => [
  ...emptySeats(plan),
  ...missingWords(plan),
  ...outliers(plan, { fonts, memory }),
  ...lowLetters(plan),
];

function emptySeats({ lettered }: ThingStages): Finding[] {
  return lettered.empty.map((seat) => ({
    code: "emptySeat",
    severity: "check",
    where: { seat },
    values: {},
    remedies: [{ code: "removeSeat", values: { seat } }],
  }));
}

/** A slot that is empty where others have it: half a kit would be cut. */
function missingWords({ document, lettered }: ThingStages): Finding[] {
  const cut = new Set(lettered.seats.map(({ seat }) => seat));
  return fillableSlots(document.design).flatMap(({ slot }: Slot): Finding[] => {
    const given = document.seats.filter(({ fields }) => fields[slot]?.trim());
    const lacking = document.seats.filter(
      ({ seat, fields }) => cut.has(seat) && !fields[slot]?.trim(),
    );
    const first = lacking[0];
    if (!first || given.length === 0) return [];
    const where = { seat: first.seat, field: slot };
    const words = fillableSlots(document.design).flatMap(({ slot: other }) =>
      first.fields[other]?.trim() ? [first.fields[other].trim()] : [],
    );
    return [
      {
        code: "missingWord",
        severity: "check",
        where,
        values: { slot, seats: lacking.length, cut: words.join(", ") },
        remedies: [leaveIt({ code: "missingWord", where })],
      },
    ];
  });
}

/**
 * With one letter height for all, the longest names decide; what each way out brings is tried
 * before it is offered.
 */
function outliers(plan: ThingStages, trying: Trying): Finding[] {
  const { lettered, document } = plan;
  // Where another thing of the set decides, shorter names here bring nothing.
  if (lettered.school !== "longest" || lettered.held) return [];
  const order = lettered.asked
    .map(({ seat, space }) => ({ seat, scale: space.largest.scale }))
    .sort((a, b) => a.scale - b.scale);
  const tightest = order[0];
  const most = Math.min(MOST_OUTLIERS, Math.floor((order.length - 1) / 3) + 1, order.length - 1);
  const count = Array.from({ length: Math.max(0, most) }, (_, i) => i + 1).find(
    (n) => (order[n]?.scale ?? 0) / (tightest?.scale ?? 1) >= WORTH_SAYING,
  );
  const bound = lettered.seats.find(({ seat }) => seat === tightest?.seat);
  // A design of pictures alone has no line that could be too long.
  const line = bound?.lines.reduce<(typeof bound.lines)[number] | undefined>(
    (a, b) => (!a || b.text.length > a.text.length ? b : a),
    undefined,
  );
  if (!tightest || !bound || !line || count === undefined) return [];
  const next = order[count]?.scale as number;
  const growth = next / tightest.scale;
  const where = { seat: bound.seat };
  const far = order.slice(0, count).map(({ seat }) => seat);
  const others = line.heightMm * growth;
  const own: Remedy = {
    code: "ownSize",
    values: {
      seats: far.join(" "),
      share: Math.floor((1 / growth) * 1000) / 1000,
      others,
      height: line.heightMm,
    },
  };
  const remedies = [
    ...(count === 1 ? broken(plan, bound.seat, line.item, next, trying) : []),
    own,
    { code: "setSchool" as const, values: { school: "fillBox" } },
    ...narrowed(document, line.item),
  ];
  return [
    {
      code: "longName",
      severity: "check",
      where,
      values: {
        text: line.text,
        letters: [...line.text].length,
        height: line.heightMm,
        others,
        count,
      },
      remedies: [...remedies, leaveIt({ code: "longName", where })],
    },
  ];
}

/**
 * Two lines, at a space or a hyphen near the middle: offered with the height that the others then
 * have.
 */
function broken(
  { document, face, lettered }: ThingStages,
  seat: string,
  item: string,
  next: number,
  { fonts, memory }: Trying,
): Remedy[] {
  const row = document.seats.find((own) => own.seat === seat);
  const text =
    lettered.seats.find((own) => own.seat === seat)?.lines.find((line) => line.item === item)
      ?.text ?? "";
  const at = breakPlace(text);
  const heightMm =
    lettered.seats.find((own) => own.seat === seat)?.lines.find((line) => line.item === item)
      ?.heightMm ?? 0;
  const before = lettered.asked.find((own) => own.seat === seat)?.space.largest.scale ?? 0;
  if (
    !row ||
    at === null ||
    before === 0 ||
    row.own?.[item]?.breakAt !== undefined ||
    row.own?.[item]?.breakAfter !== undefined
  )
    return [];
  const tried = letterSet(
    document.design,
    [{ ...row, own: { ...row.own, [item]: { ...row.own?.[item], breakAt: at } } }],
    face,
    fonts,
    { memory },
  );
  const after = Math.min(tried.asked[0]?.space.largest.scale ?? 0, next);
  return after > before * 1.02
    ? [{ code: "breakLine", values: { seat, item, at, others: (heightMm * after) / before } }]
    : [];
}

/** A line can only narrow against another text line. */
function narrowed(document: ThingStages["document"], item: string): Remedy[] {
  const texts = document.design.items.filter((own) => own.kind === "text");
  const helps =
    texts.some((own) => own.id === item && !own.mayNarrow) &&
    texts.some((own) => own.id !== item && !own.mayNarrow);
  return helps ? [{ code: "narrowLine", values: { item } }] : [];
}

function lowLetters({ lettered, document }: ThingStages): Finding[] {
  const smallest = lettered.seats
    .flatMap((seat) =>
      seat.lines.filter(({ text }) => text !== "").map((own) => ({ seat: seat.seat, own })),
    )
    .reduce<{ seat: string; own: { item: string; heightMm: number; text: string } } | null>(
      (a, b) => (a && a.own.heightMm <= b.own.heightMm ? a : b),
      null,
    );
  if (!smallest || smallest.own.heightMm >= SMALL_LETTERS_MM) return [];
  const where = { seat: smallest.seat };
  // Filling the box helps only where this seat's own face has room for more than the set's size.
  const room = lettered.asked.find(({ seat }) => seat === smallest.seat)?.space.largest.scale ?? 0;
  const scale = lettered.seats.find(({ seat }) => seat === smallest.seat)?.scale ?? 0;
  const fill: Remedy[] =
    document.design.school !== "fillBox" && room > scale * 1.05
      ? [{ code: "setSchool", values: { school: "fillBox" } }]
      : [];
  return [
    {
      code: "tooSmall",
      severity: "check",
      where,
      values: { text: smallest.own.text, height: smallest.own.heightMm, limit: SMALL_LETTERS_MM },
      remedies: [...fill, leaveIt({ code: "tooSmall", where })],
    },
  ];
}
