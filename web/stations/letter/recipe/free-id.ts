import type { RecipeItem } from "@elm-basket/core/lettering/recipe.ts";

export function freeId(items: readonly RecipeItem[], stem: string): string {
  let n = items.length + 1;
  while (items.some(({ id }) => id === `${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}
