/** What the bench says of a film, in words. */
import { type LengthUnit, showLength } from "../units/length.ts";
import { TECHNIQUE_LIMITS, type WeedReport } from "./difficulty.ts";
import { FAMILY_TRAITS, type VinylFamily } from "./families.ts";
import { type Corner, HAND_MM, type Peel } from "./peel.ts";
import type { SeeBy } from "./see-lines.ts";

const CORNER_WORDS: Record<Corner, string> = {
  topLeft: "top left",
  topRight: "top right",
  bottomLeft: "bottom left",
  bottomRight: "bottom right",
};

/** Where the waste goes, as seen on the picture. */
function towards([x, y]: Peel["direction"]): string {
  const [across, down] = [
    x > 0.1 ? "right" : x < -0.1 ? "left" : "",
    y > 0.1 ? "down" : y < -0.1 ? "up" : "",
  ];
  if (across && down) return `aslant, ${down} to the ${across}`;
  return across ? `to the ${across}` : down;
}

const never = (reason: never): never => {
  throw new TypeError(`no words for ${JSON.stringify(reason)}`);
};

/** Fractions of a millimetre matter here, in whatever unit the studio works. */
const fine = (mm: number, unit: LengthUnit): string =>
  unit === "mm" || unit === "cm"
    ? `${Number(mm.toFixed(mm < 1 ? 2 : mm < 10 ? 1 : 0))} mm`
    : showLength(mm, "inDecimal");

export function sayPeel(peel: Peel, unit: LengthUnit): string[] {
  const begin = `Start at the ${CORNER_WORDS[peel.corner]} and draw the waste ${towards(peel.direction)}, low and slowly.`;
  const why = peel.reasons.map((reason): string => {
    switch (reason.code) {
      case "room":
        return "That corner is the farthest from everything that stays.";
      case "along":
        return `So you go along the thin arm of ${fine(reason.lengthMm, unit)} by ${fine(reason.widthMm, unit)}, not against it.`;
      case "last":
        return `So the thin arm of ${fine(reason.lengthMm, unit)} by ${fine(reason.widthMm, unit)} comes last.`;
      case "small":
        return reason.count === 1
          ? "Hold the small part down with a fingertip as the waste passes."
          : `Hold the ${reason.count} small parts down with a fingertip as the waste passes.`;
      default:
        return never(reason);
    }
  });
  const back = peel.reasons.some(({ code }) => code === "small")
    ? ["Look for dots and stops that went off with the waste: they go straight back down."]
    : [];
  const safe =
    peel.safeMm !== null && peel.safeMm >= 10
      ? [`Nothing fragile for the first ${showLength(peel.safeMm, unit)}.`]
      : [];
  const cuts =
    peel.cuts.length === 0
      ? []
      : [
          `Cut the waste off at the ${peel.cuts.length === 1 ? "line" : `${peel.cuts.length} lines`}: longer than ${showLength(HAND_MM, unit)} it falls back on the letters.`,
        ];
  return [begin, ...why, ...back, ...safe, ...cuts];
}

/** Of a stencil the letters come out; field and insides stay. */
export function sayLifts({ pieces, islands }: Pick<WeedReport, "pieces" | "islands">): string[] {
  const lift = `Lift ${pieces === 1 ? "the letter" : `the ${pieces} letters`} at the marks with the hook, from the side; the field stays.`;
  if (islands === 0) return [lift];
  const one = islands === 1;
  return [
    lift,
    `${one ? "The inside stays and rides" : `The ${islands} insides stay and ride`} on the tape: hold ${one ? "it" : "them"} down until the letter is off.`,
    "An inside that stays on the backing when the tape comes up: lift it with the hook and set it on the tape before the stencil is laid, or take a spare's.",
  ];
}

/** Which way of weeding, and what of this film decides it. */
export function sayTechnique(
  weed: Pick<WeedReport, "technique" | "thinnest" | "tightest" | "smallParts">,
  family: VinylFamily,
  unit: LengthUnit,
): string {
  const limit = FAMILY_TRAITS[family].minStrokeMm;
  const inside = FAMILY_TRAITS[family].minCounterMm;
  const thin = `The thinnest stroke is ${fine(weed.thinnest, unit)}; this film bears ${fine(limit, unit)}`;
  switch (weed.technique) {
    case "plain":
      return "Plain weeding: rub the whole film down first so that the letters stay, then peel.";
    case "lighterCut":
      return `${thin}: plain weeding, along the strokes. Next time cut it lighter and slower.`;
    case "bolder":
      return `${thin}: strokes under half of it tear. Weed in reverse and expect losses; a bolder or larger letter is the cure.`;
    case "reverse": {
      const reason =
        weed.smallParts >= TECHNIQUE_LIMITS.manySmall
          ? `${weed.smallParts} small parts stay better on tape`
          : weed.thinnest > 0 && weed.thinnest < TECHNIQUE_LIMITS.reverseShare * limit
            ? `the thinnest stroke is ${fine(weed.thinnest, unit)} where this film bears ${fine(limit, unit)}`
            : `the tightest inside is ${fine(weed.tightest, unit)} wide, under half of ${fine(inside, unit)}`;
      return `In reverse: tape over everything, peel the backing off, weed the waste off the tape; ${reason}.`;
    }
  }
}

export const SEE_WORDS: Record<SeeBy, string> = {
  white:
    "White film on a white backing cannot be seen to weed: light from below, or another time film with a tinted backing.",
  light: "Light from below shows the cut lines.",
  roll: "Roll the film gently over a finger: the backing shows in the cuts.",
  powder:
    "Brush a little powder into the lines. Fine powder is not breathed: a pinch, no blowing, a mask for much of it.",
  tint: "The tinted backing shows in the cuts by itself.",
  sheen: "Tilt it under a lamp: the cuts break the sheen.",
};
