/**
 * German words of the core that pages show, all of them: they come together where a page is in
 * German.
 */

export * as sizing from "@elm-basket/core/advice/sizing-words-de.ts";
export * as art from "@elm-basket/core/art/words-de.ts";
export * as grounds from "@elm-basket/core/blanks/readiness-words-de.ts";
export * as deadlines from "@elm-basket/core/calendar/deadline-words-de.ts";
export * as faults from "@elm-basket/core/faults/words-de.ts";
export * as films from "@elm-basket/core/films/film-words-de.ts";
export * as laying from "@elm-basket/core/films/laying-words-de.ts";
export * as verdicts from "@elm-basket/core/films/verdict-words-de.ts";
export * as learned from "@elm-basket/core/learning/words-de.ts";
export * as placing from "@elm-basket/core/plan/placing-words-de.ts";
export * as addresses from "@elm-basket/core/posting/words-de.ts";
export * as rehearsal from "@elm-basket/core/rehearsal/words-de.ts";
export * as roster from "@elm-basket/core/roster/words-de.ts";
export * as goods from "@elm-basket/core/stock/words-de.ts";
export * as schools from "@elm-basket/core/studio/words-de.ts";
export * as techniques from "@elm-basket/core/weeding/technique-words-de.ts";
