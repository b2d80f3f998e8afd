import { german } from "#german/stations/live";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const allStepsWords = /* @__PURE__ */ inLanguage(en.allSteps, () => german().allSteps);
export const followStepWords = /* @__PURE__ */ inLanguage(en.followStep, () => german().followStep);
export const joinWords = /* @__PURE__ */ inLanguage(en.join, () => german().join);
export const secondPhonesWords = /* @__PURE__ */ inLanguage(
  en.secondPhones,
  () => german().secondPhones,
);
export const stageDialogWords = /* @__PURE__ */ inLanguage(
  en.stageDialog,
  () => german().stageDialog,
);
export const stageQuestionsWords = /* @__PURE__ */ inLanguage(
  en.stageQuestions,
  () => german().stageQuestions,
);
export const stageSideWords = /* @__PURE__ */ inLanguage(en.stageSide, () => german().stageSide);
export const stageWordsWords = /* @__PURE__ */ inLanguage(en.stageWords, () => german().stageWords);
export const stageWords = /* @__PURE__ */ inLanguage(en.stage, () => german().stage);
export const stepLineWords = /* @__PURE__ */ inLanguage(en.stepLine, () => german().stepLine);
