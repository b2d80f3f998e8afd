/** What the rounds of a trial tell. */
import type { Material } from "../blanks/blank-kinds.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import type { Trial } from "./trial.ts";
import { OUTCOMES, type Outcome, type Wear } from "./trial-kinds.ts";

/** The worst of the samples that were looked at; null while none was. */
export function worstOf({ samples }: Pick<Trial, "samples">): Outcome | null {
  const seen = samples.flatMap(({ outcome }) => outcome ?? []);
  return seen.length === 0
    ? null
    : seen.reduce((a, b) => (OUTCOMES.indexOf(a) > OUTCOMES.indexOf(b) ? a : b));
}
/** Rounds after which a trial that held says something: a first guess. */
export const ROUNDS_THAT_TELL: Readonly<Record<Wear, number>> = {
  hand: 5,
  dishwasher: 5,
  weather: 3,
  rubbing: 5,
};
type Proved = NonNullable<Vinyl["proved"]>;
/**
 * What the film is found to bear, or not, going by this trial; null where it does not say. What
 * lifts or comes off fails; what faded is
 * for the host to judge and fails, too: nobody wants it in a kit.
 */
export function provedBy(trial: Trial): Proved | null {
  const worst = worstOf(trial);
  if (worst === null || trial.wear === "rubbing") return null;
  const held = worst === "held";
  if (held && trial.rounds < ROUNDS_THAT_TELL[trial.wear]) return null;
  const note = `${sayRounds(trial)}, begun ${trial.began}`;
  if (trial.wear === "weather") return { outdoors: held, note };
  return {
    washing:
      trial.wear === "dishwasher" ? (held ? "dishwasher" : "handOnly") : held ? "hand" : "none",
    note,
  };
}
const ROUND_WORDS: Readonly<Record<Wear, readonly [string, string]>> = {
  hand: ["wash by hand", "washes by hand"],
  dishwasher: ["dishwasher wash", "dishwasher washes"],
  weather: ["month of weather", "months of weather"],
  rubbing: ["round of rubbing", "rounds of rubbing"],
};
/** "5 dishwasher washes, cured 72 h". */
export const sayRounds = ({
  rounds,
  wear,
  cureHours,
}: Pick<Trial, "rounds" | "wear" | "cureHours">): string =>
  `${rounds} ${ROUND_WORDS[wear][rounds === 1 ? 0 : 1]}, cured ${cureHours} h`;

export const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  held: "held",
  faded: "faded",
  lifting: "edges lift",
  off: "came off",
};
export const WEAR_WORDS: Readonly<Record<Wear, string>> = {
  hand: "washed by hand",
  dishwasher: "in a dishwasher",
  weather: "out in the weather",
  rubbing: "rubbed and handled",
};
/** Trials of a film that speak to a surface, those on that very surface first. */
export function trialsOf<T extends { readonly trial: Trial }>(
  trials: readonly T[],
  film: string,
  material: Material,
): T[] {
  const own = trials.filter(
    ({ trial }) => trial.film.toLowerCase() === film.toLowerCase() && worstOf(trial) !== null,
  );
  return [
    ...own.filter(({ trial }) => trial.material === material),
    ...own.filter(({ trial }) => trial.material !== material),
  ];
}
