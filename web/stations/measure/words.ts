import { german } from "#german/stations/measure";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const blankDrawingWords = /* @__PURE__ */ inLanguage(
  en.blankDrawing,
  () => german().blankDrawing,
);
export const creaseDrawingWords = /* @__PURE__ */ inLanguage(
  en.creaseDrawing,
  () => german().creaseDrawing,
);
export const cupDrawingWords = /* @__PURE__ */ inLanguage(en.cupDrawing, () => german().cupDrawing);
export const figuresWords = /* @__PURE__ */ inLanguage(en.figures, () => german().figures);
export const flatDrawingWords = /* @__PURE__ */ inLanguage(
  en.flatDrawing,
  () => german().flatDrawing,
);
export const groundFieldsWords = /* @__PURE__ */ inLanguage(
  en.groundFields,
  () => german().groundFields,
);
export const limitsFieldsWords = /* @__PURE__ */ inLanguage(
  en.limitsFields,
  () => german().limitsFields,
);
export const measureBenchWords = /* @__PURE__ */ inLanguage(
  en.measureBench,
  () => german().measureBench,
);
export const measureStationWords = /* @__PURE__ */ inLanguage(
  en.measureStation,
  () => german().measureStation,
);
export const ownPiecesWords = /* @__PURE__ */ inLanguage(en.ownPieces, () => german().ownPieces);
export const readBlankWords = /* @__PURE__ */ inLanguage(en.readBlank, () => german().readBlank);
export const surfaceAdviceWords = /* @__PURE__ */ inLanguage(
  en.surfaceAdvice,
  () => german().surfaceAdvice,
);
export const unrolledDrawingWords = /* @__PURE__ */ inLanguage(
  en.unrolledDrawing,
  () => german().unrolledDrawing,
);
