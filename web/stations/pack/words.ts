import { german } from "#german/stations/pack";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const bagActionsWords = /* @__PURE__ */ inLanguage(en.bagActions, () => german().bagActions);
export const bagBenchWords = /* @__PURE__ */ inLanguage(en.bagBench, () => german().bagBench);
export const bagListWords = /* @__PURE__ */ inLanguage(en.bagList, () => german().bagList);
export const bagPicturesWords = /* @__PURE__ */ inLanguage(
  en.bagPictures,
  () => german().bagPictures,
);
export const bagStationWords = /* @__PURE__ */ inLanguage(en.bagStation, () => german().bagStation);
export const bagsWords = /* @__PURE__ */ inLanguage(en.bags, () => german().bags);
export const cameraScanWords = /* @__PURE__ */ inLanguage(en.cameraScan, () => german().cameraScan);
export const lackFormWords = /* @__PURE__ */ inLanguage(en.lackForm, () => german().lackForm);
export const breakEvenWords = /* @__PURE__ */ inLanguage(en.breakEven, () => german().breakEven);
export const byThingWords = /* @__PURE__ */ inLanguage(en.byThing, () => german().byThing);
export const labelLinksWords = /* @__PURE__ */ inLanguage(en.labelLinks, () => german().labelLinks);
export const moneyWords = /* @__PURE__ */ inLanguage(en.money, () => german().money);
export const packStationWords = /* @__PURE__ */ inLanguage(
  en.packStation,
  () => german().packStation,
);
export const addressListWords = /* @__PURE__ */ inLanguage(
  en.addressList,
  () => german().addressList,
);
export const parcelActionsWords = /* @__PURE__ */ inLanguage(
  en.parcelActions,
  () => german().parcelActions,
);
export const parcelLineWords = /* @__PURE__ */ inLanguage(en.parcelLine, () => german().parcelLine);
export const parcelStationWords = /* @__PURE__ */ inLanguage(
  en.parcelStation,
  () => german().parcelStation,
);
export const postingWaysWords = /* @__PURE__ */ inLanguage(
  en.postingWays,
  () => german().postingWays,
);
export const priceFieldsWords = /* @__PURE__ */ inLanguage(
  en.priceFields,
  () => german().priceFields,
);
export const printedTickWords = /* @__PURE__ */ inLanguage(
  en.printedTick,
  () => german().printedTick,
);
export const supplyTableWords = /* @__PURE__ */ inLanguage(
  en.supplyTable,
  () => german().supplyTable,
);
export const whatIfActionsWords = /* @__PURE__ */ inLanguage(
  en.whatIfActions,
  () => german().whatIfActions,
);
