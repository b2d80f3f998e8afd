/** A decal on its face as a drawing by itself, for lists of many: pages name it and do not hold it. */
import type { DecalPicture } from "@/workers/decals.ts";

/** `--color-ink` of tokens.css, which a picture by itself does not know. */
const INK = "#22292b";
const ROUND_IT = 0.03;

/** Where a picture ends, with a little room round it, and how strong its outline is, mm. */
export function frameOf({ box }: Pick<DecalPicture, "box">) {
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const pad = ROUND_IT * Math.max(width, height);
  const [x, y, w, h] = [box.minX - pad, box.minY - pad, width + 2 * pad, height + 2 * pad];
  return { viewBox: `${x} ${y} ${w} ${h}`, width: w, height: h, line: pad / 8 };
}

/** Colours and paths are the program's own: nothing in them was typed as words. */
export function decalSvg(picture: DecalPicture): string {
  const { viewBox, width, height, line } = frameOf(picture);
  const layers = picture.layers.map(
    ({ path, colour }) => `<path d="${path}" fill="${colour}" fill-rule="evenodd"/>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="${viewBox}"><path d="${picture.outline}" fill="${picture.ground}" stroke="${INK}" stroke-width="${line}"/>${layers.join("")}</svg>`;
}
