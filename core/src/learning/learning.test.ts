/** Learned figures against closed forms, and on made-up studios whose truth is known. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  minutesOf,
  WEEDING_TERMS,
  type WeedingCoefficients,
  type WeedingCounts,
} from "../figures/terms.ts";
import { SimulatedStudio, USUAL } from "../testing/simulated-studio.ts";
import { WEEDING_COEFFICIENTS } from "../weeding/difficulty.ts";
import { learnFactor, PRIOR, rangeOf } from "./factor.ts";
import { failsOf, GUESSED_FAILURES, sparesFor } from "./failures.ts";
import { learnWeeding } from "./weeding.ts";

const STUDIOS = 200;
const SEATS = 12;

/** How far off the estimate of a fourth class is, as a share, in each of the studios. */
function errors(habits = USUAL, classes = 3, kits = SEATS, from = 1): number[] {
  return Array.from({ length: STUDIOS }, (_, i) => {
    const studio = new SimulatedStudio(from + i, habits);
    const seen = Array.from({ length: classes }, (__, c) => studio.weed(`c${c}`, kits)).flat();
    const learned = learnWeeding(seen);
    const next = studio.class(40);
    return (
      next.counts.reduce((sum, counts) => sum + minutesOf(counts, learned.minutes), 0) /
        next.minutes -
      1
    );
  });
}
const shareWithin = (list: readonly number[], bound: number) =>
  list.filter((error) => Math.abs(error) <= bound).length / list.length;
const counts = (more: Partial<WeedingCounts> = {}): WeedingCounts => ({
  base: 1,
  perPiece: 8,
  perCounter: 3,
  perSmallPart: 1,
  perMetreOutline: 0.8,
  perTail: 0,
  perThinStroke: 0,
  perTightInside: 0,
  ...more,
});

describe("minutes of weeding, learned", () => {
  it("stay the first guesses where nothing was weeded, and hardly move for one kit", () => {
    expect(learnWeeding([]).minutes).toEqual(WEEDING_COEFFICIENTS);
    const one = learnWeeding([
      { counts: counts(), minutes: 2 * minutesOf(counts(), WEEDING_COEFFICIENTS), group: "a" },
    ]);
    expect(one.factor).toBeGreaterThan(1.05);
    expect(one.factor).toBeLessThan(1.75);
    expect(one.spread).toBeGreaterThan(0.15);
  });

  it("from three classes on a fourth is within a tenth in nine of ten studios", () => {
    const off = errors();
    expect(shareWithin(off, 0.1)).toBeGreaterThanOrEqual(0.9);
    // First guesses are within a tenth in about a quarter of them.
    expect(shareWithin(errors(USUAL, 0), 0.1)).toBeLessThan(0.35);
    expect(Math.abs(off.reduce((a, b) => a + b, 0) / off.length)).toBeLessThan(0.02);
  });

  it("also where one clock in twenty ran on through supper", () => {
    expect(
      shareWithin(errors({ ...USUAL, wild: 0.05 }, 3, SEATS, 900), 0.1),
    ).toBeGreaterThanOrEqual(0.85);
  });

  it("with too little is never worse than the guess by much, and says how unsure it is", () => {
    const few = errors(USUAL, 1, 3, 5000);
    const guessed = errors(USUAL, 0, 0, 5000);
    const mean = (list: readonly number[]) =>
      list.reduce((sum, error) => sum + Math.abs(error), 0) / list.length;
    expect(mean(few)).toBeLessThan(mean(guessed));
    const spreads = [1, 3, 10].map(
      (classes) =>
        learnWeeding(
          Array.from({ length: classes }, (_, c) =>
            new SimulatedStudio(c + 7, { ...USUAL, hands: 0 }).weed(`c${c}`, SEATS),
          ).flat(),
        ).spread,
    );
    expect(spreads).toEqual([...spreads].sort((a, b) => b - a));
  });

  it("the range holds the truth about four times in five", () => {
    const held = Array.from({ length: STUDIOS }, (_, i) => {
      const studio = new SimulatedStudio(i + 300, { ...USUAL, terms: 0 });
      const learned = learnWeeding([0, 1, 2].flatMap((c) => studio.weed(`c${c}`, SEATS)));
      const [low, high] = rangeOf(learned);
      const truth = studio.minutes.base / WEEDING_COEFFICIENTS.base;
      return low <= truth && truth <= high;
    }).filter(Boolean).length;
    expect(held / STUDIOS).toBeGreaterThan(0.72);
    expect(held / STUDIOS).toBeLessThan(0.98);
  });

  it("kits that were only told to be done, a moment after they were taken up, say nothing", () => {
    const studio = new SimulatedStudio(5, USUAL);
    const seen = [0, 1, 2].flatMap((c) => studio.weed(`c${c}`, SEATS));
    const told = Array.from({ length: 40 }, (_, i) => ({
      counts: counts(),
      minutes: 0.02 + i / 1000,
      group: "late",
      of: "late",
    }));
    expect(learnWeeding([...seen, ...told])).toEqual(learnWeeding(seen));
  });

  it("finds which of the terms is off where kits tell them apart", () => {
    const slowInsides: WeedingCoefficients = { ...WEEDING_COEFFICIENTS, perCounter: 0.45 };
    const seen = Array.from({ length: 120 }, (_, i) => {
      const own = counts({ perPiece: 4 + (i % 7), perCounter: i % 9, perSmallPart: i % 3 });
      return { counts: own, minutes: minutesOf(own, slowInsides), group: `c${i % 4}` };
    });
    const { minutes } = learnWeeding(seen);
    expect(minutes.perCounter).toBeGreaterThan(0.35);
    expect(minutes.perPiece).toBeLessThan(0.16);
  });

  it("no minutes are ever below nothing, whatever the log says", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            minutes: fc.double({ min: 0.01, max: 600, noNaN: true }),
            group: fc.constantFrom("a", "b", "c"),
            perPiece: fc.integer({ min: 0, max: 60 }),
            perCounter: fc.integer({ min: 0, max: 30 }),
            perTail: fc.integer({ min: 0, max: 9 }),
          }),
          {
            maxLength: 40,
          },
        ),
        (rows) => {
          const learned = learnWeeding(
            rows.map(({ minutes, group, ...own }) => ({ minutes, group, counts: counts(own) })),
          );
          for (const term of WEEDING_TERMS)
            expect(learned.minutes[term]).toBeGreaterThanOrEqual(0.09 * WEEDING_COEFFICIENTS[term]);
          expect(Number.isFinite(learned.factor) && learned.spread > 0 && learned.spread < 1).toBe(
            true,
          );
        },
      ),
      { seed: 12, numRuns: 60 },
    );
  });
});

describe("a factor, learned", () => {
  it("without wild ones is the mean of guess and classes, each by its weight", () => {
    // One observation a class, no scatter of the data: the closed form with the scatter that is
    // left of the guess.
    const seen = Array.from({ length: 400 }, (_, i) => ({ ratio: 1.5, group: `g${i}` }));
    const learned = learnFactor(seen);
    expect(learned.factor).toBeCloseTo(1.5, 2);
    expect(learned).toMatchObject({ observations: 400, classes: 400 });
  });

  it("is one where nothing was seen, and passes over what is no number", () => {
    expect(learnFactor([])).toMatchObject({ factor: 1, spread: PRIOR.studios, observations: 0 });
    expect(
      learnFactor([
        { ratio: Number.NaN, group: "a" },
        { ratio: -1, group: "a" },
        { ratio: 0, group: "b" },
      ]).observations,
    ).toBe(0);
  });

  it("sixty observations of one class say less than as many of six", () => {
    const of = (classes: number) =>
      learnFactor(Array.from({ length: 60 }, (_, i) => ({ ratio: 1.4, group: `g${i % classes}` })));
    expect(of(6).spread).toBeLessThan(of(1).spread);
    expect(of(6).factor).toBeGreaterThan(of(1).factor);
  });

  it("three classes of eight steps are within a tenth nine times in ten, with wild ones too", () => {
    for (const wild of [0, 0.05]) {
      const off = Array.from({ length: STUDIOS }, (_, i) => {
        const studio = new SimulatedStudio(i + 4000, { ...USUAL, wild });
        const truth = studio.minutes.base / WEEDING_COEFFICIENTS.base;
        const seen = [0, 1, 2].flatMap((c) => {
          const evening = studio.evening();
          return Array.from({ length: 8 }, () => ({
            ratio: studio.ratio(truth, evening),
            group: `c${c}`,
          }));
        });
        return learnFactor(seen).factor / truth - 1;
      });
      expect(shareWithin(off, 0.1)).toBeGreaterThanOrEqual(0.85);
    }
  });
});

describe("films that fail", () => {
  it("are reckoned with as guessed, then more and more as seen", () => {
    expect(failsOf({ film: "x", kits: 0, lost: 0 }).share).toBeCloseTo(GUESSED_FAILURES.share, 12);
    expect(failsOf({ film: "x", kits: 30, lost: 5 }).share).toBeCloseTo(0.1, 12);
    expect(failsOf({ film: "x", kits: 3000, lost: 300 }).share).toBeCloseTo(0.0993, 3);
  });

  it("ask for spares that are enough nine times in ten", () => {
    // Hand-worked: 12 kits at 10 %: P(0) 0.282, P(≤1) 0.659, P(≤2) 0.889, P(≤3) 0.974.
    expect(sparesFor(12, 0.1)).toBe(3);
    expect(sparesFor(12, 0.1, 0.88)).toBe(2);
    expect([sparesFor(12, 0), sparesFor(0, 0.5), sparesFor(8, 1)]).toEqual([0, 0, 8]);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 400 }),
        fc.double({ min: 0.001, max: 0.6, noNaN: true }),
        (kits, share) => {
          const spares = sparesFor(kits, share);
          let [chance, sum] = [(1 - share) ** kits, 0];
          for (let k = 0; k <= spares; k++) {
            sum += chance;
            chance *= ((kits - k) / (k + 1)) * (share / (1 - share));
          }
          expect(sum).toBeGreaterThan(0.9 - 1e-6);
        },
      ),
      { seed: 3, numRuns: 100 },
    );
  });
});
