/**
 * Plain shelf packing, tallest first into the first shelf with room (Coffman et al. 1980, first-fit
 * decreasing height).
 * What a careful person does by hand; the baseline other strategies are measured against.
 */

import { SAME_MM } from "../../geometry/tolerance.ts";
import { type Bin, type Item, lyingSize, type PlacedItem } from "../problem.ts";

interface Shelf {
  readonly bin: number;
  readonly y: number;
  readonly height: number;
  used: number;
}

/** Items that fit no bin must have been taken out before. */
export function shelves(items: readonly Item[], bin: Bin): PlacedItem[] {
  const lying = items
    .map((item) => ({ item, ...flat(item, bin) }))
    .sort((a, b) => b.height - a.height || b.width - a.width || (a.item.id < b.item.id ? -1 : 1));
  const open: Shelf[] = [];
  const filled: number[] = [];
  return lying.map(({ item, width, height, turned }) => {
    let shelf = open.find(
      (s) => s.used + width <= bin.width + SAME_MM && height <= s.height + SAME_MM,
    );
    if (!shelf) {
      const room = filled.findIndex((y) => y + height <= bin.height + SAME_MM);
      const index = room >= 0 ? room : filled.length;
      shelf = { bin: index, y: filled[index] ?? 0, height, used: 0 };
      filled[index] = shelf.y + height;
      open.push(shelf);
    }
    const at = { id: item.id, bin: shelf.bin, x: shelf.used, y: shelf.y, turned };
    shelf.used += width;
    return at;
  });
}

/** Lying on the long side where that is allowed and fits. */
function flat(item: Item, bin: Bin): { width: number; height: number; turned: boolean } {
  const turned = item.mayTurn && item.height > item.width && item.height <= bin.width;
  const must = item.width > bin.width || item.height > bin.height;
  const choice = must ? item.mayTurn : turned;
  return { ...lyingSize(item, choice), turned: choice };
}
