/**
 * The cut sheet as DXF R12: polylines in mm on layers cut, weed-line, mark and edge; y upwards as
 * drawings in this format have it.
 */
import type { Point } from "../geometry/polygon.ts";
import { type BladePath, isPiece } from "./paths.ts";
import type { Sheet } from "./sheet.ts";

const HEAD =
  "0\nSECTION\n2\nHEADER\n9\n$ACADVER\n1\nAC1009\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n" +
  "0\nSECTION\n2\nENTITIES\n";
const END = "0\nENDSEC\n0\nEOF\n";

/** The blade's own path: overcut included, without any knife offset. */
export function sheetDxf(
  sheet: Pick<Sheet, "height" | "usable">,
  paths: readonly BladePath[],
): string {
  const cuts = paths.map(({ id, points }) =>
    polyline(isPiece(id) ? "cut" : id, points, false, sheet.height),
  );
  const edges = sheet.usable.flatMap((polygon) =>
    polygon.map((ring) => polyline("edge", ring, true, sheet.height)),
  );
  return HEAD + cuts.join("") + edges.join("") + END;
}

/** Ten thousandths of a mm, without needless noughts. */
const figure = (mm: number): number => Math.round(mm * 1e4) / 1e4 + 0;

/** Written at once: a large class has a million corners, and lines of their own cost seconds. */
function polyline(
  layer: string,
  points: readonly Point[],
  closed: boolean,
  height: number,
): string {
  let text = `0\nPOLYLINE\n8\n${layer}\n66\n1\n70\n${closed ? 1 : 0}\n10\n0\n20\n0\n30\n0\n`;
  for (const [x, y] of points)
    text += `0\nVERTEX\n8\n${layer}\n10\n${figure(x)}\n20\n${figure(height - y)}\n30\n0\n`;
  return `${text}0\nSEQEND\n8\n${layer}\n`;
}
