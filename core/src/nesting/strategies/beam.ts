/**
 * Many layouts of pieces in a rectangle grow side by side; of those that cover about as much, the
 * ones with the least rim of uncovered film go on.
 */

export interface Layout<Places> {
  readonly before: Layout<Places> | null;
  /** What was laid last; -1 in the empty layout. */
  readonly shape: number;
  readonly x: number;
  readonly y: number;
  /** Rim of uncovered film, mm. */
  readonly rim: number;
  readonly area: number;
  /** Depends on what lies where, not on the order in which it was laid. */
  readonly mark: number;
  /** Where more could go; null until asked for. */
  places: Places | null;
}

export interface Growing<Places> {
  readonly start: Layout<Places>;
  /** Of the rectangle, mm². */
  readonly total: number;
  /** Layouts are compared with those that cover the same share, in so many steps. */
  readonly steps: number;
  /** Layouts that one may grow into; `seen` keeps the marks of those there were. */
  readonly nextOf: (layout: Layout<Places>, seen: Set<number>) => Layout<Places>[];
  readonly spent: () => number;
}

/** The layout with most area that so many side by side come to. */
export function grown<Places>(
  { start, total, steps, nextOf, spent }: Growing<Places>,
  beam: number,
  workUpTo: number,
): Layout<Places> {
  const lists: Layout<Places>[][] = Array.from({ length: steps + 1 }, () => []);
  const stepOf = ({ area }: Layout<Places>) => Math.floor((area / total) * steps);
  (lists[stepOf(start)] as Layout<Places>[]).push(start);
  const seen = new Set<number>();
  let best = start;
  for (let step = stepOf(start); step <= steps; step++) {
    const here = leastRim(lists[step] as Layout<Places>[], beam);
    lists[step] = [];
    for (const layout of here) {
      if (spent() >= workUpTo) return best;
      for (const next of nextOf(layout, seen)) {
        if (next.area > best.area) best = next;
        const list = lists[Math.min(steps, Math.max(step + 1, stepOf(next)))] as Layout<Places>[];
        list.push(next);
        // Now and then, so that the lists stay short.
        if (list.length >= 4 * beam) list.splice(0, list.length, ...leastRim(list, beam));
      }
    }
  }
  return best;
}

/** By how many more layouts side by side at each new start, and how many at most. */
const WIDER = 4;
const MOST_WIDTH = 4000;

/** Starts again with more layouts side by side as long as there is work left. */
export function grownWider<Places>(
  growing: Growing<Places>,
  first: number,
  all: number,
  workUpTo: number,
): Layout<Places> {
  const { spent, start } = growing;
  let best = start;
  for (let beam = first; spent() < workUpTo && beam <= MOST_WIDTH; ) {
    const from = spent();
    const found = grown(growing, beam, workUpTo);
    if (found.area > best.area) best = found;
    if (best.area >= all * (1 - 1e-9)) break;
    // No wider than what is left is enough for: a start cut off half way has covered little.
    const affordable = Math.floor((beam * (workUpTo - spent())) / Math.max(1, spent() - from));
    if (affordable <= beam) break;
    beam = Math.min(beam * WIDER, affordable);
  }
  return best;
}

export function lyingIn<Places>(layout: Layout<Places>): Layout<Places>[] {
  const lying: Layout<Places>[] = [];
  for (let at = layout; at.before; at = at.before) lying.push(at);
  return lying;
}

const leastRim = <Places>(layouts: Layout<Places>[], most: number): Layout<Places>[] =>
  layouts.sort((a, b) => a.rim - b.rim).slice(0, most);
