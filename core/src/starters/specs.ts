/** All projects to start from, and what is told of each before it is drawn. */
import type { Technique } from "../weeding/techniques.ts";
import { FLAT } from "./flat.ts";
import { PAINTED } from "./painted.ts";
import { ROUND } from "./round.ts";
import type { StarterSpec } from "./spec.ts";

export const STARTERS: readonly StarterSpec[] = [...ROUND, ...FLAT, ...PAINTED];

/**
 * With which a host begins who has never held a class: one film, a wall that forgives, nothing to
 * dry.
 */
export const FIRST_STARTER = "seed-tins";

const thingsOf = ({ thing, more = [] }: StarterSpec) => [thing, ...more];

export interface StarterSummary
  extends Pick<StarterSpec, "id" | "title" | "summary" | "season" | "difficulty" | "budget"> {
  readonly held: "room" | "craftAlong";
  readonly techniques: readonly Technique[];
}

export function summaryOf(spec: StarterSpec): StarterSummary {
  const { id, title, summary, season, difficulty, budget, held = "room" } = spec;
  return {
    id,
    title,
    summary,
    season,
    difficulty,
    budget,
    held,
    techniques: [...new Set(thingsOf(spec).map(({ technique = "decal" }) => technique))],
  };
}

/** What each seat fills in. */
export const slotsOfStarter = (spec: StarterSpec): string[] => [
  ...new Set(
    thingsOf(spec).flatMap(({ lines }) =>
      lines.flatMap((line) =>
        "art" in line || line.text !== undefined ? [] : [line.slot ?? "name"],
      ),
    ),
  ),
];
