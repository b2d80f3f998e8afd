import { describe, expect, it } from "vitest";
import { namesIn } from "./findings-of-plan.tsx";

const seats = [
  { seat: "1", label: "Ines" },
  { seat: "2", label: "Ned" },
  { seat: "spare-1", label: "Spare 1" },
];

describe("names that are sent with findings", () => {
  it("are those of the seats they are about", () => {
    expect(namesIn([{ where: { seat: "2" } }, { where: {} }], seats)).toEqual({ 2: "Ned" });
  });

  it("are none where nothing is found, or no seat is meant", () => {
    expect(namesIn([], seats)).toEqual({});
    expect(namesIn([{ where: {} }, { where: { seat: "9" } }], seats)).toEqual({});
  });

  it("are said once for a seat of two findings", () => {
    const twice = [{ where: { seat: "spare-1" } }, { where: { seat: "spare-1" } }];
    expect(namesIn(twice, seats)).toEqual({ "spare-1": "Spare 1" });
  });
});
