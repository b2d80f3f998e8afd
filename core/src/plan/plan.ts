/** The pipeline: class document -> whole plan. Pure and deterministic; fonts are handed in. */

import { findingsFor } from "../advice/check.ts";
import { blankOutline, readFace } from "../blanks/read-face.ts";
import { TAPE_BEYOND_MM } from "../blanks/snips.ts";
import { viewOnCup } from "../blanks/straight-cup.ts";
import { deadlines, isPosted, leadDaysOf } from "../calendar/dates.ts";
import type { ClassDocument } from "../document/document.ts";
import { ownFaces } from "../document/own-pieces.ts";
import { runSheetOf } from "../document/run-sheet-of.ts";
import {
  madeOf,
  preparedApart,
  type ThingDocument,
  thingDocument,
  thingOf,
} from "../document/thing-document.ts";
import { boxHeight, boxWidth } from "../geometry/polygon.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import type { LetteringMemory } from "../lettering/lettering-memory.ts";
import { factsOf } from "../proposal/facts-of.ts";
import { LISTS, withProposal } from "../proposal/merge.ts";
import { propose } from "../proposal/propose.ts";
import type { Facts } from "../stages/facts.ts";
import { filmLines } from "../stages/film-lines.ts";
import { type Kit, kitsOf, recutKits, spareKits } from "../stages/kits.ts";
import { letterSet } from "../stages/letter-set.ts";
import { borderFor, partSize } from "../stages/load-room.ts";
import { measureStrokes } from "../stages/measure-strokes.ts";
import { PACK_MINUTES_PER_KIT, TAPE_MINUTES_PER_KIT } from "../stages/pace-of-hands.ts";
import { type LetteredThing, PlanMemory } from "../stages/plan-memory.ts";
import { setScales } from "../stages/set-sizes.ts";
import { type LaidOut, layOut } from "../stages/sheets.ts";
import type { Plan, PreparationMinutes } from "../stages/stages.ts";
import { type TapeExtent, tapeExtent } from "../stages/tape.ts";
import { kitWishesOf, letteringReads } from "../stages/what-stages-read.ts";
import { comesBack } from "../stock/taking.ts";
import { type CostLine, costOf } from "../supplies/cost.ts";
import { type SupplyLine, supplyLines } from "../supplies/supply-lines.ts";
import { goesOf, isPainted } from "../weeding/technique.ts";
import { preparedOn } from "./prepared.ts";

/** What a plan is at: lettering and fitting, laying out, thinking it over. */
export type PlanStage = "letters" | "film" | "advice";
/** Told how far a plan has come: of a stage, how many of how many seats. */
export type TellStage = (stage: PlanStage, done: number, of: number) => void;

/**
 * @param memory what was planned before of this and other classes, to be used again
 * @throws PlanFault for documents that no plan can be made of.
 */
export function makePlan(
  given: ClassDocument,
  fonts: FontLookup,
  memory = new PlanMemory(),
  tell?: TellStage,
): Plan {
  const { things, kits } = letterKits(given, fonts, memory, tell);
  const facts = factsOfAll(given, things, kits);
  const document = proposedWhole(given, facts);
  const labels = seatLabels(document.seats);
  tell?.("film", 0, 1);
  const laidOut = layOut(kits, document, labels, memory);
  const supplies = allSupplies(document, laidOut);
  const preparation = preparationOf(kits, laidOut, document);
  const stages = {
    document,
    things,
    labels,
    kits,
    laidOut,
    supplies,
    preparation,
    facts,
    evenings: preparedOn(document),
    cost: costOf(
      {
        lines: supplies.map((line) => ({ ...line, ...spentOn(line.id, document) })),
        prepMinutes: preparation.total,
        seats: document.seats.length,
        classMinutes: document.when.minutes,
        posted: isPosted(document),
      },
      document.prices,
    ),
    runSheet: runSheetOf(document),
    deadlines: deadlines(
      document.when.date,
      leadDaysOf(document.setting.kind, document.leadDays),
      preparedApart(document.things),
    ),
  };
  tell?.("advice", 0, 1);
  return { ...stages, findings: findingsFor(stages, fonts, memory.lettering) };
}

/** On what a line is spent, and whether it is bought once for all. */
function spentOn(
  line: string,
  { supplies, things }: ClassDocument,
): Pick<CostLine, "kind" | "shared"> {
  const supply = supplies.find(({ id }) => id === line);
  if (!supply) return { kind: "film" };
  const shared = supply.per === "shared";
  if (things.some(({ blank }) => blank.name.toLowerCase() === supply.name.toLowerCase()))
    return { kind: "blank", shared };
  return { kind: comesBack(supply) ? "tools" : "consumable", shared };
}

/** What of each thing's designs decides minutes, tape and paint. */
export function factsOfAll(
  document: ClassDocument,
  things: Plan["things"],
  kits: readonly Kit[],
): Map<string, Facts> {
  return new Map(
    things.flatMap((plan) => {
      const facts = factsOf(plan, kits, thingOf(document, plan.id).technique, document.vinyls);
      return facts ? [[plan.id, facts] as const] : [];
    }),
  );
}

/**
 * A document that leaves its lists to the proposal, without having taken anything yet, gets them.
 */
export function proposedWhole(
  document: ClassDocument,
  facts: ReadonlyMap<string, Facts>,
): ClassDocument {
  const { proposed } = document;
  if (!proposed || LISTS.some((list) => proposed[list].length > 0)) return document;
  return withProposal(document, propose(document, { facts }));
}

/** What there is to cut: every seat's letters on the face of each thing, as kits of each vinyl. */
export function letterKits(
  document: ClassDocument,
  fonts: FontLookup,
  memory = new PlanMemory(),
  tell?: TellStage,
): Pick<Plan, "things" | "kits"> {
  const progress = tell && ((done: number, of: number) => tell("letters", done, of));
  const letter = (id: string, most?: number) => {
    const view = thingDocument(document, id);
    const make = () => letterThing(view, fonts, { memory: memory.lettering, progress, most });
    // What another studio's font has drawn is not for whoever only knows its name.
    return fontsOf(view).every((font) => fonts(font) !== undefined)
      ? memory.things.take(letteringReads(view, most), make)
      : make();
  };
  const alone = document.things.map(({ id }) => letter(id));
  const most = setScales(
    document.setSizing ?? "each",
    alone.map(({ plan }) => plan),
    (id) => thingDocument(document, id),
  );
  const lettered = alone.map((own) => {
    const scale = most.get(own.plan.id);
    return scale === undefined ? own : letter(own.plan.id, scale);
  });
  const own = inOrder(
    lettered.flatMap(({ kits }) => kits),
    document,
  );
  const all = [...own, ...spareKits(own, document.spareKits)];
  return { things: lettered.map(({ plan }) => plan), kits: [...all, ...recutKits(all, document)] };
}

const fontsOf = ({ design, seats }: ThingDocument): string[] => [
  ...design.items.flatMap((item) => (item.kind === "text" ? [item.font] : [])),
  ...seats.flatMap(({ own }) => Object.values(own ?? {}).flatMap(({ font }) => font ?? [])),
];

/** A person's kits follow each other, unless like things are to lie together. */
function inOrder(kits: Kit[], { things, seats, layout }: ClassDocument): Kit[] {
  if (things.length === 1 || layout.mode === "byThing") return kits;
  const place = new Map(seats.map(({ seat }, i) => [seat, i]));
  return kits
    .map((kit, i) => ({ kit, i, at: place.get(kit.seat) ?? 0 }))
    .sort((a, b) => a.at - b.at || a.i - b.i)
    .map(({ kit }) => kit);
}

interface LetterThing {
  readonly memory: LetteringMemory;
  readonly progress: ((done: number, of: number) => void) | undefined;
  readonly most: number | undefined;
}

function letterThing(
  document: ThingDocument,
  fonts: FontLookup,
  { memory, progress, most }: LetterThing,
): LetteredThing {
  const { thing, blank, design, technique, seats } = document;
  const face = readFace(blank);
  const brought = ownFaces(blank, seats);
  const lettered = measureStrokes(
    letterSet(design, seats, face, fonts, {
      memory,
      most,
      faces: brought,
      ...(progress ? { progress } : {}),
    }),
    fonts,
  );
  const widest = Math.max(0, ...lettered.seats.map((seat) => seat.width));
  const counts = new Map(seats.map(({ seat, count }) => [seat, count]));
  const kits = kitsOf(lettered.seats, document.vinyls, {
    thing: thing.id,
    several: document.things.length > 1,
    countOf: (seat) => counts.get(seat) ?? 0,
    copies: blank.handle?.school === "both" ? 2 : 1,
    padOf: (vinyl, box) => borderFor(box, vinyl, document),
    goes: goesOf(technique),
    film: isPainted(technique) && design.stencil?.film === "blank" ? blankOutline(blank) : null,
    sizeOf: (vinyl, pad) => partSize(vinyl, document, pad),
    weeding: document.figures?.weeding?.minutes,
    key: `${memory.contents.of(kitWishesOf(document))}`,
  });
  return {
    plan: {
      id: thing.id,
      face,
      ownFaces: brought,
      cupView: face.cup && widest > 0 ? viewOnCup(face.cup.radius, widest) : null,
      tape: tapeFor(tapeExtent(lettered.seats, document), kits),
      lettered,
      most: most ?? null,
    },
    kits,
  };
}

/** Tape carries the whole film where that is cut to an outline of its own. */
function tapeFor(tape: TapeExtent, kits: readonly Kit[]): TapeExtent {
  const film = kits.find((kit) => kit.film !== null);
  return film && tape.width > 0
    ? {
        ...tape,
        width: boxWidth(film.box) + 2 * TAPE_BEYOND_MM,
        height: boxHeight(film.box) + 2 * TAPE_BEYOND_MM,
      }
    : tape;
}

/** Names as labels: the same name twice is told apart by the seat. */
export function seatLabels(seats: ClassDocument["seats"]): Map<string, string> {
  const counts = new Map<string, number>();
  const nameOf = (fields: Readonly<Record<string, string>>) =>
    fields.name?.trim() || fields.word?.trim() || fields.number?.trim() || "";
  for (const { fields } of seats) counts.set(nameOf(fields), (counts.get(nameOf(fields)) ?? 0) + 1);
  return new Map(
    seats.map(({ seat, fields }) => {
      const name = nameOf(fields);
      if (name === "") return [seat, `seat ${seat}`];
      return [seat, (counts.get(name) ?? 0) > 1 ? `${name} (seat ${seat})` : name];
    }),
  );
}

/**
 * Vinyl is a supply like any other: needed by the loads of fresh film, bought by sheet, roll or
 * pack of colours.
 */
function allSupplies(document: ClassDocument, laidOut: LaidOut): SupplyLine[] {
  return [
    ...filmLines(document, laidOut.use),
    ...supplyLines({
      supplies: document.supplies,
      seats: document.seats.length,
      spares: document.spareSupplies,
      madeBy: (thing) => madeOf(document, thing),
    }),
  ];
}

/**
 * The host's own work: what is handed over to be weeded in the class is not weeded before; what is
 * handed over taped is taped.
 */
function preparationOf(
  kits: readonly Kit[],
  laidOut: LaidOut,
  { seats, preparation: tasks, handsOver }: ClassDocument,
): PreparationMinutes {
  const cutting = laidOut.sheets.reduce(
    (sum, sheet) => sum + sheet.cutMinutes + sheet.loadMinutes,
    0,
  );
  const weeding = handsOver === "cut" ? 0 : kits.reduce((sum, kit) => sum + kit.weed.minutes, 0);
  const packing =
    seats.length * PACK_MINUTES_PER_KIT +
    (handsOver === "taped" ? kits.length * TAPE_MINUTES_PER_KIT : 0);
  const blanks = tasks.reduce((sum, { minutes }) => sum + minutes, 0);
  return { cutting, weeding, packing, blanks, total: cutting + weeding + packing + blanks };
}
