/**
 * The films on the bench: in which order they are weeded, which are shown, and when the hands will
 * be through.
 */

export type FilmState = "uncut" | "changed" | "waiting" | "held" | "done" | "flawed";

export interface QueuedFilm {
  readonly film: string;
  readonly seat: string;
  readonly vinyl: string;
  /** The load it is cut with; null where it lies nowhere yet. */
  readonly load: number | null;
  /** Estimated minutes. */
  readonly minutes: number;
  readonly position: number;
  /** Day by which it has to be ready, ISO. */
  readonly due: string;
  readonly state: FilmState;
}

export const QUEUE_ORDERS = ["load", "hard", "due"] as const;
export type QueueOrder = (typeof QUEUE_ORDERS)[number];

export interface QueueFilter {
  readonly order: QueueOrder;
  /** Only this film's colour; empty for all. */
  readonly vinyl: string;
  /** Only this load; null for all. */
  readonly load: number | null;
  /** Part of the label, as typed. */
  readonly text: string;
  readonly withDone: boolean;
}

export const ALL_FILMS: QueueFilter = {
  order: "load",
  vinyl: "",
  load: null,
  text: "",
  withDone: false,
};

export const isDone = ({ state }: Pick<QueuedFilm, "state">): boolean =>
  state === "done" || state === "flawed";
/** Cut and still to be weeded by somebody. */
export const isOpen = ({ state }: Pick<QueuedFilm, "state">): boolean =>
  state === "waiting" || state === "held";

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/**
 * By load as they come off the cutter, the hardest first while eyes are fresh, or what is due
 * first; ties keep the order in which they lie.
 */
export function inQueue<F extends QueuedFilm>(
  films: readonly F[],
  filter: QueueFilter,
  labelOf: (film: F) => string,
): F[] {
  const text = filter.text.trim().toLocaleLowerCase();
  const shown = films.filter(
    (film) =>
      (filter.withDone || !isDone(film)) &&
      (filter.vinyl === "" || film.vinyl === filter.vinyl) &&
      (filter.load === null || film.load === filter.load) &&
      (text === "" || labelOf(film).toLocaleLowerCase().includes(text)),
  );
  const byLoad = (a: F, b: F) =>
    (a.load ?? Number.POSITIVE_INFINITY) - (b.load ?? Number.POSITIVE_INFINITY) ||
    a.position - b.position;
  const orders: Record<QueueOrder, (a: F, b: F) => number> = {
    load: (a, b) => (a.load === b.load ? a.position - b.position : byLoad(a, b)),
    hard: (a, b) => b.minutes - a.minutes || byLoad(a, b),
    due: (a, b) => compare(a.due, b.due) || byLoad(a, b),
  };
  return [...shown].sort(orders[filter.order]);
}

/**
 * The next film for a pair of hands: the first of the queue after this one that is cut, not done
 * and in nobody's hands; where
 * none is, one that nobody has marked as cut.
 * @param skip how many to leave to others who look at the same queue, so that not all reach for the
 * same
 */
export function nextFilm<F extends QueuedFilm>(
  queue: readonly F[],
  after: string | null,
  skip = 0,
): F | null {
  const at = after === null ? -1 : queue.findIndex(({ film }) => film === after);
  const all = [...queue.slice(at + 1), ...queue.slice(0, Math.max(0, at))];
  const cut = all.filter(({ state }) => state === "waiting");
  const round =
    cut.length > 0 ? cut : all.filter(({ state }) => state === "uncut" || state === "changed");
  return round[Math.min(skip, round.length - 1)] ?? null;
}

export interface Weeded {
  readonly minutes: number;
  readonly actual: number;
}

/**
 * The estimate counts as so many films that took just what was expected: one slow film is no pace
 * yet.
 */
const PRIOR_FILMS = 3;
/** A film left lying overnight is no measure of hands. */
const MOST_OFF = 5;

/**
 * How much longer than estimated films take, from those that were timed: a ratio that begins at 1.
 */
export function paceOf(done: readonly Weeded[]): number {
  const timed = done.filter(
    ({ minutes, actual }) => minutes > 0 && actual > 0 && actual / minutes <= MOST_OFF,
  );
  if (timed.length === 0) return 1;
  const estimated = timed.reduce((sum, { minutes }) => sum + minutes, 0);
  const prior = (PRIOR_FILMS * estimated) / timed.length;
  return (prior + timed.reduce((sum, { actual }) => sum + actual, 0)) / (prior + estimated);
}

/**
 * Minutes until so many hands are through, at this pace; the last film is one pair of hands' alone.
 */
export function minutesLeft(
  films: readonly Pick<QueuedFilm, "minutes" | "state">[],
  pace: number,
  hands: number,
): number {
  const open = films.filter((film) => !isDone(film));
  const all = open.reduce((sum, { minutes }) => sum + minutes, 0) * pace;
  const longest = Math.max(0, ...open.map(({ minutes }) => minutes)) * pace;
  return Math.max(all / Math.max(1, hands), longest);
}
