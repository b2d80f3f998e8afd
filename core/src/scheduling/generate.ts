/**
 * Serial schedule generation (Kolisch 1996): steps in a given order, each as early as what it
 * follows and its tools allow.
 */
import { mirrored, type Network } from "./network.ts";

export interface Starts {
  /** By index of the step. */
  readonly start: readonly number[];
  readonly end: number;
}

interface Booked {
  readonly from: number;
  readonly to: number;
  readonly count: number;
}

/** @param order steps by index, each after what it follows */
export function generate(net: Network, order: readonly number[]): Starts {
  const start = new Array<number>(net.ids.length).fill(0);
  const booked: Booked[][] = net.capacity.map(() => []);
  let end = 0;
  for (const i of order) {
    const minutes = net.minutes[i] ?? 0;
    let at = 0;
    for (const { to, wait } of net.before[i] ?? [])
      at = Math.max(at, (start[to] ?? 0) + (net.minutes[to] ?? 0) + wait);
    at = firstFree(net, i, at, booked);
    start[i] = at;
    end = Math.max(end, at + minutes);
    for (const { resource, count } of net.holds[i] ?? [])
      booked[resource]?.push({ from: at, to: at + minutes, count });
  }
  return { start, end };
}

function firstFree(
  net: Network,
  step: number,
  earliest: number,
  booked: readonly (readonly Booked[])[],
): number {
  const minutes = net.minutes[step] ?? 0;
  let at = earliest;
  for (let moved = true; moved; ) {
    moved = false;
    for (const { resource, count } of net.holds[step] ?? []) {
      const until = clashUntil(
        booked[resource] ?? [],
        at,
        at + minutes,
        (net.capacity[resource] ?? 0) - count,
      );
      if (until > at) {
        at = until;
        moved = true;
      }
    }
  }
  return at;
}

/**
 * When the first of those that hold too many at once lets go; `from` where nothing is in the way.
 * Plain loops: a search runs this millions of times.
 */
function clashUntil(rows: readonly Booked[], from: number, to: number, most: number): number {
  let [first, held] = [Number.POSITIVE_INFINITY, 0];
  for (const row of rows) {
    if (row.from >= to || row.to <= from) continue;
    held += row.count;
    if (row.to < first) first = row.to;
  }
  // All that overlap it together are not too many: then they are not at any instant.
  if (held <= most) return from;
  if (heldAt(rows, from) > most) return first;
  for (const row of rows)
    if (row.from > from && row.from < to && row.to > from && heldAt(rows, row.from) > most)
      return first;
  return from;
}

function heldAt(rows: readonly Booked[], instant: number): number {
  let held = 0;
  for (const row of rows) if (row.from <= instant && row.to > instant) held += row.count;
  return held;
}

/** Ready steps by the least key; of equals the first. */
export function orderBy(net: Network, key: (step: number) => number): number[] {
  const keys = net.ids.map((_, i) => key(i));
  const waits = net.before.map(({ length }) => length);
  const ready = net.ids.flatMap((_, i) => (waits[i] === 0 ? [i] : []));
  const order: number[] = [];
  while (ready.length > 0) {
    let at = 0;
    for (let i = 1; i < ready.length; i++) {
      const [a, b] = [ready[at] as number, ready[i] as number];
      const [keyA, keyB] = [keys[a] as number, keys[b] as number];
      if (keyB < keyA || (keyB === keyA && b < a)) at = i;
    }
    const [next] = ready.splice(at, 1) as [number];
    order.push(next);
    for (const { to } of net.after[next] ?? []) {
      waits[to] = (waits[to] ?? 0) - 1;
      if (waits[to] === 0) ready.push(to);
    }
  }
  return order;
}

/**
 * Latest starts of a schedule no longer than this one: time mirrored, steps taken in the order of
 * their ends.
 */
export function rightJustified(net: Network, { start, end }: Starts): Starts {
  const endOf = (i: number) => (start[i] ?? 0) + (net.minutes[i] ?? 0);
  const order = orderBy(mirrored(net), (i) => -endOf(i));
  const back = generate(mirrored(net), order);
  const length = Math.min(end, back.end);
  return {
    start: net.minutes.map((minutes, i) => length - (back.start[i] ?? 0) - minutes),
    end: length,
  };
}

/**
 * Double justification (Valls, Ballestín and Quintanilla 2005): pushed to the right and then to the
 * left a schedule is never longer, and often shorter.
 */
export function justified(net: Network, forward: Starts): Starts {
  const late = rightJustified(net, forward);
  const again = generate(
    net,
    orderBy(net, (i) => late.start[i] ?? 0),
  );
  return again.end < forward.end ? again : forward;
}
