import { describe, expect, it } from "vitest";
import { earlierKits } from "./earlier.ts";

describe("kits that travel farther", () => {
  it("are told by how many days they are earlier, the earliest first; what is posted or goes with the rest is not among them", () => {
    const parcels = [
      { seat: "1", postBy: "2026-12-10", posted: false },
      { seat: "2", postBy: "2026-12-20", posted: false },
      { seat: "3", postBy: "2026-12-10", posted: false },
      { seat: "4", postBy: "2026-12-01", posted: true },
      { seat: "5", postBy: "2026-12-17", posted: false },
      { seat: "6", postBy: null, posted: false },
      { seat: "7", postBy: "2026-12-29", posted: false },
    ];
    expect(earlierKits(parcels, "2026-12-20").map(({ days, seats }) => [days, [...seats]])).toEqual(
      [
        [10, ["1", "3"]],
        [3, ["5"]],
      ],
    );
  });
});
