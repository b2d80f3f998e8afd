/** What the bench says of a film, in the reader's language. */
import * as en from "@elm-basket/core/weeding/bench-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const peelingWords = /* @__PURE__ */ inLanguage(en, () => german().peeling);
