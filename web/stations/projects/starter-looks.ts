/** How the projects to start from look: pictures of their own, fetched where they are seen. */
import { createHash } from "node:crypto";
import type { DecalPicture } from "@/workers/decals.ts";
import { decalSvg } from "../frame/decal-svg.ts";

export interface StarterLook {
  readonly title: string;
  readonly src: string;
}

const signOf = (svg: string): string =>
  createHash("sha256").update(svg).digest("base64url").slice(0, 12);

/** What is drawn otherwise has another address, so that each may be kept for good. */
export const looksOf = (starter: string, pictures: readonly DecalPicture[]): StarterLook[] =>
  pictures.map((picture, of) => ({
    title: picture.title,
    src: `/projects/starters/${starter}?of=${of}&as=${signOf(decalSvg(picture))}`,
  }));

/**
 * @param sign as the address has it; a page of before may ask for what is drawn otherwise by now
 * @returns null where there is none such
 */
export function lookAt(
  pictures: readonly DecalPicture[],
  of: string | null,
  sign: string | null,
): { readonly svg: string; readonly lasting: boolean } | null {
  const picture = of !== null && /^\d{1,2}$/u.test(of) ? pictures[Number(of)] : undefined;
  if (!picture) return null;
  const svg = decalSvg(picture);
  return { svg, lasting: signOf(svg) === sign };
}
