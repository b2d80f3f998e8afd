import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type BasketSeat, runsOf } from "./weave.tsx";

const seat = (done: number, trouble = false): BasketSeat => ({
  seat: "",
  label: "",
  done,
  trouble,
});
/** Left, top and width of each run of a path, in cells. */
const runs = (d: string): [x: number, y: number, cells: number][] =>
  [...d.matchAll(/M(\d+) (\d+)h(\d+)v30h-\3z/gu)].map((m) => [
    Number(m[1]) / 30,
    Number(m[2]) / 30,
    Number(m[3]) / 30,
  ]);

describe("the weave of many seats", () => {
  it("takes seats side by side as one, row by row", () => {
    const kinds = runsOf(
      [...Array(7)].map(() => seat(2)),
      3,
    );
    expect([...kinds.keys()]).toEqual(["2"]);
    expect(runs(kinds.get("2") ?? "")).toEqual([
      [0, 0, 3],
      [0, 1, 3],
      [0, 2, 1],
    ]);
  });

  it("marks who is in trouble with the strand that comes next, and nobody who is through", () => {
    expect([...runsOf([seat(1, true), seat(5, true), seat(1)], 4).keys()]).toEqual([
      "1t",
      "5",
      "1",
    ]);
  });

  it("covers each seat once, with what it shows", () => {
    const any = fc.array(fc.record({ done: fc.nat(5), trouble: fc.boolean() }), { maxLength: 90 });
    fc.assert(
      fc.property(any, fc.integer({ min: 1, max: 20 }), (given, across) => {
        const seats = given.map(({ done, trouble }) => seat(done, trouble));
        const shown = new Map<number, string>();
        for (const [kind, d] of runsOf(seats, across))
          for (const [x, y, cells] of runs(d))
            for (let k = 0; k < cells; k++) {
              expect(shown.has(y * across + x + k)).toBe(false);
              shown.set(y * across + x + k, kind);
            }
        expect(seats.map((_, i) => shown.get(i))).toEqual(
          seats.map(({ done, trouble }) => `${done}${trouble && done < 5 ? "t" : ""}`),
        );
      }),
      { seed: 20261130 },
    );
  });
});
