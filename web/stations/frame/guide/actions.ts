"use server";

import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { setGuide } from "@/data/guide.ts";
import { act, takes } from "@/requests/act.ts";

const stepName = z
  .string()
  .regex(/^[a-z][a-z0-9-]{0,30}$/u)
  .nullable();

/** Goes on to a thing of the guide; null leaves it. */
export const guideTo = act(
  [takes.id, takes.text.nullable()],
  () => false,
  async (id: string, step: string | null): Promise<boolean> => {
    const host = await requireHost();
    const read = stepName.safeParse(step);
    if (!read.success) return false;
    const done = await withStudio(host.studioId, (sql) => setGuide(sql, id, read.data));
    revalidatePath(`/classes/${id}`, "layout");
    return done;
  },
);
