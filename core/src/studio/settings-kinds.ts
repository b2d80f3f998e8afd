/** Days of the week, and the ways in which good practitioners differ. */
import { HANDLE_SCHOOLS } from "../blanks/blank-kinds.ts";

export const WEEKDAYS = [
  "monday",
  "tuesday",
  "wednesday",
  "thursday",
  "friday",
  "saturday",
  "sunday",
] as const;
export type Weekday = (typeof WEEKDAYS)[number];
/** Where good practitioners differ: every way is sound, and the studio has its own. */
export const SCHOOLS = {
  cupSide: HANDLE_SCHOOLS,
  sizing: ["longest", "sameWidth", "fillBox", "fixedHeight"],
  trim: ["first", "whole"],
  edgeSeal: ["ground", "medium", "clearCoat", "none"],
  peel: ["damp", "dry"],
  weedOn: ["mat", "off"],
  overCoat: ["never", "edges"],
  dishwasher: ["never", "bold"],
  mats: ["wash", "replace"],
  layers: ["gathered", "single"],
  longParts: ["joined", "single"],
  rawWood: ["seal", "bare"],
  glitterOnGlass: ["strong", "low"],
} as const;
export type SchoolName = keyof typeof SCHOOLS;
export const MOST_DAYS_OFF = 60;
/** Ten years: longer is for ever. */
export const MOST_MONTHS = 120;

/** The ways of a studio that has not said otherwise. */
export const USUAL_SCHOOLS = {
  cupSide: "drinker",
  sizing: "longest",
  trim: "first",
  edgeSeal: "ground",
  peel: "damp",
  weedOn: "mat",
  overCoat: "never",
  dishwasher: "never",
  mats: "replace",
  layers: "gathered",
  longParts: "joined",
  rawWood: "seal",
  glitterOnGlass: "strong",
} as const satisfies { readonly [Name in SchoolName]: (typeof SCHOOLS)[Name][number] };
