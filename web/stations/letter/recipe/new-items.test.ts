import { designSchema } from "@elm-basket/core/lettering/recipe.ts";
import { SHAPE_FORMS } from "@elm-basket/core/lettering/recipe-kinds.ts";
import { describe, expect, it } from "vitest";
import { freeId } from "./free-id.ts";
import { freeSlot, newLine, newShape } from "./new-items.ts";

const items = designSchema.parse({
  items: [{ kind: "text", id: "line-2", slot: "name", font: "oswald", vinyl: "blue" }],
}).items;

describe("new parts of a recipe", () => {
  it("have an id and a slot that are free", () => {
    expect(freeId(items, "line")).toBe("line-3");
    expect(freeId(items, "gap")).toBe("gap-2");
    expect(freeSlot(items)).toBe("word");
    expect(
      freeSlot(
        designSchema.parse({
          items: ["name", "word", "number", "date", "line"].map((slot, i) => ({
            kind: "text",
            id: `l${i}`,
            slot,
            font: "oswald",
            vinyl: "blue",
          })),
        }).items,
      ),
    ).toBe("slot6");
  });

  it("make a design that is valid, whatever is added", () => {
    const more = [
      newLine(items, "blue", { slot: "word" }),
      newLine(items, "blue", { text: "Welcome" }),
      ...SHAPE_FORMS.map((form) => newShape(items, "blue", form)),
    ];
    for (const item of more)
      expect(designSchema.safeParse({ items: [...items, item] }).error?.issues ?? []).toEqual([]);
  });

  it("a frame goes round everything, a second line may be set smaller", () => {
    expect(newShape(items, "blue", "frame").around).toBe(4);
    expect(newLine(items, "blue", { slot: "word" }).mayNarrow).toBe(true);
    expect(newLine([], "blue", { slot: "name" }).mayNarrow).toBe(false);
  });
});
