import { german } from "#german/stations/teach";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const printButtonWords = /* @__PURE__ */ inLanguage(
  en.printButton,
  () => german().printButton,
);
export const printFilesWords = /* @__PURE__ */ inLanguage(en.printFiles, () => german().printFiles);
export const bandChartWords = /* @__PURE__ */ inLanguage(en.bandChart, () => german().bandChart);
export const eveningPlayerWords = /* @__PURE__ */ inLanguage(
  en.eveningPlayer,
  () => german().eveningPlayer,
);
export const pacesWords = /* @__PURE__ */ inLanguage(en.paces, () => german().paces);
export const rehearseBenchWords = /* @__PURE__ */ inLanguage(
  en.rehearseBench,
  () => german().rehearseBench,
);
export const rehearseStationWords = /* @__PURE__ */ inLanguage(
  en.rehearseStation,
  () => german().rehearseStation,
);
export const rehearsalHookWords = /* @__PURE__ */ inLanguage(
  en.rehearsalHook,
  () => german().rehearsalHook,
);
export const waysTriedWords = /* @__PURE__ */ inLanguage(en.waysTried, () => german().waysTried);
export const runLanesWords = /* @__PURE__ */ inLanguage(en.runLanes, () => german().runLanes);
export const stepFieldsWords = /* @__PURE__ */ inLanguage(en.stepFields, () => german().stepFields);
export const stepsBenchWords = /* @__PURE__ */ inLanguage(en.stepsBench, () => german().stepsBench);
export const teachStationWords = /* @__PURE__ */ inLanguage(
  en.teachStation,
  () => german().teachStation,
);
export const toolListWords = /* @__PURE__ */ inLanguage(en.toolList, () => german().toolList);
export const waysComparedWords = /* @__PURE__ */ inLanguage(
  en.waysCompared,
  () => german().waysCompared,
);
export const waysPanelWords = /* @__PURE__ */ inLanguage(en.waysPanel, () => german().waysPanel);
