import { currentMember } from "@/account/session.ts";
import { classesCuttingWords } from "@/app/words.ts";
import { follow, syncCutting } from "@/cutting/job.ts";
import { cutterStatus, waitingFilm } from "@/cutting/port.ts";
import { cutterOf } from "@/cutting/whose.ts";

/** The film in the cutter; nothing also when it does not answer. */
async function filmIn(
  studioId: string,
): Promise<{ width: number; height: number; waiting: boolean } | null> {
  const status = await cutterStatus(await cutterOf(studioId)).catch(() => null);
  return status?.film ? { ...status.film, waiting: waitingFilm(status) !== null } : null;
}

/** What the cutter is doing now, for a page that watches it. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const host = await currentMember();
  if (!host) return new Response(classesCuttingWords().signInFirst, { status: 401 });
  const now = await syncCutting(host.studioId);
  if (now && !now.job.endedAt) follow(host.studioId);
  const job = now?.job;
  return Response.json(
    {
      silent: now?.silent ?? false,
      // Film that is still in is to be taken out by somebody.
      film: await filmIn(host.studioId),
      job: job
        ? {
            mine: job.workshopId === id,
            nn: job.nn,
            state: job.state,
            cut: job.cut,
            pieces: job.pieces.length,
            seconds: job.seconds,
            ofSeconds: job.ofSeconds,
            fault: job.fault,
          }
        : null,
    },
    { headers: { "cache-control": "no-store" } },
  );
}
