import { currentHost, ownSession, stands } from "@/account/session.ts";
import { liveEventsWords } from "@/app/words.ts";
import { liveClass } from "@/live/state.ts";
import { liveStream } from "@/live/stream.ts";
import { isId } from "@/planning/planned-class.ts";

export const dynamic = "force-dynamic";

export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const say = liveEventsWords();
  const { id } = await params;
  const host = await currentHost();
  if (!host) return new Response(say.signInFirst, { status: 401 });
  const live = isId(id) ? await liveClass(host.studioId, id) : null;
  if (!live) return new Response(say.thereIsNoSuchClass, { status: 404 });
  const session = await ownSession();
  return liveStream(host.studioId, id, "stage", request.signal, () => stands(session, true));
}
