/**
 * What a project or a variant of it takes, for a class of sample seats: what one compares before
 * choosing.
 */

import type { ClassDocument } from "../document/document.ts";
import { isSpare } from "../document/kit-ref.ts";
import { madeOf } from "../document/thing-document.ts";
import { boxHeight, boxWidth } from "../geometry/polygon.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import { slotsOf } from "../lettering/recipe-reads.ts";
import { factsOfAll, letterKits, makePlan } from "../plan/plan.ts";
import { withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import type { Kit } from "../stages/kits.ts";
import type { SeatUse } from "../stock/shelf-prices.ts";
import type { Schools } from "../studio/settings.ts";
import { USUAL_SCHOOLS } from "../studio/settings-kinds.ts";
import { supplyLines } from "../supplies/supply-lines.ts";

/** Short and long ones, as they come. */
const SAMPLE_NAMES = [
  "Ned",
  "Ivy",
  "Odile",
  "Rosa",
  "Bram",
  "Henriette",
  "Juno",
  "Tamsin",
] as const;

/** Slots that hold a number, by their names: house-number, year. */
const NUMBERED = /(^|-)(num|number|nr|no|year|age)($|-)/iu;

export interface ProjectFigures {
  readonly seats: number;
  readonly classMinutes: number;
  /** Of the class's host, all kits. */
  readonly eveningMinutes: number;
  /** Mean of a seat's kits, a practised hand. */
  readonly weedMinutes: number;
  /** Film that a seat's kits take with the room they are weeded in, cm². */
  readonly filmCm2: number;
  /** Materials of a seat, minor units, of what has a price. */
  readonly materials: number;
  /** Names of what has no price. */
  readonly missing: readonly string[];
  readonly currency: string;
  readonly shopPrice: number | null;
  /** What would stop the class from being cut. */
  readonly stops: number;
}

/** Sample seats in the place of those that are there. */
export function sampled(document: ClassDocument): ClassDocument {
  const slots = [...new Set(document.things.flatMap(({ design }) => slotsOf(design)))];
  return {
    ...document,
    recuts: [],
    seats: SAMPLE_NAMES.map((name, i) => ({
      seat: String(i + 1),
      fields: Object.fromEntries(
        ["name", ...slots].map((slot) => [
          slot,
          slot === "name"
            ? name
            : NUMBERED.test(slot)
              ? String(12 + 7 * i)
              : `${slot.charAt(0).toUpperCase()}${slot.slice(1)}`,
        ]),
      ),
    })),
  };
}

type Placed = Pick<Kit, "box" | "pad">;
/** Film of a kit with the room it is weeded in, cm². */
const filmOfKit = ({ box, pad }: Placed): number =>
  ((boxWidth(box) + 2 * pad) * (boxHeight(box) + 2 * pad)) / 100;

/** Materials and film that a seat uses up: what serves many classes its share of wear only. */
export function seatUses(document: ClassDocument, kits: readonly Kit[]): SeatUse[] {
  const seats = Math.max(1, document.seats.length);
  const worn = new Map(
    document.supplies.map(({ id, per, uses }) => [id, per === "application" ? 1 : uses]),
  );
  const lines = supplyLines({
    supplies: document.supplies,
    seats: document.seats.length,
    spares: 0,
    madeBy: (thing) => madeOf(document, thing),
  });
  const films = document.vinyls.flatMap(({ id, name, family, colour }): SeatUse[] => {
    const own = kits.filter(({ vinyl, seat }) => vinyl === id && !isSpare(seat));
    return own.length === 0
      ? []
      : [
          {
            name,
            unit: "cm²",
            amount: own.reduce((sum, kit) => sum + filmOfKit(kit), 0) / seats,
            film: { family, colour },
          },
        ];
  });
  return [
    ...lines.map(
      ({ id, name, unit, need }): SeatUse => ({
        name,
        unit,
        amount: need / seats / (worn.get(id) ?? 1),
      }),
    ),
    ...films,
  ];
}

/**
 * Sample seats, and minutes and amounts of what is really lettered for them: a project and its
 * variants are only so compared alike.
 */
function sampledAsProposed(
  document: ClassDocument,
  schools: Schools,
  fonts: FontLookup,
): ClassDocument {
  const made = sampled(document);
  if (!document.proposed) return made;
  const { things, kits } = letterKits(made, fonts);
  return withProposal(made, propose(made, { schools, facts: factsOfAll(made, things, kits) }));
}

/** @throws PlanFault where the face takes no design */
export function figuresOf(
  document: ClassDocument,
  fonts: FontLookup,
  schools: Schools = USUAL_SCHOOLS,
): ProjectFigures {
  const plan = makePlan(sampledAsProposed(document, schools, fonts), fonts);
  const seats = plan.document.seats.length;
  const own = plan.kits.filter(({ seat }) => !isSpare(seat));
  const names = new Map(plan.supplies.map(({ id, name }) => [id, name]));
  const perSeat = (sum: number) => sum / Math.max(1, seats);
  return {
    seats,
    classMinutes: plan.runSheet.endMinute,
    eveningMinutes: plan.preparation.total,
    weedMinutes: perSeat(own.reduce((sum, { weed }) => sum + weed.minutes, 0)),
    filmCm2: perSeat(own.reduce((sum, kit) => sum + filmOfKit(kit), 0)),
    materials: Math.ceil(perSeat(plan.cost.materials)),
    missing: plan.cost.missing.map((id) => names.get(id) ?? id),
    currency: document.prices.currency,
    shopPrice: document.prices.shopPrice ?? null,
    stops: plan.findings.filter(({ severity }) => severity === "stop").length,
  };
}
