import { boundedText } from "@/bench/bounded-text.ts";
import { withoutStudio } from "@/data/client.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { keptLink } from "@/live/kept.ts";
import { saysSchema, tellHost } from "@/live/says.ts";

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
  const text = await boundedText(request, MOST_BYTES);
  if (text === null) return new Response("Too much at once.", { status: 413 });
  const says = saysSchema.safeParse(parsed(text));
  if (!says.success)
    return new Response(
      `That cannot be said: ${says.error.issues[0]?.path.join(".")} ${says.error.issues[0]?.message}`,
      { status: 400 },
    );
  const allowed = await withoutStudio(
    async (sql) =>
      (await attemptAllowed(sql, `says:${code}`, MOST_OF_LINK, 600)) &&
      (await attemptAllowed(sql, `says:${code}:${says.data[0]?.seat}`, MOST_OF_SEAT, 600)),
  );
  if (!allowed) return new Response("That was often. Wait a little.", { status: 429 });
  return Response.json(
    { answers: await tellHost(found, says.data) },
    { headers: { "cache-control": "no-store" } },
  );
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
