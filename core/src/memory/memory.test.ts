import { describe, expect, it } from "vitest";
import { Bounded } from "./bounded.ts";
import { Contents, identity } from "./identity.ts";
import { KeptWith } from "./kept-with.ts";

describe("results that are kept", () => {
  it("are made once, and what was asked for longest ago is made again", () => {
    const kept = new Bounded<number>(2);
    let made = 0;
    const ask = (key: string) => kept.take(key, () => ++made);
    expect([ask("a"), ask("b"), ask("a"), ask("c")]).toEqual([1, 2, 1, 3]);
    // "b" has gone, "a" was asked for since.
    expect([ask("a"), ask("b")]).toEqual([1, 4]);
    expect(kept.size).toBe(2);
  });

  it("count by weight, the last one whatever it weighs", () => {
    const kept = new Bounded<string>(10, (text) => text.length);
    for (const key of ["four", "five", "six"]) kept.take(key, () => key);
    expect(kept.size).toBe(2);
    kept.take("long", () => "x".repeat(40));
    expect(kept.size).toBe(1);
    kept.take("four", () => "four");
    expect(kept.size).toBe(1);
  });

  it("keep nothing of what failed", () => {
    const kept = new Bounded<number>(3);
    expect(() =>
      kept.take("a", () => {
        throw new RangeError("no");
      }),
    ).toThrow("no");
    expect(kept.take("a", () => 7)).toBe(7);
  });

  it("hang on the value they were made of, the few asked for last", () => {
    const kept = new KeptWith<object, number>();
    const [one, other] = [{}, {}];
    let made = 0;
    const ask = (owner: object, key: string) => kept.take(owner, key, () => ++made);
    expect([ask(one, "a"), ask(other, "a"), ask(one, "a")]).toEqual([1, 2, 1]);
    for (const key of ["b", "c", "d"]) ask(one, key);
    expect(ask(one, "a")).toBe(6);
    expect(ask(other, "a")).toBe(2);
  });
});

describe("names for values", () => {
  it("tell values apart by which they are", () => {
    const [one, other] = [{ a: 1 }, { a: 1 }];
    expect(identity(one)).toBe(identity(one));
    expect(identity(one)).not.toBe(identity(other));
  });

  it("or by what they say", () => {
    const contents = new Contents();
    expect(contents.of({ a: 1, b: [2] })).toBe(contents.of({ a: 1, b: [2] }));
    expect(contents.of({ a: 1 })).not.toBe(contents.of({ a: 2 }));
    expect(contents.of([])).not.toBe(contents.of({}));
  });
});
