import { currentMember } from "@/account/session.ts";
import { classesSearchingWords } from "@/app/words.ts";
import { searchStatus } from "@/planning/searches.ts";

/** How far the search for a tighter layout has come, for a page that watches it. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const host = await currentMember();
  if (!host) return new Response(classesSearchingWords().signInFirst, { status: 401 });
  return Response.json(
    { search: searchStatus(host.studioId, id) },
    { headers: { "cache-control": "no-store" } },
  );
}
