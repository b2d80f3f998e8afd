/** Labels beside those of the bags: for cut loads of film, for blanks, for tables. */
import { isSpare } from "@elm-basket/core/document/kit-ref.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { placingsOf } from "@elm-basket/core/plan/placing.ts";
import { sayPlacing } from "@elm-basket/core/plan/placing-words-en.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import { SEATS_AT_A_TABLE } from "@elm-basket/core/supplies/supply-lines.ts";
import { type LengthUnit, showSize } from "@elm-basket/core/units/length.ts";
import type { LabelSheetId } from "./label-sheets.ts";
import { type TextLabel, textLabelsPdf } from "./text-labels.ts";

export const CLASS_LABELS = ["film", "blank", "table"] as const;
export type ClassLabels = (typeof CLASS_LABELS)[number];

const NOTHING: Record<ClassLabels, string> = {
  film: "Nothing is laid out for cutting yet.",
  blank: "This class has no seats yet.",
  table: "This class has no seats yet.",
};

export function classLabelsPdf(
  plan: Plan,
  what: ClassLabels,
  sheet: LabelSheetId,
  unit: LengthUnit,
): Promise<Uint8Array> {
  const labels =
    what === "film"
      ? filmLabels(plan, unit)
      : what === "blank"
        ? blankLabels(plan, unit)
        : tableLabels(plan);
  return textLabelsPdf(
    `${what[0]?.toUpperCase()}${what.slice(1)} labels: ${plan.document.title}`,
    plan.document.when.date,
    sheet,
    labels,
    NOTHING[what],
  );
}

/** The class and its date, so that nothing lies in the wrong box. */
const footOf = ({ document }: Pick<Plan, "document">): string =>
  `${document.title} · ${document.when.date}`;

/** One for each load: what lies between cutting and weeding is known by it. */
export function filmLabels(plan: Plan, unit: LengthUnit): TextLabel[] {
  const { document, laidOut } = plan;
  return laidOut.sheets.map((sheet) => {
    const vinyl = document.vinyls.find(({ id }) => id === sheet.vinyl);
    const seats = [...new Set(sheet.kits.map(({ seat }) => seat))];
    const from =
      sheet.scraps.length > 0
        ? `scrap ${sheet.scraps.map(({ label }) => label).join(", ")}`
        : showSize(sheet, unit);
    return {
      head: vinyl?.name ?? sheet.vinyl,
      lines: [
        `Load ${sheet.nn} of ${laidOut.sheets.length} · ${from}`,
        `${sheet.kits.length} ${sheet.kits.length === 1 ? "kit" : "kits"}: ${spans(seats)}`,
        sheet.mirrored ? "cut mirrored" : "",
      ],
      foot: footOf(plan),
      ...(vinyl ? { swatch: vinyl.colour } : {}),
    };
  });
}

/** `seats 1–12, 14`; seats that are not numbers as they are. */
export function spans(seats: readonly string[]): string {
  const spares = seats.filter(isSpare).length;
  const own = seats.filter((seat) => !isSpare(seat) && seat !== "test");
  const runs: { from: string; to: string }[] = [];
  for (const seat of [...own].sort((a, b) => Number(a) - Number(b) || (a < b ? -1 : 1))) {
    const last = runs.at(-1);
    if (last && /^\d+$/u.test(seat) && Number(seat) === Number(last.to) + 1) last.to = seat;
    else runs.push({ from: seat, to: seat });
  }
  const words = runs.map(({ from, to }) => (from === to ? from : `${from}–${to}`)).join(", ");
  return [
    own.length === 0 ? "" : `${own.length === 1 ? "seat" : "seats"} ${words}`,
    spares > 0 ? `${spares} spare` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

/** One for each blank: whose it is, and where the design goes on it. */
export function blankLabels(plan: Plan, unit: LengthUnit): TextLabel[] {
  const { document } = plan;
  const placed = new Map(
    plan.things.map((thing) => [
      thing.id,
      new Map(placingsOf(thing, thingDocument(document, thing.id)).map((row) => [row.seat, row])),
    ]),
  );
  const objects = document.things.filter(({ sideOf }) => sideOf === undefined);
  return document.seats.flatMap(({ seat }) =>
    objects.flatMap((thing): TextLabel[] => {
      const copies = new Set(
        plan.kits
          .filter((kit) => kit.seat === seat && kit.thing === thing.id)
          .map(({ copy }) => copy),
      ).size;
      const row = placed.get(thing.id)?.get(seat);
      if (copies === 0 || !row) return [];
      const where = sayPlacing([row], unit);
      const label: TextLabel = {
        head: plan.labels.get(seat) ?? seat,
        insteadOfHead: `Seat ${seat}`,
        lines: [
          `Seat ${seat} · ${document.things.length > 1 ? thing.title : thing.blank.name}`,
          where === "" ? "" : `${where[0]?.toUpperCase()}${where.slice(1)}`,
        ],
        foot: footOf(plan),
      };
      return Array.from({ length: copies }, (_, i) =>
        copies === 1 ? label : { ...label, lines: [...label.lines, `${i + 1} of ${copies}`] },
      );
    }),
  );
}

/** One for each table: who sits there, and what stands on it for all. */
export function tableLabels({ document, labels }: Plan): TextLabel[] {
  const shared = document.supplies.filter(({ per }) => per === "table");
  const at = shared.reduce(
    (least, { seats }) => Math.min(least, seats ?? SEATS_AT_A_TABLE),
    SEATS_AT_A_TABLE,
  );
  const tables = Math.ceil(document.seats.length / at);
  return Array.from({ length: tables }, (_, table) => {
    const seats = document.seats.slice(table * at, (table + 1) * at);
    const stands = shared.map(
      ({ name, amount, unit }) => `${Number(amount.toFixed(2))} ${unit} ${name}`,
    );
    return {
      head: `Table ${table + 1}`,
      lines: [
        seats.map(({ seat }) => labels.get(seat) ?? `Seat ${seat}`).join(", "),
        stands.length > 0 ? `On it: ${stands.join(", ")}` : "",
      ],
      foot: footOf({ document }),
    };
  });
}
