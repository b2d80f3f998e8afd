/** Kinds, limits and usual values of a class document. */
export const MOST_THINGS = 12;
/** How far the host makes kits ready before the class; the rest is done in it. */
export const HANDED_OVER = ["cut", "weeded", "taped"] as const;
export type HandedOver = (typeof HANDED_OVER)[number];
/** The one thing of a document of version 1. */
export const ONLY_THING = "thing";

/** What a rehearsal takes for granted where nothing is known: first guesses. */
export const USUAL_REHEARSAL = {
  gate: "threeQuarters",
  lateShare: 0.08,
  lateMinutes: 7,
  stuckShare: 0.04,
  stuckMinutes: 2,
} as const;

/** How a seat may be called. */
export const SEAT_ID = /^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$/u;

export const SET_SIZINGS = ["each", "sameHeight", "sameShare"] as const;
/**
 * `each`: every thing by its own school; `sameHeight`: one letter height through the set;
 * `sameShare`: the same share of each face's width.
 */
export type SetSizing = (typeof SET_SIZINGS)[number];
