"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { giveUpTaken } from "@/data/scraps.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { act, takes } from "@/requests/act.ts";

/** What lies on scraps that another class has is laid again without them. */
export const layWithoutTaken = act(
  [takes.id],
  () => false,
  async (id: string): Promise<boolean> => {
    const host = await requireHost();
    const given = await withStudio(host.studioId, (sql) => giveUpTaken(sql, id));
    if (given > 0) await plannedClass(host.studioId, id);
    revalidatePath(`/classes/${id}`, "layout");
    return given > 0;
  },
);
