import { currentHost } from "@/account/session.ts";
import { follow, syncCutting } from "@/cutting/job.ts";
import { cutterStatus } from "@/cutting/port.ts";

/** Whether the cutter holds film; false also when it does not answer. */
async function filmIn(): Promise<boolean> {
  const status = await cutterStatus().catch(() => null);
  return status !== null && status.state !== "empty";
}

/** What the cutter is doing now, for a page that watches it. */
export async function GET(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const host = await currentHost();
  if (!host) return new Response("Sign in first.", { status: 401 });
  const now = await syncCutting(host.studioId);
  if (now && !now.job.endedAt) follow(host.studioId);
  const job = now?.job;
  return Response.json(
    {
      silent: now?.silent ?? false,
      // Film that is still in is to be taken out by somebody.
      filmIn: job && !job.endedAt ? true : await filmIn(),
      job: job ? { mine: job.workshopId === id, nn: job.nn, state: job.state, cut: job.cut, pieces: job.pieces.length, seconds: job.seconds, ofSeconds: job.ofSeconds, fault: job.fault } : null,
    },
    { headers: { "cache-control": "no-store" } },
  );
}
