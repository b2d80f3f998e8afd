/** Fonts for tests of the core: bytes from the shipped files. */
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import type { FontLookup } from "../lettering/compose-row.ts";
import { FontFace } from "../lettering/font-face.ts";

const open = new Map<string, FontFace>();

export const testFonts: FontLookup = (id) => {
  const known = open.get(id);
  if (known) return known;
  const path = fileURLToPath(new URL(`../../../fonts/files/${id}.ttf`, import.meta.url));
  try {
    const face = new FontFace(id, new Uint8Array(readFileSync(path)));
    open.set(id, face);
    return face;
  } catch {
    return undefined;
  }
};

export function testFace(id: string): FontFace {
  const face = testFonts(id);
  if (!face) throw new Error(`no test font ${id}`);
  return face;
}
