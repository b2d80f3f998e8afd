/** Techniques, in the reader's language. */
import * as en from "@elm-basket/core/weeding/technique-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const techniqueWords = /* @__PURE__ */ inLanguage(en, () => german().techniques);
