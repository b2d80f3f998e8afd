/** How a film does on a material, in the reader's language. */
import * as en from "@elm-basket/core/films/verdict-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const verdictWords = /* @__PURE__ */ inLanguage(en, () => german().verdicts);
