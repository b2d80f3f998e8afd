/** Parts of the plan's JSON that speak of work before the class and of what decides it. */

import { propose } from "../proposal/propose.ts";
import type { Facts } from "../stages/facts.ts";
import type { Plan } from "../stages/stages.ts";
import { round } from "./plan-json-kits.ts";

export function preparationJson({ document, evenings }: Pick<Plan, "document" | "evenings">) {
  const dated = new Map(evenings.map((row) => [row.id, row]));
  const several = document.things.length > 1;
  return document.preparation.map(({ id, title, minutes, after, waitMinutes, thing }) => {
    const row = dated.get(id);
    return {
      id,
      title,
      ...(several && thing !== undefined ? { thing } : {}),
      minutes,
      after: [...after],
      waitMinutes,
      rounds: row?.rounds ?? 1,
      date: row?.date ?? null,
      evenings: (row?.evenings ?? []).map((one) => ({ ...one })),
    };
  });
}

export function factsJson(thing: string, { tape, layers, ...facts }: Facts) {
  const rounded = Object.fromEntries(
    Object.entries(facts).map(([key, value]) => [
      key,
      typeof value === "number" ? round(value, 2) : value,
    ]),
  ) as Omit<Facts, "tape" | "layers">;
  return {
    thing,
    ...rounded,
    layers: layers.map((layer) => ({ ...layer })),
    tape: Object.fromEntries(
      Object.entries(tape).map(([key, value]) => [key, round(value, 2)]),
    ) as Facts["tape"],
  };
}

/**
 * Of rows that the class has as they are proposed for it; a host's own rows need no reason of ours.
 */
export function reasonsJson({ document, facts }: Pick<Plan, "document" | "facts">) {
  const { steps, materials, preparation, placing } = propose(document, { facts });
  const known = (rows: readonly { readonly id: string }[]) => new Set(rows.map(({ id }) => id));
  const [ownSteps, ownSupplies, ownTasks] = [
    known(document.steps),
    known(document.supplies),
    known(document.preparation),
  ];
  return [
    ...steps
      .filter(({ id }) => ownSteps.has(id))
      .map(({ id, because }) => ({ list: "steps" as const, id, because })),
    ...materials
      .filter(({ id }) => ownSupplies.has(id))
      .map(({ id, because }) => ({ list: "supplies" as const, id, because })),
    ...preparation
      .filter(({ id }) => ownTasks.has(id))
      .map(({ id, because }) => ({ list: "preparation" as const, id, because })),
    ...placing.map(({ thing, text, because }) => ({
      list: "placing" as const,
      id: thing,
      because: `${text} ${because}`,
    })),
  ];
}
