import type { RecipeItem } from "@elm-basket/core/lettering/recipe.ts";
import { describe, expect, it } from "vitest";
import { newLine, newShape } from "./new-items.ts";
import { reordered, withoutLooseGaps } from "./recipe-order.ts";

const gap = (id: string): RecipeItem => ({ kind: "gap", id, size: 3, overlap: "layered" });
const line = (id: string): RecipeItem => ({ ...newLine([], "film", { text: id }), id });
const recipe = [
  line("a"),
  gap("g1"),
  line("b"),
  gap("g2"),
  { ...newShape([], "film", "star"), id: "c" },
];
const ids = (items: readonly RecipeItem[]) => items.map(({ id }) => id).join(" ");

describe("the order of a recipe", () => {
  it("moves a part, and leaves the gaps where they are", () => {
    expect(ids(reordered(recipe, "c", 0))).toBe("c g1 a g2 b");
    expect(ids(reordered(recipe, "a", 2))).toBe("b g1 c g2 a");
    expect(ids(reordered(recipe, "b", 0))).toBe("b g1 a g2 c");
  });

  it("is what it was where there is nothing to move, or no such place", () => {
    for (const [id, to] of [
      ["a", 0],
      ["a", -1],
      ["c", 3],
      ["g1", 1],
      ["nobody", 0],
    ] as const)
      expect(reordered(recipe, id, to)).toBe(recipe);
  });

  it("has no gap at an end or beside another", () => {
    expect(
      ids(withoutLooseGaps([gap("x"), line("a"), gap("y"), gap("z"), line("b"), gap("w")])),
    ).toBe("a y b");
  });
});
