/** A wear or wash test: one film on one surface, what it went through, and what became of each sample. */
import { z } from "zod";
import { MATERIALS, type Material } from "../blanks/blank.ts";
import { isDate } from "../calendar/dates.ts";
import type { Vinyl } from "../weeding/vinyl.ts";

export const WEARS = ["hand", "dishwasher", "weather", "rubbing"] as const;
export type Wear = (typeof WEARS)[number];

/** From nothing to see to gone, in the order in which samples fail. */
export const OUTCOMES = ["held", "faded", "lifting", "off"] as const;
export type Outcome = (typeof OUTCOMES)[number];

export const MOST_SAMPLES = 24;
export const MOST_TRIALS = 300;

export const sampleSchema = z.strictObject({
  id: z.string().regex(/^[a-z0-9]{1,12}$/u),
  label: z.string().trim().min(1, "Say which sample it is, such as bold letters.").max(60),
  /** Not looked at yet when left out. */
  outcome: z.enum(OUTCOMES).optional(),
  /** At which round it was seen first; of what held, the last one looked at. */
  round: z.number().int().min(0).max(10_000).optional(),
  note: z.string().trim().max(200).default(""),
  picture: z.uuid().optional(),
});
export type Sample = z.infer<typeof sampleSchema>;

export const trialSchema = z.strictObject({
  film: z.string().trim().min(1, "Say which film it is.").max(80),
  material: z.enum(MATERIALS),
  began: z.string().refine(isDate, "A date like 2026-12-05."),
  cureHours: z.number().int().min(0).max(10_000).describe("between laying and the first round"),
  wear: z.enum(WEARS),
  how: z.string().trim().max(200).default("").describe("how it was washed or where it stands"),
  rounds: z
    .number()
    .int()
    .min(0)
    .max(10_000)
    .describe("washes, or months of weather, that it went through so far"),
  samples: z.array(sampleSchema).max(MOST_SAMPLES),
  note: z.string().trim().max(300).default(""),
});
export type Trial = z.infer<typeof trialSchema>;

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
 * What the film is found to bear, or not, going by this trial; null where it does not say. What lifts or comes off fails; what faded is
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
