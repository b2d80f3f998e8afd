import { german } from "#german/planning";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const classTitleWords = /* @__PURE__ */ inLanguage(en.classTitle, () => german().classTitle);
export const effectWords = /* @__PURE__ */ inLanguage(en.effect, () => german().effect);
export const plannedClassWords = /* @__PURE__ */ inLanguage(
  en.plannedClass,
  () => german().plannedClass,
);
