import { benchOf } from "@/bench/access.ts";
import { filmView } from "@/bench/film.ts";

export async function GET(
  request: Request,
  { params }: { params: Promise<{ key: string }> },
): Promise<Response> {
  const bench = await benchOf((await params).key);
  if (!bench) return new Response("This link is not in use.", { status: 404 });
  const view = await filmView(
    bench,
    (new URL(request.url).searchParams.get("film") ?? "").slice(0, 160),
  );
  if (!view) return new Response("There is no such film.", { status: 404 });
  return Response.json(view, { headers: { "cache-control": "no-store" } });
}
