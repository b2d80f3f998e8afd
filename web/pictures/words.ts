import { german } from "#german/pictures";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const keepWords = /* @__PURE__ */ inLanguage(en.keep, () => german().keep);
