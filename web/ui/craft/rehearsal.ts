/** What a rehearsal found, in the reader's language. */
import * as en from "@elm-basket/core/rehearsal/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const rehearsalWords = /* @__PURE__ */ inLanguage(en, () => german().rehearsal);
