"use server";

import { seatsMaking } from "@elm-basket/core/document/new-thing.ts";
import { withoutThing } from "@elm-basket/core/proposal/add-thing.ts";
import { schoolsOf } from "@elm-basket/core/proposal/situation.ts";
import { requireHost } from "@/account/session.ts";
import { readClass } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { studioPace } from "@/data/pace.ts";
import { act, takes } from "@/requests/act.ts";
import { saveClassPart } from "@/stations/frame/actions.ts";
import { thingActionsWords } from "./words.ts";

/**
 * Takes a thing out that seats have something of their own on: two edits, so that undo brings first
 * the thing and then the seats' own back. False when another window was faster.
 */
export const takeThingOut = act(
  [takes.id, takes.text],
  () => false,
  async (id: string, thing: string): Promise<boolean> => {
    const say = thingActionsWords();
    const host = await requireHost();
    const stored = await withStudio(host.studioId, (sql) => readClass(sql, id));
    const gone = stored?.document.things.find((one) => one.id === thing);
    if (!stored || !gone || stored.document.things.length < 2) return false;
    const { document, versions } = stored;
    const next = withoutThing(document, thing, {
      document,
      schools: schoolsOf(document, host.studio.settings.schools),
      share: (await withStudio(host.studioId, studioPace)).share,
    });
    const label = say.removed(gone.title);
    const seats = seatsMaking(document.seats, next.things);
    if (
      JSON.stringify(seats) !== JSON.stringify(document.seats) &&
      !(await saveClassPart(id, "seats", seats, versions.seats, say.whatSeatsHadOfTheir(label))).ok
    )
      return false;
    const { things, steps, tools, supplies, preparation, proposed } = document;
    return (
      await saveClassPart(id, "class", next, versions.class, label, {
        things,
        steps,
        tools,
        supplies,
        preparation,
        ...(proposed ? { proposed } : {}),
      })
    ).ok;
  },
);
