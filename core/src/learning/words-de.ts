/** What was learned, in German words a host would use. */
import type { ClassDocument } from "../document/document.ts";
import type { Figures } from "../figures/figures.ts";
import type { Deed, Quarter, WeedingTerm } from "../figures/terms.ts";
import { withComma } from "../units/comma.ts";
import { type FilmSeen, spareNeed } from "./failures.ts";
import type { Model, Offer } from "./offers.ts";

const OF: Readonly<Record<Model, { readonly one: string; readonly many: string }>> = {
  weeding: { one: "Set", many: "Sets" },
  cutting: { one: "Ladung", many: "Ladungen" },
  steps: { one: "Schritt", many: "Schritte" },
  drying: { one: "Anstrich", many: "Anstriche" },
};
/** After “aus”: “aus 3 Schritten”. */
const counted = (
  count: number,
  { one, many }: { readonly one: string; readonly many: string },
): string => `${count} ${count === 1 ? one : many}`;
const ofClasses = (count: number): string => (count === 1 ? "einem Kurs" : `${count} Kursen`);

export const sayTimes = (factor: number): string => withComma(factor.toFixed(2).replace(/0$/u, ""));

export const MODEL_WORDS: Readonly<
  Record<Model, { readonly title: string; readonly runs: string; readonly unit: string }>
> = {
  weeding: { title: "Entgittern", runs: "Ihr Entgittern dauert", unit: "min je Set" },
  cutting: { title: "Schneiden", runs: "Ihr Plotter braucht", unit: "mal" },
  steps: { title: "Schritte im Kurs", runs: "Ihre Gruppen brauchen", unit: "mal" },
  drying: { title: "Trocknen", runs: "Farbe trocknet", unit: "mal" },
};

/** "Ihr Entgittern dauert 1,3-mal so lange wie zuerst geschätzt". */
export const sayOffer = ({ model, factor }: Pick<Offer, "model" | "factor">): string =>
  `${MODEL_WORDS[model].runs} ${sayTimes(factor)}-mal so lange wie zuerst geschätzt`;

export function sayRest({
  model,
  observations,
  classes,
  range: [low, high],
}: Pick<Offer, "model" | "observations" | "classes" | "range">): string {
  if (observations === 0) return "noch nichts gesehen";
  return `${counted(observations, OF[model])} in ${ofClasses(classes)}; in vier von fünf Fällen liegt es zwischen ${sayTimes(low)} und ${sayTimes(high)}`;
}

const FIRST_GUESS = "Erste Schätzungen aus der Praxis.";

/** What minutes of a class rest on. */
export function restsOn(figures: Figures | undefined, model: Model, cutter?: string): string {
  const own =
    model === "cutting" ? figures?.cutting?.find((one) => one.cutter === cutter) : figures?.[model];
  return own
    ? `Ihr eigenes Logbuch: ${counted(own.observations, OF[model])} in ${ofClasses(own.classes)}.`
    : FIRST_GUESS;
}

export const TERM_WORDS: Readonly<Record<WeedingTerm, string>> = {
  base: "Jedes Set, fürs Erste",
  perPiece: "Ein Stück",
  perCounter: "Eine Punze",
  perSmallPart: "Ein kleines Teil",
  perMetreOutline: "Ein Meter Umriss",
  perTail: "Ein dünner Ausläufer",
  perThinStroke: "Ein dünner Strich",
  perTightInside: "Eine so gut wie geschlossene Punze",
};

export const DEED_WORDS: Readonly<Record<Deed, string>> = {
  welcome: "Begrüßung",
  clean: "Reinigen",
  "blow-up": "Aufblasen",
  weed: "Entgittern im Kurs",
  "join-parts": "Teile zusammenfügen",
  tape: "Transferfolie auflegen",
  place: "Auflegen",
  press: "Aufbügeln",
  "peel-liner": "Träger abziehen",
  "peel-film": "Folie abziehen",
  peel: "Transferfolie abziehen",
  border: "Rand abdecken",
  "seal-edges": "Ränder versiegeln",
  ground: "Grund streichen",
  coat: "Ein Anstrich",
  spray: "Sprühen",
  "touch-up": "Ausbessern",
  tidy: "Aufräumen",
  "large-ring": "Große Ringe",
  "small-ring": "Kleine Ringe",
  twine: "Schnur",
  ribbon: "Band",
  hanger: "Aufhänger",
  frame: "Rahmen",
  finish: "Fertigstellen",
};

const QUARTER_WORDS: Readonly<Record<Quarter, string>> = {
  "12-2": "Dezember bis Februar",
  "3-5": "März bis Mai",
  "6-8": "Juni bis August",
  "9-11": "September bis November",
};

const known = (words: Readonly<Record<string, string>>, what: string): string =>
  Object.hasOwn(words, what) ? (words[what] as string) : what;
/** What one figure of a model is about. */
export const sayPart = (model: Model, what: string): string =>
  known(model === "weeding" ? TERM_WORDS : model === "steps" ? DEED_WORDS : QUARTER_WORDS, what);

/** How many spare kits are enough for a class, by what of its films has failed so far. */
export function sayFails(
  document: Pick<ClassDocument, "vinyls" | "seats">,
  seen: readonly FilmSeen[],
): string {
  const need = spareNeed(document, seen);
  if (!need) return "";
  const { share, kits, lost, enough } = need;
  const rests =
    kits === 0
      ? "eine erste Schätzung, von diesen Folien ist noch nichts vermerkt"
      : `${lost} von ${kits} vermerkten Folienstücken sind misslungen, neben der ersten Schätzung`;
  return `Etwa ${Math.max(1, Math.round(100 * share))} von hundert Sets misslingen (${rests}): ${enough === 1 ? "Ein Ersatzset reicht" : `${enough} Ersatzsets reichen`} in neun von zehn Fällen.`;
}
