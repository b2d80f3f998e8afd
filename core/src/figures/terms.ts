/** Minutes a kit takes to weed, by what slows the hand. */

export const WEEDING_TERMS = [
  "base",
  "perPiece",
  "perCounter",
  "perSmallPart",
  "perMetreOutline",
  "perTail",
  "perThinStroke",
  "perTightInside",
] as const;
export type WeedingTerm = (typeof WEEDING_TERMS)[number];
export type WeedingCoefficients = Readonly<Record<WeedingTerm, number>>;
/** How often each term counts in a kit; `base` is one. */
export type WeedingCounts = Readonly<Record<WeedingTerm, number>>;

export const minutesOf = (counts: WeedingCounts, minutes: WeedingCoefficients): number =>
  WEEDING_TERMS.reduce((sum, term) => sum + counts[term] * minutes[term], 0);
/**
 * What is done in a step, whatever the thing is called that it is done on; a step of the host's own
 * has none.
 */
export const DEEDS = [
  "welcome",
  "clean",
  "blow-up",
  "weed",
  "join-parts",
  "tape",
  "place",
  "press",
  "peel-liner",
  "peel-film",
  "peel",
  "border",
  "seal-edges",
  "ground",
  "coat",
  "spray",
  "touch-up",
  "tidy",
  "large-ring",
  "small-ring",
  "twine",
  "ribbon",
  "hanger",
  "frame",
  "finish",
] as const;
export type Deed = (typeof DEEDS)[number];
/** @param step a step's name, such as coat-2 or place-board */
export const deedKind = (step: string): Deed | null =>
  DEEDS.find((deed) => step === deed || step.startsWith(`${deed}-`)) ?? null;
/** Months, so that it holds on both halves of the earth. */
export type Quarter = "12-2" | "3-5" | "6-8" | "9-11";
export const MONTHS_OF_QUARTERS = ["12-2", "3-5", "6-8", "9-11"] as const;
/** @param date such as 2026-12-05 */
export const quarterOf = (date: string): Quarter =>
  MONTHS_OF_QUARTERS[Math.floor((Number(date.slice(5, 7)) % 12) / 3)] as Quarter;
/** How a place is told from another: capitals and blanks do not matter. */
export const samePlace = (a: string, b: string): boolean => plain(a) === plain(b);
export const plain = (place: string): string => place.trim().toLowerCase().replaceAll(/\s+/gu, " ");
