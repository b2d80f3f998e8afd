/**
 * What comes from a camera, made small: turned upright, no larger than a screen, and nothing kept
 * but what is seen.
 */
import sharp from "sharp";
import type { SmallPicture } from "../data/pictures.ts";

const LONGEST_SIDE = 1280;
const QUALITY = 76;
/** A picture of a few bytes may claim to be as large as a wall: refused before it is unpacked. */
const MOST_PIXELS = 60_000_000;
const MOST_BYTES = 600_000;
/**
 * What cameras and screens make. A drawing in SVG is a program that is run to be seen: not from
 * outside.
 */
const FORMATS: ReadonlySet<string | undefined> = new Set([
  "jpeg",
  "png",
  "webp",
  "heif",
  "tiff",
  "gif",
]);

/**
 * Null where it is no picture, or one too large to be read. Place, time and camera do not go along.
 */
export async function smallPicture(bytes: Uint8Array): Promise<SmallPicture | null> {
  for (const quality of [QUALITY, QUALITY / 2]) {
    try {
      if (!FORMATS.has((await sharp(bytes, { limitInputPixels: MOST_PIXELS }).metadata()).format))
        return null;
      const { data, info } = await sharp(bytes, {
        limitInputPixels: MOST_PIXELS,
        failOn: "error",
        animated: false,
      })
        .rotate()
        .resize({
          width: LONGEST_SIDE,
          height: LONGEST_SIDE,
          fit: "inside",
          withoutEnlargement: true,
        })
        .flatten({ background: "#ffffff" })
        .jpeg({ quality, mozjpeg: true })
        .toBuffer({ resolveWithObject: true });
      if (data.length <= MOST_BYTES) return { bytes: data, width: info.width, height: info.height };
    } catch {
      return null;
    }
  }
  return null;
}
