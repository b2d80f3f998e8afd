/**
 * Shelf packing with stacks: each shelf is filled by columns of items one above the other, shelf
 * heights chosen from
 * the items left. Two-stage guillotine patterns (Gilmore and Gomory 1965) suit many kits of nearly
 * equal size.
 */

import { SAME_MM } from "../../geometry/tolerance.ts";
import { type Bin, type Item, lyingSize, type PlacedItem } from "../problem.ts";

interface Lying {
  readonly item: Item;
  readonly width: number;
  readonly height: number;
  readonly turned: boolean;
}

/**
 * `turnAll` lays every item (that may) the other way round first. Items that fit no bin must have
 * been taken out before.
 */
export function columns(items: readonly Item[], bin: Bin, turnAll: boolean): PlacedItem[] {
  const left = items
    .map((item) => lie(item, bin, turnAll))
    .sort((a, b) => b.height - a.height || b.width - a.width || (a.item.id < b.item.id ? -1 : 1));
  const placed: PlacedItem[] = [];
  let index = 0;
  while (left.length > 0) {
    let y = 0;
    let progress = true;
    while (progress && left.length > 0) {
      const first = left.findIndex((candidate) => candidate.height <= bin.height - y + SAME_MM);
      progress = first >= 0;
      if (!progress) break;
      const shelf = (left[first] as Lying).height;
      fillShelfInto(placed, left, { bin: index, y, shelf, width: bin.width });
      y += shelf;
    }
    index++;
  }
  return placed;
}

interface ShelfRoom {
  readonly bin: number;
  readonly y: number;
  readonly shelf: number;
  readonly width: number;
}

function fillShelfInto(
  placed: PlacedItem[],
  left: Lying[],
  { bin, y, shelf, width }: ShelfRoom,
): void {
  let x = 0;
  for (;;) {
    const head = left.findIndex(
      (c) => c.height <= shelf + SAME_MM && c.width <= width - x + SAME_MM,
    );
    if (head < 0) return;
    const column = (left[head] as Lying).width;
    let top = 0;
    for (
      let next = head;
      next >= 0;
      next = left.findIndex((c) => c.height <= shelf - top + SAME_MM && c.width <= column + SAME_MM)
    ) {
      const [taken] = left.splice(next, 1) as [Lying];
      placed.push({ id: taken.item.id, bin, x, y: y + top, turned: taken.turned });
      top += taken.height;
    }
    x += column;
  }
}

function lie(item: Item, bin: Bin, turnAll: boolean): Lying {
  const fits = (turned: boolean) => {
    const size = lyingSize(item, turned);
    return size.width <= bin.width + SAME_MM && size.height <= bin.height + SAME_MM;
  };
  const wanted = turnAll && item.mayTurn;
  const turned = fits(wanted) ? wanted : item.mayTurn && !wanted;
  return { item, turned, ...lyingSize(item, turned) };
}
