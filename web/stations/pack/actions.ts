"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { addLog } from "@/data/log.ts";
import { markKit } from "@/data/making.ts";
import { isId } from "@/planning/planned-class.ts";

export async function packKit(id: string, seat: string, what: "checked" | "packed", on: boolean): Promise<{ ok: boolean }> {
  const host = await requireHost();
  if (!isId(id) || (what !== "checked" && what !== "packed")) return { ok: false };
  await withStudio(host.studioId, async (sql) => {
    await markKit(sql, id, seat, what, on);
    if (on) await addLog(sql, host.studioId, id, { kind: what, seat });
  });
  revalidatePath(`/classes/${id}`, "layout");
  return { ok: true };
}
