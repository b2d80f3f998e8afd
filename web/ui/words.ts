import { german } from "#german/ui";
import { inLanguage } from "./in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const basketWords = /* @__PURE__ */ inLanguage(en.basket, () => german().basket);
export const blankSketchWords = /* @__PURE__ */ inLanguage(
  en.blankSketch,
  () => german().blankSketch,
);
export const datesWords = /* @__PURE__ */ inLanguage(en.dates, () => german().dates);
export const dialogSheetWords = /* @__PURE__ */ inLanguage(
  en.dialogSheet,
  () => german().dialogSheet,
);
export const fetchedWords = /* @__PURE__ */ inLanguage(en.fetched, () => german().fetched);
export const fieldsWords = /* @__PURE__ */ inLanguage(en.fields, () => german().fields);
export const marksWords = /* @__PURE__ */ inLanguage(en.marks, () => german().marks);
export const pictureFieldWords = /* @__PURE__ */ inLanguage(
  en.pictureField,
  () => german().pictureField,
);
export const reassemblyWords = /* @__PURE__ */ inLanguage(en.reassembly, () => german().reassembly);
export const reckonedSheetWords = /* @__PURE__ */ inLanguage(
  en.reckonedSheet,
  () => german().reckonedSheet,
);
export const reckonedWords = /* @__PURE__ */ inLanguage(en.reckoned, () => german().reckoned);
export const renewLinkWords = /* @__PURE__ */ inLanguage(en.renewLink, () => german().renewLink);
export const rosterPasteWords = /* @__PURE__ */ inLanguage(
  en.rosterPaste,
  () => german().rosterPaste,
);
export const seatBasketWords = /* @__PURE__ */ inLanguage(en.seatBasket, () => german().seatBasket);
export const seatFaceWords = /* @__PURE__ */ inLanguage(en.seatFace, () => german().seatFace);
export const sortableWords = /* @__PURE__ */ inLanguage(en.sortable, () => german().sortable);
export const typedFieldWords = /* @__PURE__ */ inLanguage(en.typedField, () => german().typedField);
export const actHookWords = /* @__PURE__ */ inLanguage(en.actHook, () => german().actHook);
export const whenFieldsWords = /* @__PURE__ */ inLanguage(en.whenFields, () => german().whenFields);
export const errorWords = /* @__PURE__ */ inLanguage(en.error, () => german().error);
