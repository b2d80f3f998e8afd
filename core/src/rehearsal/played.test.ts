/** One evening looked at: who is at what, minute by minute. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoClass } from "../testing/documents.ts";
import { rehearsalOf } from "./of-class.ts";
import { playedEvening } from "./played.ts";
import { type PlayedSeat, seatAt, stepsDone } from "./played-seat.ts";
import { Rehearsal } from "./rehearse.ts";

const problem = rehearsalOf(demoClass("slate-numbers"));
const SEED = 4711;

describe("one evening", () => {
  it("ends as it did among the others", () => {
    const rehearsal = new Rehearsal(problem, 50, SEED);
    rehearsal.play(50);
    const { p50, ends } = rehearsal.report();
    const usual = playedEvening(problem, SEED, rehearsal.runAt(0.5));
    expect(Math.abs(usual.end - p50)).toBeLessThan(3);
    expect(playedEvening(problem, SEED, rehearsal.runAt(1)).end).toBeGreaterThanOrEqual(usual.end);
    expect(Math.floor(playedEvening(problem, SEED, rehearsal.runAt(0)).end)).toBe(ends.from);
  });

  it("every seat does every step once, one after the other, and is done at the end", () => {
    fc.assert(
      fc.property(fc.nat(5000), (run) => {
        const evening = playedEvening(problem, SEED, run);
        const group = problem.steps.filter(({ who }) => who !== "host").length;
        for (const seat of evening.seats) {
          expect(seat.turns).toHaveLength(group);
          for (const { came, from, to } of seat.turns)
            expect([came <= from, from < to, from >= seat.arrives]).toEqual([true, true, true]);
          const last = Math.max(...seat.turns.map(({ to }) => to));
          expect(seatAt(seat, last + 0.01)).toEqual({ at: "done" });
          expect(stepsDone(seat, last + 0.01)).toBe(group);
        }
        evening.steps.forEach(({ open, gate }, i) => {
          expect(gate).toBeGreaterThanOrEqual(open);
          expect(open).toBeGreaterThanOrEqual(evening.steps[i - 1]?.open ?? 0);
        });
      }),
      { numRuns: 25 },
    );
  });
});

describe("a seat at a moment", () => {
  const seat: PlayedSeat = {
    arrives: 2,
    waited: 0,
    turns: [
      { step: 0, came: 3, from: 3, to: 10 },
      { step: 1, came: 12, from: 15, to: 18 },
      { step: 2, came: 20, from: 20, to: 30 },
      // Called away to a tool in the middle of the step before.
      { step: 3, came: 19, from: 24, to: 26 },
    ],
  };
  it.each([
    [1, { at: "absent" }],
    [2.5, { at: "waiting" }],
    [5, { at: "working", step: 0 }],
    [11, { at: "waiting" }],
    [13, { at: "inLine", step: 1 }],
    [15, { at: "working", step: 1 }],
    [19.5, { at: "inLine", step: 3 }],
    [22, { at: "working", step: 2 }],
    [25, { at: "working", step: 3 }],
    [27, { at: "working", step: 2 }],
    [31, { at: "done" }],
  ] as const)("after %s minutes", (minute, moment) => expect(seatAt(seat, minute)).toEqual(moment));

  it("counts what is done", () =>
    expect([0, 10, 18, 27, 40].map((minute) => stepsDone(seat, minute))).toEqual([0, 1, 2, 3, 4]));
});
