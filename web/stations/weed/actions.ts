"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { requireHost } from "@/account/session.ts";
import { addRecut } from "@/cutting/recut.ts";
import { withStudio } from "@/data/client.ts";
import { addLog } from "@/data/log.ts";
import { finishWeeding, markRecut, reopenWeeding, runWeedTimer, thingsOfPieces } from "@/data/making.ts";
import { takeKit } from "@/data/stock-taking.ts";
import { isId } from "@/planning/planned-class.ts";

const whatSchema = z.discriminatedUnion("act", [
  z.object({ act: z.enum(["start", "pause", "done", "flawed", "reopen"]) }),
  z.object({
    act: z.literal("recut"),
    reason: z.string().max(120),
    vinyl: z.string().max(80).nullable().describe("null: all colours of the kit"),
    pieces: z.array(z.string().max(160)).max(500).describe("names of what failed; none: all of it"),
  }),
]);
export type WeedAct = z.infer<typeof whatSchema>;
export async function weedAct(id: string, seat: string, wanted: WeedAct): Promise<{ ok: boolean }> {
  const host = await requireHost();
  const { data: what } = whatSchema.safeParse(wanted);
  if (!isId(id) || typeof seat !== "string" || seat.length > 40 || !what) return { ok: false };
  await withStudio(host.studioId, async (sql) => {
    switch (what.act) {
      case "start":
        return runWeedTimer(sql, id, seat, true);
      case "pause":
        return runWeedTimer(sql, id, seat, false);
      case "reopen":
        await reopenWeeding(sql, id, seat);
        return takeKit(sql, host.studioId, id, seat, false);
      case "recut": {
        await markRecut(sql, id, seat, what.reason);
        const things = await thingsOfPieces(sql, id, seat, what.pieces);
        // It is out of its bag again: what was packed with it is back on the shelf until it is packed anew.
        await takeKit(sql, host.studioId, id, seat, false);
        await addRecut(sql, host.studioId, id, { seat, vinyl: what.vinyl, pieces: what.pieces, label: `Seat ${seat} cut again` });
        await addLog(sql, host.studioId, id, { kind: "lost", seat, body: { reason: what.reason, things: things.join(" ") } });
        return;
      }
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
