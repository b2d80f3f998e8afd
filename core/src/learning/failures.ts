/**
 * How often a film fails at weeding: what the studio has seen of each, beside what is to be
 * expected before anything is seen.
 */
import type { ClassDocument } from "../document/document.ts";

export interface FilmSeen {
  readonly film: string;
  /** Kits of it that were weeded or lost, and how many of them were lost. */
  readonly kits: number;
  readonly lost: number;
}

export interface FilmFails extends FilmSeen {
  /** Share of kits to be reckoned with. */
  readonly share: number;
  /** Standard deviation of it. */
  readonly spread: number;
}

/**
 * One kit in thirty, which thirty kits of the studio's own weigh up: a first guess (a Beta(1, 29)).
 */
export const GUESSED_FAILURES = { share: 1 / 30, kits: 30 } as const;

/** The guess and what was seen, each by its weight: mean and deviation of the posterior Beta. */
export function failsOf({ film, kits, lost }: FilmSeen): FilmFails {
  const [a, n] = [
    GUESSED_FAILURES.share * GUESSED_FAILURES.kits + lost,
    GUESSED_FAILURES.kits + kits,
  ];
  const share = a / n;
  return { film, kits, lost, share, spread: Math.sqrt((share * (1 - share)) / (n + 1)) };
}

/** How sure a class should be that its spares are enough. */
export const SPARES_ENOUGH = 0.9;

/**
 * Spares with which, nine times in ten, none is missing: the number lost is binomial. @param kits
 * above zero
 */
export function sparesFor(kits: number, share: number, sure = SPARES_ENOUGH): number {
  if (share <= 0 || kits <= 0) return 0;
  if (share >= 1) return kits;
  let chance = kits * Math.log1p(-share);
  let sum = Math.exp(chance);
  let lost = 0;
  while (sum < sure && lost < kits) {
    chance += Math.log((kits - lost) / (lost + 1)) + Math.log(share) - Math.log1p(-share);
    lost++;
    sum += Math.exp(chance);
  }
  return lost;
}

/**
 * Spares a class of these films needs, by what of each has failed so far; null where nobody is in
 * it.
 */
export function spareNeed(
  { vinyls, seats }: Pick<ClassDocument, "vinyls" | "seats">,
  seen: readonly FilmSeen[],
): {
  readonly share: number;
  readonly kits: number;
  readonly lost: number;
  readonly enough: number;
} | null {
  if (seats.length === 0) return null;
  const own = vinyls.map(({ name }) =>
    failsOf(seen.find(({ film }) => film === name) ?? { film: name, kits: 0, lost: 0 }),
  );
  // A kit of several films is lost with any of them.
  const share = 1 - own.reduce((all, film) => all * (1 - film.share), 1);
  return {
    share,
    kits: own.reduce((sum, film) => sum + film.kits, 0),
    lost: own.reduce((sum, film) => sum + film.lost, 0),
    enough: sparesFor(seats.length, share),
  };
}
