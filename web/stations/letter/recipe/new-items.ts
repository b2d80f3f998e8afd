/** New items of a recipe, with what is usual for each. */
import { PLAIN_LINE } from "@elm-basket/core/lettering/plain-line.ts";
import type { RecipeItem, ShapeItem, TextItem } from "@elm-basket/core/lettering/recipe.ts";
import { freeId } from "./free-id.ts";

const SLOTS = ["name", "word", "number", "date", "line"];
export function freeSlot(items: readonly RecipeItem[]): string {
  const taken = new Set(
    items.flatMap((item) => (item.kind === "text" && item.slot ? [item.slot] : [])),
  );
  return SLOTS.find((slot) => !taken.has(slot)) ?? `slot${taken.size + 1}`;
}

export function newLine(
  items: readonly RecipeItem[],
  vinyl: string,
  what: { slot: string } | { text: string },
): TextItem {
  return {
    ...PLAIN_LINE,
    id: freeId(items, "line"),
    ...what,
    font: "oswald",
    vinyl,
    size: 7,
    letterCase: "upper",
    trackingEm: 0.04,
    mayNarrow: items.some(({ kind }) => kind === "text"),
  };
}

const FORM_SIZE: Record<ShapeItem["form"], number> = {
  line: 1,
  dot: 5,
  star: 8,
  ring: 20,
  frame: 20,
};

/** A frame goes round everything; that is what one adds it for. */
export function newShape(
  items: readonly RecipeItem[],
  vinyl: string,
  form: ShapeItem["form"],
): ShapeItem {
  return {
    kind: "shape",
    id: freeId(items, form),
    form,
    vinyl,
    size: FORM_SIZE[form],
    band: 1.5,
    points: 5,
    align: "centre",
    ...(form === "frame" ? { around: 4 } : {}),
    ...(form === "line" ? { width: 40 } : {}),
  };
}

/**
 * As in a school exercise book: solid under the feet and over the capitals, dashed at the height of
 * the small letters.
 */
export function writingLines(
  items: readonly RecipeItem[],
  on: TextItem,
  vinyl: string,
): ShapeItem[] {
  const bar = {
    kind: "shape",
    form: "line",
    vinyl,
    size: Math.max(0.3, on.size / 14),
    band: 1.5,
    points: 5,
    align: "centre",
  } as const;
  const rows = [
    ["capHeight", {}],
    ["xHeight", { dash: { on: on.size / 3, off: on.size / 5 } }],
    ["baseline", {}],
  ] as const;
  let all: RecipeItem[] = [...items];
  return rows.map(([at, more]) => {
    const line: ShapeItem = {
      ...bar,
      ...more,
      id: freeId(all, "line"),
      on: { item: on.id, at, side: "over", gap: 0 },
    };
    all = [...all, line];
    return line;
  });
}
