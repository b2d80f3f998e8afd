import { describe, expect, it } from "vitest";
import { remembered } from "./remembered.ts";

describe("what was worked out", () => {
  it("is worked out once for each question, also when two ask at once", async () => {
    let asked = 0;
    const ask = remembered<number>(3);
    const compute = async () => ++asked;
    expect(await Promise.all([ask("a", compute), ask("a", compute)])).toEqual([1, 1]);
    expect(await ask("b", compute)).toBe(2);
    expect(await ask("a", compute)).toBe(1);
  });

  it("is forgotten, the oldest first, where there is no more room", async () => {
    let asked = 0;
    const ask = remembered<number>(2);
    const compute = async () => ++asked;
    for (const key of ["a", "b", "c"]) await ask(key, compute);
    expect(await ask("c", compute)).toBe(3);
    expect(await ask("a", compute)).toBe(4);
  });

  it("is asked again after it failed", async () => {
    const ask = remembered<number>(2);
    await expect(ask("a", () => Promise.reject(new Error("no worker")))).rejects.toThrow(
      "no worker",
    );
    expect(await ask("a", async () => 7)).toBe(7);
  });
});
