import { german } from "#german/stations/plan";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const actionsWords = /* @__PURE__ */ inLanguage(en.actions, () => german().actions);
export const classFormWords = /* @__PURE__ */ inLanguage(en.classForm, () => german().classForm);
export const deadlineListWords = /* @__PURE__ */ inLanguage(
  en.deadlineList,
  () => german().deadlineList,
);
export const filmChoiceWords = /* @__PURE__ */ inLanguage(en.filmChoice, () => german().filmChoice);
export const filmsPanelWords = /* @__PURE__ */ inLanguage(en.filmsPanel, () => german().filmsPanel);
export const importClassWords = /* @__PURE__ */ inLanguage(
  en.importClass,
  () => german().importClass,
);
export const keepAsProjectWords = /* @__PURE__ */ inLanguage(
  en.keepAsProject,
  () => german().keepAsProject,
);
export const moreThingsWords = /* @__PURE__ */ inLanguage(en.moreThings, () => german().moreThings);
export const newClassFormWords = /* @__PURE__ */ inLanguage(
  en.newClassForm,
  () => german().newClassForm,
);
export const newSeatsWords = /* @__PURE__ */ inLanguage(en.newSeats, () => german().newSeats);
export const planStationWords = /* @__PURE__ */ inLanguage(
  en.planStation,
  () => german().planStation,
);
export const preparationPanelWords = /* @__PURE__ */ inLanguage(
  en.preparationPanel,
  () => german().preparationPanel,
);
export const reckonActionsWords = /* @__PURE__ */ inLanguage(
  en.reckonActions,
  () => german().reckonActions,
);
export const reckonerWords = /* @__PURE__ */ inLanguage(en.reckoner, () => german().reckoner);
export const sampleClassWords = /* @__PURE__ */ inLanguage(
  en.sampleClass,
  () => german().sampleClass,
);
export const setViewWords = /* @__PURE__ */ inLanguage(en.setView, () => german().setView);
export const swapActionsWords = /* @__PURE__ */ inLanguage(
  en.swapActions,
  () => german().swapActions,
);
export const thingActionsWords = /* @__PURE__ */ inLanguage(
  en.thingActions,
  () => german().thingActions,
);
export const thingsPanelWords = /* @__PURE__ */ inLanguage(
  en.thingsPanel,
  () => german().thingsPanel,
);
