import { readFile } from "node:fs/promises";
import { join } from "node:path";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";

/** The shipped fonts, by id; nothing else can be asked for. */
export async function GET(_request: Request, { params }: { params: Promise<{ file: string }> }): Promise<Response> {
  const id = (await params).file.replace(/\.ttf$/u, "");
  const folder = process.env.ELM_FONTS_DIR;
  if (!studioFont(id) || !folder) return new Response("There is no such font.", { status: 404 });
  const bytes = await readFile(join(folder, `${id}.ttf`));
  return new Response(new Uint8Array(bytes), { headers: { "content-type": "font/ttf", "cache-control": "public, max-age=31536000, immutable" } });
}
