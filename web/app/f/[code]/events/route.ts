import { withoutStudio } from "@/data/client.ts";
import { workshopForCode } from "@/data/tokens.ts";
import { liveClass } from "@/live/state.ts";
import { liveStream } from "@/live/stream.ts";

export const dynamic = "force-dynamic";

export async function GET(request: Request, { params }: { params: Promise<{ code: string }> }): Promise<Response> {
  const { code } = await params;
  const found = await withoutStudio((sql) => workshopForCode(sql, code, "follow"));
  const live = found && (await liveClass(found.studioId, found.workshopId));
  if (!found || !live) return new Response("This link is not in use.", { status: 404 });
  return liveStream(found.studioId, found.workshopId, live.steps, request.signal);
}
