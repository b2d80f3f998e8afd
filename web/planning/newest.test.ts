/** Of what changes while it is worked out only the newest is made. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { isOlder, NewestOnly, Outdated } from "./newest.ts";

/** Work that waits until it is let go on, or given up. */
function work() {
  let finish: (value: string) => void = () => {};
  const seen: { signal?: AbortSignal } = {};
  const make = (signal: AbortSignal) => {
    seen.signal = signal;
    return new Promise<string>((resolve, reject) => {
      finish = resolve;
      signal.addEventListener("abort", () => reject(new Outdated()));
    });
  };
  return { make, seen, finish: (value: string) => finish(value) };
}

const answer = (asked: Promise<string>) =>
  asked.catch((error: unknown) => (error instanceof Outdated ? "outdated" : "failed"));

describe("only the newest", () => {
  it("is one piece of work for all who ask for the same", async () => {
    const newest = new NewestOnly<string>();
    const one = work();
    const first = newest.ask("class", "a", { class: 1 }, one.make);
    const second = newest.ask("class", "a", { class: 1 }, () => Promise.reject(new Error("twice")));
    one.finish("plan");
    expect(await Promise.all([first, second])).toEqual(["plan", "plan"]);
  });

  it("lets go what is older, and refuses what comes older", async () => {
    const newest = new NewestOnly<string>();
    const [old, fresh] = [work(), work()];
    const first = answer(newest.ask("class", "a", { class: 1, seats: 4 }, old.make));
    const second = answer(newest.ask("class", "b", { class: 1, seats: 5 }, fresh.make));
    const late = answer(newest.ask("class", "a", { class: 1, seats: 3 }, work().make));
    expect(await first).toBe("outdated");
    expect(await late).toBe("outdated");
    fresh.finish("newest");
    expect(await second).toBe("newest");
  });

  it("leaves other classes alone, and two of which neither is newer", async () => {
    const newest = new NewestOnly<string>();
    const [here, there, aside] = [work(), work(), work()];
    const asked = [
      newest.ask("one", "a", { class: 1, seats: 2 }, here.make),
      newest.ask("other", "b", { class: 9, seats: 9 }, there.make),
      newest.ask("one", "c", { class: 2, seats: 1 }, aside.make),
    ];
    here.finish("here");
    there.finish("there");
    aside.finish("aside");
    expect(await Promise.all(asked)).toEqual(["here", "there", "aside"]);
  });

  it("forgets what is done: the same asked again is made again", async () => {
    const newest = new NewestOnly<string>();
    const [first, again] = [work(), work()];
    const one = newest.ask("class", "a", { class: 2 }, first.make);
    first.finish("first");
    await one;
    const two = newest.ask("class", "a", { class: 1 }, again.make);
    again.finish("again");
    expect(await two).toBe("again");
  });

  it("tells whoever waits when it fails, and does not keep the failure", async () => {
    const newest = new NewestOnly<string>();
    const failing = newest.ask("class", "a", { class: 1 }, () => Promise.reject(new Error("no")));
    expect(await answer(failing)).toBe("failed");
    const next = newest.ask("class", "a", { class: 1 }, async () => "fine");
    expect(await next).toBe("fine");
  });
});

describe("older", () => {
  const versions = fc.dictionary(fc.constantFrom("class", "seats", "design:a"), fc.nat(3));

  it("is never both ways, and never of itself", () => {
    fc.assert(
      fc.property(versions, versions, (a, b) => {
        expect(isOlder(a, b) && isOlder(b, a)).toBe(false);
        expect(isOlder(a, a)).toBe(false);
      }),
      { seed: 20_261_201 },
    );
  });

  it("goes from one to the next", () => {
    fc.assert(
      fc.property(versions, versions, versions, (a, b, c) => {
        if (isOlder(a, b) && isOlder(b, c)) expect(isOlder(a, c)).toBe(true);
      }),
      { seed: 20_261_201 },
    );
  });

  it("takes a part that is not there as its beginning", () => {
    expect(isOlder({ class: 1 }, { class: 1, seats: 1 })).toBe(true);
    expect(isOlder({ class: 1 }, { class: 1, seats: 0 })).toBe(false);
  });
});
