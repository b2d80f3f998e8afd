import { describe, expect, it } from "vitest";
import { questionsOf } from "./questions-of.ts";

const stuck = (seat: string, step: string, what: string, at: number) => ({
  seat,
  step,
  what,
  at,
  kind: "stuck" as const,
});

describe("what people are stuck with", () => {
  it("stands once, those of this step first, then what most ask, then what waits longest", () => {
    const marks = [
      stuck("1", "place", "crooked", 30),
      stuck("2", "weed", "late", 1),
      stuck("3", "place", "crooked", 20),
      stuck("4", "place", "", 5),
      stuck("5", "tape", "gone", 2),
      stuck("6", "weed", "gone", 3),
    ];
    expect(
      questionsOf(marks, "place").map(({ step, what, seats }) => [
        step,
        what,
        seats.map(({ seat }) => seat),
      ]),
    ).toEqual([
      ["place", "crooked", ["3", "1"]],
      ["place", "", ["4"]],
      ["weed", "late", ["2"]],
      ["tape", "gone", ["5"]],
      ["weed", "gone", ["6"]],
    ]);
    expect(questionsOf([], "place")).toEqual([]);
  });
});
