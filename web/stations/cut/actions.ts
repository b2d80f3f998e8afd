"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { addLog } from "@/data/log.ts";
import { listSheets, markSheet } from "@/data/making.ts";
import { isId } from "@/planning/planned-class.ts";

export async function markLoad(id: string, nn: number, cut: boolean): Promise<{ ok: boolean }> {
  const host = await requireHost();
  if (!isId(id) || !Number.isInteger(nn)) return { ok: false };
  const ok = await withStudio(host.studioId, async (sql) => {
    const sheet = (await listSheets(sql, id)).find((row) => row.nn === nn);
    if (!sheet || !(await markSheet(sql, id, nn, cut))) return false;
    if (cut) await addLog(sql, host.studioId, id, { kind: "cut", body: { sheet: nn, vinyl: sheet.vinyl, plannedMinutes: sheet.meta.cutMinutes + sheet.meta.loadMinutes } });
    return true;
  });
  if (ok) revalidatePath(`/classes/${id}`, "layout");
  return { ok };
}
