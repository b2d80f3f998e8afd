/** How much room one load has, and how much of it a kit takes with the film round it. */
import type { Cutter } from "../cutting/cutter.ts";
import type { ThingDocument } from "../document/thing-document.ts";
import { type Box, boxHeight, boxWidth } from "../geometry/polygon.ts";
import type { Bin } from "../nesting/problem.ts";
import { goesOf, isPainted } from "../weeding/technique.ts";
import type { Vinyl } from "../weeding/vinyl.ts";
import type { PartSize } from "./parts.ts";

/**
 * Usable area of one load: the smaller of stock and mat, less the margin inside the vinyl's edge.
 */
export function binFor(vinyl: Vinyl, cutter: Cutter): Bin {
  return {
    width: Math.min(vinyl.stock.width, cutter.cutWidth) - 2 * cutter.edgeMargin,
    height: Math.min(vinyl.stock.height, cutter.cutHeight) - 2 * cutter.edgeMargin,
  };
}

/**
 * Film that a kit takes up beyond its box, however it is laid: a stencil keeps paint off by it; a
 * decal cut apart by straight
 * lines needs it for weeding. Laid tight, a decal's pieces keep half the clearance each, and its
 * box counts for nothing.
 */
export function padOf({
  layout,
  design,
  technique,
}: Pick<ThingDocument, "layout" | "design" | "technique">): number {
  const film = isPainted(technique) && design.stencil ? design.stencil.filmMargin : 0;
  if (layout.mode === "tight") return film;
  // Round a stencil nothing is weeded: its border is what the host says.
  return goesOf(technique) === "out"
    ? Math.max(layout.clearance / 2, film)
    : Math.max(layout.weedPad, layout.clearance / 2, film);
}

/** A blade needs so much film round a stencil, mm: less, and it cuts through its own edge. */
export const LEAST_BORDER_MM = 1;

/**
 * How much film a stencil keeps round it: what is asked for, or, where only that keeps the whole on
 * one load, as much as the load
 * leaves. Letters cut lengthwise for the sake of their border help nobody.
 */
export function borderFor(
  box: Box,
  vinyl: Vinyl,
  document: Pick<ThingDocument, "cutter" | "layout" | "design" | "technique">,
): number {
  const wanted = padOf(document);
  if (goesOf(document.technique) !== "out" || wanted <= LEAST_BORDER_MM) return wanted;
  const bin = binFor(vinyl, document.cutter);
  const [w, h] = [boxWidth(box), boxHeight(box)];
  const upright = Math.min(bin.width - w, bin.height - h) / 2;
  const turned =
    document.layout.mayTurn && vinyl.turns === "free"
      ? Math.min(bin.height - w, bin.width - h) / 2
      : Number.NEGATIVE_INFINITY;
  const room = Math.floor(Math.max(upright, turned) * 10) / 10;
  return room >= LEAST_BORDER_MM && room < wanted ? room : wanted;
}

/**
 * How much of one load a kit may take up with so much film round it, mm; null when long kits are
 * kept whole.
 */
export function partSize(
  vinyl: Vinyl,
  document: Pick<ThingDocument, "cutter" | "layout">,
  pad: number,
): PartSize | null {
  const { layout } = document;
  if (!layout.split) return null;
  const bin = binFor(vinyl, document.cutter);
  return {
    width: bin.width - 2 * pad,
    height: bin.height - 2 * pad,
    mayTurn: layout.mayTurn && vinyl.turns === "free",
    overlap: layout.splitOverlap,
  };
}
