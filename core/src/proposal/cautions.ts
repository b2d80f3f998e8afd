/**
 * Cautions of one thing with the place they belong to: the station or step at which somebody can be
 * hurt. They defer to labels, venues and trained people.
 */

import type { ClassDocument } from "../document/document.ts";
import { cautionsFor } from "../films/cautions.ts";
import type { ProposedTask } from "./preparation/tasks.ts";
import type { ProposedStep } from "./told.ts";

export interface ProposedCaution {
  readonly text: string;
  /** Steps and tasks at which it stands. */
  readonly at: readonly string[];
  readonly because: string;
}

const BECAUSE: Readonly<Record<string, string>> = {
  blades: "Film is cut and weeded with sharp things.",
  heat: "Something in it is hot.",
  solvent: "It is cleaned with what burns.",
  paint: "It is painted.",
  drink: "It is drunk from.",
  served: "Food lies on it.",
  worked: "It works with food.",
  glass: "It is made of glass.",
  balloon: "It is a balloon.",
  peel: "It is made of clear plastic.",
};

/** The class's cautions, and those of each step and task once. */
export function cautionsOf(
  document: Pick<ClassDocument, "tools" | "supplies" | "things" | "use">,
  steps: readonly ProposedStep[],
  tasks: readonly ProposedTask[],
): ProposedCaution[] {
  const general = cautionsFor(document).map(
    ({ code, text }): ProposedCaution => ({ text, at: [], because: BECAUSE[code] ?? "" }),
  );
  const own = new Map<string, string[]>();
  for (const { id, care } of [...tasks, ...steps])
    if (care !== "") own.set(care, [...(own.get(care) ?? []), id]);
  return [
    ...general,
    ...[...own].map(
      ([text, at]): ProposedCaution => ({ text, at, because: "Where the work is done." }),
    ),
  ];
}
