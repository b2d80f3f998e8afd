import { german } from "#german/stations/shelf";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const actionsWords = /* @__PURE__ */ inLanguage(en.actions, () => german().actions);
export const goodPanelWords = /* @__PURE__ */ inLanguage(en.goodPanel, () => german().goodPanel);
export const goodRowWords = /* @__PURE__ */ inLanguage(en.goodRow, () => german().goodRow);
export const goodsBenchWords = /* @__PURE__ */ inLanguage(en.goodsBench, () => german().goodsBench);
export const goodsListWords = /* @__PURE__ */ inLanguage(en.goodsList, () => german().goodsList);
export const offerListWords = /* @__PURE__ */ inLanguage(en.offerList, () => german().offerList);
export const scrapActionsWords = /* @__PURE__ */ inLanguage(
  en.scrapActions,
  () => german().scrapActions,
);
export const scrapBoxWords = /* @__PURE__ */ inLanguage(en.scrapBox, () => german().scrapBox);
export const scrapFormWords = /* @__PURE__ */ inLanguage(en.scrapForm, () => german().scrapForm);
export const scrapShapeWords = /* @__PURE__ */ inLanguage(en.scrapShape, () => german().scrapShape);
export const buyLineWords = /* @__PURE__ */ inLanguage(en.buyLine, () => german().buyLine);
export const shoppingActionsWords = /* @__PURE__ */ inLanguage(
  en.shoppingActions,
  () => german().shoppingActions,
);
export const shoppingWords = /* @__PURE__ */ inLanguage(en.shopping, () => german().shopping);
export const tapeActionsWords = /* @__PURE__ */ inLanguage(
  en.tapeActions,
  () => german().tapeActions,
);
export const tapeInHandWords = /* @__PURE__ */ inLanguage(en.tapeInHand, () => german().tapeInHand);
export const toolWearWords = /* @__PURE__ */ inLanguage(en.toolWear, () => german().toolWear);
export const trialActionsWords = /* @__PURE__ */ inLanguage(
  en.trialActions,
  () => german().trialActions,
);
export const trialFormWords = /* @__PURE__ */ inLanguage(en.trialForm, () => german().trialForm);
export const trialsBenchWords = /* @__PURE__ */ inLanguage(
  en.trialsBench,
  () => german().trialsBench,
);
export const goodHookWords = /* @__PURE__ */ inLanguage(en.goodHook, () => german().goodHook);
export const wantedBarWords = /* @__PURE__ */ inLanguage(en.wantedBar, () => german().wantedBar);
export const wearActionsWords = /* @__PURE__ */ inLanguage(
  en.wearActions,
  () => german().wearActions,
);
