/**
 * SVG -> layers of one colour each, in millimetres, ready to be cut: the way in for art from
 * outside.
 */
import { intersection } from "../geometry/boolean.ts";
import { boxOf, isEmptyBox, type Polygons, rectRing, rounded } from "../geometry/polygon.ts";
import type { ArtFinding } from "./art-finding.ts";
import { type ColourLayer, stacked } from "./layers.ts";
import { SvgReader, TooManyPoints } from "./svg-reader.ts";
import { readTree, type TreeFault } from "./svg-tree.ts";

export interface ImportedArt {
  readonly layers: readonly ColourLayer[];
  /** Size of the page, mm. */
  readonly width: number;
  readonly height: number;
  readonly findings: readonly ArtFinding[];
}

export type ArtFault = TreeFault | "nothingToCut" | "tooManyPoints";
export type ImportResult =
  | ({ readonly ok: true } & ImportedArt)
  | {
      readonly ok: false;
      readonly fault: ArtFault;
      readonly detail: string;
      readonly findings: readonly ArtFinding[];
    };

/**
 * @param options.stack keep lower colours whole below upper ones; otherwise what lies on top is cut
 * out of what lies below,
 *   because a decal is one film thick
 */
export function importSvg(text: string, options: { readonly stack?: boolean } = {}): ImportResult {
  const tree = readTree(text);
  if (!tree.ok) return { ok: false, fault: tree.fault, detail: tree.detail, findings: [] };
  const reader = new SvgReader(tree.root);
  try {
    reader.readRoot();
  } catch (error) {
    if (error instanceof TooManyPoints)
      return { ok: false, fault: "tooManyPoints", detail: "", findings: reader.findings() };
    throw error;
  }
  const { page } = reader;
  const clipped = reader.shapes.map((shape) => ({
    ...shape,
    polygons: withinPage(shape.polygons, page, reader),
  }));
  const layers = stacked(clipped, options.stack ?? false).map((layer) => ({
    ...layer,
    polygons: rounded(layer.polygons),
  }));
  if (layers.length === 0)
    return { ok: false, fault: "nothingToCut", detail: "", findings: reader.findings() };
  return { ok: true, layers, width: page.width, height: page.height, findings: reader.findings() };
}

/** What lies off the page is not seen, and not cut. */
function withinPage(
  polygons: Polygons,
  page: { width: number; height: number },
  reader: SvgReader,
): Polygons {
  const box = boxOf(polygons);
  const slack = 1e-3;
  if (
    isEmptyBox(box) ||
    (box.minX >= -slack &&
      box.minY >= -slack &&
      box.maxX <= page.width + slack &&
      box.maxY <= page.height + slack)
  )
    return polygons;
  reader.note("clippedToPage");
  return intersection(polygons, [[rectRing(0, 0, page.width, page.height)]]);
}
