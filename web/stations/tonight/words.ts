import { german } from "#german/stations/tonight";
import { inLanguage } from "@/ui/in-language.ts";
import * as en from "./words-en.ts";

// Each section by itself, so that a page is sent the words of what it shows.
export const calendarLinkWords = /* @__PURE__ */ inLanguage(
  en.calendarLink,
  () => german().calendarLink,
);
export const eveningsAheadWords = /* @__PURE__ */ inLanguage(
  en.eveningsAhead,
  () => german().eveningsAhead,
);
export const firstVisitWords = /* @__PURE__ */ inLanguage(en.firstVisit, () => german().firstVisit);
export const helperTonightWords = /* @__PURE__ */ inLanguage(
  en.helperTonight,
  () => german().helperTonight,
);
export const kitTasksWords = /* @__PURE__ */ inLanguage(en.kitTasks, () => german().kitTasks);
export const loadTonightWords = /* @__PURE__ */ inLanguage(
  en.loadTonight,
  () => german().loadTonight,
);
export const studioCalendarWords = /* @__PURE__ */ inLanguage(
  en.studioCalendar,
  () => german().studioCalendar,
);
export const tickTasksWords = /* @__PURE__ */ inLanguage(en.tickTasks, () => german().tickTasks);
export const waysOutWords = /* @__PURE__ */ inLanguage(en.waysOut, () => german().waysOut);
