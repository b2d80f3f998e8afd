/** Ways of sizing, in the reader's language. */
import * as en from "@elm-basket/core/advice/sizing-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const sizingWords = /* @__PURE__ */ inLanguage(en, () => german().sizing);
