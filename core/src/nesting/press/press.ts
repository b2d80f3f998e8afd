/**
 * Makes a strip shorter: what lies below a line moves up a little, and what then overlaps is drawn
 * apart. Several starts have their try; where nothing gives any more, shapes change places (after
 * the explore and compress phases of Gardeyn and Wauters 2025).
 */
import { drawApart, within } from "./apart.ts";
import type { Floor, Lay } from "./floor.ts";
import type { Form } from "./form.ts";

/** Steps by which the strip loses, as shares of its length: at first, and at last. */
const LARGE_STEP = 0.01;
const LEAST_STEP = 3e-4;
const LONGER = 1.3;
const SHORTER = 0.5;
/** No step is longer than this share of a middling shape: a long strip is pressed place by place. */
const MOST_OF_A_SHAPE = 0.12;
const PRESSING = { idle: 20, strikes: 2 };
/** So many failures in a row at the least step are enough. */
const ENOUGH_FAILURES = 4;
/**
 * One start is decided early: of eight on forty names the best was 6 % shorter than the mean. So
 * several have their try, for half of the work, each for so much work a shape; the best goes on.
 */
const STARTS_SHARE = 0.5;
const MOST_STARTS = 8;
const WORK_A_START_AND_SHAPE = 1.7e6;
/** Where nothing gives any more: so much longer at most, and so many pairs change places. */
const STIR_ROOM = 0.01;
const MOST_CHANGES = 3;
const STIRRING = { idle: 40, strikes: 2 };
/** Shapes that together make up this share of the area are the large ones. */
const LARGE_SHARE = 0.75;
/** On a finer floor: small steps, at first and at last. */
const FINE_STEP = 1e-3;
const FINEST_STEP = 1e-5;
const SQUEEZING = { idle: 20, strikes: 3 };
/** Room given, as a share of the length, until what a coarser floor found has room. */
const ROOMS = [0, 2e-3, 5e-3, 0.01, 0.02, 0.04, 0.08, 0.16];
const SETTLING = { idle: 20, strikes: 2 };

export interface Wishes {
  readonly random: () => number;
  /** As `Floor.work` counts. */
  readonly workUpTo: number;
  readonly fixed: ReadonlySet<number>;
}

export interface Pressed {
  readonly length: number;
  readonly lay: Lay;
}

/** From what lies there and nothing overlaps; nothing overlaps in the result. */
export function press(floor: Floor, wishes: Wishes): Pressed {
  const { random, workUpTo, fixed } = wishes;
  const least = leastLength(floor, fixed);
  const start = pressedIn(floor);
  const total = workUpTo - floor.work;
  const starts = Math.floor((STARTS_SHARE * total) / (WORK_A_START_AND_SHAPE * floor.count));
  let best = start;
  const down = (from: Pressed, upTo: number) => {
    const found = pressDown(floor, from, least, { ...wishes, workUpTo: upTo });
    if (found.length < best.length) best = found;
  };
  const tries = Math.min(MOST_STARTS, starts);
  if (tries > 1)
    for (let k = 0; k < tries; k++) down(start, floor.work + (STARTS_SHARE * total) / tries);
  down(best, workUpTo);
  while (floor.work < workUpTo && best.length > least) {
    const room = STIR_ROOM * random();
    floor.height = best.length * (1 + room);
    stretch(floor, best.lay, 1 + room, fixed);
    for (let n = Math.floor(random() * MOST_CHANGES); n >= 0; n--)
      changePlaces(floor, random, fixed);
    if (drawApart(floor, random, { ...STIRRING, workUpTo, fixed }))
      down(pressedIn(floor), workUpTo);
  }
  return best;
}

/** By steps that grow with success, until several small ones in a row fail. */
function pressDown(
  floor: Floor,
  from: Pressed,
  least: number,
  { random, workUpTo, fixed }: Wishes,
): Pressed {
  const most = mostStep(floor);
  let best = from;
  let share = LARGE_STEP;
  let failures = 0;
  while (floor.work < workUpTo && best.length > least && failures < ENOUGH_FAILURES) {
    floor.height = best.length;
    floor.restore(best.lay);
    const step = Math.min(most, share * best.length);
    shorten(floor, Math.max(least, best.length - step), random, fixed);
    const apart = drawApart(floor, random, { ...PRESSING, workUpTo, fixed });
    if (apart && floor.end() < best.length) {
      best = pressedIn(floor);
      share = Math.min(LARGE_STEP, share * LONGER);
      failures = 0;
      continue;
    }
    if (share <= LEAST_STEP) failures++;
    share = Math.max(LEAST_STEP, share * SHORTER);
  }
  return best;
}

/**
 * By small steps, from a lay in which little or nothing overlaps: that is put right first, in a
 * somewhat longer strip where it must be. Null when that fails.
 */
export function squeeze(
  floor: Floor,
  { length, lay }: Pressed,
  { random, workUpTo, fixed }: Wishes,
): Pressed | null {
  const least = leastLength(floor, fixed);
  const most = mostStep(floor);
  const from = floor.work;
  let best: Pressed | null = null;
  for (const [n, more] of ROOMS.entries()) {
    floor.height = length * (1 + more);
    stretch(floor, lay, 1 + more, fixed);
    // Each has its share of the work: one that cannot succeed leaves enough for those after it.
    const upTo = floor.work + (workUpTo - floor.work) / (ROOMS.length - n);
    if (drawApart(floor, random, { ...SETTLING, workUpTo: upTo, fixed })) {
      best = pressedIn(floor);
      break;
    }
  }
  while (best && floor.work < workUpTo && best.length > least) {
    const gone = Math.min(1, (floor.work - from) / (workUpTo - from));
    const share = FINE_STEP + (FINEST_STEP - FINE_STEP) * gone;
    const step = Math.min(most, share * best.length);
    floor.height = best.length;
    floor.restore(best.lay);
    shorten(floor, Math.max(least, best.length - step), random, fixed);
    const apart = drawApart(floor, random, { ...SQUEEZING, workUpTo, fixed });
    if (apart && floor.end() < best.length) best = pressedIn(floor);
  }
  return best;
}

const pressedIn = (floor: Floor): Pressed => ({ length: floor.end(), lay: floor.lay() });

/** A strip loses no more than that at once, mm. */
const mostStep = (floor: Floor): number => MOST_OF_A_SHAPE * middlingHeight(floor);

function stretch(floor: Floor, lay: Lay, by: number, fixed: ReadonlySet<number>): void {
  const y = lay.y.map((at, i) => (fixed.has(i) ? at : at * by));
  floor.restore({ ...lay, y });
}

/** No shorter than the lowest way to lay the tallest of them, nor than what must stay. */
function leastLength(floor: Floor, fixed: ReadonlySet<number>): number {
  return floor.forms.reduce(
    (most, turns, i) =>
      Math.max(
        most,
        fixed.has(i)
          ? (floor.y[i] as number) + floor.form(i).height
          : turns.reduce((low, { height }) => Math.min(low, height), Number.POSITIVE_INFINITY),
      ),
    0,
  );
}

function middlingHeight(floor: Floor): number {
  const heights = floor.forms.map((turns) => (turns[0] as Form).height).sort((a, b) => a - b);
  return heights[Math.floor(heights.length / 2)] ?? 1;
}

/** What lies below a line somewhere moves up by as much as the strip loses. */
function shorten(floor: Floor, to: number, random: () => number, fixed: ReadonlySet<number>): void {
  const by = floor.height - to;
  const line = random() * floor.height;
  floor.height = to;
  const moved: number[] = [];
  for (let i = 0; i < floor.count; i++) {
    if (fixed.has(i)) continue;
    const { height } = floor.form(i);
    const y = floor.y[i] as number;
    const up = within(y + height / 2 > line ? y - by : y, to - height);
    if (up === y) continue;
    floor.place(i, floor.turn[i] as number, floor.x[i] as number, up);
    moved.push(i);
  }
  for (const i of moved) floor.settle(i);
}

/** Two large shapes change places, middle on middle as far as the floor allows. */
function changePlaces(floor: Floor, random: () => number, fixed: ReadonlySet<number>): void {
  const heft = (i: number) => ((floor.forms[i] as readonly Form[])[0] as Form).heft ** 2;
  const order = floor.forms
    .map((_, i) => i)
    .filter((i) => !fixed.has(i))
    .sort((a, b) => heft(b) - heft(a) || a - b);
  const all = order.reduce((sum, i) => sum + heft(i), 0);
  let sum = 0;
  const large = order.filter((i, k) => {
    const take = k < 2 || sum < LARGE_SHARE * all;
    sum += heft(i);
    return take;
  });
  if (large.length < 2) return;
  const first = Math.floor(random() * large.length);
  const other = (first + 1 + Math.floor(random() * (large.length - 1))) % large.length;
  const [a, b] = [large[first] as number, large[other] as number];
  const middleOf = (i: number) => {
    const { width, height } = floor.form(i);
    return [(floor.x[i] as number) + width / 2, (floor.y[i] as number) + height / 2] as const;
  };
  const [from, to] = [middleOf(a), middleOf(b)];
  for (const [i, at] of [
    [a, to],
    [b, from],
  ] as const) {
    const { width, height } = floor.form(i);
    floor.place(
      i,
      floor.turn[i] as number,
      within(at[0] - width / 2, floor.width - width),
      within(at[1] - height / 2, floor.height - height),
    );
  }
  floor.settle(a);
  floor.settle(b);
}
