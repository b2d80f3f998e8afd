/**
 * Shortens a strip: everything below a line is pushed up a little, what then overlaps is separated; kept when that
 * succeeds, undone when not. Working at one line at a time keeps the search local, so a thousand shapes are no harder
 * than many times forty.
 */
import type { Arena, Lying } from "../arena.ts";
import { separate } from "../separate.ts";

/** A push, in mean heights of the shapes: at first, at most. */
const FIRST_PUSH = 0.12;
const MOST_PUSH = 0.4;
const LONGER = 1.3;
const SHORTER = 0.7;
const ROUNDS = 12;
const MOST_ROUNDS = 120;
/** What keeping and putting back a layout costs, in the units of `Arena.work`. */
const ATTEMPT_WORK = 300;
const ATTEMPT_WORK_AN_ITEM = 25;
/** A zone of the strip that keeps its own push, in mean heights. */
const ZONE_HEIGHTS = 1.5;

/** Length in cells that the items in the bin take up. */
export function usedCells(arena: Arena, bin: number): number {
  let most = 0;
  for (let i = 0; i < arena.count; i++) if (arena.bin[i] === bin) most = Math.max(most, bottomOf(arena, i));
  return most;
}

const bottomOf = (arena: Arena, item: number): number => (arena.y[item] as number) + arena.lying(item, arena.turn[item] as number).height / arena.grid.cell;

export interface ShortenWishes {
  readonly bin: number;
  readonly fixed: ReadonlySet<number>;
  readonly random: () => number;
  readonly workUpTo: number;
}

export function shorten(arena: Arena, { bin, fixed, random, workUpTo }: ShortenWishes, onBetter?: (cells: number) => void): void {
  const { cell } = arena.grid;
  const width = (arena.bins[bin] as { width: number }).width;
  const own = Array.from({ length: arena.count }, (_, i) => i).filter((i) => arena.bin[i] === bin);
  const mean = own.reduce((sum, i) => sum + arena.lying(i, 0).height, 0) / Math.max(1, own.length) / cell;
  let length = usedCells(arena, bin);
  const least = own.reduce((most, i) => Math.max(most, Math.min(...(arena.shapes[i] as readonly Lying[]).map(({ height }) => height / cell))), 0);
  const zones = Array.from({ length: Math.ceil(length / (ZONE_HEIGHTS * mean)) + 1 }, () => ({ push: FIRST_PUSH * mean, rounds: ROUNDS }));
  while (arena.work < workUpTo && length > least + 1) {
    arena.work += ATTEMPT_WORK + ATTEMPT_WORK_AN_ITEM * own.length;
    const before = arena.snapshot();
    const line = random() * length;
    const zone = zones[Math.floor(line / (ZONE_HEIGHTS * mean))] as { push: number; rounds: number };
    const push = Math.max(1, Math.round(zone.push));
    arena.bins[bin] = { width, height: (length - push) * cell, outside: null };
    const suspects = arena.closeUp(bin, line, push, fixed);
    const apart = separate(arena, suspects, random, { rounds: zone.rounds, workUpTo, bin, fixed });
    if (apart && usedCells(arena, bin) < length) {
      length = usedCells(arena, bin);
      zone.push = Math.min(zone.push * LONGER, MOST_PUSH * mean);
      zone.rounds = Math.max(ROUNDS, zone.rounds * 0.8);
      onBetter?.(length);
    } else {
      arena.restore(before);
      zone.push = Math.max(1, zone.push * SHORTER);
      zone.rounds = Math.min(MOST_ROUNDS, zone.rounds * 1.1);
    }
  }
  arena.bins[bin] = { width, height: length * cell, outside: null };
}
