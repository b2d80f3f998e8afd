import { readFile } from "node:fs/promises";
import { join } from "node:path";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { currentHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { fontBytes, isOwnFontId } from "@/data/fonts.ts";

/** The shipped fonts for everybody, a studio's own for its hosts; nothing else can be asked for. */
export async function GET(_request: Request, { params }: { params: Promise<{ file: string }> }): Promise<Response> {
  const id = (await params).file.replace(/\.ttf$/u, "");
  const bytes = isOwnFontId(id) ? await ownFont(id) : await shippedFont(id);
  if (!bytes) return new Response("There is no such font.", { status: 404 });
  const cache = isOwnFontId(id) ? "private, max-age=86400" : "public, max-age=31536000, immutable";
  return new Response(new Uint8Array(bytes), { headers: { "content-type": "font/ttf", "cache-control": cache } });
}

async function shippedFont(id: string): Promise<Uint8Array | null> {
  const folder = process.env.ELM_FONTS_DIR;
  return studioFont(id) && folder ? readFile(join(folder, `${id}.ttf`)) : null;
}

async function ownFont(id: string): Promise<Uint8Array | null> {
  const host = await currentHost();
  return host ? withStudio(host.studioId, (sql) => fontBytes(sql, id)) : null;
}
