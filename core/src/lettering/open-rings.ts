/** Closed rings opened by a narrow gap, so that they can follow a bulge. */
import { boxHeight, boxOf, type Polygons } from "../geometry/polygon.ts";
import type { Design, RecipeItem } from "./recipe.ts";
import { shapePolygons } from "./shapes.ts";
import { bridgeIslands } from "./stencil.ts";

/** Width of the gap, as a share of the item's height: seen as meant, not as a fault. */
const GAP_SHARE = 0.04;

export function openedRings(design: Design, itemId: string): Design {
  return { ...design, items: design.items.map((item) => (item.id === itemId ? openedItem(item) : item)) };
}

/** A ring of the recipe becomes art: it is no plain ring any more. One that goes round everything has no size of its own and stays. */
function openedItem(item: RecipeItem): RecipeItem {
  if (item.kind === "art") return { ...item, layers: item.layers.map((layer) => ({ ...layer, polygons: opened(layer.polygons) })) };
  if (item.kind !== "shape" || item.around !== undefined || (item.form !== "ring" && item.form !== "frame")) return item;
  return {
    kind: "art",
    id: item.id,
    name: `opened ${item.form}`,
    size: item.size,
    align: item.align,
    layers: [{ vinyl: item.vinyl, polygons: opened(shapePolygons(item)) }],
    licence: "own work",
    source: "",
  };
}

function opened(polygons: Polygons): [number, number][][][] {
  const gap = boxHeight(boxOf(polygons)) * GAP_SHARE;
  const { polygons: open } = bridgeIslands(polygons, { islands: "bridged", bridgeMm: gap, filmMargin: 2, angles: {} }, () => "");
  return open.map((polygon) => polygon.map((ring) => ring.map(([x, y]): [number, number] => [x, y])));
}
