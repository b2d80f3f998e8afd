import { german } from "#german/app";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const classesNewWords = /* @__PURE__ */ inLanguage(en.classesNew, () => german().classesNew);
export const classesWords = /* @__PURE__ */ inLanguage(en.classes, () => german().classes);
export const forHostsWords = /* @__PURE__ */ inLanguage(en.forHosts, () => german().forHosts);
export const layoutWords = /* @__PURE__ */ inLanguage(en.layout, () => german().layout);
export const logbookWords = /* @__PURE__ */ inLanguage(en.logbook, () => german().logbook);
export const tonightWords = /* @__PURE__ */ inLanguage(en.tonight, () => german().tonight);
export const projectsWords = /* @__PURE__ */ inLanguage(en.projects, () => german().projects);
export const projectsPageWords = /* @__PURE__ */ inLanguage(
  en.projectsPage,
  () => german().projectsPage,
);
export const reckonerWords = /* @__PURE__ */ inLanguage(en.reckoner, () => german().reckoner);
export const roomWords = /* @__PURE__ */ inLanguage(en.room, () => german().room);
export const roomStateWords = /* @__PURE__ */ inLanguage(en.roomState, () => german().roomState);
export const settingsAccountWords = /* @__PURE__ */ inLanguage(
  en.settingsAccount,
  () => german().settingsAccount,
);
export const settingsWords = /* @__PURE__ */ inLanguage(en.settings, () => german().settings);
export const settingsStudioZipArchiveWords = /* @__PURE__ */ inLanguage(
  en.settingsStudioZipArchive,
  () => german().settingsStudioZipArchive,
);
export const shelfWords = /* @__PURE__ */ inLanguage(en.shelf, () => german().shelf);
export const shelfScrapLabelsPdfWords = /* @__PURE__ */ inLanguage(
  en.shelfScrapLabelsPdf,
  () => german().shelfScrapLabelsPdf,
);
export const shelfShoppingCsvWords = /* @__PURE__ */ inLanguage(
  en.shelfShoppingCsv,
  () => german().shelfShoppingCsv,
);
export const shelfShoppingWords = /* @__PURE__ */ inLanguage(
  en.shelfShopping,
  () => german().shelfShopping,
);
export const bagsWords = /* @__PURE__ */ inLanguage(en.bags, () => german().bags);
export const benchEventsWords = /* @__PURE__ */ inLanguage(
  en.benchEvents,
  () => german().benchEvents,
);
export const benchFilmWords = /* @__PURE__ */ inLanguage(en.benchFilm, () => german().benchFilm);
export const benchMarksWords = /* @__PURE__ */ inLanguage(en.benchMarks, () => german().benchMarks);
export const benchWords = /* @__PURE__ */ inLanguage(en.bench, () => german().bench);
export const cChooseWords = /* @__PURE__ */ inLanguage(en.cChoose, () => german().cChoose);
export const calendarWords = /* @__PURE__ */ inLanguage(en.calendar, () => german().calendar);
export const classesCutWords = /* @__PURE__ */ inLanguage(en.classesCut, () => german().classesCut);
export const classesCuttingWords = /* @__PURE__ */ inLanguage(
  en.classesCutting,
  () => german().classesCutting,
);
export const classesFilesWords = /* @__PURE__ */ inLanguage(
  en.classesFiles,
  () => german().classesFiles,
);
export const classesLayoutWords = /* @__PURE__ */ inLanguage(
  en.classesLayout,
  () => german().classesLayout,
);
export const classesLetterWords = /* @__PURE__ */ inLanguage(
  en.classesLetter,
  () => german().classesLetter,
);
export const classesLoadsWords = /* @__PURE__ */ inLanguage(
  en.classesLoads,
  () => german().classesLoads,
);
export const classesLookBackWords = /* @__PURE__ */ inLanguage(
  en.classesLookBack,
  () => german().classesLookBack,
);
export const classesMeasureWords = /* @__PURE__ */ inLanguage(
  en.classesMeasure,
  () => german().classesMeasure,
);
export const classesPackWords = /* @__PURE__ */ inLanguage(
  en.classesPack,
  () => german().classesPack,
);
export const classesPlanWords = /* @__PURE__ */ inLanguage(
  en.classesPlan,
  () => german().classesPlan,
);
export const classesPlanningWords = /* @__PURE__ */ inLanguage(
  en.classesPlanning,
  () => german().classesPlanning,
);
export const classesRehearseWords = /* @__PURE__ */ inLanguage(
  en.classesRehearse,
  () => german().classesRehearse,
);
export const classesSearchingWords = /* @__PURE__ */ inLanguage(
  en.classesSearching,
  () => german().classesSearching,
);
export const classesTeachWords = /* @__PURE__ */ inLanguage(
  en.classesTeach,
  () => german().classesTeach,
);
export const classesWeedWords = /* @__PURE__ */ inLanguage(
  en.classesWeed,
  () => german().classesWeed,
);
export const fEventsWords = /* @__PURE__ */ inLanguage(en.fEvents, () => german().fEvents);
export const fSaysWords = /* @__PURE__ */ inLanguage(en.fSays, () => german().fSays);
export const fSeatWords = /* @__PURE__ */ inLanguage(en.fSeat, () => german().fSeat);
export const fontsWords = /* @__PURE__ */ inLanguage(en.fonts, () => german().fonts);
export const joinWords = /* @__PURE__ */ inLanguage(en.join, () => german().join);
export const layoutPageWords = /* @__PURE__ */ inLanguage(en.layoutPage, () => german().layoutPage);
export const liveEventsWords = /* @__PURE__ */ inLanguage(en.liveEvents, () => german().liveEvents);
export const liveWords = /* @__PURE__ */ inLanguage(en.live, () => german().live);
export const notFoundWords = /* @__PURE__ */ inLanguage(en.notFound, () => german().notFound);
export const parcelsAddressLabelsPdfWords = /* @__PURE__ */ inLanguage(
  en.parcelsAddressLabelsPdf,
  () => german().parcelsAddressLabelsPdf,
);
export const parcelsWords = /* @__PURE__ */ inLanguage(en.parcels, () => german().parcels);
export const parcelsParcelsCsvWords = /* @__PURE__ */ inLanguage(
  en.parcelsParcelsCsv,
  () => german().parcelsParcelsCsv,
);
export const picturesWords = /* @__PURE__ */ inLanguage(en.pictures, () => german().pictures);
export const rWords = /* @__PURE__ */ inLanguage(en.r, () => german().r);
export const signInWords = /* @__PURE__ */ inLanguage(en.signIn, () => german().signIn);
export const signInRecoverWords = /* @__PURE__ */ inLanguage(
  en.signInRecover,
  () => german().signInRecover,
);
