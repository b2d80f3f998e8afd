import { describe, expect, it } from "vitest";
import { delayAfter, normalEmail } from "./tries.ts";

describe("the address of an account", () => {
  it("has one form, however its letters are put together or written large", () => {
    expect(normalEmail("  Host@Studio.Example ")).toBe("host@studio.example");
    expect(normalEmail("ho\u0308st@a.example")).toBe(normalEmail("H\u00d6ST@a.example"));
    expect(normalEmail("İris@a.example")).toBe(normalEmail("İRIS@a.example"));
    // Full-width letters are letters.
    expect(normalEmail("ｈｏｓｔ@a.example")).toBe("host@a.example");
  });
});

it("answers take longer the more were wrong, and never longer than five seconds", () => {
  expect(delayAfter(3)).toBe(0);
  expect(delayAfter(12)).toBeGreaterThan(0);
  expect(delayAfter(13)).toBeGreaterThan(delayAfter(12));
  expect(delayAfter(1e6)).toBe(5000);
});
