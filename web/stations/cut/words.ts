import { german } from "#german/stations/cut";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const actionsWords = /* @__PURE__ */ inLanguage(en.actions, () => german().actions);
export const cutBenchWords = /* @__PURE__ */ inLanguage(en.cutBench, () => german().cutBench);
export const cutFileWords = /* @__PURE__ */ inLanguage(en.cutFile, () => german().cutFile);
export const cutStationWords = /* @__PURE__ */ inLanguage(en.cutStation, () => german().cutStation);
export const figuresWords = /* @__PURE__ */ inLanguage(en.figures, () => german().figures);
export const handPanelWords = /* @__PURE__ */ inLanguage(en.handPanel, () => german().handPanel);
export const layoutActionsWords = /* @__PURE__ */ inLanguage(
  en.layoutActions,
  () => german().layoutActions,
);
export const layoutChoiceWords = /* @__PURE__ */ inLanguage(
  en.layoutChoice,
  () => german().layoutChoice,
);
export const loadsListWords = /* @__PURE__ */ inLanguage(en.loadsList, () => german().loadsList);
export const machineChoiceWords = /* @__PURE__ */ inLanguage(
  en.machineChoice,
  () => german().machineChoice,
);
export const matPlanWords = /* @__PURE__ */ inLanguage(en.matPlan, () => german().matPlan);
export const partsWords = /* @__PURE__ */ inLanguage(en.parts, () => german().parts);
export const preflightWords = /* @__PURE__ */ inLanguage(en.preflight, () => german().preflight);
export const scrapsTakenWords = /* @__PURE__ */ inLanguage(
  en.scrapsTaken,
  () => german().scrapsTaken,
);
export const searchOnWords = /* @__PURE__ */ inLanguage(en.searchOn, () => german().searchOn);
export const sheetDrawingWords = /* @__PURE__ */ inLanguage(
  en.sheetDrawing,
  () => german().sheetDrawing,
);
export const testCutWords = /* @__PURE__ */ inLanguage(en.testCut, () => german().testCut);
export const byHandHookWords = /* @__PURE__ */ inLanguage(en.byHandHook, () => german().byHandHook);
export const preflightLinesWords = /* @__PURE__ */ inLanguage(
  en.preflightLines,
  () => german().preflightLines,
);
export const cutterFaultsWords = /* @__PURE__ */ inLanguage(
  en.cutterFaults,
  () => german().cutterFaults,
);
