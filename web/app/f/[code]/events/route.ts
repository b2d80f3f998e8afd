import { withoutStudio } from "@/data/client.ts";
import { workshopForCode } from "@/data/tokens.ts";
import { liveStream } from "@/live/stream.ts";

export const dynamic = "force-dynamic";

export async function GET(request: Request, { params }: { params: Promise<{ code: string }> }): Promise<Response> {
  const { code } = await params;
  const link = () => withoutStudio((sql) => workshopForCode(sql, code.slice(0, 60), "follow"));
  const found = await link();
  if (!found) return new Response("This link is not in use.", { status: 404 });
  return liveStream(found.studioId, found.workshopId, "phones", request.signal, async () => (await link()) !== null);
}
