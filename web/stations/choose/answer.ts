/** What a participant chooses: shown, and asked of the host. */
import * as z from "zod";
import { makeChoice } from "@/data/choices.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { decalSvg } from "@/planning/compute.ts";
import { fontsOf } from "@/planning/fonts-of.ts";
import type { DecalPicture } from "@/workers/decals.ts";
import { allowedChoice, type ChoosingClass, choosingClass, seatAlone } from "./choosing.ts";
import type { Refusal } from "./words-en.ts";

export type ChooseAnswer =
  | { readonly ok: true; readonly decals: readonly DecalPicture[] }
  | { readonly ok: false; readonly why: Refusal };

export const chosenSchema = z.strictObject({
  seat: z.string().min(1).max(40),
  /** A sign that this phone keeps. */
  phone: z.string().regex(/^[0-9a-f]{32}$/u),
  choice: z.unknown(),
  ask: z.boolean(),
});
export type Chosen = z.infer<typeof chosenSchema>;

/** Tries in ten minutes: a participant plays a little, a machine does not. */
const MOST_TRIES = 60;

/** Shows the own decal with a choice; with `ask`, the host is asked for it as well. */
export async function choose(
  code: string,
  { seat, phone, choice: given, ask }: Chosen,
): Promise<ChooseAnswer> {
  const found = await choosingClass(code);
  if (!found) return { ok: false, why: "closed" };
  if (!found.document.seats.some((row) => row.seat === seat)) return { ok: false, why: "noSeat" };
  const allowed = await withoutStudio((sql) =>
    attemptAllowed(sql, `choose:${code.slice(0, 60)}:${seat}`, MOST_TRIES, 600),
  );
  if (!allowed) return { ok: false, why: "often" };
  const choice = allowedChoice(found.document, given);
  if (!choice) return { ok: false, why: "notOffered" };
  if (ask && found.locked) return { ok: false, why: "locked" };
  if (ask) {
    const kept = await withStudio(found.studioId, (sql) =>
      makeChoice(sql, found.studioId, found.workshopId, seat, choice, phone),
    );
    if (!kept) return { ok: false, why: "othersPhone" };
  }
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
    return { ok: true, decals };
  } catch {
    return { ok: false, why: ask ? "askedUnseen" : "unseen" };
  }
}
