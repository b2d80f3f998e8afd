import { currentMember } from "@/account/session.ts";
import { classesLoadsWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { readSheet } from "@/data/making.ts";
import { isId } from "@/planning/planned-class.ts";
import type { LoadDrawing } from "@/stations/cut/load-drawing.ts";

/**
 * Outlines of what lies on a load, for the drawing at Cut. By its hash in the address it never
 * changes.
 */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string; nn: string }> },
): Promise<Response> {
  const say = classesLoadsWords();
  const { id, nn } = await params;
  const host = await currentMember();
  if (!host) return new Response(say.signInFirst, { status: 401 });
  if (!isId(id) || !/^\d{1,3}$/u.test(nn))
    return new Response(say.thereIsNoSuchLoad, { status: 404 });
  const sheet = await withStudio(host.studioId, (sql) => readSheet(sql, id, Number(nn)));
  if (!sheet) return new Response(say.thereIsNoSuchLoad, { status: 404 });
  if (sheet.hash !== new URL(request.url).searchParams.get("of"))
    return new Response(say.thatLoadIsPlannedAnew, { status: 409 });
  const drawing: LoadDrawing = Object.fromEntries(
    sheet.meta.kits.flatMap(({ pieces }) => pieces.map((piece) => [piece.id, piece.path])),
  );
  return Response.json(drawing, {
    headers: { "cache-control": "private, max-age=31536000, immutable" },
  });
}
