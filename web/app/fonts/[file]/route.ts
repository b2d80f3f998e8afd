import { readFile } from "node:fs/promises";
import { join } from "node:path";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";
import { currentMember } from "@/account/session.ts";
import { fontsWords } from "@/app/words.ts";
import { withStudio } from "@/data/client.ts";
import { fontBytes, isOwnFontId } from "@/data/fonts.ts";

/** The shipped fonts for everybody, a studio's own for its hosts; nothing else can be asked for. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ file: string }> },
): Promise<Response> {
  const { file } = await params;
  if (file.endsWith(MEASURES)) return shippedMeasures(file.slice(0, -MEASURES.length));
  const id = file.replace(/\.ttf$/u, "");
  const bytes = isOwnFontId(id) ? await ownFont(id) : await shippedFont(id);
  if (!bytes) return new Response(fontsWords().thereIsNoSuchFont, { status: 404 });
  const cache = isOwnFontId(id) ? "private, max-age=86400" : FOR_GOOD;
  return new Response(new Uint8Array(bytes), {
    headers: { "content-type": "font/ttf", "cache-control": cache },
  });
}

const MEASURES = ".measures.json";
const FOR_GOOD = "public, max-age=31536000, immutable";

/** How thick the letters of a shipped font are: otherwise the page would measure them itself. */
async function shippedMeasures(id: string): Promise<Response> {
  const folder = process.env.ELM_FONTS_DIR;
  const text =
    studioFont(id) && folder ? await readFile(join(folder, `${id}${MEASURES}`), "utf8") : null;
  if (text === null) return new Response(fontsWords().thereIsNoSuchFont, { status: 404 });
  return new Response(text, {
    headers: { "content-type": "application/json", "cache-control": FOR_GOOD },
  });
}

async function shippedFont(id: string): Promise<Uint8Array | null> {
  const folder = process.env.ELM_FONTS_DIR;
  return studioFont(id) && folder ? readFile(join(folder, `${id}.ttf`)) : null;
}

async function ownFont(id: string): Promise<Uint8Array | null> {
  const host = await currentMember();
  return host ? withStudio(host.studioId, (sql) => fontBytes(sql, id)) : null;
}
