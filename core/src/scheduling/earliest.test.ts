import { describe, expect, it } from "vitest";
import { datedBefore } from "./before.ts";
import { dryOn, earliestEvenings } from "./earliest.ts";
import { type Task, taskSchema } from "./task.ts";

const task = (id: string, more: Partial<Task> = {}): Task =>
  taskSchema.parse({ id, title: id, minutes: 30, ...more });
const DAY = 24 * 60;
const TASKS = [
  task("sand"),
  task("coat-1", { after: ["sand"], waitMinutes: DAY }),
  task("coat-2", { after: ["coat-1"], waitMinutes: DAY }),
  task("cut-list"),
];
const dated = datedBefore({ tasks: TASKS, ready: "2026-12-05", piecesOf: () => 4 });
const on = (today: string, done: readonly (readonly [string, string])[] = []) =>
  Object.fromEntries(earliestEvenings({ tasks: TASKS, dated, today, restedOn: new Map(done) }));

describe("the earliest evening of what is to be prepared", () => {
  it("the plan itself: sanded on the evening of the first coat, a day between coats, the last dry on the day", () => {
    expect(dated.map(({ id, date }) => [id, date])).toEqual([
      ["sand", "2026-12-02"],
      ["coat-1", "2026-12-02"],
      ["coat-2", "2026-12-03"],
      ["cut-list", "2026-12-04"],
    ]);
  });

  it("begun early, a coat still waits for the one before; what waits for nothing may be done at once", () => {
    expect(on("2026-11-28")).toEqual({
      sand: "2026-11-28",
      "coat-1": "2026-11-28",
      "coat-2": "2026-11-29",
      "cut-list": "2026-11-28",
    });
  });

  it("counts from when the one before was really done", () => {
    expect(
      on("2026-11-30", [
        ["sand", "2026-11-30"],
        ["coat-1", "2026-12-02"],
      ]),
    ).toEqual({ "coat-2": "2026-12-02", "cut-list": "2026-11-30" });
  });

  it("late, the order stays: never before today, never a coat on a wet one", () => {
    expect(on("2026-12-03")).toEqual({
      sand: "2026-12-03",
      "coat-1": "2026-12-03",
      "coat-2": "2026-12-04",
      "cut-list": "2026-12-03",
    });
  });

  it("a longer one before it holds it back by all its evenings", () => {
    const long = [
      task("sand", { minutes: 400 }),
      task("coat", { after: ["sand"], waitMinutes: DAY }),
    ];
    const rows = datedBefore({ tasks: long, ready: "2026-12-05", piecesOf: () => 4 });
    const [sand, coat] = rows;
    expect(sand?.evenings.length).toBeGreaterThan(1);
    const found = earliestEvenings({
      tasks: long,
      dated: rows,
      today: "2026-11-20",
      restedOn: new Map(),
    });
    const days = (a = "", b = "") => (Date.parse(b) - Date.parse(a)) / 86_400_000;
    expect(days("2026-11-20", found.get("coat"))).toBe(days(sand?.date, coat?.date));
  });
});

describe("when it is dry, were it begun as early as may be", () => {
  const row = (id: string, ...evenings: string[]) => ({
    id,
    date: evenings[0] ?? "",
    evenings: evenings.map((date) => ({ date, minutes: 20 })),
    rounds: 1,
    restMinutes: 0,
  });
  const tasks = [
    { id: "sand", waitMinutes: 0 },
    { id: "paint", waitMinutes: 12 * 60 },
    { id: "coat", waitMinutes: 24 * 60 },
    { id: "done", waitMinutes: 60 },
  ];
  const dated = [
    row("sand", "2026-12-01"),
    row("paint", "2026-12-01", "2026-12-03"),
    row("coat", "2026-12-04"),
    row("done", "2026-12-01"),
  ];
  const earliest = new Map([
    ["sand", "2026-12-08"],
    ["paint", "2026-12-08"],
    ["coat", "2026-12-10"],
  ]);
  it("what does not rest is ready that evening; a night ends on the next day; several evenings count; what is done is not asked", () => {
    expect([...dryOn({ tasks, dated, earliest })]).toEqual([
      ["sand", "2026-12-08"],
      ["paint", "2026-12-11"],
      ["coat", "2026-12-11"],
    ]);
  });
});
