/** What the log says of a class: planned and actual of the same steps, whatever was pressed. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { byCause, type LogLine, runLog, standing, totals } from "./run-log.ts";

const T = 1_800_000_000_000;
let n = 0;
const line = (kind: string, more: Partial<LogLine> = {}): LogLine => ({
  id: String(++n),
  kind,
  at: T,
  seat: null,
  step: null,
  minutes: null,
  body: {},
  ...more,
});
const plan = [
  { id: "welcome", minutes: 6 },
  { id: "clean", minutes: 4 },
  { id: "place", minutes: 9 },
];

describe("a class that was taught", () => {
  it("has its steps in the order in which they were done, with what was put in", () => {
    const log = [
      line("liveStart"),
      line("liveStep", { step: "welcome", minutes: 7 }),
      line("liveStep", { step: "in-tea", minutes: 5 }),
      line("liveStep", { step: "place", minutes: 12 }),
      line("liveEnd", { at: T + 24 * 60_000 }),
    ];
    const run = runLog(log, plan, [{ id: "in-tea", minutes: 4 }]);
    expect(run.steps).toEqual([
      { id: "welcome", planned: 6, actual: 7, putIn: false },
      { id: "in-tea", planned: 4, actual: 5, putIn: true },
      { id: "place", planned: 9, actual: 12, putIn: false },
    ]);
    expect([run.leftOut, run.minutes, totals(run.steps)]).toEqual([
      ["clean"],
      24,
      { planned: 19, actual: 24 },
    ]);
  });

  it("only the last time counts, and nothing that was taken back", () => {
    const slip = line("liveStep", { step: "clean", minutes: 1 });
    const log = [
      line("liveStart"),
      line("liveStep", { step: "welcome", minutes: 99 }),
      line("liveEnd"),
      line("liveStart"),
      line("liveStep", { step: "welcome", minutes: 5 }),
      slip,
      line("undone", { body: { of: slip.id } }),
      line("liveStep", { step: "clean", minutes: 4 }),
    ];
    expect(runLog(log, plan, []).steps.map(({ id, actual }) => [id, actual])).toEqual([
      ["welcome", 5],
      ["clean", 4],
    ]);
    const done = line("liveStep", { step: "place", minutes: 9 });
    const back = line("undone", { step: "place", body: { of: done.id } });
    expect(standing([done, back, line("undone", { body: { of: back.id } })])).toEqual([done]);
    const lost = line("lost");
    expect(standing([lost, line("found", { body: { lost: lost.id } })])).toEqual([]);
  });

  it("who was done waited for the room, and the room for what dried", () => {
    const m = (minutes: number) => T + minutes * 60_000;
    const run = runLog(
      [
        line("liveStart"),
        line("done", { step: "clean", seat: "1", at: m(2) }),
        line("done", { step: "clean", seat: "2", at: m(1) }),
        // Pressed twice: the last word counts.
        line("done", { step: "clean", seat: "2", at: m(4) }),
        line("liveStep", { step: "clean", minutes: 6, at: m(6) }),
        line("done", { step: "place", seat: "1", at: m(30) }),
        line("liveStep", { step: "place", minutes: 9, at: m(35) }),
        line("liveEnd", { at: m(35) }),
        line("felt", { seat: "1", body: { what: "Too fast." }, at: m(40) }),
        line("felt", { seat: "1", body: { what: "Just right." }, at: m(41) }),
        line("note", { body: { note: "", picture: "p-1" }, at: m(50) }),
      ],
      plan,
      [],
    );
    expect(run.waits).toEqual([
      { step: "clean", seats: 2, minutes: 3, longest: { seat: "1", minutes: 4 } },
      { step: "place", seats: 1, minutes: 5, longest: { seat: "1", minutes: 5 } },
    ]);
    expect(run.stood).toEqual([{ step: "place", minutes: 20 }]);
    expect(run.felt).toEqual([{ seat: "1", what: "Just right." }]);
    expect(run.notes).toEqual([{ step: null, note: "", picture: "p-1" }]);
  });

  it("what is noted of a class that was not taught from here stands all the same", () => {
    const run = runLog(
      [
        line("weeded", { seat: "1", minutes: 3 }),
        line("note", { body: { note: "taught from paper" } }),
      ],
      plan,
      [],
    );
    expect([run.notes, run.waits, run.stood, run.felt]).toEqual([
      [{ step: null, note: "taught from paper", picture: null }],
      [],
      [],
      [],
    ]);
  });

  it("who was stuck, with what, and until when; flaws by cause; notes", () => {
    const log = [
      line("liveStart"),
      line("stuck", { seat: "2", step: "clean", body: { what: "greasy" } }),
      line("helped", { seat: "2", step: "clean", at: T + 120_000 }),
      line("stuck", { seat: "3", step: "clean" }),
      line("flaw", { seat: "3", step: "place", body: { reason: "lies crooked" } }),
      line("flaw", { seat: "4", step: "place", body: { reason: "lies crooked" } }),
      line("note", { step: "place", body: { note: "more light" } }),
    ];
    const run = runLog(log, plan, []);
    expect(run.stuck).toEqual([
      { seat: "2", step: "clean", what: "greasy", minutes: 2 },
      { seat: "3", step: "clean", what: "", minutes: null },
    ]);
    expect(byCause(run.flaws.map(({ reason }) => reason))).toEqual([
      { cause: "lies crooked", count: 2 },
    ]);
    expect(run.notes).toEqual([{ step: "place", note: "more light", picture: null }]);
  });

  it("that never began has nothing", () =>
    expect(runLog([line("weeded", { minutes: 3 })], plan, [])).toMatchObject({
      steps: [],
      leftOut: [],
      minutes: null,
    }));

  it("property: whatever is done, taken back, left out and put in, planned and actual count the same steps, each once", () => {
    const acts = fc.array(
      fc.record({
        what: fc.constantFrom("step", "step", "undo", "skip", "putIn", "again"),
        at: fc.nat(5),
        minutes: fc.double({ min: 0, max: 40, noNaN: true }),
      }),
      {
        maxLength: 30,
      },
    );
    fc.assert(
      fc.property(acts, (all) => {
        const log: LogLine[] = [line("liveStart")];
        const put: { id: string; minutes: number }[] = [];
        // What stands by hand: minutes by step, the last run only.
        let stands = new Map<string, { line: LogLine; minutes: number }[]>();
        for (const { what, at, minutes } of all) {
          const ids = [...plan, ...put].map(({ id }) => id);
          const id = ids[at % ids.length] as string;
          if (what === "step") {
            const done = line("liveStep", { step: id, minutes });
            log.push(done);
            stands.set(id, [...(stands.get(id) ?? []), { line: done, minutes }]);
          } else if (what === "undo") {
            const last = (stands.get(id) ?? []).at(-1);
            if (!last) continue;
            log.push(line("undone", { body: { of: last.line.id } }));
            stands.set(id, (stands.get(id) ?? []).slice(0, -1));
          } else if (what === "skip") log.push(line("skipped", { step: id }));
          else if (what === "putIn")
            put.push({ id: `in-${put.length}`, minutes: 1 + Math.floor(minutes) });
          else {
            log.push(line("liveEnd"), line("liveStart"));
            stands = new Map();
          }
        }
        const { steps } = runLog(log, plan, put);
        const done = [...stands].filter(([, rows]) => rows.length > 0);
        expect(new Set(steps.map(({ id }) => id))).toEqual(new Set(done.map(([id]) => id)));
        expect(steps).toHaveLength(done.length);
        const both = totals(steps);
        expect(both.actual).toBeCloseTo(
          done.reduce((sum, [, rows]) => sum + rows.reduce((a, { minutes }) => a + minutes, 0), 0),
          6,
        );
        expect(both.planned).toBe(
          done.reduce(
            (sum, [id]) => sum + ([...plan, ...put].find((step) => step.id === id)?.minutes ?? 0),
            0,
          ),
        );
      }),
      { numRuns: 200 },
    );
  });
});
