/** Figures without a class: what a blank, a way of making and so many names come to. */

import { endRise } from "../blanks/tapered-cup.ts";
import type { ClassDocument } from "../document/document.ts";
import { plainFault } from "../faults/plan-fault.ts";
import { boxHeight, boxWidth } from "../geometry/polygon.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import { factsOfAll, letterKits, makePlan } from "../plan/plan.ts";
import { withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import { starterClass } from "../proposal/starter.ts";
import type { Task } from "../scheduling/task.ts";
import { pricedByShelf, type ShelfGood } from "../stock/shelf-prices.ts";
import type { Schools } from "../studio/settings.ts";
import { vinylSchema } from "../weeding/vinyl.ts";
import type { Question } from "./question.ts";

export interface Answer {
  /** Of what may carry the design, and what is left free of it all round. */
  readonly face: { readonly width: number; readonly height: number; readonly margin: number };
  /** Of the words, all at one size: the widest decides. */
  readonly design: {
    readonly width: number;
    readonly height: number;
    readonly letterHeight: number;
    readonly widest: string;
  };
  readonly film: {
    readonly cm2PerName: number;
    readonly loads: number;
    readonly sheets: number;
    readonly width: number;
    readonly height: number;
    readonly weedMinutes: number;
  };
  /** Materials with their amounts for all names, as the list of a class would have them. */
  readonly materials: readonly {
    readonly name: string;
    readonly unit: string;
    readonly perSeat: number;
    readonly need: number;
  }[];
  readonly preparation: readonly Pick<Task, "title" | "minutes" | "waitMinutes">[];
  readonly classMinutes: number;
  /** Of a taper: how far the ends would run off level when it is cut straight, mm. */
  readonly endRise: number | null;
  /** Of a bulge: the radius beyond which a piece creases, mm. */
  readonly largestPatch: number | null;
  readonly cost: {
    readonly materials: number;
    readonly currency: string;
    readonly missing: readonly string[];
  };
  readonly stops: number;
}

export interface Given {
  readonly schools: Schools;
  readonly prices: ClassDocument["prices"];
  readonly cutter: ClassDocument["cutter"];
  readonly goods: readonly ShelfGood[];
}

/** The class that the question is, with as many seats as names. */
export function classOf(
  { blank, technique, family, words, names }: Question,
  { schools, prices, cutter, goods }: Given,
): ClassDocument {
  const film = vinylSchema.parse({
    id: "film",
    name: "Film",
    family,
    colour: "#1F4E79",
    stock: { kind: "sheet", width: 304.8, height: 304.8 },
  });
  const made = starterClass({
    title: blank.name,
    when: { date: "2027-03-06", time: "14:00", zone: "UTC", minutes: 120 },
    setting: { kind: "room", place: "" },
    blankName: blank.name,
    material: blank.material,
    blankColour: blank.colour,
    shape: blank.shape,
    technique,
    films: [film],
    seats: Array.from({ length: names }, (_, i) => ({
      seat: String(i + 1),
      fields: { name: words[i % words.length] ?? "" },
    })),
    schools,
    prices,
    cutter,
  });
  return pricedByShelf({ ...made, spareSupplies: 0 }, goods);
}

/** @throws PlanFault where the blank leaves no face for a design */
export function reckon(document: ClassDocument, schools: Schools, fonts: FontLookup): Answer {
  const lettered = letterKits(document, fonts);
  const plan = makePlan(
    withProposal(
      document,
      propose(document, { schools, facts: factsOfAll(document, lettered.things, lettered.kits) }),
    ),
    fonts,
  );
  const [own] = plan.things;
  if (!own) throw plainFault("nothingToLetter");
  const { face } = own;
  const widest = own.lettered.seats.reduce((a, b) => (b.width > a.width ? b : a));
  const seats = document.seats.length;
  const names = new Map(plan.supplies.map(({ id, name }) => [id, name]));
  const stock = plan.document.vinyls[0]?.stock;
  return {
    face: { width: face.width, height: face.height, margin: face.marginMm },
    design: {
      width: widest.width,
      height: Math.max(...own.lettered.seats.map(({ height }) => height)),
      letterHeight: widest.lines[0]?.heightMm ?? 0,
      widest: document.seats.find(({ seat }) => seat === widest.seat)?.fields.name ?? "",
    },
    film: {
      cm2PerName:
        plan.kits.reduce(
          (sum, { box, pad }) =>
            sum + ((boxWidth(box) + 2 * pad) * (boxHeight(box) + 2 * pad)) / 100,
          0,
        ) / seats,
      loads: plan.laidOut.sheets.length,
      sheets: plan.supplies.find(({ id }) => id === "vinyl-film")?.need ?? 0,
      width: stock?.width ?? 0,
      height: stock?.height ?? 0,
      weedMinutes: plan.kits.reduce((sum, { weed }) => sum + weed.minutes, 0),
    },
    materials: plan.supplies
      .filter(({ id }) => id !== "vinyl-film")
      .map(({ name, unit, perSeat, need }) => ({ name, unit, perSeat, need })),
    preparation: plan.document.preparation.map(({ title, minutes, waitMinutes }) => ({
      title,
      minutes,
      waitMinutes,
    })),
    classMinutes: plan.runSheet.endMinute,
    endRise: face.taper ? endRise(face.taper.baseline, widest.width) : null,
    largestPatch:
      face.bulge && Number.isFinite(face.bulge.largestPatch) ? face.bulge.largestPatch : null,
    cost: {
      materials: Math.ceil(plan.cost.materials / seats),
      currency: document.prices.currency,
      missing: plan.cost.missing.map((id) => names.get(id) ?? id),
    },
    stops: plan.findings.filter(({ severity }) => severity === "stop").length,
  };
}
