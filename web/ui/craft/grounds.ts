/** Why a blank is made ready as it is, in the reader's language. */
import * as en from "@elm-basket/core/blanks/readiness-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const groundWords = /* @__PURE__ */ inLanguage(en, () => german().grounds);
