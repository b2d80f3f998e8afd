import { describe, expect, it, vi } from "vitest";
import { remembered } from "./remembered.ts";

describe("answers that take a while", () => {
  it("are worked out once, whoever of the process asks", async () => {
    const compute = vi.fn(async () => "drawn");
    const [pages, routes] = [remembered<string>("once", 3), remembered<string>("once", 3)];
    expect(await Promise.all([pages("mugs", compute), routes("mugs", compute)])).toEqual([
      "drawn",
      "drawn",
    ]);
    expect(await remembered<string>("another", 3)("mugs", async () => "other")).toBe("other");
    expect(compute).toHaveBeenCalledTimes(1);
  });

  it("that failed are asked for again", async () => {
    const ask = remembered<string>("failing", 3);
    await expect(ask("mugs", () => Promise.reject(new Error("no thread")))).rejects.toThrow();
    expect(await ask("mugs", async () => "drawn")).toBe("drawn");
  });

  it("are so many, and the one that was asked first goes", async () => {
    const ask = remembered<number>("few", 2);
    const compute = vi.fn(async () => 1);
    for (const key of ["a", "b", "c", "c", "b"]) await ask(key, compute);
    expect(compute).toHaveBeenCalledTimes(3);
    await ask("a", compute);
    expect(compute).toHaveBeenCalledTimes(4);
  });
});
