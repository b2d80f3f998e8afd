import { describe, expect, it } from "vitest";
import { roved, rowsOf } from "./roving.ts";

/** Seven in rows of three. */
const TOPS = [0, 0, 0, 80, 80, 80, 160];
const from = (place: number) =>
  Object.fromEntries(
    ["ArrowRight", "ArrowLeft", "ArrowDown", "ArrowUp", "Home", "End", "a"].map((key) => [
      key,
      roved(key, place, rowsOf(TOPS)),
    ]),
  );

describe("a key among controls in rows", () => {
  it("goes to the neighbour, the row below or above, and to either end", () => {
    expect(from(4)).toEqual({
      ArrowRight: 5,
      ArrowLeft: 3,
      ArrowDown: null,
      ArrowUp: 1,
      Home: 0,
      End: 6,
      a: null,
    });
    expect(from(3)).toMatchObject({ ArrowDown: 6, ArrowUp: 0 });
  });

  it("stays where there is nothing further", () => {
    expect(from(0)).toMatchObject({ ArrowLeft: null, ArrowUp: null, Home: null });
    expect(from(6)).toMatchObject({ ArrowRight: null, ArrowDown: null, End: null });
  });

  it("knows a single row", () => expect(roved("ArrowDown", 0, rowsOf([5, 5, 5]))).toBeNull());
});
