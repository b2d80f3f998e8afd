/** A made-up studio whose true minutes are known: what learning from its log should come to. */

import {
  minutesOf,
  WEEDING_TERMS,
  type WeedingCoefficients,
  type WeedingCounts,
  type WeedingTerm,
} from "../figures/terms.ts";
import { seededRandom } from "../geometry/random.ts";
import type { WeededKit } from "../learning/weeding.ts";
import { normalOf } from "../rehearsal/chance.ts";
import { WEEDING_COEFFICIENTS } from "../weeding/difficulty.ts";

export interface Habits {
  /**
   * Standard deviations of logarithms: of its hands, of one term beside them, of evenings, of kits.
   */
  readonly hands: number;
  readonly terms: number;
  readonly evenings: number;
  readonly kits: number;
  /** Share of kits whose clock ran on, thrice to nine times too long. */
  readonly wild: number;
}

export const USUAL: Habits = { hands: 0.35, terms: 0.2, evenings: 0.08, kits: 0.2, wild: 0 };

/** On which the kits of a class are weeded. */
const EVENINGS = 2;

export class SimulatedStudio {
  private readonly random: () => number;
  readonly minutes: WeedingCoefficients;

  constructor(
    seed: number,
    private readonly habits: Habits,
  ) {
    this.random = seededRandom(seed);
    const hands = Math.exp(this.normal(habits.hands));
    this.minutes = Object.fromEntries(
      WEEDING_TERMS.map((term) => [
        term,
        WEEDING_COEFFICIENTS[term] * hands * Math.exp(this.normal(habits.terms)),
      ]),
    ) as Record<WeedingTerm, number>;
  }

  /** Names on a blank, or finer art, as classes are; each class of another design. */
  weed(name: string, kits: number): WeededKit[] {
    const evenings = Array.from({ length: EVENINGS }, this.evening);
    return this.kinds(kits).map((counts, i) => {
      const evening = i % EVENINGS;
      const scatter = Math.exp(this.normal(this.habits.kits) - this.habits.kits ** 2 / 2);
      const wild = this.random() < this.habits.wild ? 3 + 6 * this.random() : 1;
      return {
        counts,
        group: `${name} ${evening}`,
        of: name,
        minutes: minutesOf(counts, this.minutes) * (evenings[evening] as number) * scatter * wild,
      };
    });
  }

  /** What another class really takes, evenings and kits in their mean. */
  class(kits: number): { readonly counts: readonly WeedingCounts[]; readonly minutes: number } {
    const counts = this.kinds(kits);
    return { counts, minutes: counts.reduce((sum, own) => sum + minutesOf(own, this.minutes), 0) };
  }

  ratio(truth: number, evening: number): number {
    const wild = this.random() < this.habits.wild ? 3 + 6 * this.random() : 1;
    return truth * evening * Math.exp(this.normal(this.habits.kits)) * wild;
  }

  evening = (): number => Math.exp(this.normal(this.habits.evenings));

  private kinds(kits: number): WeedingCounts[] {
    const fine = this.random() < 0.4;
    const round = this.random() < 0.5 ? 0.25 : 0.5;
    const thin = fine ? 0.3 : 0.02;
    return Array.from({ length: kits }, () => {
      const pieces = 3 + Math.floor(this.random() * (fine ? 22 : 9));
      const share = (most: number) => Math.floor(this.random() * pieces * most + 0.5);
      return {
        base: 1,
        perPiece: pieces,
        perCounter: share(round),
        perSmallPart: share(fine ? 0.4 : 0.1),
        perMetreOutline: pieces * (0.05 + 0.1 * this.random()),
        perTail: share(0.15),
        perThinStroke: share(thin),
        perTightInside: share(thin) / 2,
      };
    });
  }

  private normal(deviation: number): number {
    return deviation * normalOf(Math.min(1 - 1e-12, Math.max(1e-12, this.random())));
  }
}
