import { cChooseWords } from "@/app/words.ts";
import { postedJson } from "@/requests/posted-json.ts";
import { choose, chosenSchema } from "@/stations/choose/answer.ts";

export const dynamic = "force-dynamic";

/** A choice: a name, a colour, the outline of a cup that is brought. */
const MOST_BYTES = 20_000;

export async function POST(
  request: Request,
  { params }: { params: Promise<{ code: string }> },
): Promise<Response> {
  const { code } = await params;
  const posted = await postedJson(
    request,
    chosenSchema,
    MOST_BYTES,
    cChooseWords().thatCannotBeChosen,
  );
  if ("refused" in posted) return posted.refused;
  return Response.json(await choose(code, posted.value), {
    headers: { "cache-control": "no-store" },
  });
}
