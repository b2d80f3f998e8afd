/** Where designs lie, in the reader's language. */
import * as en from "@elm-basket/core/plan/placing-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const placingWords = /* @__PURE__ */ inLanguage(en, () => german().placing);
