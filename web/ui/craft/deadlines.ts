/** Deadlines, in the reader's language. */
import * as en from "@elm-basket/core/calendar/deadline-words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const deadlineWords = /* @__PURE__ */ inLanguage(en, () => german().deadlines);
