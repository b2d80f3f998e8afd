import { german } from "#german/stations/frame";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const actionsWords = /* @__PURE__ */ inLanguage(en.actions, () => german().actions);
export const effectTableWords = /* @__PURE__ */ inLanguage(
  en.effectTable,
  () => german().effectTable,
);
export const filmFieldsWords = /* @__PURE__ */ inLanguage(en.filmFields, () => german().filmFields);
export const findingsWords = /* @__PURE__ */ inLanguage(en.findings, () => german().findings);
export const beginGuideWords = /* @__PURE__ */ inLanguage(en.beginGuide, () => german().beginGuide);
export const guideSheetWords = /* @__PURE__ */ inLanguage(en.guideSheet, () => german().guideSheet);
export const labelsWords = /* @__PURE__ */ inLanguage(en.labels, () => german().labels);
export const figureActionsWords = /* @__PURE__ */ inLanguage(
  en.figureActions,
  () => german().figureActions,
);
export const learnedWords = /* @__PURE__ */ inLanguage(en.learned, () => german().learned);
export const offerRowWords = /* @__PURE__ */ inLanguage(en.offerRow, () => german().offerRow);
export const newFilmWords = /* @__PURE__ */ inLanguage(en.newFilm, () => german().newFilm);
export const outlineFieldWords = /* @__PURE__ */ inLanguage(
  en.outlineField,
  () => german().outlineField,
);
export const planningNoteWords = /* @__PURE__ */ inLanguage(
  en.planningNote,
  () => german().planningNote,
);
export const refreshWhenPlannedWords = /* @__PURE__ */ inLanguage(
  en.refreshWhenPlanned,
  () => german().refreshWhenPlanned,
);
export const proposalNoteWords = /* @__PURE__ */ inLanguage(
  en.proposalNote,
  () => german().proposalNote,
);
export const railWords = /* @__PURE__ */ inLanguage(en.rail, () => german().rail);
export const readinessWords = /* @__PURE__ */ inLanguage(en.readiness, () => german().readiness);
export const saveNoteWords = /* @__PURE__ */ inLanguage(en.saveNote, () => german().saveNote);
export const setLineWords = /* @__PURE__ */ inLanguage(en.setLine, () => german().setLine);
export const shapeFieldsWords = /* @__PURE__ */ inLanguage(
  en.shapeFields,
  () => german().shapeFields,
);
export const stationsWords = /* @__PURE__ */ inLanguage(en.stations, () => german().stations);
export const undoWords = /* @__PURE__ */ inLanguage(en.undo, () => german().undo);
export const letteringHookWords = /* @__PURE__ */ inLanguage(
  en.letteringHook,
  () => german().letteringHook,
);
export const partHookWords = /* @__PURE__ */ inLanguage(en.partHook, () => german().partHook);
export const logKindsWords = /* @__PURE__ */ inLanguage(en.logKinds, () => german().logKinds);
export const shapesWords = /* @__PURE__ */ inLanguage(en.shapes, () => german().shapes);
export const planningStagesWords = /* @__PURE__ */ inLanguage(
  en.planningStages,
  () => german().planningStages,
);
