import { german } from "#german/stations/weed";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const actionsWords = /* @__PURE__ */ inLanguage(en.actions, () => german().actions);
export const benchActsWords = /* @__PURE__ */ inLanguage(en.benchActs, () => german().benchActs);
export const benchHeadWords = /* @__PURE__ */ inLanguage(en.benchHead, () => german().benchHead);
export const benchWords = /* @__PURE__ */ inLanguage(en.bench, () => german().bench);
export const filmListWords = /* @__PURE__ */ inLanguage(en.filmList, () => german().filmList);
export const filmNotesWords = /* @__PURE__ */ inLanguage(en.filmNotes, () => german().filmNotes);
export const filmPictureWords = /* @__PURE__ */ inLanguage(
  en.filmPicture,
  () => german().filmPicture,
);
export const lightPanelWords = /* @__PURE__ */ inLanguage(en.lightPanel, () => german().lightPanel);
export const lostPieceWords = /* @__PURE__ */ inLanguage(en.lostPiece, () => german().lostPiece);
export const nameGateWords = /* @__PURE__ */ inLanguage(en.nameGate, () => german().nameGate);
export const noticesWords = /* @__PURE__ */ inLanguage(en.notices, () => german().notices);
export const benchHookWords = /* @__PURE__ */ inLanguage(en.benchHook, () => german().benchHook);
export const foundAgainWords = /* @__PURE__ */ inLanguage(en.foundAgain, () => german().foundAgain);
export const helperLinkWords = /* @__PURE__ */ inLanguage(en.helperLink, () => german().helperLink);
export const tapeListWords = /* @__PURE__ */ inLanguage(en.tapeList, () => german().tapeList);
export const tapingWords = /* @__PURE__ */ inLanguage(en.taping, () => german().taping);
export const weedOnWords = /* @__PURE__ */ inLanguage(en.weedOn, () => german().weedOn);
export const weedStationWords = /* @__PURE__ */ inLanguage(
  en.weedStation,
  () => german().weedStation,
);
