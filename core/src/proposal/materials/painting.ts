/** What it takes to paint through or round a film, and to mend what ran under. */
import { SEATS_AT_A_TABLE } from "../../supplies/supply-lines.ts";
import type { Situation } from "../situation.ts";
import { coatsOf, maskArea } from "../steps/stencil.ts";
import { words } from "../told.ts";
import { paintFor, sayPaint } from "./paint.ts";
import { type ProposedSupply, supply } from "./proposed-supply.ts";

const SEALS = {
  ground: ["Paint in the colour of the ground", "Closes the edges in a colour nobody sees."],
  medium: ["Matte medium for the edges", "Dries clear; a glossy one glues the film."],
  clearCoat: ["Water-based clear coat for the edges", "Some films cloud under it: one is tried."],
} as const;
/** Pots as they are usually sold, ml. */
const POT_ML = 60;

export function painting(s: Situation): ProposedSupply[] {
  const { technique, facts, schools } = s;
  const perimeter = 2 * (facts.filmWidth + facts.filmHeight);
  const border = supply(
    "border-tape",
    "Masking tape for the border",
    "seat",
    Math.ceil(perimeter * 1.1) / 1000,
    `Once round film of ${Math.round(facts.filmWidth)} x ${Math.round(facts.filmHeight)} mm, a tenth more for corners.`,
    { unit: "m" },
  );
  const knife = supply(
    "knife",
    "Craft knife or scissors",
    "every",
    1,
    "For border tape and paper; capped when it is put down.",
    { seats: 4, uses: 100, spares: false },
  );
  const cover = supply(
    "cover",
    "Paper to cover the table",
    "table",
    1,
    "Paint goes where nobody looks.",
    { unit: "sheet", seats: SEATS_AT_A_TABLE },
  );
  if (technique === "ironOnStencil")
    return [
      supply(
        "spray",
        "Rubber-like spray coat",
        "every",
        1,
        "A can gives two thin passes on about four mats; the can's label says.",
        { seats: 4, unit: "can" },
      ),
      supply(
        "dust-mask",
        "Spray mask, as the can's label says",
        "seat",
        1,
        "Spray is not breathed.",
        { uses: 5 },
      ),
      border,
      supply(
        "border-paper",
        "Cheap tape and paper beyond the film",
        "seat",
        1,
        "Strong tape on the film's edge, the cheap from there to the border.",
        { unit: "sheet" },
      ),
      knife,
      cover,
    ];
  const area = technique === "mask" ? maskArea(s) : facts.lettersMm2;
  const coats = coatsOf(s);
  const face = paintFor(area, coats, "paint");
  const seal = paintFor(technique === "mask" ? area : Math.max(facts.lettersMm2, 500), 1, "seal");
  return [
    supply(
      "paint",
      technique === "mask" ? "Paint for the ground" : "Paint for the face",
      "seat",
      face.ml,
      sayPaint(face, "paint"),
      { unit: "ml", pack: { size: POT_ML } },
    ),
    supply(
      "sponge",
      "Sponge",
      "seat",
      1 + (schools.edgeSeal === "none" ? 0 : 1),
      "One for each colour; a nearly dry one.",
      {
        substitute: "a cut kitchen sponge, a small foam roller for one careful coat",
      },
    ),
    ...(schools.edgeSeal === "none"
      ? []
      : [
          supply(
            "edge-seal",
            SEALS[schools.edgeSeal][0],
            "seat",
            seal.ml,
            words(SEALS[schools.edgeSeal][1], sayPaint(seal, "seal")),
            { unit: "ml", pack: { size: POT_ML } },
          ),
        ]),
    supply(
      "fine-brush",
      "Tiny brush for touching up",
      "every",
      1,
      "What ran under is painted over.",
      { seats: 2, uses: 50, spares: false, substitute: "a cotton bud" },
    ),
    supply(
      "touch-up",
      "Ground colour kept for touching up",
      "every",
      5,
      "A little of the very colour of the ground: paint or stain.",
      { seats: 6, unit: "ml" },
    ),
    ...(technique === "openStencil" ? [border, knife] : []),
    cover,
    supply(
      "top-coat",
      "Clear top coat",
      "every",
      1,
      s.use.outdoors
        ? "It stands outdoors: a coat after a night's drying."
        : "For who wants it: a coat after a night's drying.",
      {
        seats: 12,
        unit: "pot",
      },
    ),
  ];
}
