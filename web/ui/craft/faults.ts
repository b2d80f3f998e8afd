/** Why a class cannot be planned, in the reader's language. */
import * as en from "@elm-basket/core/faults/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const faultWords = /* @__PURE__ */ inLanguage(en, () => german().faults);
