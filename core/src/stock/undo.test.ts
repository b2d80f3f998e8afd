import { describe, expect, it } from "vitest";
import { recalled, rememberedOf } from "./undo.ts";

const film = (more: object = {}) => ({
  id: "blue",
  name: "Blue",
  colour: "#112233",
  stock: { kind: "sheet", width: 300, have: 5, price: 90 },
  ...more,
});
const supply = (more: object = {}) => ({
  id: "tin",
  name: "Tin",
  have: 12,
  pack: { size: 6, price: 1080 },
  ...more,
});
const part = (vinyls: object[], supplies: object[], title = "Tins") => ({
  title,
  vinyls,
  supplies,
});

describe("an edit that is put back", () => {
  it("puts back what it changed, and leaves what moved on the shelf since", () => {
    const before = part([film()], [supply()]);
    const after = part([film()], [supply({ name: "Big tin" })], "Big tins");
    const remembered = rememberedOf(before, after);
    const now = part(
      [film({ stock: { kind: "sheet", width: 300, have: 3, price: 110 } })],
      [supply({ name: "Big tin", have: 4 })],
      "Big tins",
    );
    expect(recalled(remembered, now)).toEqual(
      part(
        [film({ stock: { kind: "sheet", width: 300, have: 3, price: 110 } })],
        [supply({ have: 4 })],
      ),
    );
  });

  it("puts back a count that the edit itself had made", () => {
    const before = part([], [supply()]);
    const remembered = rememberedOf(before, part([], [supply({ have: 30 })]));
    expect(recalled(remembered, part([], [supply({ have: 28 })]))).toEqual(before);
  });

  it("a line that was taken out comes back whole, one that was added goes", () => {
    const before = part([film()], [supply(), supply({ id: "bag", name: "Bag" })]);
    const after = part([film()], [supply(), supply({ id: "cord", name: "Cord" })]);
    expect(recalled(rememberedOf(before, after), after)).toEqual(before);
  });

  it("a leaf that was not there before goes again, and one whose form changed comes back", () => {
    const { price: _, ...unpriced } = film().stock;
    const before = part([film({ stock: unpriced })], []);
    const after = part(
      [
        film({
          backing: "#ffffff",
          stock: { kind: "roll", width: 300, height: 3000, have: 5, price: 10 },
        }),
      ],
      [],
    );
    expect(recalled(rememberedOf(before, after), after)).toEqual(before);
  });

  it("parts without films and materials are kept as they are", () => {
    expect(recalled(rememberedOf([1, 2], [3]), [3])).toEqual([1, 2]);
    expect(rememberedOf({ recuts: [] }, { recuts: [1] })).toEqual({ recuts: [] });
  });
});
