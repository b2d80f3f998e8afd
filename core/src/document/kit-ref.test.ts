import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { isReserved, isSpare, kitRef, recutName, refOfFilm, spareName } from "./kit-ref.ts";

describe("whose a kit is", () => {
  it("is read as it was written", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (n) => {
        expect(kitRef(spareName(n))).toEqual({ kind: "spare", n });
        expect(kitRef(recutName(n))).toEqual({ kind: "recut", n });
        expect(isReserved(spareName(n)) && isReserved(recutName(n))).toBe(true);
      }),
      { seed: 7 },
    );
  });

  it.each(["1", "A-4", "spare", "recut-", "recut-a", "spare-1b", "1-spare-1"])(
    "%s is a seat",
    (seat) => {
      expect(kitRef(seat)).toEqual({ kind: "seat", seat });
      expect(isSpare(seat)).toBe(false);
    },
  );

  it("is what the names of films begin with", () => {
    expect(refOfFilm("recut-3:white")).toEqual({ kind: "recut", n: 3 });
    expect(refOfFilm("recut-12.2:white")).toEqual({ kind: "recut", n: 12 });
    expect(refOfFilm("spare-1+cup+1:white")).toEqual({ kind: "spare", n: 1 });
    expect(refOfFilm("A-4+cup+1:white")).toEqual({ kind: "seat", seat: "A-4" });
  });
});
