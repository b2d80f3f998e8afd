import { describe, expect, it } from "vitest";
import { type Turn, Turns } from "./turns.ts";

/** Work of so many rounds, which notes each of them and gives way when it is asked to. */
function rounds(name: string, count: number, log: string[]): Turn {
  let done = 0;
  return async (giveWay) => {
    while (done < count) {
      await new Promise((go) => setTimeout(go, 1));
      log.push(`${name}${++done}`);
      if (giveWay.aborted && done < count) return true;
    }
    return false;
  };
}

describe("turns", () => {
  it("of one alone are not broken off", async () => {
    const log: string[] = [];
    await new Turns().take(rounds("a", 3, log));
    expect(log).toEqual(["a1", "a2", "a3"]);
  });

  it("go round, one at a time, as soon as a second waits", async () => {
    const log: string[] = [];
    const turns = new Turns();
    await Promise.all([turns.take(rounds("a", 3, log)), turns.take(rounds("b", 3, log))]);
    expect(log).toEqual(["a1", "b1", "a2", "b2", "a3", "b3"]);
  });

  it("of one that fails are over, and those of the others go on", async () => {
    const log: string[] = [];
    const turns = new Turns();
    const bad = turns.take(async () => {
      throw new Error("broken");
    });
    const good = turns.take(rounds("b", 2, log));
    await expect(bad).rejects.toThrow("broken");
    await good;
    expect(log).toEqual(["b1", "b2"]);
    await turns.take(rounds("c", 1, log));
    expect(log.at(-1)).toBe("c1");
  });
});
