/** A load as it is drawn, for moving kits on it. */

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import { type Polygons, rectRing } from "@elm-basket/core/geometry/polygon.ts";
import type { HandSheet } from "@elm-basket/core/stages/by-hand.ts";
import type { SheetMeta } from "@/data/making.ts";

export interface HandRules {
  /** Whether kits may lie in counters of others. */
  readonly counters: boolean;
  /** What of this film goes on the mat. */
  readonly reach: { readonly width: number; readonly height: number };
}

export function handRules(
  { layout, vinyls, cutter }: Pick<ClassDocument, "layout" | "cutter" | "vinyls">,
  vinyl: string,
): HandRules {
  const stock = vinyls.find(({ id }) => id === vinyl)?.stock;
  return {
    counters: layout.counters,
    reach: {
      width: Math.min(stock?.width ?? cutter.cutWidth, cutter.cutWidth),
      height: Math.min(stock?.height ?? cutter.cutHeight, cutter.cutHeight),
    },
  };
}

/** Fresh film may be used as far as the mat reaches, whatever is trimmed now. */
export function handSheet(meta: SheetMeta, { counters, reach }: HandRules): HandSheet {
  const edge = meta.edgeMargin;
  // Mirrored film begins at the right: what is free of the mat lies to the left of it.
  const left = meta.mirrored ? meta.width - reach.width : 0;
  const film: Polygons = [
    [rectRing(left + edge, edge, left + reach.width - edge, reach.height - edge)],
  ];
  const outlineOf = (bin: string): Polygons | null => {
    const scrap = meta.scraps.find(({ label }) => bin === `scrap ${label}`);
    return scrap ? [readPiecePath(scrap.path)] : null;
  };
  return {
    width: meta.width,
    mirrored: meta.mirrored,
    clearance: meta.clearance,
    counters,
    // All outlines in one, by the even-odd rule: scraps lie apart.
    usable: meta.scraps.length > 0 ? [readPiecePath(meta.usable)] : film,
    bins: meta.bins.map((bin) => ({ ...bin, outline: outlineOf(bin.bin) })),
    kits: meta.kits.map(({ name, own, pieces }) => ({
      name,
      own,
      polygons: pieces.map(({ path }) => readPiecePath(path)),
    })),
  };
}
