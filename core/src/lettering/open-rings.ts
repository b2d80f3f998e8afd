/** Closed rings opened and wide plates slit, so that they can follow a bulge. */
import { difference } from "../geometry/boolean.ts";
import { boxHeight, boxOf, type Polygon, type Polygons, rectRing } from "../geometry/polygon.ts";
import { widestPlace } from "../geometry/widest-place.ts";
import type { Design, RecipeItem } from "./recipe.ts";
import { shapePolygons } from "./shapes.ts";
import { bridgeIslands } from "./stencil.ts";

/** Width of the gap, as a share of the item's height: seen as meant, not as a fault. */
const GAP_SHARE = 0.04;

export function openedRings(design: Design, itemId: string): Design {
  return {
    ...design,
    items: design.items.map((item) => (item.id === itemId ? openedItem(item) : item)),
  };
}

/**
 * A ring of the recipe becomes art: it is no plain ring any more. One that goes round everything
 * has no size of its own and stays.
 */
function openedItem(item: RecipeItem): RecipeItem {
  if (item.kind === "art")
    return {
      ...item,
      layers: item.layers.map((layer) => ({ ...layer, polygons: opened(layer.polygons) })),
    };
  if (
    item.kind !== "shape" ||
    item.around !== undefined ||
    (item.form !== "ring" && item.form !== "frame")
  )
    return item;
  return {
    kind: "art",
    id: item.id,
    name: `opened ${item.form}`,
    size: item.size,
    align: item.align,
    layers: [{ vinyl: item.vinyl, polygons: opened(shapePolygons(item)) }],
    licence: "own work",
    source: "",
    others: [],
    thickenMm: 0,
  };
}

function opened(polygons: Polygons): KeptPolygons {
  const gap = boxHeight(boxOf(polygons)) * GAP_SHARE;
  return kept(
    bridgeIslands(
      polygons,
      { islands: "bridged", bridgeMm: gap, filmMargin: 2, angles: {} },
      () => "",
    ).polygons,
  );
}

type KeptPolygons = [number, number][][][];
const kept = (polygons: Polygons): KeptPolygons =>
  polygons.map((polygon) => polygon.map((ring) => ring.map(([x, y]): [number, number] => [x, y])));

/** Slits lie a little closer than the limit asks, because measured radii are no better known. */
const SLIT_SHARE = 0.85;

/**
 * Wide plates of a piece of art slit from top to foot, so that no part is wider than lies down.
 * @param share the widest patch that lies down, as a share of the widest there is
 */
export function slitPlates(design: Design, itemId: string, share: number): Design {
  return {
    ...design,
    items: design.items.map((item) =>
      item.id === itemId && item.kind === "art" && share > 0 && share < 1
        ? {
            ...item,
            layers: item.layers.map((layer) => ({
              ...layer,
              polygons: slit(layer.polygons, share),
            })),
          }
        : item,
    ),
  };
}

function slit(polygons: Polygons, share: number): KeptPolygons {
  const gap = boxHeight(boxOf(polygons)) * GAP_SHARE;
  const widest = Math.max(...polygons.map((polygon) => widestPlace(polygon).radius));
  const limit = widest * share;
  return kept(
    polygons.flatMap((polygon) =>
      widestPlace(polygon).radius > limit
        ? difference([polygon], slits(polygon, 2 * limit * SLIT_SHARE, gap))
        : [polygon],
    ),
  );
}

/** Upright strips over a piece, evenly apart. */
function slits(polygon: Polygon, apart: number, gap: number): Polygons {
  const box = boxOf([polygon]);
  const count = Math.max(1, Math.ceil((box.maxX - box.minX) / (apart + gap)) - 1);
  const step = (box.maxX - box.minX) / (count + 1);
  return Array.from({ length: count }, (_, i) => {
    const x = box.minX + step * (i + 1);
    return [rectRing(x - gap / 2, box.minY - 1, x + gap / 2, box.maxY + 1)];
  });
}
