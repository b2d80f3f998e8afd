"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { throwAway } from "@/data/scraps.ts";

export async function throwScrapAway(label: string): Promise<void> {
  const host = await requireHost();
  if (typeof label !== "string" || label.length > 20) return;
  await withStudio(host.studioId, (sql) => throwAway(sql, label));
  revalidatePath("/shelf");
}
