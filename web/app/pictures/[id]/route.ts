import { requireMember } from "@/account/session.ts";
import { picturesWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { readPicture } from "@/data/pictures.ts";
import { isId } from "@/planning/planned-class.ts";

/** A picture of the host's own studio; it never changes under its name. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const host = await requireMember();
  const { id } = await params;
  const bytes = isId(id) ? await withStudio(host.studioId, (sql) => readPicture(sql, id)) : null;
  if (!bytes) return new Response(picturesWords().noSuchPicture, { status: 404 });
  return new Response(new Uint8Array(bytes), {
    headers: {
      "content-type": "image/jpeg",
      "cache-control": "private, max-age=31536000, immutable",
      "content-disposition": "inline",
    },
  });
}
