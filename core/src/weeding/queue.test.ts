import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  ALL_FILMS,
  type FilmState,
  inQueue,
  isDone,
  minutesLeft,
  nextFilm,
  paceOf,
  type QueuedFilm,
} from "./queue.ts";

const film = (n: number, more: Partial<QueuedFilm> = {}): QueuedFilm => ({
  film: `${n}:gold`,
  seat: String(n),
  vinyl: "gold",
  load: 1,
  minutes: 5,
  position: n,
  due: "2027-03-01",
  state: "waiting",
  ...more,
});
const label = ({ seat }: QueuedFilm) => `Seat ${seat}`;

describe("the queue of films", () => {
  const films = [
    film(1, { load: 2 }),
    film(2, { minutes: 9 }),
    film(3, { state: "done" }),
    film(4, { vinyl: "navy", load: 3, due: "2027-02-20" }),
    film(5, { load: null, state: "uncut" }),
  ];

  it.each([
    ["load", ["2", "1", "4", "5"]],
    ["hard", ["2", "1", "4", "5"]],
    ["due", ["4", "2", "1", "5"]],
  ] as const)("in order of %s", (order, seats) => {
    expect(inQueue(films, { ...ALL_FILMS, order }, label).map(({ seat }) => seat)).toEqual(seats);
  });

  it("shows what is asked for", () => {
    const seats = (more: Partial<typeof ALL_FILMS>) =>
      inQueue(films, { ...ALL_FILMS, ...more }, label).map(({ seat }) => seat);
    expect(seats({ vinyl: "navy" })).toEqual(["4"]);
    expect(seats({ load: 2 })).toEqual(["1"]);
    expect(seats({ text: " seat 5" })).toEqual(["5"]);
    expect(seats({ withDone: true })).toEqual(["2", "3", "1", "4", "5"]);
  });

  it("hands out what is cut and in nobody's hands, round the end of the queue", () => {
    const queue = [film(1), film(2, { state: "held" }), film(3, { state: "uncut" }), film(4)];
    expect(nextFilm(queue, null)?.seat).toBe("1");
    expect(nextFilm(queue, "1:gold")?.seat).toBe("4");
    expect(nextFilm(queue, "4:gold")?.seat).toBe("1");
    expect(nextFilm([film(2, { state: "held" })], null)).toBeNull();
    expect(nextFilm([film(2, { state: "done" }), film(3, { state: "uncut" })], null)?.seat).toBe(
      "3",
    );
    expect(nextFilm(queue, null, 1)?.seat).toBe("4");
    expect(nextFilm(queue, null, 9)?.seat).toBe("4");
  });

  it("loses no film and doubles none, in whatever order", () => {
    const states = fc.constantFrom<FilmState>(
      "uncut",
      "changed",
      "waiting",
      "held",
      "done",
      "flawed",
    );
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 0, max: 5 }), fc.integer({ min: 1, max: 20 }), states),
          { maxLength: 40 },
        ),
        fc.constantFrom("load" as const, "hard" as const, "due" as const),
        (rows, order) => {
          const all = rows.map(([load, minutes, state], i) =>
            film(i, { load: load === 0 ? null : load, minutes, state }),
          );
          expect(
            new Set(
              inQueue(all, { ...ALL_FILMS, order, withDone: true }, label).map((row) => row.film),
            ),
          ).toEqual(new Set(all.map((row) => row.film)));
          expect(inQueue(all, { ...ALL_FILMS, order }, label)).toHaveLength(
            all.filter((row) => !isDone(row)).length,
          );
        },
      ),
      { seed: 5, numRuns: 60 },
    );
  });
});

describe("the pace of hands", () => {
  it("begins at what is estimated and moves with what was timed", () => {
    expect(paceOf([])).toBe(1);
    // Three films' worth of the estimate and one that took twice as long: (3·4 + 8) / (3·4 + 4).
    expect(paceOf([{ minutes: 4, actual: 8 }])).toBeCloseTo(20 / 16, 9);
    expect(paceOf(Array.from({ length: 97 }, () => ({ minutes: 4, actual: 8 })))).toBeCloseTo(
      1.97,
      9,
    );
  });

  it("a film that lay overnight, or was not timed, says nothing", () => {
    expect(
      paceOf([
        { minutes: 4, actual: 600 },
        { minutes: 4, actual: 0 },
      ]),
    ).toBe(1);
  });

  it("two pairs of hands halve the evening, but not the last film", () => {
    const films = Array.from({ length: 10 }, (_, i) => film(i));
    expect(minutesLeft(films, 1, 1)).toBe(50);
    expect(minutesLeft(films, 1.2, 2)).toBeCloseTo(30, 9);
    expect(minutesLeft([film(1)], 1, 4)).toBe(5);
    expect(minutesLeft([film(1, { state: "done" })], 1, 1)).toBe(0);
  });
});
