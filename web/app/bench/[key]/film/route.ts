import { benchFilmWords } from "@/app/words.ts";
import { benchOf } from "@/bench/access.ts";
import { filmView } from "@/bench/film.ts";

export async function GET(
  request: Request,
  { params }: { params: Promise<{ key: string }> },
): Promise<Response> {
  const say = benchFilmWords();
  const bench = await benchOf((await params).key);
  if (!bench) return new Response(say.thisLink, { status: 404 });
  const view = await filmView(
    bench,
    (new URL(request.url).searchParams.get("film") ?? "").slice(0, 160),
  );
  if (!view) return new Response(say.thereIsNoSuchFilm, { status: 404 });
  return Response.json(view, { headers: { "cache-control": "no-store" } });
}
