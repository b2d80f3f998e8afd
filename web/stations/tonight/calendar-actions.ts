"use server";

import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { renewCalendarLink, revokeCalendarLinks } from "@/data/calendar-links.ts";
import { withStudio } from "@/data/client.ts";
import { freshCode } from "@/live/link-code.ts";

/** Nobody guesses it: 40 of 31 signs are 198 bits. */
const LETTERS = 40;

/** Makes a private address for the calendar, a new one in its place, or takes it back. */
export async function calendarAddress(want: "make" | "revoke"): Promise<boolean> {
  const host = await requireHost();
  if (want !== "make" && want !== "revoke") return false;
  await withStudio(host.studioId, (sql) => (want === "make" ? renewCalendarLink(sql, host, freshCode(LETTERS)) : revokeCalendarLinks(sql, host)));
  revalidatePath("/");
  return true;
}
