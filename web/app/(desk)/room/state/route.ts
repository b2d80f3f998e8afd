import { currentHost } from "@/account/session.ts";
import { roomStateWords } from "@/app/words.ts";
import { readState } from "@/room/state.ts";

export const dynamic = "force-dynamic";

/** How the door to the room is now; null where there is none. */
export async function GET(): Promise<Response> {
  if (!(await currentHost())) return new Response(roomStateWords().signInFirst, { status: 401 });
  return Response.json(readState(), { headers: { "cache-control": "no-store" } });
}
