/** Opens the shipped fonts from disk, each once, when first asked for. */
import { existsSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import type { FontLookup } from "@elm-basket/core/lettering/compose-row.ts";
import { FontFace, type GlyphMeasures } from "@elm-basket/core/lettering/font-face.ts";
import { studioFont } from "@elm-basket/core/lettering/studio-fonts.ts";

/** Set where the code is bundled away from this folder. */
const FOLDER = process.env.ELM_FONTS_DIR ?? fileURLToPath(new URL("../files", import.meta.url));

export const fontFile = (id: string): string => `${FOLDER}/${id}.ttf`;
/** What `npm run measure-fonts` found. */
export const measuresFile = (id: string): string => `${FOLDER}/${id}.measures.json`;
const measuresOf = (id: string): GlyphMeasures =>
  JSON.parse(readFileSync(measuresFile(id), "utf8"));

/** @param readPath also accept a path to a TTF or OTF file in place of an id */
export function diskFonts(readPath = false): FontLookup {
  const open = new Map<string, FontFace>();
  return (id) => {
    const known = open.get(id);
    if (known) return known;
    const path = studioFont(id) ? fontFile(id) : readPath && existsSync(id) ? id : null;
    if (!path) return undefined;
    const face = new FontFace(
      id,
      new Uint8Array(readFileSync(path)),
      studioFont(id) ? measuresOf(id) : undefined,
    );
    open.set(id, face);
    return face;
  };
}
