/**
 * Lays shapes one after the other where they overlap nothing and reach least far, holes and bays of
 * earlier ones included.
 */
import type { Arena, Spot } from "../arena.ts";

/** Columns looked at for one shape. */
const COLUMNS = 120;
/**
 * On a long strip a shape looks back over this many heights of the tallest from where the strip
 * ends now.
 */
const LOOK_BACK = 8;

/**
 * Returns false when the item finds no room. `tallest` in cells; `end` is the lowest cell reached
 * so far.
 */
export function layLowest(
  arena: Arena,
  item: number,
  bin: number,
  tallest: number,
  end: number,
): boolean {
  let lowest = Number.POSITIVE_INFINITY;
  let spot: Spot | null = null;
  const turns = (arena.shapes[item] as readonly unknown[]).length;
  for (let turn = 0; turn < turns; turn++) {
    const lastX = arena.lastX(item, turn, bin);
    const lastY = Math.min(arena.lastY(item, turn, bin), Math.ceil(end + 1));
    const from = Math.max(0, Math.min(lastY, Math.floor(end - LOOK_BACK * tallest)));
    if (lastX < 0 || lastY < 0) continue;
    arena.gather(item, turn, bin, from, lastY);
    const stride = Math.max(1, Math.ceil((lastX + 1) / COLUMNS));
    const height = arena.lying(item, turn).height / arena.grid.cell;
    for (let x = 0; x <= lastX; x += stride) {
      arena.scan(item, turn, bin, x, from, lastY);
      if (arena.leastCost > 0 || arena.leastY + height >= lowest) continue;
      lowest = arena.leastY + height;
      spot = { bin, turn, x, y: arena.leastY };
    }
  }
  if (!spot) return false;
  arena.put(item, spot);
  return true;
}

/** Lays all in the order given; returns those that found no room. */
export function layInOrder(
  arena: Arena,
  order: readonly number[],
  bin: number,
  workUpTo: number,
): number[] {
  const tallest =
    arena.shapes.reduce(
      (most, lying) => lying.reduce((m, { height }) => Math.max(m, height), most),
      0,
    ) / arena.grid.cell;
  let end = 0;
  for (let i = 0; i < arena.count; i++)
    if (arena.bin[i] === bin) end = Math.max(end, bottomOf(arena, i));
  const outside: number[] = [];
  for (const item of order) {
    if (arena.work > workUpTo || !layLowest(arena, item, bin, tallest, end)) outside.push(item);
    else end = Math.max(end, bottomOf(arena, item));
  }
  return outside;
}

const bottomOf = (arena: Arena, item: number): number =>
  (arena.y[item] as number) +
  arena.lying(item, arena.turn[item] as number).height / arena.grid.cell;
