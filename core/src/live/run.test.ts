/** What comes next, what dries, what fills the wait, and when it is over. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runSheetOf } from "../document/run-sheet-of.ts";
import { demoClass } from "../testing/documents.ts";
import {
  dryings,
  fillers,
  nextStep,
  notBefore,
  projectedEnd,
  type RunMoment,
  type RunStepTimes,
  secondsLeft,
  toolLine,
  withInserted,
} from "./run.ts";

const MIN = 60_000;
const T = 1_800_000_000_000;
const step = (id: string, minutes: number, after: RunStepTimes["after"] = []): RunStepTimes => ({
  id,
  minutes,
  after,
});
const run = (stepId: string, more: Partial<RunMoment> = {}): RunMoment => ({
  stepId,
  stepStartedAt: T,
  extraSeconds: 0,
  heldAt: null,
  heldSeconds: 0,
  ends: {},
  skipped: [],
  ...more,
});
/** Seal, then two coats that dry, with tidying to fill the wait. */
const steps = [
  step("seal", 3),
  step("coat-1", 4, [{ step: "seal", wait: 15 }]),
  step("tidy", 8, [{ step: "coat-1", wait: 0 }]),
  step("coat-2", 4, [{ step: "coat-1", wait: 20 }]),
  step("finish", 6, [{ step: "coat-2", wait: 0 }]),
];

describe("what dries", () => {
  it("counts from when it really was done, and only for what is still to come", () => {
    const now = run("tidy", { ends: { seal: T - 40 * MIN, "coat-1": T - 5 * MIN } });
    expect(dryings(steps, now, T)).toEqual([
      { step: "coat-2", of: "coat-1", from: T - 5 * MIN, until: T + 15 * MIN },
    ]);
    expect(dryings(steps, now, T + 16 * MIN)).toEqual([]);
    expect(dryings(steps, { ...now, skipped: ["coat-2"] }, T)).toEqual([]);
    expect(notBefore(steps[0] as RunStepTimes, now)).toBeNull();
  });

  it("the step that waits has not begun: its minutes are whole", () => {
    const now = run("coat-2", { ends: { "coat-1": T - 5 * MIN } });
    const coat = steps[3] as RunStepTimes;
    expect(secondsLeft(coat, now, T + 10 * MIN)).toBe(4 * 60);
    expect(secondsLeft(coat, now, T + 17 * MIN)).toBe(2 * 60);
    expect(secondsLeft(coat, { ...now, extraSeconds: 60 }, T + 20 * MIN)).toBe(0);
  });

  it("what was touched is dry when it was found dry, and later when it was not", () => {
    const now = run("tidy", { ends: { seal: T - 40 * MIN, "coat-1": T - 5 * MIN } });
    const coat = steps[3] as RunStepTimes;
    expect(notBefore(coat, { ...now, dry: { "coat-1": T } })).toBe(T);
    expect(dryings(steps, { ...now, dry: { "coat-1": T } }, T)).toEqual([]);
    expect(dryings(steps, { ...now, dry: { "coat-1": T + 25 * MIN } }, T + 20 * MIN)).toEqual([
      { step: "coat-2", of: "coat-1", from: T - 5 * MIN, until: T + 25 * MIN },
    ]);
    expect(projectedEnd(steps, { ...now, dry: { "coat-1": T } }, T)).toBe(
      projectedEnd(steps, now, T) - 7 * MIN,
    );
    // Of a coat that was done again after a slip the older touch says nothing.
    expect(notBefore(coat, { ...now, dry: { "coat-1": T - 6 * MIN } })).toBe(T + 15 * MIN);
  });

  it("a hold stops the clock", () => {
    const seal = steps[0] as RunStepTimes;
    expect(secondsLeft(seal, run("seal", { heldAt: T + MIN }), T + 9 * MIN)).toBe(120);
    expect(secondsLeft(seal, run("seal", { heldSeconds: 60 }), T + 2 * MIN)).toBe(120);
  });
});

describe("what comes next", () => {
  it("is the first that is neither done nor left out", () => {
    expect(nextStep(steps, run("seal"))?.id).toBe("coat-1");
    expect(nextStep(steps, run("seal", { skipped: ["coat-1"] }))?.id).toBe("tidy");
    expect(
      nextStep(steps, run("finish", { ends: { seal: 1, "coat-1": 1, tidy: 1, "coat-2": 1 } })),
    ).toBeNull();
  });

  it("a wait is filled with what is ready, and with nothing that is not", () => {
    const early = [
      step("seal", 3),
      step("coat-1", 4, [{ step: "seal", wait: 15 }]),
      step("twine", 5, [{ step: "seal", wait: 0 }]),
      step("finish", 6, [{ step: "coat-1", wait: 0 }]),
    ];
    expect(fillers(early, run("seal"), T).map(({ id }) => id)).toEqual(["twine"]);
    expect(fillers(early, run("twine", { ends: { seal: T } }), T)).toEqual([]);
    expect(fillers(early, run("seal", { skipped: ["coat-1"] }), T)).toEqual([{ ...early[3] }]);
  });

  it("what is put in comes behind the step during which it was", () => {
    const pause = step("break", 5);
    const cake = step("cake", 5);
    expect(
      withInserted(steps, [
        { step: pause, behind: "coat-1" },
        { step: cake, behind: "break" },
      ]).map(({ id }) => id),
    ).toEqual(["seal", "coat-1", "break", "cake", "tidy", "coat-2", "finish"]);
  });
});

describe("when it is over", () => {
  it("at the beginning, as the run sheet has it", () => {
    for (const name of ["slate-numbers", "seed-tins", "quay-market-sets"]) {
      const document = demoClass(name);
      const sheet = runSheetOf(document);
      const before = new Map(document.steps.map((own, i) => [own.id, document.steps[i - 1]?.id]));
      const own = sheet.steps.map((row) => {
        const source = document.steps.find(({ id }) => id === row.id);
        const first = before.get(row.id);
        return step(
          row.id,
          row.minutes,
          source?.after ?? (first === undefined ? [] : [{ step: first, wait: 0 }]),
        );
      });
      expect([name, (projectedEnd(own, run(own[0]?.id ?? ""), T) - T) / MIN]).toEqual([
        name,
        sheet.endMinute,
      ]);
    }
  });

  it("a minute more makes it a minute later, a step left out sooner, and time that passes unused later", () => {
    const at = projectedEnd(steps, run("seal"), T);
    expect(at - T).toBe((3 + 15 + 4 + 20 + 4 + 6) * MIN);
    expect(projectedEnd(steps, run("seal", { extraSeconds: 60 }), T) - at).toBe(MIN);
    expect(projectedEnd(steps, run("seal", { skipped: ["coat-2"] }), T)).toBe(
      T + (3 + 15 + 4 + 8 + 6) * MIN,
    );
    expect(projectedEnd(steps, run("seal"), T + 5 * MIN) - at).toBe(2 * MIN);
  });

  it("property: never before now, and never sooner for having less time", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90 }),
        fc.integer({ min: 0, max: 30 }),
        fc.constantFrom(...steps.map(({ id }) => id)),
        (passed, more, at) => {
          const place = steps.findIndex(({ id }) => id === at);
          const ends = Object.fromEntries(steps.slice(0, place).map(({ id }) => [id, T - MIN]));
          const end = projectedEnd(steps, run(at, { ends }), T + passed * MIN);
          expect(end).toBeGreaterThanOrEqual(T + passed * MIN);
          expect(
            projectedEnd(steps, run(at, { ends }), T + (passed + more) * MIN),
          ).toBeGreaterThanOrEqual(end);
        },
      ),
    );
  });
});

describe("the line at a tool", () => {
  it("who was done first comes first, then the others by seat; as many at once as there are tools", () => {
    const before = new Map([
      ["3", T],
      ["1", T + 1],
    ]);
    expect(toolLine(["1", "2", "3", "4"], before, new Set(), 2)).toEqual({
      turn: ["3", "1"],
      waiting: ["2", "4"],
      through: [],
    });
    expect(toolLine(["1", "2", "3", "4"], before, new Set(["3"]), 2)).toEqual({
      turn: ["1", "2"],
      waiting: ["4"],
      through: ["3"],
    });
    expect(toolLine([], before, new Set(), 1)).toEqual({ turn: [], waiting: [], through: [] });
  });
});
