import { german } from "#german/requests";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const actWords = /* @__PURE__ */ inLanguage(en.act, () => german().act);
export const postedJsonWords = /* @__PURE__ */ inLanguage(en.postedJson, () => german().postedJson);
