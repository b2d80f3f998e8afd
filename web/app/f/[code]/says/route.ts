import { withoutStudio } from "@/data/client.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { keptLink } from "@/live/kept.ts";
import { saysSchema, tellHost } from "@/live/says.ts";
import { postedJson } from "@/requests/posted-json.ts";

export const dynamic = "force-dynamic";

const MOST_BYTES = 40_000;
/** In ten minutes, of one seat and of all that follow one link. */
const [MOST_OF_SEAT, MOST_OF_LINK] = [60, 20_000];

export async function POST(
  request: Request,
  { params }: { params: Promise<{ code: string }> },
): Promise<Response> {
  const { code } = await params;
  const found = await keptLink(code);
  if (!found)
    return new Response("This link is not in use any more. Ask your host.", { status: 404 });
  const posted = await postedJson(request, saysSchema, MOST_BYTES, "That cannot be said");
  if ("refused" in posted) return posted.refused;
  const says = posted.value;
  const allowed = await withoutStudio(
    async (sql) =>
      (await attemptAllowed(sql, `says:${code}`, MOST_OF_LINK, 600)) &&
      (await attemptAllowed(sql, `says:${code}:${says[0]?.seat}`, MOST_OF_SEAT, 600)),
  );
  if (!allowed) return new Response("That was often. Wait a little.", { status: 429 });
  return Response.json(
    { answers: await tellHost(found, says) },
    { headers: { "cache-control": "no-store" } },
  );
}
