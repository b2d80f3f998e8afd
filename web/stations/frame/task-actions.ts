"use server";

import { revalidatePath } from "next/cache";
import { requireMember } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { markTask } from "@/data/task-marks.ts";
import { act, takes } from "@/requests/act.ts";

const TASK = /^:?[a-z][a-z0-9-]{0,40}$/u;

/** Says that a task of the preparation is done, or not after all. */
export const markTaskDone = act(
  [takes.id, takes.text, takes.on],
  () => false,
  async (id: string, task: string, on: boolean): Promise<boolean> => {
    const host = await requireMember();
    if (typeof task !== "string" || !TASK.test(task)) return false;
    const ok = await withStudio(host.studioId, (sql) =>
      markTask(sql, host.studioId, id, task, on === true),
    );
    if (ok) {
      revalidatePath(`/classes/${id}`, "layout");
      revalidatePath("/");
    }
    return ok;
  },
);
