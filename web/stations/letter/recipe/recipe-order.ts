/**
 * The order of a recipe's parts: what is drawn changes places, the gaps between stay where they
 * are.
 */
import type { RecipeItem } from "@elm-basket/core/lettering/recipe.ts";

export type Part = Exclude<RecipeItem, { kind: "gap" }>;

/** What is drawn, from top to bottom. */
export const partsOf = (items: readonly RecipeItem[]): Part[] =>
  items.filter((item): item is Part => item.kind !== "gap");

/**
 * The recipe with one part at another place among the parts, counted from 0; what it passes moves
 * up by one. Unknown ids and places change nothing.
 */
export function reordered(
  items: readonly RecipeItem[],
  id: string,
  to: number,
): readonly RecipeItem[] {
  const parts = partsOf(items);
  const from = parts.findIndex((part) => part.id === id);
  const part = parts[from];
  if (!part || to === from || to < 0 || to >= parts.length) return items;
  const order = parts.toSpliced(from, 1).toSpliced(to, 0, part);
  let next = 0;
  return items.map((item) => (item.kind === "gap" ? item : (order[next++] as Part)));
}

/** A gap stands between two parts: at either end, or beside another, it parts nothing. */
export function withoutLooseGaps(items: readonly RecipeItem[]): RecipeItem[] {
  const last = items.findLastIndex(({ kind }) => kind !== "gap");
  return items.filter(
    (item, i) => item.kind !== "gap" || (i > 0 && i < last && items[i - 1]?.kind !== "gap"),
  );
}
