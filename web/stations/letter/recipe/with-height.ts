import type { Design, RecipeItem } from "@elm-basket/core/lettering/recipe.ts";
import { type Part, partsOf } from "./recipe-order.ts";

/**
 * A part at a height that was typed, mm. Alone it sets the size of the whole, by hand: against
 * nothing else a proportion would
 * change nothing. Among others it changes its proportion to them.
 * @param now its height as it is drawn, mm
 */
export function withHeight(design: Design, part: Part, mm: number, now: number): Design {
  if (partsOf(design.items).length === 1)
    return {
      ...design,
      school: "fixedHeight",
      fixedScale: Math.min(100, Math.max(0.01, mm / part.size)),
    };
  const size = Math.min(
    1000,
    Math.max(0.1, Math.round((now > 0 ? (part.size * mm) / now : mm) * 1000) / 1000),
  );
  return {
    ...design,
    items: design.items.map((old) => (old.id === part.id ? { ...old, size } : old)) as RecipeItem[],
  };
}
