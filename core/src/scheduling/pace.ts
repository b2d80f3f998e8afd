/** How much quicker people are when they do the same a second time. */

/**
 * Minutes of a second like thing as a share of the first, for beginners: first guess from practice,
 * 60 to 70 %.
 */
export const SECOND_SHARE = 0.65;
/** Three classes of one's own weigh as much as the first guess. */
const GUESS_WEIGHT = 3;
/** A step that took ten times as long says something about that evening, not about the pace. */
const [LEAST_SHARE, MOST_SHARE] = [0.2, 1.5];

export interface PaceSeen {
  /** Minutes that the first and the second like thing took in one class. */
  readonly first: number;
  readonly second: number;
}

export interface Pace {
  readonly share: number;
  /** Pairs of steps it was learned from; none is the first guess. */
  readonly learned: number;
}

/**
 * The mean of the first guess and of what was seen, the guess weighing as much as three pairs (a
 * normal prior on the mean).
 */
export function secondPace(seen: readonly PaceSeen[]): Pace {
  const shares = seen.flatMap(({ first, second }) =>
    first > 0 && second > 0 ? [Math.min(MOST_SHARE, Math.max(LEAST_SHARE, second / first))] : [],
  );
  const share =
    (SECOND_SHARE * GUESS_WEIGHT + shares.reduce((sum, value) => sum + value, 0)) /
    (GUESS_WEIGHT + shares.length);
  return { share: Math.round(share * 1000) / 1000, learned: shares.length };
}
