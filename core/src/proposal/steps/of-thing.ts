/** The steps of one thing from nothing, by what is made of the film. */
import { isUnderFilm } from "../../blanks/ground-of.ts";
import { fixed, MINUTES, span } from "../minutes.ts";
import type { Situation } from "../situation.ts";
import { asStep, type ProposedStep, type Told } from "../told.ts";
import { transfersOf } from "../transfers.ts";
import { blownUp, cleaned, welcome } from "./begin.ts";
import { joined, taped, weeded } from "./film.ts";
import { farewell, finished } from "./finish.ts";
import { ironedOn } from "./iron-on.ts";
import { peeled, placed } from "./place.ts";
import {
  filmOff,
  laidStencil,
  lettersOut,
  painted,
  pressedAndMasked,
  tapedStencil,
} from "./stencil.ts";

export function stepsOf(s: Situation): ProposedStep[] {
  const making = [...blownUp(s), ...groundInClass(s), ...cleaned(s), ...made(s)];
  return [
    ...welcome(s),
    ...(isUnderFilm(s.ground) ? drawnOn(making) : making),
    ...finished(s),
    ...farewell(s),
  ].map(asStep);
}

function made(s: Situation): Told[] {
  const transfers = transfersOf(s);
  switch (s.technique) {
    case "decal":
      return [
        ...weeded(s),
        ...joined(s),
        ...transfers.flatMap((transfer, n) => [
          ...taped(s, transfer, n),
          ...placed(s, transfer, n),
          ...peeled(s, transfer, n),
        ]),
      ];
    case "openStencil":
      return [
        ...lettersOut(s),
        ...joined(s),
        ...tapedStencil(s),
        ...laidStencil(s),
        ...pressedAndMasked(s),
        ...painted(s),
        ...filmOff(s),
      ];
    case "mask": {
      const first = transfers.slice(0, 1);
      return [
        ...weeded(s),
        ...joined(s),
        ...first.flatMap((transfer) => [
          ...taped(s, transfer, 0),
          ...placed(s, transfer, 0),
          ...peeled(s, transfer, 0),
        ]),
        ...pressedAndMasked(s),
        ...painted(s),
        ...filmOff(s),
      ];
    }
    case "ironOnStencil":
      return ironedOn(s);
  }
}

const GROUND_DRIES = 30;
const LAST_GROUND_DRIES = 60;
const WORDS = { paint: "Paint the ground", stain: "Stain it", seal: "Seal it" } as const;

/**
 * Only what the host wants done in the class itself; it dries while film is looked over and taped.
 */
function groundInClass(s: Situation): Told[] {
  const { ground } = s;
  if (ground.what === "none" || ground.by !== "class") return [];
  const { what } = ground;
  return Array.from(
    { length: ground.coats },
    (_, i): Told => ({
      id: `ground-${i + 1}`,
      title: ground.coats > 1 ? `${WORDS[what]}, coat ${i + 1}` : WORDS[what],
      minutes: span(MINUTES.coat(s.facts.filmWidth * s.facts.filmHeight), "plain", s),
      ...(i > 0 ? { after: [{ step: `ground-${i}`, wait: GROUND_DRIES }] } : {}),
      say: "Thin, along the grain; it dries while the film is made ready.",
      check: "Thin all over, nothing pools.",
      care: "Open a window, cover the table, follow the label.",
      slip: "Too thick: take it up with a dry brush before it skins.",
      doIt: "One thin coat. Set it aside to dry.",
      because: "You want it done in the class; before, on an evening, it would cost no waiting.",
    }),
  );
}

/** What was painted in the class is dry before film lies on it. */
function drawnOn(rows: readonly Told[]): Told[] {
  const last = rows.findLast(({ id }) => id.startsWith("ground-"));
  if (!last) return [...rows];
  return rows.map((row, i) => {
    if (row.id !== "place") return row;
    const before = rows[i - 1];
    return {
      ...row,
      after: [
        ...(before ? [{ step: before.id, wait: 0 }] : []),
        { step: last.id, wait: LAST_GROUND_DRIES },
      ],
    };
  });
}

/** Long classes stop once: ten minutes, where nothing dries meanwhile. */
export const BREAK_FROM_MINUTES = 120;
export const breakStep = (): ProposedStep =>
  asStep({
    id: "break",
    title: "A break",
    minutes: fixed(10),
    say: "Films, blades and wet pieces stay where they are; hands washed before the next step.",
    doIt: "Ten minutes. Leave everything as it lies.",
    because: "After two hours hands get careless.",
  });
