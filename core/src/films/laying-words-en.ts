/** English words for how a film is laid: tape and scraper, and the surface cleaned and sealed. */
import type { SurfaceAdvice, Tack, TapeAdvice } from "./film-choice.ts";

const TACK_WORDS = {
  none: "No transfer tape",
  low: "Low-tack tape",
  medium: "Medium tape",
  strong: "Strong tape",
} as const;
const TAPE_WHY: Record<TapeAdvice["why"], string> = {
  delicate: "a stronger one takes the surface with it",
  effectFilm:
    "glitter does not come off its backing otherwise; on a tape of its own, apart from other layers",
  thickBacking: "low tack does not lift it off its backing",
  general:
    "holds and lets go. Some take strong tape for permanent film: it surely lifts it off the backing, and pulls harder on what lies under",
  rough: "press it well: the surface gives it little to hold on",
  liner: "iron-on film comes on a liner of its own that carries it",
  smoothSchools:
    "glitter may not leave its backing without a strong one; on smooth glass some use a low-tack tape and it works: try one before all",
  quarrel:
    "this film wants strong tape, but this ground bears only weak. Let paint cure a day, dab the tape on cloth, test a corner; or take another film",
};
const SCRAPER_WORDS = {
  card: "a plastic scraper or an old bank card",
  felt: "a felt edge or a cloth round the scraper: a hard one scratches it",
  cloth: "a cloth and a thumb, again after a minute",
} as const;

/** What the studio has, where that is not what is advised; empty where it is. */
export const sayTapeAtHand = (advice: TapeAdvice, atHand: Exclude<Tack, "none">): string =>
  advice.tack === "none" || advice.tack === atHand
    ? ""
    : ` What you have at hand is ${TACK_WORDS[atHand].toLowerCase()}: get the other for this.`;

export const sayTape = (advice: TapeAdvice): string =>
  `${TACK_WORDS[advice.tack]}: ${TAPE_WHY[advice.why]}.${linerWords(advice)} Rub with ${SCRAPER_WORDS[advice.scraper]}.`;

/**
 * The cheap way, with its limits: it is too sticky for what is delicate and too weak for what is
 * thick.
 */
const linerWords = ({ tack, why }: TapeAdvice): string =>
  tack === "medium" && why === "general"
    ? ` Clear household shelf liner does for bold letters: ${LINER_LIMITS}.`
    : "";
export const LINER_LIMITS: string =
  "dab it on cloth first, it is sticky; not on paint, not for glitter or thick-backed film";

const CLEAN_WORDS = {
  alcohol:
    "Wipe with alcohol, let it dry, do not touch it again. Alcohol burns: keep it from heat and open a window; follow its label.",
  soapyWater:
    "Wash with soapy water and a soft cloth: alcohol crazes clear plastic. Take its protective film off first.",
  dampCloth: "Wipe with a damp cloth and let it dry; no solvent.",
  dryWipe: "Wipe dry and dust-free, without alcohol.",
  brush: "Brush out loose fibres.",
} as const;
const SEAL_WORDS = {
  first:
    "Seal it first with a water-based clear coat, or the vinyl lifts; indoors some lay it on bare wood and rub it in with a cloth.",
  no: "No sealing needed before.",
  test: "Try a scrap first: press it on, lift it after a minute.",
} as const;

/** @param painted through or round film: paint wants no seal under it */
export const saySurface = (advice: SurfaceAdvice, painted = false): string =>
  painted ? CLEAN_WORDS[advice.clean] : `${CLEAN_WORDS[advice.clean]} ${SEAL_WORDS[advice.seal]}`;
