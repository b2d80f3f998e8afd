/**
 * How much longer something takes than was guessed, learned from a studio's own log.
 *
 * Logarithms of actual by guessed minutes: one evening has its own mood (tired hosts, a cold room),
 * each observation scatters round it, and
 * some are no observation at all (a telephone call with the clock running). So: a normal prior
 * round "as guessed", normal evenings, and
 * Student's t within one, by iterated weights (Lange, Little & Taylor 1989, "Robust statistical
 * modeling using the t distribution").
 */

import { grouped } from "./grouped.ts";

export interface Observed {
  /** Actual by guessed minutes, above zero. */
  readonly ratio: number;
  /** The evening it is of: what was seen on one says less than as much from several. */
  readonly group: string;
  /** The class it is of, where a class has several evenings. */
  readonly of?: string;
}

export interface Prior {
  /**
   * Standard deviations of the logarithm: of studios, of the evenings of one, and within an
   * evening.
   */
  readonly studios: number;
  readonly evenings: number;
  readonly within: number;
}

export interface Learned {
  /** Median of actual by guessed minutes. */
  readonly factor: number;
  /** Standard deviation of its logarithm: how sure it is. */
  readonly spread: number;
  readonly observations: number;
  readonly classes: number;
}

/**
 * Studios differ by a third or so, evenings by a tenth, kits and steps by a quarter: first guesses.
 */
export const PRIOR: Prior = { studios: 0.35, evenings: 0.1, within: 0.25 };
/** Degrees of freedom of Student's t: four bear one wild observation in ten. */
export const FREEDOM = 4;
/**
 * What the guessed scatter weighs against what is seen: so many observations, and so many evenings.
 */
export const GUESSED = { within: 10, evenings: 3 } as const;
const ROUNDS = 12;

export const NOTHING_LEARNED: Learned = {
  factor: 1,
  spread: PRIOR.studios,
  observations: 0,
  classes: 0,
};

/**
 * Weight of an observation that lies so many scatters off: near one for most, small for the wild.
 */
export const weightOf = (off: number): number => (FREEDOM + 1) / (FREEDOM + off * off);

export function learnFactor(seen: readonly Observed[], prior: Prior = PRIOR): Learned {
  const rows = seen
    .filter(({ ratio }) => Number.isFinite(ratio) && ratio > 0)
    .map(({ ratio, group }) => ({ y: Math.log(ratio), group }));
  const groups = grouped(rows, ({ group }) => group).map((own) => own.map(({ y }) => y));
  if (groups.length === 0) return { ...NOTHING_LEARNED, spread: prior.studios };
  let mean = shrunk(median(rows.map(({ y }) => y)), rows.length);
  const middles = groups.map(median);
  let [within, between, variance] = [prior.within ** 2, prior.evenings ** 2, prior.studios ** 2];
  for (let round = 0; round < ROUNDS; round++) {
    let [weights, sum, squares, spreads] = [0, 0, 0, 0];
    for (const [i, own] of groups.entries()) {
      const centre = middles[i] as number;
      const w = own.map((y) => weightOf((y - centre) / Math.sqrt(within)));
      const all = w.reduce((a, b) => a + b, 0);
      const middle = own.reduce((a, y, j) => a + y * (w[j] as number), 0) / all;
      const precision = 1 / (within / all + between);
      weights += precision;
      sum += precision * middle;
      // The evening's own mood, and how sure that is, for the next round.
      const mood = 1 / (1 / between + all / within);
      const off = (mood * all * (middle - mean)) / within;
      spreads += off * off + mood;
      middles[i] = mean + off;
      squares += own.reduce(
        (a, y, j) => a + (w[j] as number) * (y - (middles[i] as number)) ** 2,
        0,
      );
    }
    variance = 1 / (1 / prior.studios ** 2 + weights);
    mean = variance * sum;
    within = (GUESSED.within * prior.within ** 2 + squares) / (GUESSED.within + rows.length);
    between =
      (GUESSED.evenings * prior.evenings ** 2 + spreads) / (GUESSED.evenings + groups.length);
  }
  return {
    factor: Math.exp(mean),
    spread: Math.sqrt(variance),
    observations: rows.length,
    classes: classesIn(seen),
  };
}

/** How many classes they are of. */
export const classesIn = (seen: readonly Pick<Observed, "group" | "of">[]): number =>
  new Set(seen.map(({ group, of = group }) => of)).size;

/** To begin with, so that a wild first observation does not decide what counts as wild. */
const shrunk = (value: number, count: number): number => (value * count) / (count + 2);

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1
    ? (sorted[middle] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
}

/** From where to where it lies, four times in five. */
export const rangeOf = ({
  factor,
  spread,
}: Pick<Learned, "factor" | "spread">): readonly [number, number] => [
  factor * Math.exp(-EIGHTY * spread),
  factor * Math.exp(EIGHTY * spread),
];
/** 90 % point of the normal distribution. */
const EIGHTY = 1.2816;
