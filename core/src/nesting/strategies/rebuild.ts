/**
 * Rebuilds parts of a full bin: a few neighbours are taken out, others pressed in at that place,
 * and the bin is kept when it
 * holds as much, or for a while a little less (large neighbourhood search after Shaw 1998).
 */
import { type Arena, NOWHERE } from "../arena.ts";
import { lookFar, separate } from "../separate.ts";
import type { FillWishes } from "./fill.ts";

/** Neighbours taken out at once, at most. */
const MOST_OUT = 4;
/** Shapes tried for each that was taken out, and some more. */
const MORE_TRIED = 3;
const COLUMNS = 24;
const ROUNDS = 12;
/** At first so much of the bin's content may be lost to go on from there; nothing at the end. */
const FIRST_LOSS = 0.02;

/** Items that lie in the bin in the end are the best found. */
export function rebuild(
  arena: Arena,
  { bin, fixed, areaOf, random, workUpTo }: Omit<FillWishes, "wanted">,
): void {
  const free = Array.from({ length: arena.count }, (_, item) => item).filter(
    (item) => !fixed.has(item),
  );
  const held = () =>
    free.reduce((sum, item) => sum + (arena.bin[item] === bin ? areaOf(item) : 0), 0);
  const from = arena.work;
  let now = held();
  let best = { area: now, layout: arena.snapshot() };
  while (arena.work < workUpTo) {
    const outside = free.filter((item) => arena.bin[item] === NOWHERE);
    const inside = free.filter((item) => arena.bin[item] === bin);
    if (outside.length === 0 || inside.length === 0) break;
    const before = arena.snapshot();
    const out = neighbours(arena, inside, 1 + Math.floor(random() * MOST_OUT), random);
    for (const item of out) arena.lift(item);
    const middle = arena.y[out[0] as number] as number;
    const tried = byChance([...outside, ...out], areaOf, random).slice(0, out.length + MORE_TRIED);
    for (const item of tried) pressIn(arena, item, { bin, fixed, random, workUpTo, y: middle });
    const area = held();
    const loss =
      FIRST_LOSS * best.area * (1 - (arena.work - from) / Math.max(1, workUpTo - from)) * random();
    if (area >= now - loss) now = area;
    else arena.restore(before);
    if (now > best.area + 1e-9) best = { area: now, layout: arena.snapshot() };
  }
  arena.restore(best.layout);
}

/** A shape and those whose middles lie nearest to its own. */
function neighbours(
  arena: Arena,
  inside: readonly number[],
  count: number,
  random: () => number,
): number[] {
  const middle = (item: number): [number, number] => {
    const { width, height } = arena.lying(item, arena.turn[item] as number);
    return [
      (arena.x[item] as number) * arena.grid.column + width / 2,
      (arena.y[item] as number) * arena.grid.cell + height / 2,
    ];
  };
  const [x, y] = middle(inside[Math.floor(random() * inside.length)] as number);
  const away = (item: number) => {
    const [mx, my] = middle(item);
    return Math.hypot(mx - x, my - y);
  };
  return [...inside].sort((a, b) => away(a) - away(b) || a - b).slice(0, count);
}

/** Larger ones sooner, but not always. */
function byChance(
  items: readonly number[],
  areaOf: (item: number) => number,
  random: () => number,
): number[] {
  const keys = new Map(items.map((item) => [item, areaOf(item) * (0.4 + random())]));
  return [...items].sort((a, b) => (keys.get(b) as number) - (keys.get(a) as number));
}

interface Press extends Pick<FillWishes, "bin" | "fixed" | "random" | "workUpTo"> {
  readonly y: number;
}

function pressIn(arena: Arena, item: number, { bin, fixed, random, workUpTo, y }: Press): void {
  const before = arena.snapshot();
  const best = { cost: Number.POSITIVE_INFINITY, spot: { bin: NOWHERE, turn: 0, x: 0, y: 0 } };
  (arena.shapes[item] as readonly unknown[]).forEach(
    (_, turn) => void lookFar(arena, item, { bin, turn, x: 0, y }, best, random, COLUMNS),
  );
  if (best.spot.bin === NOWHERE) return;
  arena.put(item, best.spot);
  if (!separate(arena, [item], random, { rounds: ROUNDS, workUpTo, fixed, bin }))
    arena.restore(before);
}
