"use server";

import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { renewCalendarLink, revokeCalendarLinks } from "@/data/calendar-links.ts";
import { withStudio } from "@/data/client.ts";
import { freshCode } from "@/live/link-code.ts";
import { act } from "@/requests/act.ts";

/** Nobody guesses it: 40 of 31 signs are 198 bits. */
const LETTERS = 40;

/**
 * Makes a private code for the calendar, a new one in its place, or takes it back.
 * Returns the code that holds from now on, null for none. The page is not drawn anew for it:
 * the evenings of a full studio take seconds, and an address to be taken back must not wait for
 * them.
 */
export const calendarCode = act(
  [z.enum(["make", "revoke"])],
  () => ({ code: null }),
  async (want: "make" | "revoke"): Promise<{ code: string | null }> => {
    const host = await requireHost();
    if (want === "revoke") {
      await withStudio(host.studioId, (sql) => revokeCalendarLinks(sql, host));
      return { code: null };
    }
    if (want !== "make") throw new Error("A calendar's address is made or taken back");
    const code = freshCode(LETTERS);
    await withStudio(host.studioId, (sql) => renewCalendarLink(sql, host, code));
    return { code };
  },
);
