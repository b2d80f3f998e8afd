/** What was learned, in words a host would use. */
import type { ClassDocument } from "../document/document.ts";
import type { Figures } from "../figures/figures.ts";
import type { Deed, Quarter, WeedingTerm } from "../figures/terms.ts";
import { type FilmSeen, spareNeed } from "./failures.ts";
import type { Model, Offer } from "./offers.ts";

const OF: Readonly<Record<Model, { readonly one: string; readonly many: string }>> = {
  weeding: { one: "kit", many: "kits" },
  cutting: { one: "load", many: "loads" },
  steps: { one: "step", many: "steps" },
  drying: { one: "coat", many: "coats" },
};
const counted = (
  count: number,
  { one, many }: { readonly one: string; readonly many: string },
): string => `${count} ${count === 1 ? one : many}`;
const ofClasses = (count: number): string => (count === 1 ? "one class" : `${count} classes`);

export const sayTimes = (factor: number): string => factor.toFixed(2).replace(/0$/u, "");

export const MODEL_WORDS: Readonly<
  Record<Model, { readonly title: string; readonly runs: string; readonly unit: string }>
> = {
  weeding: { title: "Weeding", runs: "Your weeding runs", unit: "min each" },
  cutting: { title: "Cutting", runs: "Your cutter takes", unit: "times" },
  steps: { title: "Steps in the class", runs: "Your groups take", unit: "times" },
  drying: { title: "Drying", runs: "Paint takes to dry", unit: "times" },
};

/** "Your weeding runs 1.3 times the first guess". */
export const sayOffer = ({ model, factor }: Pick<Offer, "model" | "factor">): string =>
  `${MODEL_WORDS[model].runs} ${sayTimes(factor)} times the first guess`;

/** "42 kits of 3 classes; four times in five it lies between 1.2 and 1.4". */
export function sayRest({
  model,
  observations,
  classes,
  range: [low, high],
}: Pick<Offer, "model" | "observations" | "classes" | "range">): string {
  if (observations === 0) return "nothing seen yet";
  return `${counted(observations, OF[model])} of ${ofClasses(classes)}; four times in five it lies between ${sayTimes(low)} and ${sayTimes(high)}`;
}

const FIRST_GUESS = "First guesses from practice.";

/** What minutes of a class rest on. */
export function restsOn(figures: Figures | undefined, model: Model, cutter?: string): string {
  const own =
    model === "cutting" ? figures?.cutting?.find((one) => one.cutter === cutter) : figures?.[model];
  return own
    ? `Your own log: ${counted(own.observations, OF[model])} of ${ofClasses(own.classes)}.`
    : FIRST_GUESS;
}

export const TERM_WORDS: Readonly<Record<WeedingTerm, string>> = {
  base: "Each kit, to begin with",
  perPiece: "A piece",
  perCounter: "An inside",
  perSmallPart: "A small part",
  perMetreOutline: "A metre of outline",
  perTail: "A tail",
  perThinStroke: "A thin stroke",
  perTightInside: "An inside as good as closed",
};

export const DEED_WORDS: Readonly<Record<Deed, string>> = {
  welcome: "Welcome",
  clean: "Cleaning",
  "blow-up": "Blowing up",
  weed: "Weeding in the class",
  "join-parts": "Joining parts",
  tape: "Taping",
  place: "Placing",
  press: "Pressing",
  "peel-liner": "Peeling the liner",
  "peel-film": "Peeling the film",
  peel: "Peeling the tape",
  border: "Covering the border",
  "seal-edges": "Sealing edges",
  ground: "Painting the ground",
  coat: "A coat of paint",
  spray: "Spraying",
  "touch-up": "Touching up",
  tidy: "Tidying",
  "large-ring": "Large rings",
  "small-ring": "Small rings",
  twine: "Twine",
  ribbon: "Ribbon",
  hanger: "Hangers",
  frame: "Frames",
  finish: "Finishing",
};

const QUARTER_WORDS: Readonly<Record<Quarter, string>> = {
  "12-2": "December to February",
  "3-5": "March to May",
  "6-8": "June to August",
  "9-11": "September to November",
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
      ? "a first guess, nothing of these films is logged yet"
      : `${lost} of ${kits} logged pieces of film failed, beside the first guess`;
  return `About ${Math.max(1, Math.round(100 * share))} kits in a hundred fail (${rests}): ${enough === 1 ? "one spare is" : `${enough} spares are`} enough nine times in ten.`;
}
