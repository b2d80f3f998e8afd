import { afterEach, describe, expect, it } from "vitest";
import {
  decimal,
  moneyText,
  plainNumber,
  showLength,
  showSize,
  thousands,
  writeLength,
} from "./figures.ts";
import { readsBy } from "./readers-tongue.ts";

afterEach(() => readsBy(() => "en"));

describe("figures in English", () => {
  it("have a point, and thousands a comma", () => {
    readsBy(() => "en");
    expect(showLength(18.84, "mm")).toBe("18.8 mm");
    expect(showSize({ width: 12.5, height: 9.25 }, "cm")).toBe("1.3 × 0.9 cm");
    expect(writeLength(18.84, "mm")).toBe("18.84 mm");
    expect(decimal(2.345, 1)).toBe("2.3");
    expect(plainNumber(0.5)).toBe("0.5");
    expect(thousands(12_000)).toBe("12,000");
    expect(moneyText(123_450, "GBP")).toBe("£1,234.50");
  });
});

describe("figures in German", () => {
  it("have a comma, and thousands a point", () => {
    readsBy(() => "de");
    expect(showLength(18.84, "mm")).toBe("18,8 mm");
    expect(showLength(18.84, "inFraction")).toBe("3/4 in");
    expect(showSize({ width: 12.5, height: 9.25 }, "cm")).toBe("1,3 × 0,9 cm");
    expect(writeLength(18.84, "mm")).toBe("18,84 mm");
    expect(decimal(2.345, 1)).toBe("2,3");
    expect(decimal(40, 0)).toBe("40");
    expect(plainNumber(0.5)).toBe("0,5");
    expect(thousands(12_000)).toBe("12.000");
    expect(moneyText(123_450, "GBP").replace(/\s/gu, " ")).toBe("1.234,50 £");
    expect(moneyText(123_450, "EUR").replace(/\s/gu, " ")).toBe("1.234,50 €");
  });

  it("money that somebody is still typing stays as it is", () => {
    readsBy(() => "de");
    expect(moneyText(1250, "GB")).toBe("12.50 GB");
  });
});
