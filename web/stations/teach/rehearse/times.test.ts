import { describe, expect, it } from "vitest";
import { clockOf } from "./times.ts";

const at = Date.UTC(2026, 11, 13, 14, 0);

describe("the clock of a rehearsal", () => {
  it("is that of the place, as the studio writes it", () => {
    expect(clockOf(at, "Europe/London", "24")(95)).toBe("15:35");
    expect(clockOf(at, "America/New_York", "24")(0)).toBe("09:00");
    expect(clockOf(at, "Europe/London", "12")(0)).toBe("2:00 pm");
    expect(clockOf(at, "Asia/Kolkata", "24")(-30.4)).toBe("19:00");
  });

  it("goes over midnight, and over the hour that clocks lose", () => {
    expect(clockOf(at, "Europe/London", "24")(600)).toBe("00:00");
    // Clocks go forward on 29 March 2026 at 01:00.
    expect(clockOf(Date.UTC(2026, 2, 29, 0, 30), "Europe/London", "24")(60)).toBe("02:30");
  });
});
