import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seededRandom } from "../geometry/random.ts";
import { ScheduleError, type ScheduleProblem } from "./problem.ts";
import { runSheet } from "./run-sheet.ts";
import { schedule } from "./schedule.ts";
import { stepSchema } from "./step.ts";
import { validateSchedule } from "./validate.ts";

const step = (
  id: string,
  minutes: number,
  after: [string, number][] = [],
  tools: Record<string, number> = {},
) => ({
  id,
  minutes,
  after: after.map(([before, wait]) => ({ step: before, wait })),
  tools,
});

describe("schedule", () => {
  it("finds the critical path of a hand-worked network", () => {
    const plan = schedule({
      tools: {},
      steps: [
        step("a", 3),
        step("b", 2, [["a", 0]]),
        step("c", 5, [["a", 0]]),
        step("d", 1, [
          ["b", 0],
          ["c", 0],
        ]),
      ],
    });
    expect(plan.start).toEqual({ a: 0, b: 3, c: 3, d: 8 });
    expect(plan.end).toBe(9);
    expect(plan.bound).toBe(9);
    expect(plan.critical).toEqual(["a", "c", "d"]);
    expect(plan.slack.b).toBe(3);
  });

  it("fills a drying wait with another step", () => {
    const plan = schedule({
      tools: { room: 1 },
      steps: [
        step("coat1", 5, [], { room: 1 }),
        step("coat2", 5, [["coat1", 20]], { room: 1 }),
        step("hanger", 12, [], { room: 1 }),
      ],
    });
    expect(plan.end).toBe(30);
    expect(plan.start.coat1).toBe(0);
    expect(plan.start.hanger).toBe(5);
    expect(plan.slack.hanger).toBe(8);
  });

  it("never uses more tools than there are, on random problems, and never beats its bound", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const random = seededRandom(seed);
        const n = 3 + Math.floor(random() * 15);
        const steps = Array.from({ length: n }, (_, i) =>
          step(
            `s${i}`,
            1 + Math.floor(random() * 9),
            i > 0 && random() < 0.6
              ? [[`s${Math.floor(random() * i)}`, Math.floor(random() * 8)]]
              : [],
            { gun: Math.floor(random() * 3) },
          ),
        );
        const problem: ScheduleProblem = { steps, tools: { gun: 2 } };
        const plan = schedule(problem);
        expect(validateSchedule(problem, plan)).toEqual([]);
        expect(plan.end).toBeGreaterThanOrEqual(plan.bound);
        const late = Object.fromEntries(
          steps.map(({ id }) => [id, (plan.start[id] ?? 0) + (plan.slack[id] ?? 0)]),
        );
        expect(validateSchedule(problem, { start: late, end: plan.end })).toEqual([]);
      }),
      { seed: 6, numRuns: 60 },
    );
  });

  it.each([
    ["a circle", { tools: {}, steps: [step("a", 1, [["b", 0]]), step("b", 1, [["a", 0]])] }],
    ["an unknown step", { tools: {}, steps: [step("a", 1, [["zz", 0]])] }],
    ["too few tools", { tools: { gun: 1 }, steps: [step("a", 1, [], { gun: 2 })] }],
    ["two of one id", { tools: {}, steps: [step("a", 1), step("a", 1)] }],
  ])("refuses %s", (_, problem) => {
    expect(() => schedule(problem)).toThrow(ScheduleError);
  });

  it("takes no steps at all", () => {
    expect(schedule({ steps: [], tools: {} }).end).toBe(0);
  });
});

describe("runSheet", () => {
  const gun = { id: "heat-gun", name: "Heat gun", count: 1, hot: true };
  const make = (id: string, minutes: number, more: object = {}) =>
    stepSchema.parse({ id, title: id, minutes, ...more });

  it("queues a shared tool: ten seats, one gun, two minutes each", () => {
    const sheet = runSheet(
      [make("seal", 6), make("dry", 2, { who: "queue", tool: "heat-gun" })],
      [gun],
      10,
    );
    expect(sheet.steps.map(({ minutes, waves }) => [minutes, waves])).toEqual([
      [6, 1],
      [20, 10],
    ]);
    expect(sheet.endMinute).toBe(26);
    expect(
      runSheet([make("dry", 2, { who: "queue", tool: "heat-gun" })], [{ ...gun, count: 3 }], 10)
        .endMinute,
    ).toBe(8);
  });

  it("with a helper a queue goes on while the others do the next step; one hand at each tool", () => {
    const iron = { ...gun, id: "iron", name: "Iron" };
    const queue = (id: string, tool: string) => make(id, 2, { who: "queue", tool, after: [] });
    const ends = (steps: Parameters<typeof runSheet>[0], helpers: number) =>
      runSheet(steps, [gun, iron], 10, { helpers }).endMinute;
    const seal = make("seal", 6, { after: [] });
    // Alone the host stands at the gun and the room waits.
    expect(ends([queue("dry", "heat-gun"), seal], 0)).toBe(26);
    expect(ends([queue("dry", "heat-gun"), seal], 1)).toBe(20);
    // Two queues at one gun are one after the other, however many help.
    expect(ends([queue("dry", "heat-gun"), queue("again", "heat-gun")], 3)).toBe(40);
    expect(ends([queue("dry", "heat-gun"), queue("press", "iron")], 0)).toBe(40);
    expect(ends([queue("dry", "heat-gun"), queue("press", "iron")], 1)).toBe(20);
    // What all do with a tool of their own is one step of the room after the other.
    const all = (id: string) => make(id, 6, { tool: "heat-gun", after: [] });
    expect(ends([all("one"), all("two")], 3)).toBe(12);
    // A queue without a tool wants one of those who look after it, and nothing else.
    const ask = (id: string) => make(id, 2, { who: "queue", after: [] });
    expect(ends([ask("one"), ask("two")], 0)).toBe(40);
    expect(ends([ask("one"), ask("two")], 1)).toBe(20);
  });

  it("counted back from the end each step is as late as may be, for the reason that is told", () => {
    const steps = [
      make("coat", 5),
      make("hanger", 10, { after: [{ step: "coat", wait: 0 }] }),
      make("coat-2", 5, { after: [{ step: "coat", wait: 15 }] }),
    ];
    const sheet = runSheet(steps, [], 8, { fromEnd: true });
    expect(sheet.endMinute).toBe(25);
    expect(sheet.steps.map(({ id, startMinute, begins }) => [id, startMinute, begins])).toEqual([
      ["coat", 0, { why: "lateToDry", step: "coat-2", wait: 15 }],
      ["hanger", 10, { why: "late", step: "coat-2" }],
      ["coat-2", 20, { why: "first" }],
    ]);
    expect(sheet.steps.find(({ id }) => id === "hanger")?.slack).toBe(5);
  });

  it("shows what dries meanwhile", () => {
    const sheet = runSheet(
      [
        make("coat", 5),
        make("hanger", 10, { after: [{ step: "coat", wait: 0 }] }),
        make("coat-2", 5, { after: [{ step: "coat", wait: 15 }] }),
      ],
      [],
      8,
    );
    expect(sheet.steps.find(({ id }) => id === "hanger")?.drying).toEqual(["coat"]);
    expect(sheet.endMinute).toBe(25);
  });
});
