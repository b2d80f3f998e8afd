/**
 * The cut sheet as DXF R12: polylines in mm on layers cut, weed-line, mark and edge; y upwards as
 * drawings in this format have it.
 */
import type { Point } from "../geometry/polygon.ts";
import { type BladePath, isPiece } from "./paths.ts";
import type { Sheet } from "./sheet.ts";

/** The blade's own path: overcut included, without any knife offset. */
export function sheetDxf(
  sheet: Pick<Sheet, "height" | "usable">,
  paths: readonly BladePath[],
): string {
  const polylines = [
    ...paths.map(({ id, points }) =>
      polyline(isPiece(id) ? "cut" : id, points, false, sheet.height),
    ),
    ...sheet.usable.flatMap((polygon) =>
      polygon.map((ring) => polyline("edge", ring, true, sheet.height)),
    ),
  ];
  const head = [
    "0",
    "SECTION",
    "2",
    "HEADER",
    "9",
    "$ACADVER",
    "1",
    "AC1009",
    "9",
    "$INSUNITS",
    "70",
    "4",
    "0",
    "ENDSEC",
    "0",
    "SECTION",
    "2",
    "ENTITIES",
  ];
  return `${[...head, ...polylines.flat(), "0", "ENDSEC", "0", "EOF"].join("\n")}\n`;
}

function polyline(
  layer: string,
  points: readonly Point[],
  closed: boolean,
  height: number,
): string[] {
  const vertices = points.flatMap(([x, y]) => [
    "0",
    "VERTEX",
    "8",
    layer,
    "10",
    x.toFixed(4),
    "20",
    (height - y).toFixed(4),
    "30",
    "0",
  ]);
  return [
    "0",
    "POLYLINE",
    "8",
    layer,
    "66",
    "1",
    "70",
    closed ? "1" : "0",
    "10",
    "0",
    "20",
    "0",
    "30",
    "0",
    ...vertices,
    "0",
    "SEQEND",
    "8",
    layer,
  ];
}
