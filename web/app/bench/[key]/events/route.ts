import { ownSession, stands } from "@/account/session.ts";
import { benchEventsWords } from "@/app/words.ts";
import { benchOf } from "@/bench/access.ts";
import { benchStream } from "@/bench/stream.ts";
import { withoutStudio } from "@/data/client.ts";
import { workshopForCode } from "@/data/tokens.ts";

export const dynamic = "force-dynamic";

export async function GET(
  request: Request,
  { params }: { params: Promise<{ key: string }> },
): Promise<Response> {
  const { key } = await params;
  const bench = await benchOf(key);
  if (!bench) return new Response(benchEventsWords().thisLink, { status: 404 });
  const given = Number(
    request.headers.get("last-event-id") ?? new URL(request.url).searchParams.get("since") ?? 0,
  );
  const since = Number.isSafeInteger(given) && given > 0 ? given : 0;
  const session = await ownSession();
  // Whoever signs out or is removed works at no bench any more, and a link may be taken back.
  const still = async () =>
    bench.host === null
      ? (await withoutStudio((sql) => workshopForCode(sql, key, "bench"))) !== null
      : stands(session);
  return benchStream(bench, since, request.signal, still);
}
