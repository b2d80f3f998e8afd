/** English words for how a film does on a material, and why. */
import type { FilmReason, Verdict } from "./film-choice.ts";

export const VERDICT_WORDS: Record<Verdict, string> = {
  suits: "suits",
  perhaps: "perhaps",
  unsuited: "not for this",
};

export const REASON_WORDS: Record<FilmReason, string> = {
  holdsLongEnough: "Holds as long as you ask.",
  tooShort: "Does not hold that long.",
  lightOutdoors: "Sheltered outdoors only.",
  notOutdoors: "Not for outdoors.",
  washes: "Hand wash, no soaking.",
  handWashOnly: "Hand wash only.",
  notWashed: "Does not bear washing.",
  dishwasherSchools:
    "Some never put decals in a dishwasher; others do with bold designs, once cured for two days.",
  fadesInDishwasher: "Fades or buckles in a dishwasher.",
  liftsFibres:
    "So sticky that it lifts fibres and paint when it comes off; on a sealed surface some use it all the same.",
  fewerFibres: "Lifts fewer fibres from raw wood; others use stencil film.",
  forPainting: "Made for it: used once, comes off clean.",
  notForPainting: "Too thick or too dear to be painted over once.",
  failsOnGlaze: "Comes off glazed ceramic and glass.",
  gripsRough: "Grips cloth and coir where tape cannot; cut it mirrored, press it through a cloth.",
  liftsOffRough:
    "Rub it into the surface and again after a minute; seal the surface where you can.",
  takesBadly: "Powder coat takes vinyl badly: try one first.",
  comesOffClean: "Comes off clean.",
  weakGlue: "Its weak glue does not hold that long.",
  provedHere: "You have found that this one bears it.",
  failedHere: "You have found that this one does not bear it.",
};
