/**
 * What a thing takes: for each seat, table and room, with amounts from its geometry and the sum
 * behind each.
 */
import { isRound } from "../../blanks/shape-size.ts";
import type { Situation } from "../situation.ts";
import { finishing } from "./finishing.ts";
import { grounding } from "./grounding.ts";
import { cleaner, hooks, rubbing, tapes } from "./laying.ts";
import { painting } from "./painting.ts";
import { type ProposedSupply, supply } from "./proposed-supply.ts";

/**
 * Amounts are of one that is made; where a seat makes several, its lines are counted by how many.
 */
export function materialsOf(s: Situation): ProposedSupply[] {
  return [
    supply("blank", s.blank.name, "seat", 1, "What it is made on."),
    ...tapes(s),
    cleaner(s),
    ...rubbing(s),
    ...(isRound(s.blank.shape)
      ? [
          supply(
            "holder",
            "Cradle",
            "every",
            1,
            `What rolls is held while film is laid on: one for every two seats, ${Math.ceil(s.seats / 2)} for ${s.seats}.`,
            {
              seats: 2,
              uses: 200,
              spares: false,
              substitute: "a rolled towel, a paper roll, a friend's hands",
            },
          ),
        ]
      : []),
    ...hooks(s),
    ...(s.technique === "decal" ? [] : painting(s)),
    ...grounding(s),
    ...finishing(s),
    supply("bag", "Parcel bag", "seat", 1, "One bag a seat holds all that belongs together."),
    supply("care-card", "Care card", "seat", 1, "At home there is nobody to ask.", {
      spares: false,
    }),
  ];
}
