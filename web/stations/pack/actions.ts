"use server";

import { madeOf } from "@elm-basket/core/plan/thing-document.ts";
import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { addLog } from "@/data/log.ts";
import { markKit } from "@/data/making.ts";
import { takeKit, takeRoom } from "@/data/stock-taking.ts";
import { isId, plannedClass } from "@/planning/planned-class.ts";

export async function packKit(id: string, seat: string, what: "checked" | "packed", on: boolean): Promise<{ ok: boolean }> {
  const host = await requireHost();
  if (!isId(id) || (what !== "checked" && what !== "packed")) return { ok: false };
  const ok = await withStudio(host.studioId, async (sql) => {
    if (!(await markKit(sql, id, seat, what, on))) return false;
    // Bags are counted by what is packed: unpacking, or no longer being checked, puts it back.
    if (what === "packed") await takeKit(sql, host.studioId, id, seat, on);
    if (on) await addLog(sql, host.studioId, id, { kind: what, seat });
    return true;
  });
  if (ok) revalidatePath(`/classes/${id}`, "layout");
  return { ok };
}

/** The box for room and tables: what is shared, and the spares. */
export async function packRoom(id: string, on: boolean): Promise<{ ok: boolean }> {
  const host = await requireHost();
  const planned = isId(id) ? await plannedClass(host.studioId, id) : null;
  if (!planned?.ok) return { ok: false };
  const { document, plan } = planned.value;
  const needs = new Map(plan.supplies.map((line) => [line.id, line.need]));
  await withStudio(host.studioId, (sql) =>
    takeRoom(
      sql,
      host.studioId,
      id,
      on === true,
      (line) => needs.get(line) ?? 0,
      (thing) => madeOf(document, thing),
    ),
  );
  revalidatePath(`/classes/${id}`, "layout");
  return { ok: true };
}
