"use server";

import { makeChoice } from "@/data/choices.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { decalSvg } from "@/planning/compute.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import type { DecalPicture } from "@/workers/decals.ts";
import { allowedChoice, type ChoosingClass, choosingClass, seatAlone } from "./choosing.ts";

export type ChooseAnswer =
  | { readonly ok: true; readonly decals: readonly DecalPicture[]; readonly message: string }
  | { readonly ok: false; readonly message: string };

const CLOSED = "This link is not in use any more. Ask your host.";
/** Tries in ten minutes: a participant plays a little, a machine does not. */
const MOST_TRIES = 60;

/** Shows the own decal with a choice; with `ask`, the host is asked for it as well. */
export async function choose(
  code: string,
  seat: string,
  given: unknown,
  ask: boolean,
): Promise<ChooseAnswer> {
  const found = await choosingClass(code);
  if (!found) return { ok: false, message: CLOSED };
  if (!found.document.seats.some((row) => row.seat === seat))
    return { ok: false, message: "Choose your name first." };
  const allowed = await withoutStudio((sql) =>
    attemptAllowed(sql, `choose:${String(code).slice(0, 60)}:${seat}`, MOST_TRIES, 600),
  );
  if (!allowed) return { ok: false, message: "That was often. Wait a few minutes." };
  const choice = allowedChoice(found.document, given);
  if (!choice)
    return {
      ok: false,
      message:
        "That cannot be chosen here: names have up to 120 letters, colours are those on offer.",
    };
  if (ask && found.locked)
    return { ok: false, message: "The names are locked: your kit is being cut. Ask your host." };
  if (ask)
    await withStudio(found.studioId, (sql) =>
      makeChoice(sql, found.studioId, found.workshopId, seat, choice),
    );
  return picture(found, seat, choice, ask);
}

async function picture(
  found: ChoosingClass,
  seat: string,
  choice: NonNullable<ReturnType<typeof allowedChoice>>,
  ask: boolean,
): Promise<ChooseAnswer> {
  try {
    const document = seatAlone(found, seat, choice);
    const decals = await decalSvg(document, await fontsOf(found.studioId, document), seat);
    return { ok: true, decals, message: ask ? "Your host has it, and decides." : "" };
  } catch {
    return {
      ok: false,
      message: ask
        ? "Your host has it. It cannot be shown here."
        : "This cannot be shown. Try another spelling.",
    };
  }
}
