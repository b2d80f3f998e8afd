/**
 * What the craft's knowledge looks at: one thing of a class, what it is made of, and what its film
 * was found to be.
 */

import type { Material } from "../blanks/blank-kinds.ts";
import type { Frame } from "../blanks/finishing.ts";
import { type FinishingRead, finishingOf } from "../blanks/finishing-of.ts";
import { type GroundRead, groundOf, surfaceOf } from "../blanks/ground-of.ts";
import type { ClassDocument, Thing } from "../document/document.ts";
import type { HandedOver } from "../document/document-kinds.ts";
import { thingDocument } from "../document/thing-document.ts";
import type { Use } from "../document/use.ts";
import { vinylsOfItem } from "../lettering/recipe-reads.ts";
import type { Facts } from "../stages/facts.ts";
import type { Schools } from "../studio/settings.ts";
import { USUAL_SCHOOLS } from "../studio/settings-kinds.ts";
import type { Technique } from "../weeding/techniques.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { guessedFacts } from "./facts-of.ts";

export interface Situation {
  readonly thing: Thing;
  readonly technique: Technique;
  readonly blank: Thing["blank"];
  readonly use: Use;
  readonly schools: Schools;
  /** Films of the design in the order in which they lie, the lowest first. */
  readonly films: readonly Vinyl[];
  /** Seats that make it, and pieces that are made in all. */
  readonly seats: number;
  readonly pieces: number;
  readonly inRoom: boolean;
  readonly helpers: number;
  readonly handsOver: HandedOver;
  readonly practised: boolean;
  readonly ground: GroundRead;
  /** What film meets when the blank is ready. */
  readonly surface: Material;
  readonly frame: Frame | undefined;
  readonly finishing: FinishingRead;
  /** Another face of it is decorated, too. */
  readonly twoSided: boolean;
  readonly facts: Facts;
}

/** The studio's ways with those of the class over them. */
export const schoolsOf = (
  document: Pick<ClassDocument, "schools">,
  studio: Schools = USUAL_SCHOOLS,
): Schools => ({
  ...studio,
  ...Object.fromEntries(
    Object.entries(document.schools ?? {}).filter(([, way]) => way !== undefined),
  ),
});

/** @param facts what is known of the lettered thing; guessed from the face when left out */
export function situationOf(
  document: ClassDocument,
  id: string,
  schools: Schools,
  facts?: Facts,
): Situation {
  const view = thingDocument(document, id);
  const { thing, blank, technique, use } = view;
  const films = filmsOf(thing, document.vinyls);
  const twoSided =
    thing.sideOf !== undefined || document.things.some(({ sideOf }) => sideOf === id);
  const ground = groundOf(blank, technique, twoSided, schools.rawWood === "seal");
  return {
    thing,
    technique,
    blank,
    use,
    schools,
    films,
    seats: view.seats.length,
    pieces: view.seats.reduce((sum, { count }) => sum + count, 0),
    inRoom: document.setting.kind === "room",
    helpers: document.setting.helpers ?? 0,
    handsOver: document.handsOver ?? "weeded",
    practised: document.practised ?? false,
    ground,
    surface: surfaceOf(blank.material, ground),
    frame: blank.frame,
    finishing: finishingOf(thing),
    twoSided,
    facts: facts ?? guessedFacts(blank, films),
  };
}

/**
 * Films that the design names, in the order in which the class has them; the class's first where it
 * names none.
 */
export function filmsOf({ design }: Pick<Thing, "design">, vinyls: readonly Vinyl[]): Vinyl[] {
  const named = new Set(design.items.flatMap(vinylsOfItem));
  const used = vinyls.filter(({ id }) => named.has(id));
  return used.length > 0 ? used : vinyls.slice(0, 1);
}
