/** What the reading of a drawing noticed or refused, in the reader's language. */
import * as en from "@elm-basket/core/art/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const artWords = /* @__PURE__ */ inLanguage(en, () => german().art);
