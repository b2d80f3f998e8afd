import { currentMember } from "@/account/session.ts";
import { classesPlanningWords } from "@/app/words.ts";
import { planningOf } from "@/planning/progress.ts";

/**
 * How far the plan of a class has come, for a page that waits for it; null when none is being made.
 */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const { id } = await params;
  const host = await currentMember();
  if (!host) return new Response(classesPlanningWords().signInFirst, { status: 401 });
  return Response.json(
    { progress: planningOf(host.studioId, id) },
    { headers: { "cache-control": "no-store" } },
  );
}
