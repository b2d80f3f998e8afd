/** What was learned, in the reader's language. */
import * as en from "@elm-basket/core/learning/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const learnedWords = /* @__PURE__ */ inLanguage(en, () => german().learned);
