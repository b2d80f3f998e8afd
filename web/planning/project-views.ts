/**
 * A studio's projects as they look, and variants with what they take: worked out once for each
 * state of them.
 */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { DecalPicture } from "../workers/decals.ts";
import type { VariantView } from "../workers/variants-drawn.ts";
import { computePictures, computeVariants } from "./compute.ts";
import { documentHash } from "./document-hash.ts";
import { fontsOf } from "./fonts-of.ts";
import { remembered } from "./remembered.ts";
import { withOwnFigures } from "./studio-figures.ts";

const looks = remembered<readonly DecalPicture[]>("looks", 400);
const views = remembered<VariantView>("variants", 200);

/** @param studioId fonts of its own are no other studio's */
export async function lookOf(
  studioId: string,
  document: ClassDocument,
): Promise<readonly DecalPicture[]> {
  return looks(
    `${studioId} ${documentHash(document)}`,
    async () => (await computePictures([document], await fontsOf(studioId, document)))[0] ?? [],
  );
}

export async function variantView(
  studioId: string,
  written: ClassDocument,
  schools: Schools,
): Promise<VariantView> {
  const document = await withOwnFigures(studioId, schools, written);
  const missing: VariantView = { ok: false, fault: null };
  return views(
    `${studioId} ${documentHash(document)} ${JSON.stringify(schools)}`,
    async () =>
      (await computeVariants([document], schools, await fontsOf(studioId, document)))[0] ?? missing,
  );
}
