"use server";

import { classDocumentSchema } from "@elm-basket/core/document/document.ts";
import { seatsMaking } from "@elm-basket/core/document/new-thing.ts";
import { withoutThing } from "@elm-basket/core/proposal/add-thing.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { studioPace } from "@/data/pace.ts";
import { computePlan } from "@/planning/compute.ts";
import { type Effect, effectOf } from "@/planning/effect.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { act, takes } from "@/requests/act.ts";
import { whatIfActionsWords } from "./words.ts";

/**
 * What the class would take without some of its things, planned anew. Saves nothing. Null where
 * nothing would be left, or no such thing is made.
 */
export const withoutThings = act(
  [takes.id, takes.list],
  () => null,
  async (id: string, out: readonly string[]): Promise<Effect | null> => {
    const host = await requireHost();
    const planned =
      Array.isArray(out) && out.every((thing) => typeof thing === "string")
        ? await plannedClass(host.studioId, id)
        : null;
    if (!planned?.ok) return null;
    const { document, plan } = planned.value;
    const gone = document.things.filter(
      (thing) =>
        out.includes(thing.id) || (thing.sideOf !== undefined && out.includes(thing.sideOf)),
    );
    if (gone.length === 0 || gone.length === document.things.length) return null;
    const ways = {
      schools: host.studio.settings.schools,
      share: (await withStudio(host.studioId, studioPace)).share,
    };
    let made = document;
    // A side goes with its object.
    for (const { id: thing } of gone)
      if (made.things.some((one) => one.id === thing))
        made = { ...made, ...withoutThing(made, thing, { ...ways, document: made }) };
    const left = new Set(made.things.map(({ id: thing }) => thing));
    const read = classDocumentSchema.safeParse({
      ...made,
      seats: seatsMaking(document.seats, made.things),
      recuts: document.recuts.filter(({ thing }) => thing === undefined || left.has(thing)),
      layout: { ...document.layout, kept: [] },
    });
    if (!read.success) return null;
    const other = await computePlan(read.data, await fontsOf(host.studioId, read.data));
    const effect = effectOf(plan, other.plan, [...new Set(plan.vinyl.map(({ vinyl }) => vinyl))]);
    return {
      rows: [
        ...effect.rows,
        {
          what: whatIfActionsWords().theClass,
          before: showMinutes(plan.runSheet.endMinute),
          after: showMinutes(other.plan.runSheet.endMinute),
        },
      ],
    };
  },
);
