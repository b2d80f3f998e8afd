import { fEventsWords } from "@/app/words.ts";
import { keptLink } from "@/live/kept.ts";
import { liveStream } from "@/live/stream.ts";

export const dynamic = "force-dynamic";

export async function GET(
  request: Request,
  { params }: { params: Promise<{ code: string }> },
): Promise<Response> {
  const { code } = await params;
  const found = await keptLink(code);
  if (!found) return new Response(fEventsWords().thisLink, { status: 404 });
  return liveStream(
    found.studioId,
    found.workshopId,
    "phones",
    request.signal,
    async () => (await keptLink(code)) !== null,
  );
}
