/** Materials and films, in the reader's language. */
import * as en from "@elm-basket/core/films/film-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const filmWords = /* @__PURE__ */ inLanguage(en, () => german().films);
