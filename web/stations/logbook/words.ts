import { german } from "#german/stations/logbook";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const failingFilmsWords = /* @__PURE__ */ inLanguage(
  en.failingFilms,
  () => german().failingFilms,
);
export const logListWords = /* @__PURE__ */ inLanguage(en.logList, () => german().logList);
export const logTextWords = /* @__PURE__ */ inLanguage(en.logText, () => german().logText);
export const searchFormWords = /* @__PURE__ */ inLanguage(en.searchForm, () => german().searchForm);
