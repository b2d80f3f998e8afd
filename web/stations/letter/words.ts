import { german } from "#german/stations/letter";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const choiceActionsWords = /* @__PURE__ */ inLanguage(
  en.choiceActions,
  () => german().choiceActions,
);
export const choicesPanelWords = /* @__PURE__ */ inLanguage(
  en.choicesPanel,
  () => german().choicesPanel,
);
export const fontActionsWords = /* @__PURE__ */ inLanguage(
  en.fontActions,
  () => german().fontActions,
);
export const fontUploadWords = /* @__PURE__ */ inLanguage(en.fontUpload, () => german().fontUpload);
export const fontsWords = /* @__PURE__ */ inLanguage(en.fonts, () => german().fonts);
export const layersPanelWords = /* @__PURE__ */ inLanguage(
  en.layersPanel,
  () => german().layersPanel,
);
export const letterBenchWords = /* @__PURE__ */ inLanguage(
  en.letterBench,
  () => german().letterBench,
);
export const addPartWords = /* @__PURE__ */ inLanguage(en.addPart, () => german().addPart);
export const artDialogWords = /* @__PURE__ */ inLanguage(en.artDialog, () => german().artDialog);
export const artRuleWords = /* @__PURE__ */ inLanguage(en.artRule, () => german().artRule);
export const itemFieldsWords = /* @__PURE__ */ inLanguage(en.itemFields, () => german().itemFields);
export const nudgeFieldsWords = /* @__PURE__ */ inLanguage(
  en.nudgeFields,
  () => german().nudgeFields,
);
export const recipeRowWords = /* @__PURE__ */ inLanguage(en.recipeRow, () => german().recipeRow);
export const recipeWords = /* @__PURE__ */ inLanguage(en.recipe, () => german().recipe);
export const shapeRuleWords = /* @__PURE__ */ inLanguage(en.shapeRule, () => german().shapeRule);
export const summariesWords = /* @__PURE__ */ inLanguage(en.summaries, () => german().summaries);
export const textRuleWords = /* @__PURE__ */ inLanguage(en.textRule, () => german().textRule);
export const rosterDialogWords = /* @__PURE__ */ inLanguage(
  en.rosterDialog,
  () => german().rosterDialog,
);
export const schoolChoiceWords = /* @__PURE__ */ inLanguage(
  en.schoolChoice,
  () => german().schoolChoice,
);
export const seatDialogWords = /* @__PURE__ */ inLanguage(en.seatDialog, () => german().seatDialog);
export const seatGridWords = /* @__PURE__ */ inLanguage(en.seatGrid, () => german().seatGrid);
export const seatTableWords = /* @__PURE__ */ inLanguage(en.seatTable, () => german().seatTable);
export const setSizingWords = /* @__PURE__ */ inLanguage(en.setSizing, () => german().setSizing);
export const stencilFieldsWords = /* @__PURE__ */ inLanguage(
  en.stencilFields,
  () => german().stencilFields,
);
export const choicesBodyWords = /* @__PURE__ */ inLanguage(
  en.choicesBody,
  () => german().choicesBody,
);
export const formWords = /* @__PURE__ */ inLanguage(en.form, () => german().form);
export const addListWords = /* @__PURE__ */ inLanguage(en.addList, () => german().addList);
