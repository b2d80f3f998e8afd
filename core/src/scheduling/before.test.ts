/** Preparation counted back from the day on which blanks have to be ready. */

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { daysBetween } from "../calendar/dates.ts";
import { PlanFault } from "../faults/plan-fault.ts";
import { datedBefore, roundsOf } from "./before.ts";
import type { Task } from "./task.ts";

const task = (id: string, more: Partial<Task> = {}): Task => ({
  id,
  title: id,
  minutes: 30,
  after: [],
  waitMinutes: 0,
  say: "",
  care: "",
  ...more,
});
const READY = "2027-03-06";
const dated = (tasks: readonly Task[], more: Partial<Parameters<typeof datedBefore>[0]> = {}) =>
  new Map(
    datedBefore({ tasks, ready: READY, piecesOf: () => 14, ...more }).map((row) => [row.id, row]),
  );

describe("dated backwards", () => {
  it("by hand: sand and stain on one evening, a night of drying, ready the day after", () => {
    const rows = dated([
      task("sand", { waitMinutes: 60 }),
      task("stain", { after: ["sand"], waitMinutes: 720 }),
    ]);
    // Twelve hours before the morning of the 6th are noon of the 5th: stained on the evening of the
    // 4th.
    expect(rows.get("stain")?.date).toBe("2027-03-04");
    expect(rows.get("sand")?.date).toBe("2027-03-04");
  });

  it("an hour of drying fits into an evening of two and a half, not into one of an hour", () => {
    const tasks = [task("one", { waitMinutes: 60 }), task("two", { after: ["one"] })];
    expect(dated(tasks).get("one")?.date).toBe("2027-03-05");
    expect(dated(tasks, { freeOn: () => 60 }).get("one")?.date).toBe("2027-03-04");
  });

  it("what has no room at once makes rounds, each dry before the next lies down", () => {
    const rows = dated([task("paint", { minutes: 60, atOnce: 5, waitMinutes: 720 })]);
    expect(roundsOf({ atOnce: 5 }, 14)).toBe(3);
    expect(rows.get("paint")).toMatchObject({ rounds: 3 });
    expect(rows.get("paint")?.evenings.map(({ date }) => date)).toEqual([
      "2027-03-02",
      "2027-03-03",
      "2027-03-04",
    ]);
  });

  it("a long task takes several evenings; evenings without time are passed over", () => {
    const rows = dated([task("sand", { minutes: 240 })], {
      freeOn: (date) => (date === "2027-03-04" ? 0 : 120),
    });
    expect(rows.get("sand")?.evenings).toEqual([
      { date: "2027-03-03", minutes: 120 },
      { date: "2027-03-05", minutes: 120 },
    ]);
  });

  it("says so when there are no evenings, or tasks wait for each other", () => {
    expect(() => dated([task("a")], { freeOn: () => 0 })).toThrow(PlanFault);
    expect(() => dated([task("a", { after: ["b"] }), task("b", { after: ["a"] })])).toThrow(
      /wait for each other/u,
    );
  });

  it("any chain: every minute lies in a free evening, no two at once, and each is dry before the next", () => {
    const row = fc.record({
      minutes: fc.integer({ min: 1, max: 200 }),
      waitMinutes: fc.constantFrom(0, 30, 120, 720, 1440),
      atOnce: fc.option(fc.integer({ min: 1, max: 20 }), { nil: undefined }),
    });
    fc.assert(
      fc.property(
        fc.array(row, { minLength: 1, maxLength: 7 }),
        fc.integer({ min: 30, max: 240 }),
        (rows, free) => {
          const tasks = rows.map(({ atOnce, ...own }, i) =>
            task(`t${i}`, {
              ...own,
              ...(atOnce === undefined ? {} : { atOnce }),
              after: i > 0 ? [`t${i - 1}`] : [],
            }),
          );
          const found = dated(tasks, { freeOn: () => free });
          const perDay = new Map<string, number>();
          for (const { evenings } of found.values())
            for (const { date, minutes } of evenings)
              perDay.set(date, (perDay.get(date) ?? 0) + minutes);
          for (const [date, minutes] of perDay) {
            expect(minutes).toBeLessThanOrEqual(free);
            expect(date < READY).toBe(true);
          }
          tasks.forEach((own, i) => {
            const { evenings } = found.get(own.id) as NonNullable<ReturnType<typeof found.get>>;
            expect(evenings.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(
              own.minutes < roundsOf(own, 14) ? roundsOf(own, 14) : own.minutes,
            );
            const last = evenings.at(-1)?.date ?? "";
            const next =
              i + 1 < tasks.length ? (found.get(`t${i + 1}`)?.evenings[0]?.date ?? "") : READY;
            // From the end of an evening's day at most: a wait of so many whole days moves it at
            // least so many days.
            expect(daysBetween(last, next)).toBeGreaterThanOrEqual(
              Math.floor(own.waitMinutes / 1440),
            );
          });
        },
      ),
      { seed: 77, numRuns: 120 },
    );
  });
});
