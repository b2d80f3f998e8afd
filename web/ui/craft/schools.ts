/** Ways of working, in the reader's language. */
import * as en from "@elm-basket/core/studio/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const schoolWords = /* @__PURE__ */ inLanguage(en, () => german().schools);
