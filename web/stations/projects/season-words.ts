import type { Season } from "@elm-basket/core/starters/spec.ts";

export const SEASON_WORDS: Readonly<Record<Season, string>> = {
  any: "all the year",
  spring: "spring",
  summer: "summer",
  autumn: "autumn",
  winter: "winter",
};
