/** Parts of the plan's JSON that speak of work before the class and of what decides it. */
import type { Facts } from "../proposal/facts.ts";
import { round } from "./plan-json-kits.ts";
import type { Plan } from "./stages.ts";

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
  const rounded = Object.fromEntries(Object.entries(facts).map(([key, value]) => [key, typeof value === "number" ? round(value, 2) : value])) as Omit<Facts, "tape" | "layers">;
  return { thing, ...rounded, layers: layers.map((layer) => ({ ...layer })), tape: Object.fromEntries(Object.entries(tape).map(([key, value]) => [key, round(value, 2)])) as Facts["tape"] };
}
