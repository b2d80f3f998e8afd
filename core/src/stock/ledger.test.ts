import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { balanceOf, countedAs, type Move, roundAmount, settle, workSoFar } from "./ledger.ts";

/** A good and its movements, as the database keeps them. */
class Shelf {
  moves: Move[] = [];
  get onHand(): number {
    return balanceOf(this.moves);
  }
  add(moves: readonly Move[]): void {
    for (const move of moves) {
      this.moves.push(move);
      if (this.onHand < 0) throw new Error("below nothing");
    }
  }
  work(work: string, wanted: number): void {
    this.add(settle({ work, wanted, soFar: workSoFar(this.moves, work), onHand: this.onHand }));
  }
}

describe("marked work", () => {
  it("takes what it wants, once, and puts it back when it is unmarked", () => {
    const shelf = new Shelf();
    shelf.add([{ kind: "received", change: 10 }]);
    shelf.work("kit:3", 2);
    shelf.work("kit:3", 2);
    expect(shelf.onHand).toBe(8);
    shelf.work("kit:3", 0);
    expect(shelf.onHand).toBe(10);
    expect(shelf.moves.map(({ kind, change }) => [kind, change])).toEqual([
      ["received", 10],
      ["taken", -2],
      ["returned", 2],
    ]);
  });

  it("that used more than was known counts the difference in first, and takes that back with the mark", () => {
    const shelf = new Shelf();
    shelf.add([{ kind: "received", change: 1 }]);
    shelf.work("load:a", 3);
    expect(shelf.moves.at(-2)).toMatchObject({ kind: "counted", change: 2, work: "load:a" });
    expect(shelf.moves.at(-2)?.note).not.toBe("");
    expect(shelf.onHand).toBe(0);
    shelf.work("load:a", 0);
    expect(shelf.onHand).toBe(1);
  });

  it("that wants more or less by now takes only the difference", () => {
    const shelf = new Shelf();
    shelf.add([{ kind: "received", change: 9 }]);
    shelf.work("room", 4);
    shelf.work("room", 6);
    shelf.work("room", 5);
    expect(shelf.moves.slice(1).map(({ kind, change }) => [kind, change])).toEqual([
      ["taken", -4],
      ["taken", -2],
      ["returned", 1],
    ]);
  });

  it("takes parts of a roll without rounding noise", () => {
    const shelf = new Shelf();
    shelf.add([{ kind: "received", change: 1 }]);
    for (let i = 0; i < 10; i++) shelf.work(`load:${i}`, 0.1);
    expect(shelf.onHand).toBe(0);
    expect(shelf.moves.every(({ kind }) => kind !== "counted")).toBe(true);
  });
});

const works = ["load:a", "load:b", "kit:1", "kit:2", "room"] as const;
const happening = fc.oneof(
  fc.record({
    what: fc.constant("work" as const),
    work: fc.constantFrom(...works),
    amount: fc.integer({ min: 0, max: 12 }),
  }),
  fc.record({ what: fc.constant("received" as const), amount: fc.integer({ min: 1, max: 30 }) }),
  fc.record({ what: fc.constant("counted" as const), amount: fc.integer({ min: 0, max: 30 }) }),
  fc.record({ what: fc.constant("spoiled" as const), amount: fc.integer({ min: 1, max: 5 }) }),
);

describe("any history with marks and unmarks", () => {
  it("never leaves less than nothing, and what is there is what came in, less what is marked, less what was lost, with what was counted", () => {
    fc.assert(
      fc.property(fc.array(happening, { maxLength: 60 }), (history) => {
        const shelf = new Shelf();
        const marked = new Map<string, number>();
        for (const one of history) {
          if (one.what === "work") {
            shelf.work(one.work, one.amount);
            marked.set(one.work, one.amount);
          } else if (one.what === "received") shelf.add([{ kind: "received", change: one.amount }]);
          else if (one.what === "counted") {
            const move = countedAs(one.amount, shelf.onHand);
            if (move) shelf.add([move]);
            expect(shelf.onHand).toBe(one.amount);
          } else if (one.amount <= shelf.onHand)
            shelf.add([{ kind: "spoiled", change: -one.amount }]);
        }
        const sum = (...kinds: Move["kind"][]) =>
          roundAmount(
            shelf.moves.reduce(
              (total, { kind, change }) => (kinds.includes(kind) ? total + change : total),
              0,
            ),
          );
        const taken = [...marked.values()].reduce((total, amount) => total + amount, 0);
        expect(0 - sum("taken", "returned")).toBe(taken);
        expect(shelf.onHand).toBe(
          roundAmount(sum("received") + sum("counted") + sum("spoiled") - taken),
        );
        expect(shelf.onHand).toBeGreaterThanOrEqual(0);
      }),
      { seed: 901, numRuns: 400 },
    );
  });

  it("unmarked altogether, all that no count has touched is back", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40 }),
        fc.array(fc.tuple(fc.constantFrom(...works), fc.integer({ min: 0, max: 12 })), {
          maxLength: 40,
        }),
        (there, marks) => {
          const shelf = new Shelf();
          if (there > 0) shelf.add([{ kind: "received", change: there }]);
          for (const [work, amount] of marks) shelf.work(work, amount);
          for (const work of works) shelf.work(work, 0);
          expect(shelf.onHand).toBe(there);
        },
      ),
      { seed: 902, numRuns: 300 },
    );
  });
});
