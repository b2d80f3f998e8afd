"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { linkCode, revokeLinks } from "@/data/tokens.ts";
import { isId } from "@/planning/planned-class.ts";
import { freshCode } from "./link-code.ts";
import type { StageState } from "./live-class.ts";
import { perform, type StageAct, stageActSchema } from "./perform.ts";
import { liveClass, stageState } from "./state.ts";

/**
 * Acts on the run if it is still as the caller saw it; either way the answer is what is true now.
 */
export async function stageAct(
  id: string,
  act: StageAct,
  version: number,
): Promise<StageState | null> {
  const host = await requireHost();
  const read = stageActSchema.safeParse(act);
  if (
    !isId(id) ||
    !read.success ||
    !Number.isSafeInteger(version) ||
    version < 0 ||
    version > 2_000_000_000
  )
    return null;
  const live = await liveClass(host.studioId, id);
  if (!live || live.steps.length === 0) return null;
  await withStudio(host.studioId, (sql) =>
    perform(sql, { studioId: host.studioId, workshopId: id, live }, read.data, version),
  );
  if (read.data.act === "begin" || read.data.act === "end")
    revalidatePath(`/classes/${id}`, "layout");
  return stageState(host.studioId, id, live);
}

export async function renewCode(id: string): Promise<void> {
  const host = await requireHost();
  if (!isId(id)) return;
  await withStudio(host.studioId, async (sql) => {
    await revokeLinks(sql, id, "follow");
    await linkCode(sql, host.studioId, id, "follow", freshCode());
  });
  revalidatePath(`/classes/${id}/teach`);
}
