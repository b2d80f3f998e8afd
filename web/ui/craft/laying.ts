/** How a film is laid, in the reader's language. */
import * as en from "@elm-basket/core/films/laying-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const layingWords = /* @__PURE__ */ inLanguage(en, () => german().laying);
