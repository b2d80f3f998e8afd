/**
 * The shortest schedule that is found: serial generation with double justification over the
 * longest-tail order and seeded changes of the best
 * list of steps (iterated local search). Of schedules of one length, the one nearest to the order
 * in which the steps were written.
 */
import { seededRandom } from "../geometry/random.ts";
import { lowerBound } from "./bounds.ts";
import { generate, justified, orderBy, rightJustified, type Starts } from "./generate.ts";
import { type Network, networkOf } from "./network.ts";
import type { Schedule, ScheduleProblem } from "./problem.ts";

/**
 * Changes tried while the bound is not reached; of many steps fewer, so that sixty stay well below
 * a second.
 */
const MOST_TRIES = 1200;
const TRIED_STEPS = 12_000;
const SEED = 20_041;
/** Changes of one list before another is begun. */
const ROUND = 60;

/**
 * @param effort how many times the usual number of changes is tried
 * @throws ScheduleError for an unknown step, two of one id, a circle, or a step that needs more
 * tools than there are.
 */
export function schedule(problem: ScheduleProblem, effort = 1): Schedule {
  const net = networkOf(problem);
  const bound = lowerBound(net);
  const place = new Map(problem.steps.map(({ id }, i) => [id, i]));
  const written = net.ids.map((id) => place.get(id) ?? 0);
  const plain = generate(
    net,
    orderBy(net, (i) => written[i] ?? 0),
  );
  // As long as no other order ends sooner, steps come in the order in which they were written.
  const best =
    plain.end > bound ? nearest(net, written, shorter(net, plain, bound, effort)) : plain;
  const late = rightJustified(net, best);
  const named = (values: readonly number[]) =>
    Object.fromEntries(net.ids.map((id, i) => [id, values[i] ?? 0]));
  const slack = net.ids.map((_, i) => (late.start[i] ?? 0) - (best.start[i] ?? 0));
  return {
    start: named(best.start),
    late: named(late.start),
    end: best.end,
    critical: net.ids.filter((_, i) => slack[i] === 0),
    slack: named(slack),
    bound,
  };
}

/** Never longer than the one that is given. */
function shorter(net: Network, given: Starts, bound: number, effort: number): Starts {
  const tail = (i: number) => -(net.tails[i] ?? 0);
  let best = given;
  const keep = (next: Starts): boolean => {
    const better = next.end < best.end;
    if (better) best = next;
    return better;
  };
  keep(justified(net, given));
  keep(justified(net, generate(net, orderBy(net, tail))));
  const random = seededRandom(SEED);
  let list = orderBy(net, (i) => best.start[i] ?? 0);
  let end = best.end;
  const tries = effort * Math.min(MOST_TRIES, Math.ceil(TRIED_STEPS / Math.max(1, net.ids.length)));
  for (let i = 0; i < tries && best.end > bound; i++) {
    // Every now and then from somewhere else: one list is not left by small changes only.
    const anew = i % ROUND === 0;
    const from = anew
      ? orderBy(net, (step) => tail(step) * (0.3 + random()))
      : i % 3 === 0
        ? orderBy(net, shaken(net, list, random))
        : shifted(net, list, random);
    const next = justified(net, generate(net, from));
    if (next.end <= end || anew) {
      list = orderBy(net, (step) => next.start[step] ?? 0);
      end = next.end;
    }
    keep(next);
  }
  return best;
}

/** One step somewhere else between what it follows and what follows it. */
function shifted(net: Network, list: readonly number[], random: () => number): number[] {
  const step = list[Math.floor(random() * list.length)] as number;
  const rest = list.filter((other) => other !== step);
  const at = new Map(rest.map((other, i) => [other, i]));
  const low = Math.max(0, ...(net.before[step] ?? []).map(({ to }) => (at.get(to) ?? 0) + 1));
  const high = Math.min(
    rest.length,
    ...(net.after[step] ?? []).map(({ to }) => at.get(to) ?? rest.length),
  );
  const place = low + Math.floor(random() * (high - low + 1));
  return [...rest.slice(0, place), step, ...rest.slice(place)];
}

/** Each step a little sooner or later. */
function shaken(
  net: Network,
  list: readonly number[],
  random: () => number,
): (step: number) => number {
  const reach = 1 + random() * 0.3 * net.ids.length;
  const keys = new Map(list.map((step, i) => [step, i + reach * random()]));
  return (step) => keys.get(step) ?? 0;
}

/**
 * Neighbours that stand the other way round than they were written change places where that makes
 * nothing longer.
 */
function nearest(net: Network, written: readonly number[], best: Starts): Starts {
  let found = best;
  let list = orderBy(net, (i) => best.start[i] ?? 0);
  for (let changed = true, round = 0; changed && round < list.length; round++) {
    changed = false;
    for (let i = 0; i + 1 < list.length; i++) {
      const [a, b] = [list[i] as number, list[i + 1] as number];
      if ((written[a] ?? 0) < (written[b] ?? 0) || net.before[b]?.some(({ to }) => to === a))
        continue;
      const swapped = [...list.slice(0, i), b, a, ...list.slice(i + 2)];
      const next = generate(net, swapped);
      if (next.end > found.end) continue;
      [found, list, changed] = [next, swapped, true];
    }
  }
  return found;
}
