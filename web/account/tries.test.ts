import { describe, expect, it } from "vitest";
import { callerOf, delayAfter, deviceToken, isKnownDevice, normalEmail } from "./tries.ts";

describe("the address of an account", () => {
  it("has one form, however its letters are put together or written large", () => {
    expect(normalEmail("  Host@Studio.Example ")).toBe("host@studio.example");
    expect(normalEmail("ho\u0308st@a.example")).toBe(normalEmail("H\u00d6ST@a.example"));
    expect(normalEmail("İris@a.example")).toBe(normalEmail("İRIS@a.example"));
    // Full-width letters are letters.
    expect(normalEmail("ｈｏｓｔ@a.example")).toBe("host@a.example");
  });
});

describe("where a call comes from", () => {
  it("is not what the caller says", () => {
    expect(callerOf("10.0.0.1", 0)).toBeNull();
    expect(callerOf("made up, 192.0.2.7", 1)).toBe("192.0.2.7");
    expect(callerOf("made up, 192.0.2.7, 198.51.100.2", 2)).toBe("192.0.2.7");
  });

  it("is unknown where the proxies have not said it", () => {
    expect(callerOf(null, 1)).toBeNull();
    expect(callerOf("192.0.2.7", 2)).toBeNull();
    expect(callerOf("192.0.2.7", Number.NaN)).toBeNull();
  });
});

describe("a device that has signed in", () => {
  const person = { personId: "p1", passwordHash: "$argon2id$one" };
  it("is known again, until the password is another, and only for that person", () => {
    const token = deviceToken(person.personId, person.passwordHash);
    expect(isKnownDevice(token, person)).toBe(true);
    expect(isKnownDevice(token, { ...person, passwordHash: "$argon2id$two" })).toBe(false);
    expect(isKnownDevice(token, { ...person, personId: "p2" })).toBe(false);
    expect(isKnownDevice(undefined, person)).toBe(false);
    expect(isKnownDevice("x", person)).toBe(false);
    expect(isKnownDevice(token, null)).toBe(false);
  });
});

it("answers take longer the more were wrong, and never longer than five seconds", () => {
  expect(delayAfter(3)).toBe(0);
  expect(delayAfter(12)).toBeGreaterThan(0);
  expect(delayAfter(13)).toBeGreaterThan(delayAfter(12));
  expect(delayAfter(1e6)).toBe(5000);
});
