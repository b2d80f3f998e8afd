/** What the reading of names noticed, in the reader's language. */
import * as en from "@elm-basket/core/roster/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const rosterWords = /* @__PURE__ */ inLanguage(en, () => german().roster);
