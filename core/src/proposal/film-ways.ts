/**
 * How a film is carried and rubbed on this ground, by the one source of such advice and the
 * studio's way where two are sound.
 */
import { type TapeAdvice, tapeAdvice } from "../films/film-choice.ts";
import type { VinylFamily } from "../weeding/families.ts";
import type { Situation } from "./situation.ts";

type Seen = Pick<Situation, "surface" | "schools" | "films" | "facts">;

export function tapeOf(
  { surface, schools }: Pick<Seen, "surface" | "schools">,
  family: VinylFamily,
): TapeAdvice {
  return tapeAdvice(family, surface, schools.glitterOnGlass);
}

/** The gentlest that one of its films asks for. */
export function scraperOf(s: Pick<Seen, "surface" | "schools" | "films">): TapeAdvice["scraper"] {
  const all = s.films.map(({ family, finish }) =>
    finish === "metallic" ? "felt" : tapeOf(s, family).scraper,
  );
  return all.includes("felt") ? "felt" : (all[0] ?? "card");
}

/** So many small parts that they stay better on tape: reverse weeding. */
const MANY_SMALL = 4;
export const isIntricate = ({ facts }: Pick<Seen, "facts">): boolean => facts.small >= MANY_SMALL;
