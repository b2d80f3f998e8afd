/** What the bench says of a film, in the reader's language: said on the server alone. */
import * as de from "@elm-basket/core/weeding/bench-words-de.ts";
import * as en from "@elm-basket/core/weeding/bench-words-en.ts";
import { inLanguage } from "@/ui/in-language.ts";

export const peelingWords = inLanguage(en, () => de);
