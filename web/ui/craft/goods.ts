/** The shelf, in the reader's language. */
import * as en from "@elm-basket/core/stock/words-en.ts";
import { german } from "#german/ui/craft";
import { inLanguage } from "../in-language.ts";

export const goodsWords = /* @__PURE__ */ inLanguage(en, () => german().goods);
