import { fSeatWords } from "@/app/words.ts";
import { keptLink } from "@/live/kept.ts";
import { seatView } from "@/live/seat-view.ts";

export const dynamic = "force-dynamic";

/** The own seat's decal and figures, for who follows by the link. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ code: string }> },
): Promise<Response> {
  const say = fSeatWords();
  const { code } = await params;
  const seat = new URL(request.url).searchParams.get("seat") ?? "";
  const found = await keptLink(code);
  if (!found) return new Response(say.thisLink, { status: 404 });
  const view = seat.length > 40 ? null : await seatView(found.studioId, found.workshopId, seat);
  return view
    ? Response.json(view, { headers: { "cache-control": "private, max-age=60" } })
    : new Response(say.thereIsNoSuchSeat, { status: 404 });
}
