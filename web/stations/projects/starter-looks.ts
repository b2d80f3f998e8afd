/** How the projects to start from look: pictures of their own, fetched where they are seen. */
import { createHash } from "node:crypto";
import type { DecalPicture } from "@/workers/decals.ts";
import { decalSvg, frameOf } from "../frame/decal-svg.ts";

export interface StarterLook {
  readonly title: string;
  readonly src: string;
  /** Its room is kept before it is there, in tenths of a millimetre. */
  readonly width: number;
  readonly height: number;
}

const signOf = (svg: string): string =>
  createHash("sha256").update(svg).digest("base64url").slice(0, 12);

/** What is drawn otherwise has another address, so that each may be kept for good. */
export const looksOf = (starter: string, pictures: readonly DecalPicture[]): StarterLook[] =>
  pictures.map((picture, of) => {
    const { width, height } = frameOf(picture);
    return {
      title: picture.title,
      src: `/projects/starters/${starter}?of=${of}&as=${signOf(decalSvg(picture))}`,
      width: Math.round(width * 10),
      height: Math.round(height * 10),
    };
  });

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
