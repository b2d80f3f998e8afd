/**
 * The outlines on a load come after the page: they are most of it, and change only with the load.
 */
import type { SheetMeta, SheetRow } from "@/data/making.ts";

/** Paths by piece. */
export type LoadDrawing = Readonly<Record<string, string>>;

/** A load as it is sent with the page: where all lies, without the outlines. */
export function undrawn(sheet: SheetRow): SheetRow {
  return {
    ...sheet,
    meta: {
      ...sheet.meta,
      kits: sheet.meta.kits.map((kit) => ({
        ...kit,
        pieces: kit.pieces.map(({ id }) => ({ id, path: "" })),
      })),
    },
  };
}

export function withOutlines(meta: SheetMeta, drawing: LoadDrawing): SheetMeta {
  return {
    ...meta,
    kits: meta.kits.map((kit) => ({
      ...kit,
      pieces: kit.pieces.map(({ id }) => ({ id, path: drawing[id] ?? "" })),
    })),
  };
}
