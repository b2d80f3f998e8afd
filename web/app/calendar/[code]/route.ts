import { currentHost } from "@/account/session.ts";
import { calendarWords } from "@/app/words.ts";
import { calendarFor } from "@/data/calendar-links.ts";
import { withoutStudio, withStudio } from "@/data/client.ts";
import { attemptAllowed, readStudio } from "@/data/sign-in.ts";
import type { Desk } from "@/stations/tonight/load-tonight.ts";
import { studioCalendar } from "@/stations/tonight/studio-calendar.ts";

const CODE = /^[a-z0-9]{24,60}$/u;
/** Calendars ask a few times an hour; nobody needs more. */
const [MOST_READS, WINDOW_SECONDS] = [60, 3600];
const MINUTE_MS = 60_000;

/** `mine`: a file for the host who is signed in. Else the private address that a calendar reads. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ code: string }> },
): Promise<Response> {
  const say = calendarWords();
  const { code } = await params;
  const mine = code === "mine";
  const desk = mine ? await currentHost() : await deskFor(code);
  if (desk === "often")
    return new Response(say.askedTooOftenTryAgain, {
      status: 429,
      headers: { "retry-after": String(WINDOW_SECONDS) },
    });
  if (!desk)
    return new Response(say.signInFirstThisAddress(mine), {
      status: mine ? 401 : 404,
    });
  const text = await studioCalendar(desk, Math.floor(Date.now() / MINUTE_MS) * MINUTE_MS);
  return new Response(text, {
    headers: {
      "content-type": "text/calendar; charset=utf-8",
      "cache-control": "private, no-store",
      ...(mine ? { "content-disposition": 'attachment; filename="elm-basket.ics"' } : {}),
    },
  });
}

async function deskFor(code: string): Promise<Desk | "often" | null> {
  if (!CODE.test(code)) return null;
  const signed = await withoutStudio((sql) => calendarFor(sql, code));
  if (!signed) return null;
  if (
    !(await withoutStudio((sql) =>
      attemptAllowed(sql, `calendar:${code}`, MOST_READS, WINDOW_SECONDS),
    ))
  )
    return "often";
  const studio = await withStudio(signed.studioId, (sql) => readStudio(sql, signed));
  return studio && { studioId: signed.studioId, studio };
}
