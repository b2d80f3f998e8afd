import { german } from "#german/stations/projects";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const actionsWords = /* @__PURE__ */ inLanguage(en.actions, () => german().actions);
export const projectStationWords = /* @__PURE__ */ inLanguage(
  en.projectStation,
  () => german().projectStation,
);
export const projectWordsWords = /* @__PURE__ */ inLanguage(
  en.projectWords,
  () => german().projectWords,
);
export const starterListWords = /* @__PURE__ */ inLanguage(
  en.starterList,
  () => german().starterList,
);
export const variantFormWords = /* @__PURE__ */ inLanguage(
  en.variantForm,
  () => german().variantForm,
);
export const seasonsWords = /* @__PURE__ */ inLanguage(en.seasons, () => german().seasons);
