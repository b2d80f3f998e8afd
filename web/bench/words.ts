import { german } from "#german/bench";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const filmWords = /* @__PURE__ */ inLanguage(en.film, () => german().film);
export const marksWords = /* @__PURE__ */ inLanguage(en.marks, () => german().marks);
