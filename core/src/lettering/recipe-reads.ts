/** What is read from a recipe, and recipes with one thing otherwise. */
import type { ArtItem, Design, RecipeItem, TextItem } from "./recipe.ts";

export interface Slot {
  readonly slot: string;
  /** What a seat chooses among; null where it is words of its own. */
  readonly choices: readonly string[] | null;
}
/** What seats fill in: words, and pictures chosen by name. */
export function fillableSlots(design: Design): Slot[] {
  const found = new Map<string, Slot>();
  for (const item of design.items) {
    if ((item.kind !== "text" && item.kind !== "art") || !item.slot || found.has(item.slot))
      continue;
    found.set(item.slot, {
      slot: item.slot,
      choices: item.kind === "art" ? [item.name, ...item.others.map(({ name }) => name)] : null,
    });
  }
  return [...found.values()];
}
/** The columns a roster may fill for this design. */
export const slotsOf = (design: Design): string[] => fillableSlots(design).map(({ slot }) => slot);
/** The picture a seat has of an item: the one its slot names, or the item's own. */
export function pictureOf(
  item: ArtItem,
  fields: Readonly<Record<string, string>>,
): Pick<ArtItem, "name" | "layers"> {
  const wanted = item.slot ? (fields[item.slot] ?? "").trim().toLowerCase() : "";
  return wanted === ""
    ? item
    : (item.others.find(({ name }) => name.toLowerCase() === wanted) ?? item);
}
/** A column under another name, in the design. */
export function renamedSlot(design: Design, from: string, to: string): Design {
  return {
    ...design,
    items: design.items.map((item) =>
      (item.kind === "text" || item.kind === "art") && item.slot === from
        ? { ...item, slot: to }
        : item,
    ),
  };
}
/** Vinyls of one item, in the order of its layers. */
export function vinylsOfItem(item: RecipeItem): string[] {
  if (item.kind === "gap") return [];
  return item.kind === "art"
    ? [...new Set([item, ...item.others].flatMap(({ layers }) => layers.map(({ vinyl }) => vinyl)))]
    : [item.vinyl];
}
/** The vinyls in the order the recipe first uses them: that order is the order of layers. */
export function vinylsOf(design: Design): string[] {
  return [...new Set(design.items.flatMap(vinylsOfItem))];
}
/**
 * The design without one item: lines to write on go with what was written on them, what stood
 * beside it gets a row of its own.
 */
export function withoutItem(items: readonly RecipeItem[], id: string): RecipeItem[] {
  return items.flatMap((item): RecipeItem[] => {
    if (item.id === id) return [];
    if (item.kind === "gap" || item.on?.item !== id) return [item];
    if (item.kind === "shape" && item.form === "line") return [];
    const { on: _, ...alone } = item;
    return [alone];
  });
}
/** The design with one item in another size; its proportion to the others changes. */
export function withSize(design: Design, id: string, size: number): Design {
  return {
    ...design,
    items: design.items.map((item) => (item.id === id ? { ...item, size } : item)),
  };
}
/** The design with one vinyl in the place of another: two near shades become one layer. */
export const mergedVinyl = (design: Design, from: string, into: string): Design =>
  withVinyls(design, (id) => (id === from ? into : id));
/** The design in other vinyls, layer by layer. */
export function withVinyls(design: Design, swap: (id: string) => string): Design {
  const items = design.items.map((item): RecipeItem => {
    if (item.kind === "gap") return item;
    const inFilms = (layers: ArtItem["layers"]) =>
      layers.map((layer) => ({ ...layer, vinyl: swap(layer.vinyl) }));
    return item.kind === "art"
      ? {
          ...item,
          layers: inFilms(item.layers),
          others: item.others.map((other) => ({ ...other, layers: inFilms(other.layers) })),
        }
      : { ...item, vinyl: swap(item.vinyl) };
  });
  return { ...design, items, offered: [...new Set(design.offered.map(swap))] };
}
/** Case rules without a locale, so that every machine cuts the same letters. */
export function applyCase(text: string, rule: TextItem["letterCase"]): string {
  if (rule === "upper") return text.toUpperCase();
  if (rule === "lower") return text.toLowerCase();
  if (rule === "title")
    return text
      .toLowerCase()
      .replace(
        /(^|[\s-])(\p{L})/gu,
        (_, before: string, letter: string) => before + letter.toUpperCase(),
      );
  return text;
}
