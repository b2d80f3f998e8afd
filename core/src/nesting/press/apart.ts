/**
 * Moves overlapping shapes apart: each goes where its weighted overlap is least, among places over
 * the floor and near where it lies; pairs that stay in each other's way grow heavier. Guided local
 * search after Umetani and Murakami 2022, with the sampling of Gardeyn and Wauters 2025.
 */
import { shuffle } from "../../geometry/random.ts";
import type { Floor, Lay, Pair } from "./floor.ts";
import type { Form } from "./form.ts";

/** Factors of the weights of pairs that overlap, least and worst, and of all others. */
const RAISE_LEAST = 1.2;
const RAISE_MOST = 2;
const EASE = 0.95;
/** Places tried over the floor, and near by; the best of them are refined. */
const FAR = 30;
const NEAR = 15;
const REFINED = 3;
/** Shapes look no farther along a long strip than its width. */
const LOOK_WIDTHS = 1;
/** A place that costs so many times what the present one does is not worth refining. */
const HOPELESS = 3;
/** How often a near place keeps the turn. */
const SAME_TURN = 0.7;
/**
 * Steps of a refinement as shares of the shape's shorter side, at first and at last: of the best
 * places roughly, and of the best of all finely (1 % shorter on names in the same work than all of
 * them finely).
 */
const ROUGHLY = [0.1, 0.02] as const;
const FINELY = [0.02, 5e-4] as const;
const LEAST_STEP_MM = 2e-3;
const LONGER = 1.1;
const SHORTER = 0.5;
/** Refined places nearer than this to a better one are the same, mm. */
const SAME_MM = 0.5;
/** What a try and a round cost beside the places looked at, in points. */
const ATTEMPT_WORK_A_SHAPE = 20;
const ROUND_WORK_A_SHAPE = 6;
/** Lengths that differ by less are the same, mm. */
const LONGER_MM = 1e-6;
/** A total that fell by less counts as standing still. */
const BETTER = 0.98;

export interface Patience {
  /** Rounds without a better total before the best lay is taken up again. */
  readonly idle: number;
  /** How often that may happen in a row. */
  readonly strikes: number;
  /** Work after which to give up, as `Floor.work` counts. */
  readonly workUpTo: number;
  readonly fixed: ReadonlySet<number>;
}

/** True when nothing overlaps any more; otherwise what came nearest lies there. */
export function drawApart(
  floor: Floor,
  random: () => number,
  { idle, strikes, workUpTo, fixed }: Patience,
): boolean {
  floor.forgetWeights();
  floor.spend(ATTEMPT_WORK_A_SHAPE * floor.count);
  let best: Lay = floor.lay();
  let least = Number.POSITIVE_INFINITY;
  for (let strike = 0; strike < strikes; ) {
    const before = least;
    for (let since = 0; since < idle; since++) {
      const colliding: number[] = [];
      floor.pairs.forEach((list, i) => {
        if (list.length > 0 || (sticksOut(floor, i) && !fixed.has(i))) colliding.push(i);
      });
      if (colliding.length === 0) return true;
      if (floor.work >= workUpTo) return false;
      const total = totalOf(floor);
      if (total < least) {
        if (total < BETTER * least) since = 0;
        least = total;
        best = floor.lay();
      }
      floor.raise(RAISE_LEAST, RAISE_MOST, EASE);
      floor.spend(ROUND_WORK_A_SHAPE * floor.count);
      shuffle(colliding, random);
      for (const i of colliding)
        if (!fixed.has(i) && ((floor.pairs[i] as Pair[]).length > 0 || sticksOut(floor, i)))
          relocate(floor, i, random);
    }
    strike = least < BETTER * before ? 0 : strike + 1;
    floor.restore(best);
  }
  return false;
}

/** In its present turn it is longer than the floor: it must be laid in another one. */
const sticksOut = (floor: Floor, i: number): boolean =>
  floor.form(i).height > floor.height + LONGER_MM;

/** Overlap of all pairs, not weighted. */
function totalOf(floor: Floor): number {
  let total = 0;
  floor.pairs.forEach((list, i) => {
    for (const { other, loss } of list) if (i < other) total += loss;
  });
  return total;
}

interface Sample {
  readonly turn: number;
  readonly x: number;
  readonly y: number;
  readonly cost: number;
}

/** The nearest value from 0 to `most`. */
export const within = (value: number, most: number): number =>
  value > most ? Math.max(0, most) : value < 0 ? 0 : value;

/** Goes where it is least in the way of the others. */
export function relocate(floor: Floor, i: number, random: () => number): void {
  const [turn, x, y] = [floor.turn[i] as number, floor.x[i] as number, floor.y[i] as number];
  const cost = sticksOut(floor, i)
    ? Number.POSITIVE_INFINITY
    : floor.cost(i, turn, x, y, Number.POSITIVE_INFINITY);
  if (cost === 0) return;
  const best = sampled(floor, i, { turn, x, y, cost }, random);
  let least = best[0] as Sample;
  for (const one of best) {
    if (one.cost === Number.POSITIVE_INFINITY) continue;
    const found = refined(floor, i, one, random, ROUGHLY);
    if (found.cost < least.cost) least = found;
    if (least.cost === 0) break;
  }
  if (least.cost > 0 && least.cost < Number.POSITIVE_INFINITY)
    least = refined(floor, i, least, random, FINELY);
  floor.place(i, least.turn, least.x, least.y);
  floor.settle(i);
}

/** The best of some places far and near and of the present one, best first. */
function sampled(floor: Floor, i: number, now: Sample, random: () => number): Sample[] {
  const turns = floor.forms[i] as readonly Form[];
  const best: Sample[] = [now];
  let limit = HOPELESS * now.cost;
  const look = (turn: number, x: number, y: number): void => {
    const cost = floor.cost(i, turn, x, y, limit);
    if (cost >= limit) return;
    const near = (s: Sample) =>
      s.turn === turn && Math.abs(s.x - x) < SAME_MM && Math.abs(s.y - y) < SAME_MM;
    if (best.some((s) => s.cost <= cost && near(s))) return;
    let at = best.length;
    while (at > 0 && (best[at - 1] as Sample).cost > cost) at--;
    best.splice(at, 0, { turn, x, y, cost });
    if (best.length > REFINED) best.pop();
    if (best.length === REFINED) limit = Math.min(limit, (best[REFINED - 1] as Sample).cost);
  };
  const any = () => Math.floor(random() * turns.length);
  for (let k = 0; k < FAR && best[0]?.cost !== 0; k++) {
    const turn = any();
    const form = turns[turn] as Form;
    const [wide, high] = [floor.width - form.width, floor.height - form.height];
    if (wide < 0 || high < 0) continue;
    const from = Math.max(0, now.y - LOOK_WIDTHS * floor.width);
    const to = Math.min(high, now.y + LOOK_WIDTHS * floor.width);
    look(turn, random() * wide, within(from + random() * (to - from), high));
  }
  const own = turns[now.turn] as Form;
  for (let k = 0; k < NEAR && best[0]?.cost !== 0; k++) {
    const turn = random() < SAME_TURN ? now.turn : any();
    const form = turns[turn] as Form;
    const [wide, high] = [floor.width - form.width, floor.height - form.height];
    if (wide < 0 || high < 0) continue;
    const x = now.x + (own.width - form.width) / 2 + (random() - 0.5) * own.width;
    const y = now.y + (own.height - form.height) / 2 + (random() - 0.5) * own.height;
    look(turn, within(x, wide), within(y, high));
  }
  return best;
}

const DIRECTIONS = [
  [1, 0],
  [0, 1],
  [Math.SQRT1_2, Math.SQRT1_2],
  [Math.SQRT1_2, -Math.SQRT1_2],
] as const;

/** Both ways along one of four directions, by steps that grow with success. */
function refined(
  floor: Floor,
  i: number,
  from: Sample,
  random: () => number,
  [first, last]: readonly [number, number],
): Sample {
  const form = (floor.forms[i] as readonly Form[])[from.turn] as Form;
  const [wide, high] = [floor.width - form.width, floor.height - form.height];
  const size = Math.min(form.width, form.height);
  const least = Math.max(size * last, LEAST_STEP_MM);
  let step = size * first;
  let now = from;
  while (step > least && now.cost > 0) {
    const [dx, dy] = DIRECTIONS[Math.floor(random() * 4)] as (typeof DIRECTIONS)[number];
    const [ax, ay] = [within(now.x + dx * step, wide), within(now.y + dy * step, high)];
    const [bx, by] = [within(now.x - dx * step, wide), within(now.y - dy * step, high)];
    const a = floor.cost(i, now.turn, ax, ay, now.cost);
    const b = floor.cost(i, now.turn, bx, by, Math.min(a, now.cost));
    if (Math.min(a, b) < now.cost) {
      now =
        a <= b
          ? { turn: now.turn, x: ax, y: ay, cost: a }
          : { turn: now.turn, x: bx, y: by, cost: b };
      step *= LONGER;
    } else step *= SHORTER;
  }
  return now;
}
