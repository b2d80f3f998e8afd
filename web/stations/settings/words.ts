import { german } from "#german/stations/settings";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const cutterChoiceWords = /* @__PURE__ */ inLanguage(
  en.cutterChoice,
  () => german().cutterChoice,
);
export const daysOffWords = /* @__PURE__ */ inLanguage(en.daysOff, () => german().daysOff);
export const namesKeptFieldWords = /* @__PURE__ */ inLanguage(
  en.namesKeptField,
  () => german().namesKeptField,
);
export const settingsBenchWords = /* @__PURE__ */ inLanguage(
  en.settingsBench,
  () => german().settingsBench,
);
