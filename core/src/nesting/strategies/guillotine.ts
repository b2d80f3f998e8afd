/**
 * Guillotine packing: every placement splits a free rectangle by straight edge-to-edge cuts, so the kits can
 * be separated with a trimmer. Choice and split rules after Jylänki, "A Thousand Ways to Pack the Bin" (2010).
 */

import { SAME_MM } from "../../geometry/tolerance.ts";
import { type Bin, type Item, lyingSize, type PlacedItem } from "../problem.ts";

export type Choice = "shortSide" | "longSide" | "area" | "topLeft";
export type Split = "shorterLeftover" | "longerLeftover" | "across" | "down";

interface Free {
  readonly bin: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Items in the order given; a new bin is opened when none has room. Items that fit no bin must have been taken out before. */
export function guillotine(items: readonly Item[], bin: Bin, choice: Choice, split: Split): PlacedItem[] {
  const free: Free[] = [];
  let bins = 0;
  return items.map((item) => {
    let best = bestPlace(free, item, choice);
    if (!best) {
      free.push({ bin: bins++, x: 0, y: 0, ...bin });
      best = bestPlace(free, item, choice);
    }
    if (!best) throw new RangeError(`item ${item.id} does not fit an empty bin`);
    const [room] = free.splice(best.index, 1) as [Free];
    const size = lyingSize(item, best.turned);
    free.push(...splitRoom(room, size, split).filter((r) => r.width > SAME_MM && r.height > SAME_MM));
    return { id: item.id, bin: room.bin, x: room.x, y: room.y, turned: best.turned };
  });
}

interface Place {
  readonly index: number;
  readonly turned: boolean;
  readonly score: number;
  readonly bin: number;
}

/** Earlier bins win over better scores: the first sheet is filled before the next is begun. */
function bestPlace(free: readonly Free[], item: Item, choice: Choice): Place | null {
  let best: Place | null = null;
  for (let index = 0; index < free.length; index++) {
    const room = free[index] as Free;
    for (const turned of item.mayTurn ? [false, true] : [false]) {
      const { width, height } = lyingSize(item, turned);
      if (width > room.width + SAME_MM || height > room.height + SAME_MM) continue;
      const score = scoreOf(room, width, height, choice);
      if (!best || room.bin < best.bin || (room.bin === best.bin && score < best.score)) best = { index, turned, score, bin: room.bin };
    }
  }
  return best;
}

function scoreOf(room: Free, width: number, height: number, choice: Choice): number {
  const dx = room.width - width;
  const dy = room.height - height;
  if (choice === "shortSide") return Math.min(dx, dy);
  if (choice === "longSide") return Math.max(dx, dy);
  if (choice === "area") return room.width * room.height - width * height;
  return (room.y + height) * 1e5 + room.x;
}

function splitRoom(room: Free, size: Bin, split: Split): Free[] {
  const dx = room.width - size.width;
  const dy = room.height - size.height;
  const across = split === "across" || (split === "shorterLeftover" ? dx <= dy : split === "longerLeftover" ? dx > dy : false);
  const right = { ...room, x: room.x + size.width, width: dx, height: across ? size.height : room.height };
  const below = { ...room, y: room.y + size.height, height: dy, width: across ? room.width : size.width };
  return [right, below];
}
