/**
 * Fills one bin of any shape with as much area as goes in: first by size wherever there is room,
 * then by pressing further
 * shapes in and separating, also in exchange for smaller ones, at last by rebuilding parts of it.
 */
import { type Arena, NOWHERE } from "../arena.ts";
import { lookFar, separate } from "../separate.ts";
import { layInOrder } from "./bottom-left.ts";
import { rebuild } from "./rebuild.ts";

export interface FillWishes {
  readonly bin: number;
  /** Items that may go in, largest first. */
  readonly wanted: readonly number[];
  /** Items that lie there already and stay. */
  readonly fixed: ReadonlySet<number>;
  readonly areaOf: (item: number) => number;
  readonly random: () => number;
  readonly workUpTo: number;
}

/** Columns looked at when a shape is pressed in. */
const PRESS_COLUMNS = 30;
const LEAST_ROUNDS = 8;
const MOST_ROUNDS = 80;
/** Pressing stops after this many failures for every shape still outside. */
const FAILURES_A_SHAPE = 60;

export function fillBin(arena: Arena, wishes: FillWishes): void {
  const from = arena.work;
  const outside = layInOrder(arena, wishes.wanted, wishes.bin, wishes.workUpTo);
  const left = press(arena, outside, {
    ...wishes,
    workUpTo: from + (wishes.workUpTo - from) * PRESS_SHARE,
  });
  if (left.length > 0) rebuild(arena, wishes);
}

/** Share of the work for pressing in; the rest is for rebuilding. */
const PRESS_SHARE = 0.7;

const SOME_OVERLAP = Number.POSITIVE_INFINITY;

function press(arena: Arena, left: number[], wishes: FillWishes): number[] {
  const { bin, areaOf, random, workUpTo, fixed } = wishes;
  let outside = [...left].filter((item) => fitsAlone(arena, item, bin));
  const never = left.filter((item) => !outside.includes(item));
  let failures = 0;
  while (
    outside.length > 0 &&
    arena.work < workUpTo &&
    failures < FAILURES_A_SHAPE * outside.length + FAILURES_A_SHAPE
  ) {
    const before = arena.snapshot();
    // Short tries first; the longer nothing goes in, the more patience.
    const rounds = Math.min(MOST_ROUNDS, LEAST_ROUNDS + (2 * failures) / outside.length);
    const item = pick(outside, random);
    const out = random() < 0.5 ? null : exchangeFor(arena, item, wishes);
    if (out !== null) arena.lift(out);
    const best = { cost: SOME_OVERLAP, spot: { bin: NOWHERE, turn: 0, x: 0, y: 0 } };
    const turns = (arena.shapes[item] as readonly unknown[]).length;
    for (let turn = 0; turn < turns; turn++)
      lookFar(
        arena,
        item,
        { bin, turn, x: 0, y: Math.floor(random() * Math.max(1, arena.lastY(item, turn, bin))) },
        best,
        random,
        PRESS_COLUMNS,
      );
    if (best.spot.bin !== NOWHERE) arena.put(item, best.spot);
    const done =
      best.spot.bin !== NOWHERE &&
      separate(arena, [item], random, { rounds, workUpTo, fixed, bin });
    if (done) {
      outside = outside.filter((other) => other !== item);
      if (out !== null) outside.push(out);
      outside.sort((a, b) => areaOf(b) - areaOf(a) || a - b);
      failures = 0;
    } else {
      arena.restore(before);
      failures++;
    }
  }
  return [...outside, ...never];
}

/** Larger ones sooner: the list is sorted by area. */
const pick = (outside: readonly number[], random: () => number): number =>
  outside[Math.floor(random() * random() * outside.length)] as number;

function fitsAlone(arena: Arena, item: number, bin: number): boolean {
  return (arena.shapes[item] as readonly unknown[]).some(
    (_, turn) => arena.lastX(item, turn, bin) >= 0 && arena.lastY(item, turn, bin) >= 0,
  );
}

/** A smaller item that could make room; null when there is none. */
function exchangeFor(
  arena: Arena,
  item: number,
  { bin, areaOf, random, fixed }: FillWishes,
): number | null {
  const area = areaOf(item);
  const smaller: number[] = [];
  for (let i = 0; i < arena.count; i++)
    if (arena.bin[i] === bin && !fixed.has(i) && areaOf(i) < area * 0.999) smaller.push(i);
  return smaller.length === 0 ? null : (smaller[Math.floor(random() * smaller.length)] as number);
}
