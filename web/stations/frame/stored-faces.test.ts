import { blankSchema } from "@elm-basket/core/blanks/blank.ts";
import { describe, expect, it } from "vitest";
import type { PieceOfSeat } from "@/data/making.ts";
import { storedLayers } from "./stored-faces.ts";

const blank = blankSchema.parse({
  name: "Cup",
  material: "glazed",
  colour: "#ffffff",
  shape: {
    kind: "straightCup",
    diameter: 80,
    height: 90,
    rimClearance: 10,
    footClearance: 10,
    wrapAngle: 120,
  },
});
const square = (x: number, y: number) =>
  `M${x} ${y}L${x + 5} ${y}L${x + 5} ${y + 5}L${x} ${y + 5}Z`;
const piece = (id: string, more: Partial<PieceOfSeat> = {}): PieceOfSeat => ({
  id,
  seat: "1",
  thing: "cup",
  copy: 1,
  vinyl: "blue",
  path: square(0, 0),
  ...more,
});
const VINYLS = [{ id: "red" }, { id: "blue" }];

describe("a seat as it was planned last", () => {
  it("is its own pieces of that thing, a path a film, in the order of the films", () => {
    const pieces = [
      piece("a"),
      piece("b", { path: square(8, 0) }),
      piece("c", { vinyl: "red" }),
      piece("d", { seat: "2" }),
      piece("e", { thing: "tag" }),
      piece("f", { copy: 2 }),
    ];
    const layers = storedLayers(pieces, "1", { id: "cup", blank }, VINYLS);
    expect(layers.map(({ vinyl }) => vinyl)).toEqual(["red", "blue"]);
    expect(layers.map(({ path }) => path.match(/M/gu)?.length)).toEqual([1, 2]);
  });

  it("shows one side of a cup that is decorated on both", () => {
    const pieces = [piece("lower", { path: square(0, 40) }), piece("upper")];
    const [layer] = storedLayers(
      pieces,
      "1",
      { id: "cup", blank: { ...blank, handle: { school: "both", clear: 20 } } },
      VINYLS,
    );
    expect(layer?.path).toMatch(/^M0 0/u);
    expect(layer?.path.match(/M/gu)).toHaveLength(1);
  });

  it("is nothing where nothing is planned", () =>
    expect(storedLayers([], "1", { id: "cup", blank }, VINYLS)).toEqual([]));
});
