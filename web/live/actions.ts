"use server";

import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { hasClass } from "@/data/films.ts";
import { linkCode, revokeLinks } from "@/data/tokens.ts";
import { act, takes } from "@/requests/act.ts";
import { freshCode } from "./link-code.ts";
import type { StageState } from "./live-class.ts";
import { perform, type StageAct, stageActSchema } from "./perform.ts";
import { liveClass, stageState } from "./state.ts";

/**
 * Acts on the run if it is still as the caller saw it; either way the answer is what is true now.
 */
export const stageAct = act(
  [takes.id, takes.own<StageAct>(), takes.version],
  () => null,
  async (id: string, asked: StageAct, version: number): Promise<StageState | null> => {
    const host = await requireHost();
    const read = stageActSchema.safeParse(asked);
    if (!read.success) return null;
    const live = await liveClass(host.studioId, id);
    if (!live || live.steps.length === 0) return null;
    await withStudio(host.studioId, (sql) =>
      perform(sql, { studioId: host.studioId, workshopId: id, live }, read.data, version),
    );
    if (read.data.act === "begin" || read.data.act === "end")
      revalidatePath(`/classes/${id}`, "layout");
    return stageState(host.studioId, id, live);
  },
);

export const renewCode = act(
  [takes.id, z.enum(["follow", "choose"])],
  () => undefined,
  async (id: string, kind: "follow" | "choose"): Promise<void> => {
    const host = await requireHost();
    await withStudio(host.studioId, async (sql) => {
      if (!(await hasClass(sql, id))) return;
      await revokeLinks(sql, id, kind);
      await linkCode(sql, host.studioId, id, kind, freshCode());
    });
    revalidatePath(`/classes/${id}`, "layout");
  },
);
