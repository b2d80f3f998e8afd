import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type LengthUnit, parseLength, showLength, showSize } from "./length.ts";

const mm = (text: string, unit?: LengthUnit) => {
  const read = parseLength(text, unit);
  return read.ok ? read.mm : read.code;
};

describe("parseLength", () => {
  it.each([
    ["7 3/4", 196.85],
    ["7-3/4", 196.85],
    ["7¾", 196.85],
    ['7 3/4"', 196.85],
    ["7.75in", 196.85],
    ["7,75 inches", 196.85],
    ["19 cm", 190],
    ["196", 196],
    ["196mm", 196],
    ["1/2", 12.7],
    ["0.5 m", 500],
  ])("reads %s", (text, expected) => {
    expect(mm(text)).toBeCloseTo(expected, 9);
  });

  it("takes a plain number in the studio's unit, and a plain fraction always as inches", () => {
    expect(mm("2", "inDecimal")).toBeCloseTo(50.8, 9);
    expect(mm("2", "cm")).toBe(20);
    expect(mm("1/4", "mm")).toBeCloseTo(6.35, 9);
  });

  it.each([
    ["", "empty"],
    ["  ", "empty"],
    ["wide", "notALength"],
    ["3/0", "notALength"],
    ["1 2", "notALength"],
    ["1.2.3", "notALength"],
    ["-5", "notALength"],
    ["0", "outOfRange"],
    ["1000 m", "outOfRange"],
  ])("refuses %j", (text, code) => {
    expect(mm(text)).toBe(code);
  });

  it("reads back what it shows, to the rounding of the unit", () => {
    const rounding = { mm: 0.5, cm: 0.5, inDecimal: 0.13, inFraction: 25.4 / 32 + 1e-9 } as const;
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 3000, noNaN: true }),
        fc.constantFrom(...(["mm", "cm", "inDecimal", "inFraction"] as const)),
        (length, unit) => {
          expect(Math.abs(Number(mm(showLength(length, unit))) - length)).toBeLessThanOrEqual(
            rounding[unit] + 1e-9,
          );
        },
      ),
      { seed: 11 },
    );
  });
});

describe("showLength", () => {
  it.each([
    [196.85, "inFraction", "7 3/4 in"],
    [12.7, "inFraction", "1/2 in"],
    [25.4, "inFraction", "1 in"],
    [196.85, "inDecimal", "7.75 in"],
    [190, "cm", "19 cm"],
    [6.35, "mm", "6.3 mm"],
    [196.4, "mm", "196 mm"],
  ] as const)("shows %d in %s", (length, unit, expected) => {
    expect(showLength(length, unit)).toBe(expected);
  });
});

describe("showSize", () => {
  it.each([
    [{ width: 292, height: 181 }, "mm", "292 × 181 mm"],
    [{ width: 292, height: 181 }, "cm", "29.2 × 18.1 cm"],
    [{ width: 50.8, height: 101.6 }, "inDecimal", "2 × 4 in"],
  ] as const)("says the unit once: %o in %s", (size, unit, expected) => {
    expect(showSize(size, unit)).toBe(expected);
  });
});
