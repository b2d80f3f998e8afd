/** Why a blank is made ready and finished as it is, in words. */
import type { FinishingWhy } from "./finishing-of.ts";
import type { GroundWhy } from "./ground-of.ts";

export const GROUND_WORDS: Readonly<Record<GroundWhy, string>> = {
  said: "You said so.",
  underMask:
    "The letters of a mask show the ground that lies under them: it is painted, and dry, before any film lies on it.",
  paintedWood: "Painted wood is painted before film may lie on it; say so if you buy it painted.",
  stainedWood: "Stain dries overnight, and comes before glue, film and paint.",
  filmOnRaw: "Film lifts off raw wood: a water-based clear coat first.",
  bareByChoice: "Your way: film on bare wood, rubbed in with a cloth.",
  paintOnRaw: "Paint holds on raw wood; only dust and loose fibres have to go.",
  asItComes: "It is used as it comes.",
};

export const FINISHING_WORDS: Readonly<Record<FinishingWhy, string>> = {
  said: "You said so.",
  fob: "A fob hangs from a key ring.",
  tag: "A tag is tied on.",
  ornament: "It hangs by a ribbon.",
  board: "A painted board hangs on a wall.",
  sign: "A sign is hung.",
};
