import { german } from "#german/stations/look-back";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const answersWords = /* @__PURE__ */ inLanguage(en.answers, () => german().answers);
export const classUsedWords = /* @__PURE__ */ inLanguage(en.classUsed, () => german().classUsed);
export const lookBackActionsWords = /* @__PURE__ */ inLanguage(
  en.lookBackActions,
  () => german().lookBackActions,
);
export const lookBackStationWords = /* @__PURE__ */ inLanguage(
  en.lookBackStation,
  () => german().lookBackStation,
);
export const namesKeptWords = /* @__PURE__ */ inLanguage(en.namesKept, () => german().namesKept);
export const newNoteWords = /* @__PURE__ */ inLanguage(en.newNote, () => german().newNote);
export const plannedActualChartWords = /* @__PURE__ */ inLanguage(
  en.plannedActualChart,
  () => german().plannedActualChart,
);
export const questionsWords = /* @__PURE__ */ inLanguage(en.questions, () => german().questions);
export const waitedWords = /* @__PURE__ */ inLanguage(en.waited, () => german().waited);
export const wentWrongWords = /* @__PURE__ */ inLanguage(en.wentWrong, () => german().wentWrong);
