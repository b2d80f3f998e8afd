/** Schedules against exhaustive search on small problems, and rules that any schedule keeps. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seededRandom } from "../geometry/random.ts";
import type { ScheduleProblem, ScheduleStep } from "./problem.ts";
import { runSheet, wavesOf } from "./run-sheet.ts";
import { schedule } from "./schedule.ts";
import { stepSchema, toolSchema } from "./step.ts";
import { validateSchedule } from "./validate.ts";

/**
 * Shortest end over all orders of the steps, each placed as early as it can go: exact for one
 * shared tool.
 */
function exhaustive({ steps, tools }: ScheduleProblem): number {
  let best = Number.POSITIVE_INFINITY;
  const place = (left: readonly ScheduleStep[], start: ReadonlyMap<string, number>): void => {
    if (left.length === 0) {
      best = Math.min(
        best,
        ...[Math.max(0, ...steps.map((step) => (start.get(step.id) ?? 0) + step.minutes))],
      );
      return;
    }
    for (const step of left) {
      if (step.after.some(({ step: before }) => !start.has(before))) continue;
      let at = Math.max(
        0,
        ...step.after.map(
          ({ step: before, wait }) =>
            (start.get(before) ?? 0) + (steps.find(({ id }) => id === before)?.minutes ?? 0) + wait,
        ),
      );
      const clash = () =>
        Object.entries(step.tools).some(([tool, count]) => {
          for (let minute = at; minute < at + step.minutes; minute++) {
            const held = steps
              .filter(
                (other) =>
                  start.has(other.id) &&
                  (start.get(other.id) ?? 0) <= minute &&
                  minute < (start.get(other.id) ?? 0) + other.minutes,
              )
              .reduce((sum, other) => sum + (other.tools[tool] ?? 0), 0);
            if (held + count > (tools[tool] ?? 0)) return true;
          }
          return false;
        });
      while (clash()) at += 1;
      place(
        left.filter(({ id }) => id !== step.id),
        new Map([...start, [step.id, at]]),
      );
    }
  };
  place(steps, new Map());
  return best;
}

const small = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 6 }),
      after: fc.array(
        fc.record({ back: fc.integer({ min: 1, max: 4 }), wait: fc.constantFrom(0, 0, 3, 8) }),
        { maxLength: 2 },
      ),
      tool: fc.boolean(),
    }),
    { minLength: 1, maxLength: 6 },
  )
  .map(
    (rows): ScheduleProblem => ({
      tools: { gun: 1 },
      steps: rows.map(({ minutes, after, tool }, i) => ({
        id: `s${i}`,
        minutes,
        after: [
          ...new Map(
            after
              .filter(({ back }) => back <= i)
              .map(({ back, wait }) => [`s${i - back}`, { step: `s${i - back}`, wait }]),
          ).values(),
        ],
        tools: tool ? { gun: 1 } : {},
      })),
    }),
  );

describe("schedules", () => {
  it("are as short as exhaustive search finds, on small problems", () => {
    fc.assert(
      fc.property(small, (problem) => {
        const made = schedule(problem);
        expect(validateSchedule(problem, made)).toEqual([]);
        expect(made.end).toBe(exhaustive(problem));
        expect(made.bound).toBeLessThanOrEqual(made.end);
      }),
      { seed: 71, numRuns: 120 },
    );
  });

  it("a longer step never makes the class shorter", () => {
    fc.assert(
      fc.property(small, fc.nat(), (problem, pick) => {
        const index = pick % problem.steps.length;
        const longer = {
          ...problem,
          steps: problem.steps.map((step, i) =>
            i === index ? { ...step, minutes: step.minutes + 3 } : step,
          ),
        };
        expect(schedule(longer).end).toBeGreaterThanOrEqual(schedule(problem).end);
      }),
      { seed: 72, numRuns: 80 },
    );
  });

  it("critical steps have no slack: one minute longer each, and the class ends later", () => {
    fc.assert(
      fc.property(small, (problem) => {
        const made = schedule(problem);
        for (const id of made.critical) expect(made.slack[id]).toBe(0);
        for (const step of problem.steps) expect(made.slack[step.id]).toBeGreaterThanOrEqual(0);
      }),
      { seed: 73, numRuns: 80 },
    );
  });

  it("the independent check finds what is wrong", () => {
    const problem: ScheduleProblem = {
      tools: { gun: 1 },
      steps: [
        { id: "a", minutes: 5, after: [], tools: { gun: 1 } },
        { id: "b", minutes: 5, after: [{ step: "a", wait: 2 }], tools: { gun: 1 } },
      ],
    };
    expect(validateSchedule(problem, { start: { a: 0, b: 7 }, end: 12 })).toEqual([]);
    expect(validateSchedule(problem, { start: { a: 0, b: 6 }, end: 11 })).not.toEqual([]);
    expect(validateSchedule(problem, { start: { a: 0, b: 2 }, end: 7 })).not.toEqual([]);
    expect(validateSchedule(problem, { start: { a: 0 }, end: 5 })).not.toEqual([]);
  });
});

/** A class as long as they come: chains with drying, one pair of eyes, a tool in turns. */
function longClass(seed: number): ScheduleProblem {
  const random = seededRandom(seed);
  const below = (n: number) => Math.floor(random() * n);
  const count = 10 + below(51);
  const steps = Array.from({ length: count }, (_, i): ScheduleStep => {
    const before =
      i === 0
        ? []
        : [...new Set(Array.from({ length: 1 + below(2) }, () => Math.max(0, i - 1 - below(6))))];
    return {
      id: `s${i}`,
      minutes: 1 + below(20),
      after: before.map((step) => ({ step: `s${step}`, wait: random() < 0.3 ? below(40) : 0 })),
      tools: random() < 0.15 ? { overseer: 1, iron: 1 } : { overseer: 1, room: 1 },
    };
  });
  return { steps, tools: { room: 1, overseer: 1 + (seed % 2), iron: 1 } };
}

describe("long classes", () => {
  it.each([977, 1954, 2931, 3908, 4885, 5862, 6839, 7816, 8793, 9770, 10_747, 11_724])(
    "seed %i: sound, and within 3 %% of what eight times the work finds, or of the bound",
    (seed) => {
      const problem = longClass(seed);
      const made = schedule(problem);
      expect(validateSchedule(problem, made)).toEqual([]);
      expect(validateSchedule(problem, { start: made.late, end: made.end })).toEqual([]);
      expect(made.bound).toBeLessThanOrEqual(made.end);
      if (made.end > 1.03 * made.bound)
        expect(made.end).toBeLessThanOrEqual(1.03 * schedule(problem, 8).end);
    },
  );
});

describe("run sheets", () => {
  const step = (id: string, more: object = {}) =>
    stepSchema.parse({ id, title: id, minutes: 5, ...more });
  const gun = toolSchema.parse({ id: "gun", name: "Heat gun", count: 2, hot: true });

  it("a queue takes as many turns as seats need at the tools there are", () => {
    const queue = step("dry", { who: "queue", tool: "gun" });
    expect([0, 1, 2, 3, 10, 11].map((seats) => wavesOf(queue, [gun], seats))).toEqual([
      1, 1, 1, 2, 5, 6,
    ]);
    expect(wavesOf(step("talk"), [gun], 30)).toBe(1);
    expect(wavesOf(queue, [], 4)).toBe(4);
  });

  it("steps follow each other unless they say what they wait for", () => {
    const sheet = runSheet([step("a"), step("b"), step("c", { after: [] })], [], 10);
    expect(sheet.steps.find(({ id }) => id === "b")?.startMinute).toBeGreaterThanOrEqual(5);
    expect(sheet.endMinute).toBe(15);
  });

  it("more tools never end the class later, more seats never earlier", () => {
    const steps = [
      step("lay"),
      step("dry", { who: "queue", tool: "gun", minutes: 3 }),
      step("peel", { after: [{ step: "dry", wait: 10 }] }),
    ];
    const end = (count: number, seats: number) =>
      runSheet(steps, [{ ...gun, count }], seats).endMinute;
    for (let count = 1; count < 6; count++)
      expect(end(count + 1, 12)).toBeLessThanOrEqual(end(count, 12));
    for (let seats = 1; seats < 20; seats++)
      expect(end(2, seats + 1)).toBeGreaterThanOrEqual(end(2, seats));
  });
});
