/**
 * Moves overlapping shapes apart: each goes where its weighted overlap is least; pairs that stay in
 * each other's way
 * grow heavier. Guided local search after Egeblad et al. (2007) and Gardeyn and Wauters (2025).
 */
import { shuffle } from "../geometry/random.ts";
import { type Arena, NOWHERE, type Spot } from "./arena.ts";

/** Weight of a pair grows by this at each round, the worst pair most. */
const LEAST_RAISE = 1.1;
const MOST_RAISE = 1.5;
const EASE = 0.96;
/** Columns looked at on each side of where a shape lies. */
const LOCAL_COLUMNS = 6;
/** Of the columns farther than the next, so many are left out each time. */
const SKIP_SHARE = 0.5;
/** Columns looked at over the whole width, in strides with a random start. */
const FAR_COLUMNS = 10;
/** How often a shape also looks far away. */
const FAR_SHARE = 0.3;
const FAR_TURNS = 2;
/** Shapes look this far along a long strip, in heights of the tallest. */
const FAR_HEIGHTS = 3;

export interface Patience {
  /** Rounds without a better total before giving up. */
  readonly rounds: number;
  /** Work after which to give up, as `Arena.work` counts. */
  readonly workUpTo: number;
  /** Items that stay where they lie. */
  readonly fixed?: ReadonlySet<number>;
  /** Items keep to this bin; otherwise to any. */
  readonly bin?: number;
}

const NONE: ReadonlySet<number> = new Set();

/** Result: true when nothing overlaps any more. `suspects` are the items that may overlap now. */
export function separate(
  arena: Arena,
  suspects: Iterable<number>,
  random: () => number,
  patience: Patience,
): boolean {
  arena.forgetWeights();
  const fixed = patience.fixed ?? NONE;
  let active = new Set(suspects);
  let least = Number.POSITIVE_INFINITY;
  let idle = 0;
  for (;;) {
    const { colliding, total } = takeStock(arena, active);
    if (colliding.length === 0) return true;
    if (total < least * 0.98) [least, idle] = [total, 0];
    else if (++idle >= patience.rounds) return false;
    if (arena.work >= patience.workUpTo) return false;
    active = new Set(colliding);
    shuffle(colliding, random);
    for (const item of colliding) {
      if (!fixed.has(item)) improve(arena, item, random, patience.bin);
      active.add(item);
    }
  }
}

/**
 * Which of the active items and their neighbours overlap, and how much; raises the weights of those
 * pairs.
 */
function takeStock(
  arena: Arena,
  active: ReadonlySet<number>,
): { colliding: number[]; total: number } {
  const pairs: { item: number; other: number; cells: number }[] = [];
  const colliding = new Set<number>();
  let total = 0;
  let worst = 0;
  const add = (item: number, other: number, cells: number) => {
    pairs.push({ item, other, cells });
    colliding.add(item);
    if (other < arena.count) colliding.add(other);
    total += cells;
    worst = Math.max(worst, cells);
  };
  for (const item of active) {
    for (const { other, cells } of arena.collisions(item))
      if (!active.has(other) || item < other) add(item, other, cells);
    if (arena.bin[item] === NOWHERE) continue;
    const overhang = arena.overhang(item);
    if (overhang > 0) add(item, arena.count, overhang);
  }
  arena.ease(EASE);
  for (const { item, other, cells } of pairs)
    arena.raise(item, other, (LEAST_RAISE + (MOST_RAISE - LEAST_RAISE) * (cells / worst)) / EASE);
  return { colliding: [...colliding], total };
}

interface Best {
  cost: number;
  spot: Spot;
}

/** Puts the item where it overlaps least among near and, now and then, far places. */
export function improve(arena: Arena, item: number, random: () => number, only?: number): void {
  const now = arena.spot(item);
  arena.gather(item, now.turn, now.bin, now.y, now.y);
  arena.scan(item, now.turn, now.bin, now.x, now.y, now.y);
  if (arena.leastCost === 0) return;
  const best: Best = { cost: arena.leastCost, spot: now };
  const turns = (arena.shapes[item] as readonly unknown[]).length;
  lookNear(arena, item, now, best, random);
  if (best.cost > 0 && random() < FAR_SHARE) {
    for (let bin = 0; bin < arena.bins.length; bin++) {
      if (only !== undefined && bin !== only) continue;
      // Two of many turns at a time: the others have their chance at the next round.
      const start = Math.floor(random() * turns);
      for (let k = 0; k < Math.min(FAR_TURNS, turns); k++)
        lookFar(arena, item, { ...now, bin, turn: (start + k) % turns }, best, random, FAR_COLUMNS);
    }
    if (best.spot !== now) lookNear(arena, item, best.spot, best, random);
  }
  if (best.spot !== now) arena.put(item, best.spot);
}

function lookNear(
  arena: Arena,
  item: number,
  { bin, turn, x, y }: Spot,
  best: Best,
  random: () => number,
): void {
  const reach = Math.ceil(arena.lying(item, turn).height / arena.grid.cell / 2);
  const [low, high] = [Math.max(0, y - reach), Math.min(arena.lastY(item, turn, bin), y + reach)];
  if (high < low) return;
  arena.gather(item, turn, bin, low, high);
  const [from, to] = [
    Math.max(0, x - LOCAL_COLUMNS),
    Math.min(arena.lastX(item, turn, bin), x + LOCAL_COLUMNS),
  ];
  for (let column = from; column <= to; column++) {
    if (Math.abs(column - x) > 1 && random() < SKIP_SHARE) continue;
    arena.scan(item, turn, bin, column, low, high);
    if (arena.leastCost < best.cost) {
      best.cost = arena.leastCost;
      best.spot = { bin, turn, x: column, y: arena.leastY };
    }
  }
}

/** Columns in strides over the whole width of the bin. */
export function lookFar(
  arena: Arena,
  item: number,
  { bin, turn, y }: Spot,
  best: Best,
  random: () => number,
  columns: number,
): void {
  const [lastX, lastY] = [arena.lastX(item, turn, bin), arena.lastY(item, turn, bin)];
  if (lastX < 0 || lastY < 0) return;
  const reach = Math.ceil((FAR_HEIGHTS * tallest(arena)) / arena.grid.cell);
  const [low, high] = [Math.max(0, Math.min(lastY, y - reach)), Math.min(lastY, y + reach)];
  arena.gather(item, turn, bin, low, high);
  const stride = Math.max(1, Math.ceil((lastX + 1) / columns));
  for (let column = Math.floor(random() * stride); column <= lastX; column += stride) {
    arena.scan(item, turn, bin, column, low, high);
    if (arena.leastCost < best.cost) {
      best.cost = arena.leastCost;
      best.spot = { bin, turn, x: column, y: arena.leastY };
    }
  }
}

const TALLEST = new WeakMap<Arena, number>();
function tallest(arena: Arena): number {
  const known = TALLEST.get(arena);
  if (known !== undefined) return known;
  const value = arena.shapes.reduce(
    (most, lying) => lying.reduce((m, { height }) => Math.max(m, height), most),
    0,
  );
  TALLEST.set(arena, value);
  return value;
}
