/**
 * Minutes of weeding, refitted from a studio's own log: a ridge regression towards the first
 * guesses. All of them may be off by one
 * factor (quick or slow hands), and each by itself (somebody to whom insides are easy); an evening
 * has its mood, and the clock of some
 * kits ran on through supper, which Student's t passes over. Definitions as in Gelman & Hill, "Data
 * analysis using regression and
 * multilevel/hierarchical models" (2007), chapters 12 and 13.
 */
import { inverse, Matrix, solve } from "ml-matrix";
import {
  minutesOf,
  WEEDING_TERMS,
  type WeedingCoefficients,
  type WeedingCounts,
  type WeedingTerm,
} from "../figures/terms.ts";
import { WEEDING_COEFFICIENTS } from "../weeding/difficulty.ts";
import { classesIn, GUESSED, learnFactor, PRIOR, weightOf } from "./factor.ts";
import { grouped } from "./grouped.ts";

export interface WeededKit {
  readonly counts: WeedingCounts;
  readonly minutes: number;
  /** The evening it is of. */
  readonly group: string;
  /** The class it is of, where a class has several evenings. */
  readonly of?: string;
}

export interface LearnedWeeding {
  readonly minutes: WeedingCoefficients;
  /** By how much the kits that were weeded take longer than guessed, all in all. */
  readonly factor: number;
  /** Standard deviation of its logarithm. */
  readonly spread: number;
  readonly observations: number;
  readonly classes: number;
  /** What the usual kit is made of; null where none was seen. */
  readonly usual: WeedingCounts | null;
}

/** Standard deviation of one term beside the common factor, as a share of its guess. */
const OF_A_TERM = 0.3;
/** No term falls below this share of its guess: nothing is weeded in no time. */
const LEAST_SHARE = 0.1;
/**
 * Told to be done a moment after it was taken up: it was weeded before, and the clock says nothing.
 */
const LEAST_TAKEN = 0.15;
const ROUNDS = 10;
const GUESSES = WEEDING_TERMS.map((term) => WEEDING_COEFFICIENTS[term]);

export function learnWeeding(seen: readonly WeededKit[]): LearnedWeeding {
  const kits = seen.filter(
    ({ minutes, counts }) =>
      Number.isFinite(minutes) &&
      minutes > LEAST_TAKEN * minutesOf(counts, WEEDING_COEFFICIENTS) &&
      minutes > 0,
  );
  const start = learnFactor(
    kits.map(({ counts, minutes, group }) => ({
      ratio: minutes / minutesOf(counts, WEEDING_COEFFICIENTS),
      group,
    })),
  );
  if (kits.length === 0)
    return {
      minutes: WEEDING_COEFFICIENTS,
      factor: 1,
      spread: PRIOR.studios,
      observations: 0,
      classes: 0,
      usual: null,
    };
  const groups = grouped(kits, ({ group }) => group).map((own) => ({
    x: own.map(({ counts }) => WEEDING_TERMS.map((term) => counts[term])),
    y: own.map(({ minutes }) => minutes),
  }));
  const priorPrecision = inverse(priorSpread(), false);
  let beta = GUESSES.map((guess) => guess * start.factor);
  let covariance = priorSpread();
  let [within, between] = [PRIOR.within ** 2, PRIOR.evenings ** 2];
  const moods = groups.map(() => 0);
  for (let round = 0; round < ROUNDS; round++) {
    const left = priorPrecision.clone();
    const right = priorPrecision.mmul(Matrix.columnVector(GUESSES));
    let [squares, spreads] = [0, 0];
    for (const [g, { x, y }] of groups.entries()) {
      const expected = x.map((row) => dot(row, beta));
      const offs = y.map((minutes, i) => Math.log(minutes / (expected[i] as number)));
      const weights = offs.map((off) => weightOf((off - (moods[g] as number)) / Math.sqrt(within)));
      const all = weights.reduce((a, b) => a + b, 0);
      const mood = 1 / (1 / between + all / within);
      moods[g] =
        (mood * offs.reduce((sum, off, i) => sum + off * (weights[i] as number), 0)) / within;
      spreads += (moods[g] as number) ** 2 + mood;
      squares += offs.reduce(
        (sum, off, i) => sum + (weights[i] as number) * (off - (moods[g] as number)) ** 2,
        0,
      );
      addEvening(left, right, {
        rows: x.map((row, i) => row.map((value) => value / (expected[i] as number))),
        targets: y.map((minutes, i) => bounded(minutes / (expected[i] as number))),
        weights: weights.map((w) => w / within),
        between,
      });
    }
    covariance = inverse(left, false);
    beta = solve(left, right)
      .to1DArray()
      .map((value, k) => Math.max(value, LEAST_SHARE * (GUESSES[k] as number)));
    within = (GUESSED.within * PRIOR.within ** 2 + squares) / (GUESSED.within + kits.length);
    between =
      (GUESSED.evenings * PRIOR.evenings ** 2 + spreads) / (GUESSED.evenings + groups.length);
  }
  // Of all that was weeded: what the studio's usual kit is made of.
  const usual = WEEDING_TERMS.map(
    (term) => kits.reduce((sum, { counts }) => sum + counts[term], 0) / kits.length,
  );
  const mean = dot(usual, beta);
  const row = Matrix.rowVector(usual);
  return {
    minutes: asTerms(beta),
    factor: mean / dot(usual, GUESSES),
    spread: Math.sqrt(Math.max(0, row.mmul(covariance).mmul(row.transpose()).get(0, 0))) / mean,
    observations: kits.length,
    classes: classesIn(kits),
    usual: asTerms(usual),
  };
}

const asTerms = (values: readonly number[]): Record<WeedingTerm, number> =>
  Object.fromEntries(WEEDING_TERMS.map((term, k) => [term, values[k] ?? 0])) as Record<
    WeedingTerm,
    number
  >;

/**
 * Minutes as a share of those expected; a kit that lay through supper must not draw the line before
 * its weight is small.
 */
const bounded = (share: number): number => Math.min(share, 4);

interface EveningRows {
  /** Counts by expected minutes, and minutes by expected ones. */
  readonly rows: readonly (readonly number[])[];
  readonly targets: readonly number[];
  /** Precision of each row. */
  readonly weights: readonly number[];
  /** Variance of the evenings' moods. */
  readonly between: number;
}

/** Normal equations of the rows of one evening, its mood integrated out (Sherman & Morrison). */
function addEvening(
  left: Matrix,
  right: Matrix,
  { rows, targets, weights, between }: EveningRows,
): void {
  const terms = WEEDING_TERMS.length;
  const pull = Array.from({ length: terms }, (_, k) =>
    rows.reduce((sum, row, i) => sum + (row[k] as number) * (weights[i] as number), 0),
  );
  const all = weights.reduce((a, b) => a + b, 0);
  const target = targets.reduce((sum, value, i) => sum + value * (weights[i] as number), 0);
  const shared = between / (1 + between * all);
  for (let a = 0; a < terms; a++) {
    for (let b = 0; b < terms; b++)
      left.set(
        a,
        b,
        left.get(a, b) +
          rows.reduce(
            (sum, row, i) => sum + (weights[i] as number) * (row[a] as number) * (row[b] as number),
            0,
          ) -
          shared * (pull[a] as number) * (pull[b] as number),
      );
    right.set(
      a,
      0,
      right.get(a, 0) +
        rows.reduce(
          (sum, row, i) =>
            sum + (weights[i] as number) * (row[a] as number) * (targets[i] as number),
          0,
        ) -
        shared * (pull[a] as number) * target,
    );
  }
}

/** One factor common to all terms, and each by itself. */
function priorSpread(): Matrix {
  return new Matrix(
    GUESSES.map((a, i) =>
      GUESSES.map((b, j) => PRIOR.studios ** 2 * a * b + (i === j ? (OF_A_TERM * a) ** 2 : 0)),
    ),
  );
}

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, i) => sum + value * (b[i] as number), 0);
