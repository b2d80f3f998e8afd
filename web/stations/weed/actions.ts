"use server";

import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost, requireMember } from "@/account/session.ts";
import { takeBackRecut } from "@/cutting/recut.ts";
import { withStudio } from "@/data/client.ts";
import { hasClass } from "@/data/films.ts";
import { markTaped } from "@/data/taping.ts";
import { linkCode, revokeLinks } from "@/data/tokens.ts";
import { freshCode } from "@/live/link-code.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { actionsWords } from "./words.ts";

/**
 * A link for helpers, a new one in its place, or none. False where the studio has no such class.
 */
export const benchLink = act(
  [takes.id, z.enum(["make", "renew", "revoke"])],
  () => false,
  async (id: string, want: "make" | "renew" | "revoke"): Promise<boolean> => {
    const host = await requireHost();
    if (want !== "make" && want !== "renew" && want !== "revoke") return false;
    const done = await withStudio(host.studioId, async (sql) => {
      if (!(await hasClass(sql, id))) return false;
      if (want !== "make") await revokeLinks(sql, id, "bench");
      if (want !== "revoke") await linkCode(sql, host.studioId, id, "bench", freshCode());
      return true;
    });
    revalidatePath(`/classes/${id}/weed`);
    return done;
  },
);

const filmNames = z.array(z.string().min(1).max(160)).min(1).max(6000);

/** Tape lies on these films, or not after all. What is not weeded cannot lie under it. */
export const tapedKits = act(
  [takes.id, takes.list, takes.on],
  no,
  async (id: string, films: readonly string[], on: boolean): Promise<ActAnswer> => {
    const say = actionsWords();
    const host = await requireMember();
    const read = filmNames.safeParse(films);
    if (!read.success || typeof on !== "boolean")
      return { ok: false, message: say.thatCannotBeMarked };
    const marked = await withStudio(host.studioId, (sql) => markTaped(sql, id, read.data, on));
    revalidatePath(`/classes/${id}/weed`);
    if (marked === 0)
      return {
        ok: false,
        message: say.nothingOfItIsWeeded(on),
      };
    return { ok: true };
  },
);

const backWords = () => ({
  gone: actionsWords().itIsNotWaiting,
  cut: actionsWords().itIsCutAlready,
});

/** What was told as lost is found, or was a slip: nothing is cut again for it. */
export const foundAgain = act(
  [takes.id, takes.text],
  no,
  async (id: string, film: string): Promise<ActAnswer> => {
    const host = await requireMember();
    const read = filmNames.element.safeParse(film);
    if (!read.success) return { ok: false, message: backWords().gone };
    const back = await withStudio(host.studioId, (sql) =>
      takeBackRecut(sql, host.studioId, id, read.data),
    );
    revalidatePath(`/classes/${id}/weed`);
    return back === "done" ? { ok: true } : { ok: false, message: backWords()[back] };
  },
);
