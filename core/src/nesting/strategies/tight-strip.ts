/**
 * Shortens a strip: everything below a line is pushed up a little, what then overlaps is separated;
 * kept when that
 * succeeds, undone when not. Working at one line at a time keeps the search local, so a thousand
 * shapes are no harder
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
/**
 * With few shapes the whole strip is also squeezed at once, and two shapes change places, which
 * costs nothing and may open a way.
 */
const SQUEEZE_SHARE = 0.25;
const STIR_SHARE = 0.4;
const WILD_SHARE = 0.5;
const STIRRED_ROUNDS = 30;
const MOST_STIRRED = 150;
/** A zone of the strip that keeps its own push, in mean heights. */
const ZONE_HEIGHTS = 1.5;

/** Length in cells that the items in the bin take up. */
export function usedCells(arena: Arena, bin: number): number {
  let most = 0;
  for (let i = 0; i < arena.count; i++)
    if (arena.bin[i] === bin) most = Math.max(most, bottomOf(arena, i));
  return most;
}

const bottomOf = (arena: Arena, item: number): number =>
  (arena.y[item] as number) +
  arena.lying(item, arena.turn[item] as number).height / arena.grid.cell;

export interface ShortenWishes {
  readonly bin: number;
  readonly fixed: ReadonlySet<number>;
  readonly random: () => number;
  readonly workUpTo: number;
}

export function shorten(
  arena: Arena,
  { bin, fixed, random, workUpTo }: ShortenWishes,
  onBetter?: (cells: number) => void,
): void {
  const { cell } = arena.grid;
  const width = (arena.bins[bin] as { width: number }).width;
  const own = Array.from({ length: arena.count }, (_, i) => i).filter((i) => arena.bin[i] === bin);
  const mean =
    own.reduce((sum, i) => sum + arena.lying(i, 0).height, 0) / Math.max(1, own.length) / cell;
  let length = usedCells(arena, bin);
  const least = own.reduce(
    (most, i) =>
      Math.max(
        most,
        Math.min(...(arena.shapes[i] as readonly Lying[]).map(({ height }) => height / cell)),
      ),
    0,
  );
  const zones = Array.from({ length: Math.ceil(length / (ZONE_HEIGHTS * mean)) + 1 }, () => ({
    push: FIRST_PUSH * mean,
    rounds: ROUNDS,
  }));
  if (own.length <= MOST_STIRRED)
    length = explore({
      arena,
      own,
      fixed,
      bin,
      random,
      width,
      length,
      least,
      workUpTo: arena.work + (workUpTo - arena.work) * EXPLORE_SHARE,
    });
  while (arena.work < workUpTo && length > least + 1) {
    arena.work += ATTEMPT_WORK + ATTEMPT_WORK_AN_ITEM * own.length;
    const before = arena.snapshot();
    const line = random() * length;
    const zone = zones[Math.floor(line / (ZONE_HEIGHTS * mean))] as {
      push: number;
      rounds: number;
    };
    const few = own.length <= MOST_STIRRED;
    const push = Math.max(
      1,
      Math.round(few && random() < WILD_SHARE ? MOST_PUSH * mean * random() ** 2 : zone.push),
    );
    arena.bins[bin] = { width, height: (length - push) * cell, outside: null };
    const stir = few && random() < STIR_SHARE;
    const suspects = new Set(
      few && random() < SQUEEZE_SHARE
        ? arena.squeeze(bin, 1 - push / length, fixed)
        : arena.closeUp(bin, line, push, fixed),
    );
    if (stir) for (const item of swap(arena, own, fixed, bin, random)) suspects.add(item);
    const rounds = stir ? STIRRED_ROUNDS : zone.rounds;
    const apart = separate(arena, suspects, random, { rounds, workUpTo, bin, fixed });
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

interface Exploring extends ShortenWishes {
  readonly arena: Arena;
  readonly own: readonly number[];
  readonly width: number;
  readonly length: number;
  readonly least: number;
}

/**
 * Squeezes the whole strip: by large steps as long as these succeed, then by small ones with much
 * patience; two shapes change places where one failed.
 */
function explore({
  arena,
  own,
  fixed,
  bin,
  random,
  width,
  length: from,
  least,
  workUpTo,
}: Exploring): number {
  let length = from;
  let step = FIRST_STEP;
  let failures = 0;
  while (arena.work < workUpTo && step > LEAST_STEP && length > least + 1) {
    arena.work += ATTEMPT_WORK + ATTEMPT_WORK_AN_ITEM * own.length;
    const before = arena.snapshot();
    const hasty = step > PATIENT_STEP;
    arena.bins[bin] = {
      width,
      height: Math.max(least, length * (1 - step)) * arena.grid.cell,
      outside: null,
    };
    arena.squeeze(bin, 1 - step, fixed);
    if (failures > 0) swap(arena, own, fixed, bin, random);
    if (
      separate(arena, own, random, {
        rounds: hasty ? HASTY_ROUNDS : PATIENT_ROUNDS,
        workUpTo,
        bin,
        fixed,
      }) &&
      usedCells(arena, bin) < length
    ) {
      length = usedCells(arena, bin);
      failures = 0;
      continue;
    }
    arena.restore(before);
    if (hasty) step = Math.max(PATIENT_STEP, step / 2);
    else if (++failures % TRIES_A_STEP === 0) step /= 2;
  }
  return length;
}

/**
 * Share of the work for this; closing up line by line has the rest, and what is left when no step
 * succeeds any more.
 */
const EXPLORE_SHARE = 0.95;
/** Shares of the length. */
const FIRST_STEP = 0.012;
const PATIENT_STEP = 0.006;
const LEAST_STEP = 0.002;
const HASTY_ROUNDS = 40;
const PATIENT_ROUNDS = 250;
const TRIES_A_STEP = 2;

/** Two shapes change places, middle on middle as far as the bin allows. */
function swap(
  arena: Arena,
  own: readonly number[],
  fixed: ReadonlySet<number>,
  bin: number,
  random: () => number,
): number[] {
  const free = own.filter((item) => !fixed.has(item));
  const a = free[Math.floor(random() * free.length)];
  const b = free[Math.floor(random() * free.length)];
  if (a === undefined || b === undefined || a === b) return [];
  const [from, to] = [middle(arena, a), middle(arena, b)];
  for (const [item, at] of [
    [a, to],
    [b, from],
  ] as const) {
    const turn = arena.turn[item] as number;
    const { width, height } = arena.lying(item, turn);
    const inside = (value: number, last: number) => Math.max(0, Math.min(last, Math.round(value)));
    arena.put(item, {
      bin,
      turn,
      x: inside(at[0] - width / arena.grid.column / 2, arena.lastX(item, turn, bin)),
      y: inside(at[1] - height / arena.grid.cell / 2, arena.lastY(item, turn, bin)),
    });
  }
  return [a, b];
}

function middle(arena: Arena, item: number): [number, number] {
  const { width, height } = arena.lying(item, arena.turn[item] as number);
  return [
    (arena.x[item] as number) + width / arena.grid.column / 2,
    (arena.y[item] as number) + height / arena.grid.cell / 2,
  ];
}
