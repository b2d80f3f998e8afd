/** The pipeline: class document -> whole plan. Pure and deterministic; fonts are handed in. */

import { findingsFor } from "../advice/check.ts";
import type { Finding } from "../advice/finding.ts";
import { type FaceReading, readFace } from "../blanks/read-face.ts";
import { type CupView, viewOnCup } from "../blanks/straight-cup.ts";
import { CRAFT_ALONG_LEAD_DAYS, type Deadline, deadlines, ROOM_LEAD_DAYS } from "../calendar/dates.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import { type RunSheet, runSheet } from "../scheduling/step.ts";
import { type Cost, costOf } from "../supplies/price.ts";
import { boughtLine, type SupplyLine, supplyLines } from "../supplies/supply.ts";
import type { ClassDocument } from "./document.ts";
import { type Kit, kitsOf, recutKits, spareKits } from "./kits.ts";
import { type LetteredSet, letterSet } from "./letter-set.ts";
import { measureStrokes } from "./measure-strokes.ts";
import { type LaidOut, layOut, partSize } from "./sheets.ts";
import { type TapeExtent, tapeExtent } from "./tape.ts";

export interface PreparationMinutes {
  readonly cutting: number;
  readonly weeding: number;
  readonly packing: number;
  readonly total: number;
}

export interface Plan {
  readonly document: ClassDocument;
  readonly face: FaceReading;
  /** How the widest design sits on a cup; null on flat blanks. */
  readonly cupView: CupView | null;
  readonly tape: TapeExtent;
  readonly lettered: LetteredSet;
  readonly labels: ReadonlyMap<string, string>;
  readonly kits: readonly Kit[];
  readonly laidOut: LaidOut;
  readonly supplies: readonly SupplyLine[];
  readonly preparation: PreparationMinutes;
  readonly cost: Cost;
  readonly runSheet: RunSheet;
  readonly deadlines: readonly Deadline[];
  readonly findings: readonly Finding[];
}

/** Bag, label, step card and count for one kit: a practised hand's two minutes. */
export const PACK_MINUTES_PER_KIT = 2;

/** @throws ScheduleError, RangeError for documents that no plan can be made of. */
export function makePlan(document: ClassDocument, fonts: FontLookup): Plan {
  const { face, lettered, kits } = letterKits(document, fonts);
  const labels = seatLabels(document.seats);
  const laidOut = layOut(kits, document, labels);
  const supplies = allSupplies(document, laidOut);
  const preparation = preparationOf(kits, laidOut, document.seats.length);
  const widest = Math.max(0, ...lettered.seats.map((seat) => seat.width));
  const stages = {
    document,
    face,
    cupView: face.cup && widest > 0 ? viewOnCup(face.cup.radius, widest) : null,
    tape: tapeExtent(lettered.seats),
    lettered,
    labels,
    kits,
    laidOut,
    supplies,
    preparation,
    cost: costOf({ usedValue: supplies.reduce((sum, line) => sum + line.usedValue, 0), prepMinutes: preparation.total, seats: document.seats.length }, document.prices),
    runSheet: runSheet(document.steps, document.tools, document.seats.length),
    deadlines: deadlines(document.when.date, document.leadDays ?? (document.setting.kind === "room" ? ROOM_LEAD_DAYS : CRAFT_ALONG_LEAD_DAYS)),
  };
  return { ...stages, findings: findingsFor(stages, fonts) };
}

/** What there is to cut: every seat's letters on the face, as kits of each vinyl. */
export function letterKits(document: ClassDocument, fonts: FontLookup): Pick<Plan, "face" | "lettered" | "kits"> {
  const face = readFace(document.blank);
  const lettered = measureStrokes(letterSet(document.design, document.seats, face, fonts), fonts);
  const own = kitsOf(lettered.seats, document.vinyls, { copies: document.blank.handle?.school === "both" ? 2 : 1, sizeOf: (vinyl) => partSize(vinyl, document) });
  const all = [...own, ...spareKits(own, document.spareKits)];
  return { face, lettered, kits: [...all, ...recutKits(all, document.recuts, document.vinyls)] };
}

export type PlanStages = Omit<Plan, "findings">;

/** Names as labels: the same name twice is told apart by the seat. */
export function seatLabels(seats: ClassDocument["seats"]): Map<string, string> {
  const counts = new Map<string, number>();
  const nameOf = (fields: Readonly<Record<string, string>>) => fields.name?.trim() || fields.word?.trim() || fields.number?.trim() || "";
  for (const { fields } of seats) counts.set(nameOf(fields), (counts.get(nameOf(fields)) ?? 0) + 1);
  return new Map(
    seats.map(({ seat, fields }) => {
      const name = nameOf(fields);
      if (name === "") return [seat, `seat ${seat}`];
      return [seat, (counts.get(name) ?? 0) > 1 ? `${name} (seat ${seat})` : name];
    }),
  );
}

/** Vinyl is a supply like any other: needed by the loads, bought by sheet or roll. */
function allSupplies(document: ClassDocument, laidOut: LaidOut): SupplyLine[] {
  const vinyl = laidOut.use.map((use) => {
    const found = document.vinyls.find(({ id }) => id === use.vinyl);
    const stock = found?.stock ?? { kind: "sheet" as const, width: 1, height: 1, have: 0, price: 0 };
    const roll = stock.kind === "roll";
    const need = roll ? use.rollLength / stock.height : use.loads;
    return boughtLine({
      id: `vinyl-${use.vinyl}`,
      name: found?.name ?? use.vinyl,
      unit: roll ? "roll" : "sheet",
      perSeat: document.seats.length === 0 ? 0 : need / document.seats.length,
      need,
      have: stock.have,
      pack: { size: 1, price: stock.price },
      wear: 1,
    });
  });
  return [...vinyl, ...supplyLines({ supplies: document.supplies, seats: document.seats.length, spares: document.spareSupplies })];
}

function preparationOf(kits: readonly Kit[], laidOut: LaidOut, seats: number): PreparationMinutes {
  const cutting = laidOut.sheets.reduce((sum, sheet) => sum + sheet.cutMinutes + sheet.loadMinutes, 0);
  const weeding = kits.reduce((sum, kit) => sum + kit.weed.minutes, 0);
  const packing = seats * PACK_MINUTES_PER_KIT;
  return { cutting, weeding, packing, total: cutting + weeding + packing };
}
