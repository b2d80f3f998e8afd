/**
 * Guillotine packing: every placement splits a free rectangle by straight edge-to-edge cuts, so the
 * kits can
 * be separated with a trimmer. Choice and split rules after Jylänki, "A Thousand Ways to Pack the
 * Bin" (2010).
 */

import { SAME_MM } from "../../geometry/tolerance.ts";
import { type Bin, type Item, lyingSize, type PlacedItem } from "../problem.ts";

export type Choice = "shortSide" | "longSide" | "area" | "topLeft";
export type Split = "shorterLeftover" | "longerLeftover" | "across" | "down";

interface Free {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * Items in the order given; a new bin is opened when none has room. Items that fit no bin must have
 * been taken out before.
 */
export function guillotine(
  items: readonly Item[],
  bin: Bin,
  choice: Choice,
  split: Split,
): PlacedItem[] {
  // Free rectangles of each bin. Those too narrow for any item are not kept: of full sheets nothing
  // is left to look at.
  const free: Free[][] = [];
  // Widest and tallest room of each bin: most bins are passed over without a look at their rooms.
  const widest: number[] = [];
  const tallest: number[] = [];
  const least = Math.min(...items.map(({ width, height }) => Math.min(width, height))) - SAME_MM;
  return items.map((item) => {
    let at = -1;
    let best: Place | null = null;
    // Earlier bins win over better scores: the first sheet is filled before the next is begun.
    for (let n = 0; n < free.length && !best; n++) {
      if (!mayFit(item, widest[n] as number, tallest[n] as number)) continue;
      best = bestPlace(free[n] as Free[], item, choice);
      at = n;
    }
    if (!best) {
      at = free.push([{ x: 0, y: 0, ...bin }]) - 1;
      best = bestPlace(free[at] as Free[], item, choice);
    }
    if (!best) throw new RangeError(`item ${item.id} does not fit an empty bin`);
    const rooms = free[at] as Free[];
    const [room] = rooms.splice(best.index, 1) as [Free];
    rooms.push(
      ...splitRoom(room, lyingSize(item, best.turned), split).filter(
        (r) => Math.min(r.width, r.height) > Math.max(SAME_MM, least),
      ),
    );
    widest[at] = rooms.reduce((most, { width }) => Math.max(most, width), 0);
    tallest[at] = rooms.reduce((most, { height }) => Math.max(most, height), 0);
    return { id: item.id, bin: at, x: room.x, y: room.y, turned: best.turned };
  });
}

function mayFit({ width, height, mayTurn }: Item, widest: number, tallest: number): boolean {
  const [w, h] = [widest + SAME_MM, tallest + SAME_MM];
  return (width <= w && height <= h) || (mayTurn && height <= w && width <= h);
}

interface Place {
  readonly index: number;
  readonly turned: boolean;
  readonly score: number;
}

function bestPlace(
  free: readonly Free[],
  { width: w, height: h, mayTurn }: Item,
  choice: Choice,
): Place | null {
  let best: Place | null = null;
  for (let index = 0; index < free.length; index++) {
    const room = free[index] as Free;
    for (let turns = 0; turns < (mayTurn ? 2 : 1); turns++) {
      const [width, height] = turns === 0 ? [w, h] : [h, w];
      if (width > room.width + SAME_MM || height > room.height + SAME_MM) continue;
      const score = scoreOf(room, width, height, choice);
      if (!best || score < best.score) best = { index, turned: turns === 1, score };
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
  const across =
    split === "across" ||
    (split === "shorterLeftover" ? dx <= dy : split === "longerLeftover" ? dx > dy : false);
  const right = {
    ...room,
    x: room.x + size.width,
    width: dx,
    height: across ? size.height : room.height,
  };
  const below = {
    ...room,
    y: room.y + size.height,
    height: dy,
    width: across ? room.width : size.width,
  };
  return [right, below];
}
