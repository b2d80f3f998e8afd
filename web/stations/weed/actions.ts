"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { hasClass } from "@/data/films.ts";
import { linkCode, revokeLinks } from "@/data/tokens.ts";
import { freshCode } from "@/live/link-code.ts";
import { isId } from "@/planning/planned-class.ts";

/** A link for helpers, a new one in its place, or none. False where the studio has no such class. */
export async function benchLink(id: string, want: "make" | "renew" | "revoke"): Promise<boolean> {
  const host = await requireHost();
  if (!isId(id) || (want !== "make" && want !== "renew" && want !== "revoke")) return false;
  const done = await withStudio(host.studioId, async (sql) => {
    if (!(await hasClass(sql, id))) return false;
    if (want !== "make") await revokeLinks(sql, id, "bench");
    if (want !== "revoke") await linkCode(sql, host.studioId, id, "bench", freshCode());
    return true;
  });
  revalidatePath(`/classes/${id}/weed`);
  return done;
}
