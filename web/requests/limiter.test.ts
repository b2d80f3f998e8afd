import { expect, it } from "vitest";
import { Limiter } from "./limiter.ts";

it("lets through so many of each in a while, then as many again", () => {
  let now = 0;
  const limiter = new Limiter(1000, 2, () => now);
  expect([1, 2, 3].map(() => limiter.allows("a", 2))).toEqual([true, true, false]);
  expect(limiter.allows("b", 2)).toBe(true);
  now = 999;
  expect(limiter.allows("a", 2)).toBe(false);
  now = 1000;
  expect(limiter.allows("a", 2)).toBe(true);
});

it("keeps no more in mind than it may", () => {
  const limiter = new Limiter(1000, 2, () => 0);
  for (const key of ["a", "b", "c", "c", "c"]) limiter.allows(key, 1);
  expect(limiter.allows("c", 1)).toBe(true);
  expect(limiter.allows("a", 1)).toBe(false);
});
