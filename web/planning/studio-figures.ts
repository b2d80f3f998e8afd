/** Documents with the studio's own figures in the place of first guesses. */

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { withFigures } from "@elm-basket/core/proposal/taken.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { withStudio } from "../data/client.ts";
import { studioFigures } from "../data/learning.ts";
import { studioPace } from "../data/pace.ts";

/**
 * As a class of the studio would be planned from now on; a project brings no figures of its own.
 */
export async function withOwnFigures(
  studioId: string,
  schools: Schools,
  document: ClassDocument,
): Promise<ClassDocument> {
  const [figures, { share }] = await withStudio(
    studioId,
    async (sql) => [await studioFigures(sql), await studioPace(sql)] as const,
  );
  return Object.keys(figures).length === 0 && !document.figures
    ? document
    : withFigures(document, figures, { schools, share });
}
