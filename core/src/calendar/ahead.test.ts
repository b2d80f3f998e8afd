import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { eveningsAhead, helpful, overOf } from "./ahead.ts";
import { addDays } from "./dates.ts";
import type { EveningTask } from "./evenings.ts";

const TODAY = "2026-11-29";
const task = (
  id: string,
  minutes: number,
  due: number,
  more: Partial<EveningTask> = {},
): EveningTask => ({ id, minutes, dueDate: addDays(TODAY, due), ...more });
const two = (_: string) => 120;

describe("the evenings to come", () => {
  it("spread the work evenly up to its day, and end with it", () => {
    const days = eveningsAhead([task("weed", 300, 4)], TODAY, two, 14);
    expect(days.map(({ minutes }) => Math.round(minutes))).toEqual([60, 60, 60, 60, 60]);
    expect(overOf(days)).toBe(0);
  });

  it("what does not fit is said from the first evening on, not on the last", () => {
    const days = eveningsAhead([task("weed", 400, 1)], TODAY, two, 14);
    expect(days.map(({ minutes, over }) => [minutes, over])).toEqual([
      [200, 80],
      [200, 80],
    ]);
  });

  it("a day off holds nothing; a wet coat waits for its evening", () => {
    const free = (date: string) => (date === addDays(TODAY, 1) ? 0 : 120);
    const days = eveningsAhead(
      [task("coat-1", 20, 0), task("coat-2", 20, 2, { notBefore: addDays(TODAY, 2) })],
      TODAY,
      free,
      14,
    );
    expect(days.find(({ date }) => date === addDays(TODAY, 2))?.parts.map(({ id }) => id)).toEqual([
      "coat-2",
    ]);
    expect(days[0]?.parts.map(({ id }) => id)).toEqual(["coat-1"]);
  });

  it("nothing is lost and nothing done twice, whatever there is to do", () => {
    const any = fc.record({
      minutes: fc.integer({ min: 0, max: 300 }),
      due: fc.integer({ min: -2, max: 12 }),
      wait: fc.integer({ min: 0, max: 6 }),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 8 }), (rows) => {
        const tasks = rows.map(({ minutes, due, wait }, i) =>
          task(`t${i}`, minutes, due, { notBefore: addDays(TODAY, wait) }),
        );
        const days = eveningsAhead(tasks, TODAY, two, 60);
        for (const { id, minutes, notBefore = TODAY } of tasks) {
          const done = days.flatMap(({ date, parts }) =>
            parts.filter((part) => part.id === id).map((part) => ({ date, ...part })),
          );
          expect(done.reduce((sum, part) => sum + part.minutes, 0)).toBeCloseTo(minutes, 0);
          for (const { date } of done) expect(date >= notBefore).toBe(true);
        }
        for (const { minutes, parts } of days)
          expect(parts.reduce((sum, part) => sum + part.minutes, 0)).toBeCloseTo(minutes, 6);
      }),
      { seed: 108, numRuns: 100 },
    );
  });
});

describe("ways out of a full week", () => {
  const now = [task("weed", 400, 1), task("pack", 40, 3)];
  it("are tried: only what helps, the most helpful first, with what then fits", () => {
    const ways = [
      { what: "helper", tasks: [task("weed", 200, 1), task("pack", 40, 3)] },
      { what: "nothing", tasks: now },
      { what: "in the class", tasks: [task("pack", 40, 3)] },
    ];
    const found = helpful(now, ways, TODAY, two, 14);
    expect(found.map(({ what }) => what)).toEqual(["helper", "in the class"]);
    expect(found[0]?.saves).toBe(160);
  });
  it("none is offered where everything fits", () => {
    expect(helpful([task("pack", 40, 3)], [{ what: "helper", tasks: [] }], TODAY, two, 14)).toEqual(
      [],
    );
  });
});
