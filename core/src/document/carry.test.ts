import { describe, expect, it } from "vitest";
import { carriedOver } from "./carry.ts";

const seat = (id: string, name: string, more: object = {}) => ({
  seat: id,
  fields: { name },
  ...more,
});
const own = { line: { font: "lobster" } };

describe("what a seat has of its own", () => {
  it("stays with the person when the roster is pasted in another order", () => {
    const before = [
      seat("1", "Ines", { things: { thing: { own } } }),
      seat("2", "Bo", { hand: "left" }),
    ];
    expect(carriedOver([seat("1", "Bo"), seat("2", "Ines"), seat("3", "Mette")], before)).toEqual([
      seat("1", "Bo", { hand: "left" }),
      seat("2", "Ines", { things: { thing: { own } } }),
      seat("3", "Mette"),
    ]);
  });

  it("two of one name: only the one in the same seat", () => {
    const before = [seat("1", "Mette", { things: { thing: { own } } }), seat("2", "Mette")];
    expect(carriedOver([seat("1", "Mette"), seat("2", "Mette")], before)).toEqual(before);
    expect(carriedOver([seat("4", "Mette"), seat("5", "Mette")], before)).toEqual([
      seat("4", "Mette"),
      seat("5", "Mette"),
    ]);
  });

  it("the case and the spaces of a name do not make another person", () => {
    expect(
      carriedOver([seat("9", " ines")], [seat("1", "Ines", { things: { thing: { own } } })]),
    ).toEqual([seat("9", " ines", { things: { thing: { own } } })]);
  });

  it("what the new roster says wins, and empty seats inherit nothing", () => {
    const other = { line: { font: "oswald" } };
    expect(
      carriedOver(
        [seat("1", "Ines", { things: { thing: { own: other } } })],
        [seat("1", "Ines", { things: { thing: { own } } })],
      ),
    ).toEqual([seat("1", "Ines", { things: { thing: { own: other } } })]);
    expect(carriedOver([seat("2", "")], [seat("1", "", { things: { thing: { own } } })])).toEqual([
      seat("2", ""),
    ]);
  });
});
