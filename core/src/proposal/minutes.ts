/**
 * Minutes of a step from what has to be done in it. A practised hand's minutes first; beginners
 * take two to three times as long at weeding
 * and placing and half as long again at the rest; the slow quarter, for which a room waits, two
 * fifths more than the middle of the group.
 * All first guesses from practice: a small decal takes a practised hand 10 to 20 minutes from
 * design to object.
 */
import type { Situation } from "./situation.ts";

/** How much longer beginners take: hands that weed and place, and everything else. */
export const BEGINNERS = { hands: 2.5, plain: 1.5 } as const;
/** Upper quartile over median of a lognormal of sigma 0.5: exp(0.6745 x 0.5). */
export const SLOW_QUARTER = 1.4;

export interface Span {
  /** Half of those who take part are done. */
  readonly half: number;
  /** Three quarters are done; for these the next step waits. */
  readonly slow: number;
  /** A practised hand by itself. */
  readonly practised: number;
}

const whole = (minutes: number): number => Math.max(1, Math.ceil(minutes - 1e-9));

export function span(
  practised: number,
  kind: keyof typeof BEGINNERS,
  { practised: skilled }: Pick<Situation, "practised">,
  slowPractised = practised,
): Span {
  const factor = skilled ? 1 : BEGINNERS[kind];
  return {
    half: whole(practised * factor),
    slow: whole(slowPractised * factor * (skilled ? 1 : SLOW_QUARTER)),
    practised,
  };
}

/** What the host does alone, or what a clock decides: nobody is slower at it. */
export const fixed = (minutes: number): Span => ({
  half: whole(minutes),
  slow: whole(minutes),
  practised: minutes,
});

const perDm2 = (width: number, height: number): number => (width * height) / 10_000;

export const MINUTES = {
  /** Wiped and let dry. */
  clean: (s: Situation) => 1.5 + 0.15 * perDm2(s.facts.width, s.facts.height),
  brush: () => 2,
  wash: () => 3,
  /** Compared with the card, a second a piece. */
  look: ({ facts }: Situation) => 0.7 + (facts.pieces + facts.insides) / 60,
  /** Laid and rubbed front, back, front. */
  tape: ({ facts }: Situation) =>
    1 + 0.5 * perDm2(facts.width, facts.height) + 0.1 * Math.ceil(facts.small / 4),
  /** Levelled, pressed, smoothed; a wall and a long piece take longer. */
  place: ({ facts, blank }: Situation, isWall: boolean) =>
    1.5 +
    (isWall ? 1 : 0) +
    Math.max(facts.width, facts.height) / 200 +
    (blank.material === "balloon" ? 1 : 0),
  peel: ({ facts }: Situation) => 0.7 + 0.3 * perDm2(facts.width, facts.height),
  /** A nail along every edge: some 40 mm a second over letters of so many pieces. */
  press: ({ facts }: Situation) => 1 + 0.12 * (facts.pieces + facts.insides),
  border: ({ facts }: Situation) => 1.5 + (facts.filmWidth + facts.filmHeight) / 500,
  seal: ({ facts }: Situation) => 1 + facts.lettersMm2 / 20_000,
  coat: (mm2: number) => 1.5 + mm2 / 15_000,
  /** Insides one by one, then the rest. */
  peelFilm: ({ facts }: Situation, letters: number) => 1.5 + 0.1 * facts.insides + 0.1 * letters,
  touchUp: ({ facts }: Situation) => 1 + 0.05 * facts.pieces,
} as const;
