/** The studio's own fonts that a document uses, as bytes for the worker threads. */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { withStudio } from "../data/client.ts";
import { fontBytes, isOwnFontId } from "../data/fonts.ts";
import type { GivenFont } from "../workers/plan.server.ts";

export async function fontsOf(
  studioId: string,
  document: Pick<ClassDocument, "things" | "seats">,
): Promise<GivenFont[]> {
  const named = document.things.flatMap(({ design }) =>
    design.items.flatMap((item) => (item.kind === "text" ? [item.font] : [])),
  );
  const own = document.seats.flatMap((seat) =>
    Object.values(seat.things ?? {}).flatMap((settings) =>
      Object.values(settings.own ?? {}).flatMap(({ font }) => (font ? [font] : [])),
    ),
  );
  const ids = [...new Set([...named, ...own])].filter(isOwnFontId);
  if (ids.length === 0) return [];
  return withStudio(studioId, async (sql) => {
    const found: GivenFont[] = [];
    for (const id of ids) {
      const bytes = await fontBytes(sql, id);
      if (bytes) found.push({ id, bytes });
    }
    return found;
  });
}
