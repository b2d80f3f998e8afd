/** Boxes in the order given, row by row: what a host who takes kits off in order wants. */
import { SAME_MM } from "../../geometry/tolerance.ts";
import { type Bin, type Item, lyingSize, type PlacedItem } from "../problem.ts";

/** Rows are as high as their highest box. Items that fit no bin must have been taken out before. */
export function rows(items: readonly Item[], bin: Bin): PlacedItem[] {
  let [index, x, y, row] = [0, 0, 0, 0];
  return items.map((item) => {
    const turned = item.width > bin.width + SAME_MM || item.height > bin.height + SAME_MM;
    const size = lyingSize(item, turned);
    if (x + size.width > bin.width + SAME_MM) [x, y, row] = [0, y + row, 0];
    if (y + size.height > bin.height + SAME_MM) [index, x, y, row] = [index + 1, 0, 0, 0];
    const at = { id: item.id, bin: index, x, y, turned };
    x += size.width;
    row = Math.max(row, size.height);
    return at;
  });
}
