/** What the reading of addresses noticed, in the reader's language. */
import * as en from "@elm-basket/core/posting/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const addressWords = /* @__PURE__ */ inLanguage(en, () => german().addresses);
