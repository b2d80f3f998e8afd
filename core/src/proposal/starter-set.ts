/**
 * A class of several things from nothing: the first as always, the others with their steps and
 * materials.
 */

import type { Blank } from "../blanks/blank.ts";
import type { ClassDocument, Thing } from "../document/document.ts";
import { alternativeTo, copyOf, otherSideOf, withTechnique } from "../document/new-thing.ts";
import { starterDesign } from "../document/starter-design.ts";
import { USUAL_SCHOOLS } from "../studio/settings-kinds.ts";
import type { Technique } from "../weeding/techniques.ts";
import { NOTHING_TAKEN, withProposal } from "./merge.ts";
import { propose } from "./propose.ts";
import { type StarterInput, starterClass } from "./starter.ts";

export interface MoreOf {
  /** Beside the first, on its other side, or instead of it. */
  readonly role: "also" | "side" | "instead";
  readonly blank: Pick<Blank, "name" | "material" | "colour" | "shape">;
  readonly technique: Technique;
  readonly perSeat: number;
}

/** @param share minutes of a second like thing as a share of the first */
export function starterSet(
  input: StarterInput,
  more: readonly MoreOf[],
  share: number,
): ClassDocument {
  const schools = input.schools ?? USUAL_SCHOOLS;
  let document = starterClass(input);
  for (const one of more) {
    const { things, thing } = began(document, document.things[0] as Thing, one);
    document = { ...document, things: [...things, thing] };
  }
  return more.length === 0
    ? document
    : withProposal(
        {
          ...document,
          steps: [],
          supplies: [],
          tools: [],
          preparation: [],
          proposed: NOTHING_TAKEN,
        },
        propose(document, { schools, share }),
      );
}

function began(
  document: ClassDocument,
  first: Thing,
  { role, blank, technique, perSeat }: MoreOf,
): { things: Thing[]; thing: Thing } {
  const made = (thing: Thing): Thing =>
    withTechnique(
      {
        ...thing,
        design: {
          ...starterDesign(technique, document.vinyls[0]?.id ?? ""),
          school: first.design.school,
        },
      },
      technique,
    );
  if (role === "side")
    return { things: document.things, thing: made(otherSideOf(document.things, first)) };
  const own: Thing = {
    ...first,
    title: blank.name.slice(0, 60),
    blank: { ...first.blank, ...blank },
    perSeat,
  };
  if (role === "also")
    return { things: document.things, thing: made(copyOf(document.things, own)) };
  const { things, added } = alternativeTo(document.things, first);
  const named = copyOf(document.things, own);
  return {
    things,
    thing: made({ ...named, perSeat: 1, ...(added.choice ? { choice: added.choice } : {}) }),
  };
}
