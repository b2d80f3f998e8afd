/** How a class begins: welcome, what is taken off the blank, and how it is cleaned. */

import { isRound } from "../../blanks/shape-size.ts";
import { surfaceAdvice } from "../../films/film-choice.ts";
import { fixed, MINUTES, span } from "../minutes.ts";
import type { Situation } from "../situation.ts";
import { type Told, words } from "../told.ts";

/**
 * A host shows the finished piece and lets people look into their bags; a minute more for every
 * ten.
 */
const WELCOME_MINUTES = 5;

export function welcome(s: Situation): Told[] {
  return [
    {
      id: "welcome",
      title: "Welcome, and what we make",
      minutes: fixed(WELCOME_MINUTES + Math.ceil(s.seats / 10)),
      who: "host",
      say: words(
        "Nothing is hard, but the order matters.",
        s.inRoom ? "" : "Whoever misses a part says so now, while there is time to help.",
        s.handsOver === "cut" &&
          "A blade has gone through the film, not through its backing: that is why it comes off in pieces.",
      ),
      show: "The finished piece, then the kit.",
      check: s.inRoom
        ? "Everybody has a kit with their own name."
        : "Everybody has the kit open, and a flat, clean table with light.",
      doIt: "Look into your bag: your name, your film, your piece.",
      because:
        "People begin calmer when they have seen where it goes, and a missing part is found before it is needed.",
    },
  ];
}

const HOW = {
  alcohol: {
    say: "Wipe with alcohol, let it dry, then hands off the face.",
    care: "Alcohol burns: no flame or heat gun near it, and a window open; follow its label.",
    doIt: "Wipe your piece with alcohol and let it dry. Then hands off the face.",
    because:
      "Grease from fingers keeps film from holding; on this surface alcohol takes it off and leaves nothing.",
  },
  soapyWater: {
    say: "Soapy water and a soft cloth, then dried; alcohol would craze it.",
    care: "",
    doIt: "Wash it with soapy water and a soft cloth, and dry it. Then hands off the face.",
    because: "Clear plastic crazes under alcohol and solvents, and scratches under a hard cloth.",
  },
  dampCloth: {
    say: "A damp cloth, no solvent, then let it dry.",
    care: "",
    doIt: "Wipe it with the damp cloth and let it dry.",
    because: "Solvent takes colour and dressing out of it.",
  },
  dryWipe: {
    say: "Wipe it dry and free of dust, without alcohol.",
    care: "",
    doIt: "Wipe the dust off with the dry cloth.",
    because: "Alcohol dulls paint and soaks into what is porous: dust is all that has to go.",
  },
  brush: {
    say: "Brush firmly until nothing loose comes out any more, then wipe over it with the hand.",
    care: "",
    doIt: "Brush the loose fibres out until nothing comes any more.",
    because: "Loose fibres carry the film off with them.",
  },
} as const;

/** Rough planks are brushed before they are wiped, whatever else their material asks for. */
export function cleaned(s: Situation): Told[] {
  const { clean } = surfaceAdvice(s.surface);
  const how = HOW[clean];
  const isBare =
    s.blank.material === "rawWood" && s.technique !== "decal" && s.ground.what === "none";
  const isFilmed = s.blank.material === "clearPlastic";
  const minutes =
    clean === "brush" || isBare
      ? MINUTES.brush()
      : clean === "soapyWater"
        ? MINUTES.wash()
        : MINUTES.clean(s);
  return [
    {
      id: "clean",
      title: "Clean the blank",
      minutes: span(minutes, "plain", s),
      say: words(
        isFilmed && "Both faces may have a protective film: take it off the front now.",
        isBare && "Brush along the grain, then wipe off what is loose.",
        how.say,
      ),
      check: words(
        isFilmed ? "No protective film on the front, clean, dry, not scratched." : "Clean and dry.",
        isRound(s.blank.shape) &&
          s.blank.handle !== undefined &&
          "The handle lies straight in its holder.",
      ),
      care: how.care,
      slip: "A finger on the clean face: wipe that spot again.",
      doIt: words(
        isFilmed && "Peel the protective film off the front.",
        isBare && "Brush off what is loose.",
        how.doIt,
      ),
      because: how.because,
    },
  ];
}

/** Soft things are blown up before anything is measured or laid on them. */
export function blownUp(s: Situation): Told[] {
  if (s.blank.material !== "balloon") return [];
  return [
    {
      id: "blow-up",
      title: "Blow it up and tie it",
      minutes: span(2, "plain", s),
      say: "All of a set differ: blow each up to the same measure, tape laid across its front.",
      check: "The design lies inside the round that faces you.",
      care: "Latex: ask for allergies. Torn balloons choke small children: keep them away.",
      doIt: "Blow it up to the mark, tie it, and measure across its front.",
      because:
        "Film is laid on the stretched skin; laid on before, it would tear off while it grows.",
    },
  ];
}
