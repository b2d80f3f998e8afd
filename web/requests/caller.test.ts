import { describe, expect, it } from "vitest";
import { callerOf, isFromRoom } from "./caller.ts";

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

describe("who came through the door to the room", () => {
  it("is known by the secret of the door, and where there is no door nobody did", () => {
    expect(isFromRoom("0123456789", "0123456789")).toBe(true);
    expect(isFromRoom("0123456788", "0123456789")).toBe(false);
    expect(isFromRoom("01234567891", "0123456789")).toBe(false);
    expect(isFromRoom(null, "0123456789")).toBe(false);
    expect(isFromRoom("", "")).toBe(false);
  });
});
