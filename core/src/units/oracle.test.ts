import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type LengthUnit, parseLength, showLength } from "./length.ts";
import { showClock, showMinutes } from "./time.ts";

const UNITS: readonly LengthUnit[] = ["mm", "cm", "inFraction", "inDecimal"];
/** What showing may round away, mm. */
const ROUNDED: Record<LengthUnit, number> = {
  mm: 0.5,
  cm: 0.5,
  inFraction: 25.4 / 32,
  inDecimal: 25.4 / 200,
};

describe("lengths there and back", () => {
  it("what is shown is read again as the same length, but for the rounding of its unit", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2000, noNaN: true }),
        fc.constantFrom(...UNITS),
        (mm, unit) => {
          const read = parseLength(showLength(mm, unit), unit);
          expect(read.ok).toBe(true);
          if (read.ok) expect(Math.abs(read.mm - mm)).toBeLessThanOrEqual(ROUNDED[unit] + 1e-6);
        },
      ),
      { seed: 141, numRuns: 400 },
    );
  });

  it("shown, read and shown again: the same words", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 2000, noNaN: true }),
        fc.constantFrom(...UNITS),
        (mm, unit) => {
          const once = showLength(mm, unit);
          const read = parseLength(once, unit);
          expect(read.ok && showLength(read.mm, unit)).toBe(once);
        },
      ),
      { seed: 142, numRuns: 400 },
    );
  });

  it("the same length in every way of writing it", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 15 }),
        (whole, sixteenths) => {
          const inches = whole + sixteenths / 16;
          for (const text of [
            `${whole} ${sixteenths}/16`,
            `${whole}-${sixteenths}/16"`,
            `${inches}in`,
            `${inches} inches`,
            `${inches * 2.54} cm`,
            `${inches * 25.4}`,
            `${inches * 25.4}mm`,
            `${String(inches * 25.4).replace(".", ",")} mm`,
          ]) {
            const read = parseLength(text);
            expect(read.ok && read.mm, text).toBeCloseTo(inches * 25.4, 6);
          }
        },
      ),
      { seed: 143, numRuns: 60 },
    );
  });

  it("nonsense is told apart from nothing and from too much, and never read", () => {
    for (const text of ["wide", "7 3/0", "1/2/3", "--4", "4 mm 5", "3 4", "½½", "0x10", "1e3"])
      expect(parseLength(text).ok, text).toBe(false);
    for (const text of ["", "   "]) expect(parseLength(text)).toEqual({ ok: false, code: "empty" });
    for (const text of ["0", "200 m", "99999 in"])
      expect(parseLength(text)).toEqual({ ok: false, code: "outOfRange" });
    fc.assert(
      fc.property(fc.string({ maxLength: 12 }), (text) => {
        const read = parseLength(text);
        if (read.ok) expect(read.mm > 0 && Number.isFinite(read.mm)).toBe(true);
      }),
      { seed: 144, numRuns: 500 },
    );
  });
});

describe("durations", () => {
  it("are shown whole", () => {
    expect([0, 1, 59.4, 59.6, 60, 61, 119.7, 125].map(showMinutes)).toEqual([
      "0 min",
      "1 min",
      "59 min",
      "1 h",
      "1 h",
      "1 h 1 min",
      "2 h",
      "2 h 5 min",
    ]);
    expect([0, 5, 65, 252, -3].map(showClock)).toEqual(["0:00", "0:05", "1:05", "4:12", "0:00"]);
  });
});
