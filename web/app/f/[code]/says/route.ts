import { fSaysWords } from "@/app/words.ts";
import { keptLink } from "@/live/kept.ts";
import { saysSchema, tellHost } from "@/live/says.ts";
import { Limiter } from "@/requests/limiter.ts";
import { postedJson } from "@/requests/posted-json.ts";

export const dynamic = "force-dynamic";

const MOST_BYTES = 40_000;
/** In ten minutes, of one phone and of all that follow one link. */
const [MOST_OF_PHONE, MOST_OF_LINK] = [120, 20_000];
const limiter = new Limiter(600_000);

export async function POST(
  request: Request,
  { params }: { params: Promise<{ code: string }> },
): Promise<Response> {
  const say = fSaysWords();
  const { code } = await params;
  const found = await keptLink(code);
  if (!found) return new Response(say.thisLink2, { status: 404 });
  const posted = await postedJson(request, saysSchema, MOST_BYTES, say.thatCannotBeSaid);
  if ("refused" in posted) return posted.refused;
  const own = `${code} ${posted.value.phone}`;
  if (!limiter.allows(code, MOST_OF_LINK) || !limiter.allows(own, MOST_OF_PHONE))
    return new Response(say.thatWasOftenWait, { status: 429 });
  return Response.json(
    { answers: await tellHost(found, posted.value) },
    { headers: { "cache-control": "no-store" } },
  );
}
