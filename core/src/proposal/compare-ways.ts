/**
 * The ways of a school beside each other: what each would change in the steps, materials and
 * minutes of this very class.
 */
import type { ClassDocument } from "../document/document.ts";
import { runSheetOf } from "../document/run-sheet-of.ts";
import type { Facts } from "../stages/facts.ts";
import type { Schools } from "../studio/settings.ts";
import { SCHOOLS, type SchoolName } from "../studio/settings-kinds.ts";
import { listsOf } from "./merge.ts";
import { type Proposal, propose } from "./propose.ts";

export interface StepThere {
  readonly id: string;
  readonly title: string;
  /** What the host says; null where there is no such step this way. */
  readonly say: string | null;
  readonly minutes: number | null;
}

export interface WayCompared {
  readonly way: string;
  /** Minutes of the class, as it is proposed this way. */
  readonly minutes: number;
  /** Only steps that are not the same in every way, in the order in which they come. */
  readonly steps: readonly StepThere[];
  /** Materials that not every way needs, by name. */
  readonly materials: readonly string[];
}

interface Given {
  /** The class's own ways over the studio's. */
  readonly schools: Schools;
  readonly facts: ReadonlyMap<string, Facts>;
}

/** @returns every way of the school, the chosen one among them; empty where all come to the same */
export function compareWays(
  document: ClassDocument,
  name: SchoolName,
  { schools, facts }: Given,
): WayCompared[] {
  const rows = (SCHOOLS[name] as readonly string[]).map((way) => {
    const own = { ...document, schools: { ...document.schools, [name]: way } } as ClassDocument;
    const proposal = propose(own, { schools: { ...schools, [name]: way } as Schools, facts });
    return { way, proposal, minutes: minutesOf(own, proposal) };
  });
  const ids = [...new Set(rows.flatMap(({ proposal }) => proposal.steps.map(({ id }) => id)))];
  const told = (proposal: Proposal, id: string): StepThere => {
    const step = proposal.steps.find((one) => one.id === id);
    const title =
      rows.flatMap((row) => row.proposal.steps).find((one) => one.id === id)?.title ?? id;
    return {
      id,
      title: step?.title ?? title,
      say: step?.say ?? null,
      minutes: step?.minutes ?? null,
    };
  };
  const moved = ids.filter(
    (id) => new Set(rows.map(({ proposal }) => JSON.stringify(told(proposal, id)))).size > 1,
  );
  const named = rows.map(({ proposal }) => [
    ...new Set(proposal.materials.map((line) => line.name)),
  ]);
  const shared = new Set(
    (named[0] ?? []).filter((material) => named.every((list) => list.includes(material))),
  );
  const differs =
    moved.length > 0 || named.some((list) => list.some((material) => !shared.has(material)));
  if (!differs) return [];
  return rows.map(({ way, proposal, minutes }, i) => ({
    way,
    minutes,
    steps: moved.map((id) => told(proposal, id)),
    materials: (named[i] ?? []).filter((material) => !shared.has(material)),
  }));
}

function minutesOf(document: ClassDocument, proposal: Proposal): number {
  const known = new Set(document.tools.map(({ id }) => id));
  const tools = [...document.tools, ...proposal.tools.filter(({ id }) => !known.has(id))];
  return runSheetOf(
    { ...document, steps: listsOf(proposal).steps as unknown as ClassDocument["steps"] },
    tools,
  ).endMinute;
}
