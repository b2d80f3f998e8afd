/**
 * Classes that make one thing, in the shape in which most tests speak of them: the thing's blank
 * and design beside the class's fields.
 */

import { applyRemedy as applyToClass } from "../advice/remedy.ts";
import { type Checked, type ClassDocument, readClassDocument } from "../document/document.ts";
import { type ThingDocument, thingDocument } from "../document/thing-document.ts";
import type { Remedy } from "../findings/remedy.ts";
import type { FontLookup } from "../lettering/compose-row.ts";
import { letterKits as letterClass, makePlan as planClass } from "../plan/plan.ts";
import type { Plan, ThingPlan } from "../stages/stages.ts";

type Seat = Omit<ThingDocument["seats"][number], "count"> & { readonly count?: number };
export type OneThing = Omit<ThingDocument, "seats"> & { readonly seats: readonly Seat[] };

export const oneThing = (document: ClassDocument): OneThing => thingDocument(document);

export function wholeClass(view: OneThing): ClassDocument {
  const { things, thing, blank, design, technique, seats, ...rest } = view;
  return {
    ...rest,
    things: [{ ...thing, blank, design, technique }],
    seats: seats.map(({ own, count, ...seat }) => ({
      ...seat,
      fields: { ...seat.fields },
      ...(own || (count !== undefined && count !== 1)
        ? {
            things: {
              [thing.id]: {
                ...(own ? { own } : {}),
                ...(count !== undefined && count !== 1 ? { count } : {}),
              },
            },
          }
        : {}),
    })),
  };
}

export type OnePlan = Plan & Omit<ThingPlan, "id">;

export function makePlan(view: OneThing, fonts: FontLookup): OnePlan {
  const plan = planClass(wholeClass(view), fonts);
  return { ...(plan.things[0] as ThingPlan), ...plan };
}

export function letterKits(
  view: OneThing,
  fonts: FontLookup,
): Pick<OnePlan, "face" | "lettered" | "kits"> {
  const { things, kits } = letterClass(wholeClass(view), fonts);
  return { ...(things[0] as ThingPlan), kits };
}

export const applyRemedy = (view: OneThing, remedy: Remedy): OneThing =>
  oneThing(applyToClass(wholeClass(view), remedy));

/**
 * Given as it is written here, or as a document of any version; paths of faults are those of the
 * one thing.
 */
export function readOneThing(given: unknown): Checked<OneThing> {
  const json =
    given !== null && typeof given === "object" && "thing" in given && "design" in given
      ? wholeClass(given as OneThing)
      : given;
  const read = readClassDocument(JSON.parse(JSON.stringify(json ?? null)));
  if (read.ok) return { ok: true, value: oneThing(read.value) };
  return {
    ...read,
    path: read.path
      .replace("$.things[0].", "$.")
      .replace(/(\$\.seats\[\d+\])\.things\.thing/u, "$1"),
  };
}

export const oneThingSchema = {
  parse(given: unknown): OneThing {
    const read = readOneThing(given);
    if (!read.ok) throw new Error(`${read.path}: ${read.message}`);
    return read.value;
  },
};
