"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { addRecut } from "@/cutting/recut.ts";
import { withStudio } from "@/data/client.ts";
import { addLog } from "@/data/log.ts";
import { finishWeeding, markRecut, reopenWeeding, runWeedTimer } from "@/data/making.ts";
import { isId } from "@/planning/planned-class.ts";

export type WeedAct =
  | { readonly act: "start" | "pause" | "done" | "flawed" | "reopen" }
  | { readonly act: "recut"; readonly reason: string /** Null: all colours of the kit. */; readonly vinyl: string | null };

export async function weedAct(id: string, seat: string, what: WeedAct): Promise<{ ok: boolean }> {
  const host = await requireHost();
  if (!isId(id) || typeof seat !== "string" || seat.length > 40) return { ok: false };
  await withStudio(host.studioId, async (sql) => {
    switch (what.act) {
      case "start":
        return runWeedTimer(sql, id, seat, true);
      case "pause":
        return runWeedTimer(sql, id, seat, false);
      case "reopen":
        return reopenWeeding(sql, id, seat);
      case "recut":
        await markRecut(sql, id, seat, what.reason.slice(0, 120));
        await addRecut(sql, host.studioId, id, { seat, vinyl: what.vinyl, label: `Seat ${seat} cut again` });
        await addLog(sql, host.studioId, id, { kind: "lost", seat, body: { reason: what.reason.slice(0, 120) } });
        return;
      default: {
        const minutes = await finishWeeding(sql, id, seat, what.act === "flawed");
        // Done without the timer says nothing about how long it took.
        if (minutes !== null) await addLog(sql, host.studioId, id, { kind: "weeded", seat, minutes: minutes > 0 ? minutes : undefined, body: { flawed: what.act === "flawed" } });
      }
    }
  });
  revalidatePath(`/classes/${id}`, "layout");
  return { ok: true };
}
