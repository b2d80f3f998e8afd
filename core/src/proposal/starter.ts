/**
 * A class from nothing: sound beginnings for its technique and material, which a host changes as
 * needed.
 */

import type { Material } from "../blanks/blank-kinds.ts";
import type { BlankShape } from "../blanks/shape.ts";
import { isCup } from "../blanks/shape-size.ts";
import { isWashedUp } from "../blanks/woods.ts";
import type { Cutter } from "../cutting/cutter.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import { type ClassDocument, layoutSchema } from "../document/document.ts";
import { ONLY_THING } from "../document/document-kinds.ts";
import { starterDesign } from "../document/starter-design.ts";
import type { Schools } from "../studio/settings.ts";
import { USUAL_SCHOOLS } from "../studio/settings-kinds.ts";
import type { Technique } from "../weeding/techniques.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import { NOTHING_TAKEN, withProposal } from "./merge.ts";
import { propose } from "./propose.ts";

export interface StarterInput {
  readonly title: string;
  readonly when: ClassDocument["when"];
  readonly setting: ClassDocument["setting"];
  readonly blankName: string;
  readonly material: Material;
  readonly blankColour: string;
  readonly shape: BlankShape;
  readonly technique: Technique;
  /** At least one; the first is that of the lettering. */
  readonly films: readonly Vinyl[];
  readonly cutter?: Cutter;
  readonly prices?: ClassDocument["prices"];
  readonly schools?: Schools;
  readonly seats: ClassDocument["seats"];
}

export function starterClass(input: StarterInput): ClassDocument {
  const { technique, material, schools = USUAL_SCHOOLS } = input;
  const film = input.films[0] as Vinyl;
  const bare: ClassDocument = {
    format: "elm-basket/class",
    version: 2,
    title: input.title,
    summary: "",
    when: input.when,
    setting: input.setting,
    things: [
      {
        id: ONLY_THING,
        title: input.blankName.slice(0, 60),
        technique,
        blank: {
          name: input.blankName,
          material,
          colour: input.blankColour,
          shape: input.shape,
          margin: { rule: "bySize" },
          keepOuts: [],
          reserve: [],
          specimens: [],
        },
        design: { ...starterDesign(technique, film.id), school: schools.sizing },
        perSeat: 1,
      },
    ],
    use: {
      washing: isDrunkFrom(input) ? "hand" : "none",
      outdoors: false,
      months: 24,
      paintedOver: false,
    },
    vinyls: [...input.films],
    cutter: input.cutter ?? (CUTTER_PROFILES[0] as (typeof CUTTER_PROFILES)[number]).cutter,
    seats: input.seats,
    spareKits: 0,
    spareSupplies: 1,
    layout: layoutSchema.parse({ trim: schools.trim === "first" }),
    scraps: [],
    steps: [],
    tools: [],
    supplies: [],
    preparation: [],
    proposed: NOTHING_TAKEN,
    prices: input.prices ?? { currency: "GBP", hourlyRate: 0, venue: 0, margin: 0.3 },
    recuts: [],
    accepted: [],
  };
  return withProposal(bare, propose(bare, { schools }));
}

/** What is drunk from is washed; a pot or a tin of the same shape is not. */
const isDrunkFrom = ({
  shape,
  material,
  technique,
  blankName,
}: Pick<StarterInput, "shape" | "material" | "technique" | "blankName">): boolean =>
  technique === "decal" &&
  isCup(shape) &&
  isWashedUp(material) &&
  !/tin|pot|vase|jar|lantern|cloche/iu.test(blankName);
