/** The rehearsal against closed forms, against a plain one, and against itself. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runSheetOf } from "../document/run-sheet-of.ts";
import { GATES } from "../scheduling/step-kinds.ts";
import { demoClass } from "../testing/documents.ts";
import { plainEvening } from "../testing/plain-rehearsal.ts";
import { normalOf, scatterOf, scatterTable } from "./chance.ts";
import { Evening } from "./evening.ts";
import { rehearsalOf } from "./of-class.ts";
import {
  gateCount,
  RehearsalError,
  type RehearsalProblem,
  type RehearsalStep,
  sigmaOfQuartile,
  sigmaOfTenth,
} from "./problem.ts";
import { quantile, Rehearsal, rehearse } from "./rehearse.ts";
import { kthSmallest } from "./select.ts";

const SEED = 4711;
const step = (id: string, more: Partial<RehearsalStep> = {}): RehearsalStep => ({
  id,
  who: "together",
  median: 5,
  sigma: 0.5,
  law: "lognormal",
  after: [],
  tools: {},
  gate: "all",
  ...more,
});
const room = (
  steps: readonly RehearsalStep[],
  more: Partial<RehearsalProblem> = {},
): RehearsalProblem => ({
  steps,
  tools: {},
  seats: 12,
  helpers: 0,
  endAt: 60,
  ownPace: 0,
  late: { share: 0, minutes: 0 },
  stuck: { chance: 0, minutes: 0 },
  ...more,
});
/**
 * Standard error of a share over so many runs, four times: a fair draw lies outside once in 16,000.
 */
const margin = (p: number, runs: number): number => 4 * Math.sqrt((p * (1 - p)) / runs);

describe("against closed forms", () => {
  it("the end of one step is the maximum of lognormals: F(x) to the power of the seats", () => {
    const runs = 20_000;
    for (const seats of [1, 5, 30]) {
      const problem = room([step("place")], { seats });
      for (const z of [0.5, 1.5, 2.2]) {
        const endAt = 5 * Math.exp(0.5 * z);
        const wanted = normalBelow(z) ** seats;
        expect(Math.abs(rehearse({ ...problem, endAt }, runs, SEED).pOnTime - wanted)).toBeLessThan(
          margin(wanted, runs),
        );
      }
    }
  });

  it("with one pace for all steps two of them scatter like one twice as long", () => {
    const runs = 20_000;
    const [own, none] = [1, 0].map(
      (ownPace) =>
        rehearse(
          room([step("a"), step("b")], { seats: 1, ownPace, endAt: 10 * Math.exp(0.5) }),
          runs,
          SEED,
        ).pOnTime,
    ) as [number, number];
    expect(Math.abs(own - normalBelow(1))).toBeLessThan(margin(0.84, runs));
    expect(none).toBeGreaterThan(own + 0.03);
  });

  it("a gate of three quarters is the order statistic it says", () => {
    const runs = 20_000;
    const z = 0.9;
    const report = rehearse(
      room([step("place", { gate: "threeQuarters" })], { seats: 8, endAt: 5 * Math.exp(0.5 * z) }),
      runs,
      SEED,
    );
    // At least six of eight: the upper tail of a binomial.
    const p = normalBelow(z);
    const wanted = [6, 7, 8].reduce(
      (sum, k) => sum + choose(8, k) * p ** k * (1 - p) ** (8 - k),
      0,
    );
    expect(Math.abs(report.pOnTime - wanted)).toBeLessThan(margin(wanted, runs));
  });

  it("one tool with exponential times: the end is Erlang, and the n-th waits for n - 1", () => {
    const [runs, seats, mean] = [20_000, 6, 4];
    const gun = step("gun", {
      who: "queue",
      law: "exponential",
      median: mean * Math.LN2,
      tools: { gun: 1 },
    });
    const endAt = 30;
    const report = rehearse(room([gun], { seats, tools: { gun: 1 }, endAt }), runs, SEED);
    const wanted =
      1 -
      Array.from(
        { length: seats },
        (_, k) => (Math.exp(-endAt / mean) * (endAt / mean) ** k) / factorial(k),
      ).reduce((a, b) => a + b);
    expect(Math.abs(report.pOnTime - wanted)).toBeLessThan(margin(wanted, runs));
    expect(report.mean).toBeCloseTo(seats * mean, 0);
    expect(report.queues[0]?.waiting).toBeCloseTo((mean * (seats - 1)) / 2, 0);
    expect(report.queues[0]?.longest).toEqual({ p10: 5, p50: 5, p90: 5 });
  });

  it("two tools with exponential times: mean wait of the j-th is (j - 2) halves of a turn", () => {
    const [runs, seats, mean] = [20_000, 7, 3];
    const report = rehearse(
      room(
        [
          step("gun", {
            who: "queue",
            law: "exponential",
            median: mean * Math.LN2,
            tools: { gun: 1 },
          }),
        ],
        { seats, tools: { gun: 2 } },
      ),
      runs,
      SEED,
    );
    const wanted =
      Array.from({ length: seats }, (_, i) => Math.max(0, i - 1) * (mean / 2)).reduce(
        (a, b) => a + b,
      ) / seats;
    expect(Math.abs((report.queues[0]?.waiting ?? 0) - wanted)).toBeLessThan(0.08);
  });

  it("the normal distribution is turned round to seven places", () => {
    // Wichura's own check values.
    expect(normalOf(0.25)).toBeCloseTo(-0.6744897501960817, 6);
    expect(normalOf(0.001)).toBeCloseTo(-3.090232306167814, 6);
    expect(normalOf(1e-20)).toBeCloseTo(-9.26234009, 5);
    for (const sigma of [0.2, 0.5, 1])
      for (let p = 0.0005; p < 1; p += 0.00137)
        expect(scatterOf(scatterTable(sigma), p) / Math.exp(sigma * normalOf(p)) - 1).toBeCloseTo(
          0,
          4,
        );
    expect(sigmaOfQuartile(10, 14)).toBeCloseTo(0.49885, 4);
    expect(sigmaOfTenth(10, 10 * Math.exp(1.2815515655 * 0.4))).toBeCloseTo(0.4, 9);
    expect(sigmaOfTenth(10, 9)).toBe(0);
  });
});

describe("a class as it is planned", () => {
  const still = (problem: RehearsalProblem, minutes: (id: string) => number): RehearsalProblem => ({
    ...problem,
    steps: problem.steps.map((own) => ({
      ...own,
      median: minutes(own.id),
      sigma: 0,
      law: "fixed",
      gate: "all",
    })),
    late: { share: 0, minutes: 0 },
    stuck: { chance: 0, minutes: 0 },
  });

  it("ends when the run sheet says, where nobody is quicker or slower than planned", () => {
    for (const name of [
      "seed-tins",
      "slate-numbers",
      "quay-market-sets",
      "moth-cloche",
      "leaf-pot",
      "rowing-bottles",
      "night-sky-clipboard",
    ]) {
      const document = demoClass(name);
      const problem = still(
        rehearsalOf(document),
        (id) => document.steps.find((own) => own.id === id)?.minutes ?? 0,
      );
      const sheet = runSheetOf(document);
      const report = rehearse(problem, 1, SEED);
      expect([name, report.p50]).toEqual([name, sheet.endMinute]);
      expect(report.byStep.map(({ id, begins }) => [id, begins.p50])).toEqual(
        sheet.steps.map(({ id, startMinute }) => [id, startMinute]),
      );
    }
  });

  it("is likely to run over where the plan has nothing to spare, and a heat gun makes a line", () => {
    const slate = rehearse(rehearsalOf(demoClass("slate-numbers")), 2000, SEED);
    expect(slate.pOnTime).toBeGreaterThan(0.4);
    expect(slate.pOnTime).toBeLessThan(0.9);
    expect(slate.queues.map(({ step: at, tools }) => [at, tools])).toEqual([["fan", ["heat-gun"]]]);
    expect(slate.waiting.tools).toBeGreaterThan(4);
  });

  it("at home nobody who is late or stuck keeps the others", () => {
    const { late, stuck } = rehearsalOf(demoClass("night-sky-clipboard"));
    expect([late.share, stuck.chance]).toEqual([0, 0]);
  });
});

/** Classes of all kinds: waits, tools, helpers, late ones, stuck ones, things that not all make. */
const anyClass = fc
  .record({
    seats: fc.integer({ min: 1, max: 14 }),
    helpers: fc.integer({ min: 0, max: 2 }),
    guns: fc.integer({ min: 1, max: 3 }),
    late: fc.constantFrom(0, 0.3),
    stuck: fc.constantFrom(0, 0.3),
    ownPace: fc.constantFrom(0, 0.5, 1),
    seed: fc.integer({ min: 0, max: 1e6 }),
    steps: fc.array(
      fc.record({
        who: fc.constantFrom(
          "together" as const,
          "together" as const,
          "queue" as const,
          "host" as const,
        ),
        median: fc.integer({ min: 1, max: 12 }),
        sigma: fc.constantFrom(0, 0.3, 0.6),
        gate: fc.constantFrom(...GATES),
        tool: fc.constantFrom("gun", "press"),
        held: fc.constantFrom(1, 1, 2),
        back: fc.array(
          fc.record({ by: fc.integer({ min: 1, max: 3 }), wait: fc.constantFrom(0, 0, 9) }),
          { maxLength: 2 },
        ),
        some: fc.constantFrom(false, false, true),
      }),
      { minLength: 1, maxLength: 9 },
    ),
  })
  .map(({ seats, helpers, guns, late, stuck, ownPace, seed, steps }) => {
    const problem = room(
      steps.map(({ who, median, sigma, gate, tool, held, back, some }, i) =>
        step(`s${i}`, {
          who,
          median,
          sigma,
          gate,
          tools: who === "queue" ? { [tool]: tool === "gun" ? Math.min(guns, held) : 1 } : {},
          after: back.flatMap(({ by, wait }, k) =>
            i - by >= 0 && !back.slice(0, k).some((other) => other.by === by)
              ? [{ step: `s${i - by}`, wait }]
              : [],
          ),
          ...(some
            ? {
                taking: Array.from({ length: seats }, (_, seat) => seat).filter(
                  (seat) => seat % 2 === i % 2,
                ),
              }
            : {}),
        }),
      ),
      {
        seats,
        helpers,
        tools: { gun: guns, press: 1 },
        ownPace,
        late: { share: late, minutes: 6 },
        stuck: { chance: stuck, minutes: 3 },
      },
    );
    return { problem, seed };
  });

describe("property: any class", () => {
  it("is played as the plain rehearsal plays it, to a millionth of a minute", () => {
    fc.assert(
      fc.property(anyClass, ({ problem, seed }) => {
        const evening = new Evening(problem, seed);
        for (const run of [0, 1, 7]) {
          const plain = plainEvening(problem, seed, run);
          expect(evening.play(run)).toBeCloseTo(plain.end, 6);
          problem.steps.forEach(({ id }, s) => {
            expect(evening.gateAt[s]).toBeCloseTo(plain.gates.get(id) ?? 0, 6);
            for (const { seat, did } of plain.people)
              expect(evening.done[s * problem.seats + seat]).toBeCloseTo(did.get(id)?.to ?? -1, 6);
          });
          const waited = plain.people.map((_, seat) =>
            [evening.waitRoom, evening.waitDry, evening.waitTool, evening.waitHelp].reduce(
              (sum, own) => sum + (own[seat] ?? 0),
              0,
            ),
          );
          plain.people.forEach((person, seat) => {
            expect(waited[seat]).toBeCloseTo(person.waited, 5);
          });
        }
      }),
      { numRuns: 300 },
    );
  });

  it("keeps its rules: nothing before what it follows is dry, no tool twice at once, no gate before enough are done", () => {
    fc.assert(
      fc.property(anyClass, ({ problem, seed }) => {
        const evening = new Evening(problem, seed);
        const end = evening.play(3);
        const { steps, seats, tools } = problem;
        const held: { tool: string; count: number; from: number; to: number }[] = [];
        steps.forEach((own, s) => {
          for (const { step: first, wait } of own.after) {
            const f = steps.findIndex(({ id }) => id === first);
            expect(evening.openAt[s]).toBeGreaterThanOrEqual(
              (evening.gateAt[f] ?? 0) + wait - 1e-9,
            );
            for (let seat = 0; seat < seats; seat++) {
              const [done, began] = [
                evening.done[f * seats + seat] ?? -1,
                evening.began[s * seats + seat] ?? -1,
              ];
              if (done >= 0 && began >= 0 && wait > 0)
                expect(began).toBeGreaterThanOrEqual(done + wait - 1e-9);
            }
          }
          const taking =
            own.who === "host"
              ? []
              : Array.from({ length: seats }, (_, seat) => seat).filter(
                  (seat) => !own.taking || own.taking.includes(seat),
                );
          for (const seat of taking) {
            const [from, to] = [
              evening.began[s * seats + seat] ?? -1,
              evening.done[s * seats + seat] ?? -1,
            ];
            expect(from).toBeGreaterThanOrEqual(
              Math.max(evening.openAt[s] ?? 0, evening.arrives[seat] ?? 0) - 1e-9,
            );
            for (const [tool, count] of Object.entries(own.tools))
              held.push({ tool, count, from, to });
          }
          const here = taking.filter(
            (seat) => (evening.arrives[seat] ?? 0) <= (evening.gateAt[s] ?? 0),
          );
          const done = here.filter(
            (seat) => (evening.done[s * seats + seat] ?? 0) <= (evening.gateAt[s] ?? 0) + 1e-9,
          ).length;
          if (own.who !== "host")
            expect(done).toBeGreaterThanOrEqual(gateCount(own.gate, here.length));
          expect(end).toBeGreaterThanOrEqual(evening.gateAt[s] ?? 0);
        });
        for (const { tool, from } of held) {
          const now = held
            .filter(
              (other) => other.tool === tool && other.from <= from + 1e-9 && other.to > from + 1e-9,
            )
            .reduce((sum, { count }) => sum + count, 0);
          expect(now).toBeLessThanOrEqual(tools[tool] ?? 0);
        }
      }),
      { numRuns: 200 },
    );
  });

  it("is the same with the same seed, whatever the portions it is played in, and another with another", () => {
    fc.assert(
      fc.property(anyClass, fc.integer({ min: 1, max: 40 }), ({ problem, seed }, portion) => {
        const inParts = new Rehearsal(problem, 60, seed);
        while (inParts.play(portion));
        expect(inParts.report()).toEqual(rehearse(problem, 60, seed));
      }),
      { numRuns: 40 },
    );
    const problem = room([step("place")]);
    expect(rehearse(problem, 50, 1).p50).not.toBe(rehearse(problem, 50, 2).p50);
  });

  it("a draw hangs on its step's name: with another step before it, it is the same", () => {
    const one = new Evening(room([step("place")]), SEED);
    const two = new Evening(
      room([step("talk", { who: "host", sigma: 0, median: 10 }), step("place")]),
      SEED,
    );
    one.play(5);
    two.play(5);
    for (let seat = 0; seat < 12; seat++)
      expect((two.done[12 + seat] ?? 0) - 10).toBeCloseTo(one.done[seat] ?? 0, 9);
  });
});

describe("what is waited for", () => {
  const lasts = (id: string, median: number, more: Partial<RehearsalStep> = {}) =>
    step(id, { median, sigma: 0, ...more });
  it("is told apart: others, drying, a tool", () => {
    const problem = room(
      [
        lasts("coat", 4),
        lasts("dry-off", 3, {
          who: "queue",
          tools: { gun: 1 },
          after: [{ step: "coat", wait: 10 }],
        }),
      ],
      { seats: 2, tools: { gun: 1 } },
    );
    const { waiting, queues, p50 } = rehearse(problem, 1, SEED);
    expect(p50).toBe(4 + 10 + 3 + 3);
    expect(waiting).toMatchObject({ mean: 11.5, room: 0, drying: 10, tools: 1.5, help: 0 });
    expect(queues).toEqual([
      {
        step: "dry-off",
        tools: ["gun"],
        waiting: 1.5,
        longest: { p10: 1, p50: 1, p90: 1 },
        from: 14,
        to: 20,
      },
    ]);
  });

  it("the host's talk is no waiting", () => {
    const { waiting } = rehearse(
      room([lasts("a", 4), lasts("talk", 6, { who: "host" }), lasts("b", 4)]),
      1,
      SEED,
    );
    expect(waiting.mean).toBe(0);
  });

  it("with a helper the queue goes on beside the next step, and whoever is called ends it later", () => {
    const steps = [
      lasts("coat", 4),
      lasts("gun", 5, { who: "queue", tools: { gun: 1 }, after: [{ step: "coat", wait: 0 }] }),
      lasts("tidy", 8, { after: [{ step: "coat", wait: 0 }] }),
    ];
    const alone = rehearse(room(steps, { seats: 2, tools: { gun: 1 } }), 1, SEED);
    const helped = rehearse(room(steps, { seats: 2, tools: { gun: 1 }, helpers: 1 }), 1, SEED);
    expect([alone.p50, helped.p50]).toEqual([4 + 10 + 8, 4 + 8 + 5]);
  });

  it("who comes late begins late, and a gate waits only for who is here", () => {
    const problem = room([lasts("a", 4), lasts("b", 4)], { late: { share: 1, minutes: 1000 } });
    const { p50, byStep } = rehearse(problem, 1, SEED);
    expect(p50).toBe(0);
    expect(byStep.map(({ unfinished }) => unfinished)).toEqual([12, 12]);
  });

  it("nobody at all ends at once", () => {
    expect(rehearse(room([lasts("a", 4)], { seats: 0 }), 3, SEED)).toMatchObject({
      p50: 0,
      pOnTime: 1,
      waiting: { mean: 0 },
    });
    expect(rehearse(room([]), 3, SEED)).toMatchObject({ p50: 0, byStep: [] });
  });
});

describe("what cannot be played", () => {
  it("says which step", () => {
    const of = (steps: readonly RehearsalStep[]) => () =>
      rehearse(room(steps, { tools: { gun: 1 } }), 1, 1);
    expect(of([step("a", { after: [{ step: "b", wait: 0 }] }), step("b")])).toThrow(
      "stands behind it",
    );
    expect(of([step("a", { after: [{ step: "c", wait: 0 }] })])).toThrow("does not exist");
    expect(of([step("a"), step("a")])).toThrow(RehearsalError);
    expect(of([step("a", { tools: { gun: 2 } })])).toThrow("there are 1");
    expect(of([step("a", { tools: { toString: 1 } })])).toThrow("there are 0");
  });
});

describe("selection and quantiles", () => {
  it("is what sorting gives", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ noNaN: true, noDefaultInfinity: true }), {
          minLength: 1,
          maxLength: 60,
        }),
        fc.nat(),
        (values, at) => {
          const k = (at % values.length) + 1;
          expect(kthSmallest(Float64Array.from(values), k)).toBe(
            [...values].sort((a, b) => a - b)[k - 1],
          );
        },
      ),
    );
    expect([0, 0.5, 0.9, 1].map((share) => quantile([1, 2, 3, 4, 5], share))).toEqual([
      1, 3, 4.6, 5,
    ]);
  });
});

const factorial = (n: number): number => (n < 2 ? 1 : n * factorial(n - 1));
const choose = (n: number, k: number): number => factorial(n) / (factorial(k) * factorial(n - k));

/** By Simpson's rule from far below: independent of the inverse that is tested. */
function normalBelow(z: number): number {
  const [from, n] = [-9, 4000];
  const h = (z - from) / n;
  const f = (x: number) => Math.exp(-0.5 * x * x) / Math.sqrt(2 * Math.PI);
  let sum = f(from) + f(z);
  for (let i = 1; i < n; i++) sum += (i % 2 === 1 ? 4 : 2) * f(from + i * h);
  return (sum * h) / 3;
}
