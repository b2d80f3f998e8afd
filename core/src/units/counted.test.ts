import { expect, it } from "vitest";
import { counted } from "./counted.ts";

it("a number is told with its word", () => {
  expect([0, 1, 2, 1000].map((n) => counted(n, "seat"))).toEqual([
    "0 seats",
    "1 seat",
    "2 seats",
    "1000 seats",
  ]);
  expect([1, 3].map((n) => counted(n, "box", "boxes"))).toEqual(["1 box", "3 boxes"]);
});
