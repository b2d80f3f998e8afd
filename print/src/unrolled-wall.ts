/**
 * The wall of a tapered cup laid flat: rim and foot are arcs about the tip, the design lies on it
 * as it is cut.
 */
import type { FaceReading } from "@elm-basket/core/blanks/read-face.ts";
import { warpPoint } from "@elm-basket/core/blanks/tapered-cup.ts";
import {
  type Box,
  boxOf,
  boxOfPoints,
  growBox,
  joinBoxes,
  type Point,
  type Polygons,
  type Ring,
} from "@elm-basket/core/geometry/polygon.ts";

export interface UnrolledWall {
  readonly rim: Ring;
  readonly foot: Ring;
  /** Down the middle of the design: at the rim, where the letters begin, at the foot. */
  readonly middle: readonly [Point, Point, Point];
  /** Of the design as it looks on the cup: upper left, upper right, lower right, lower left. */
  readonly corners: readonly Point[];
  readonly box: Box;
}

/** Parts of an arc: a sheet is drawn finer than it is printed. */
const PARTS = 48;
/** Room for half a line at the edge of a page, mm. */
const LINE = 2;

interface Given {
  readonly face: FaceReading;
  /** The design's box level on the cup, and as it is cut. */
  readonly letters: Box;
  readonly cut: readonly Polygons[];
  readonly above: number;
  readonly below: number;
  /** Beyond the design to either side, mm. */
  readonly beside: number;
}

/**
 * Null where the wall is no cone. @param given heights are of the upright cup; along its slope they
 * are longer
 */
export function unrolledWall({
  face,
  letters,
  cut,
  above,
  below,
  beside,
}: Given): UnrolledWall | null {
  const { taper, shape } = face;
  if (!taper || shape.kind !== "taperedCup") return null;
  const along = taper.sector.slant / shape.height;
  const bend = (x: number, y: number): Point =>
    warpPoint([x, y], taper.baseline, taper.sector.wideTop);
  const [left, right, top, foot] = [
    letters.minX - beside,
    letters.maxX + beside,
    letters.minY - above * along,
    letters.maxY + below * along,
  ];
  const arc = (y: number): Ring =>
    Array.from({ length: PARTS + 1 }, (_, i) => bend(left + ((right - left) * i) / PARTS, y));
  const rim = arc(top);
  const low = arc(foot);
  const mid = (letters.minX + letters.maxX) / 2;
  return {
    rim,
    foot: low,
    middle: [bend(mid, top), bend(mid, letters.minY), bend(mid, foot)],
    corners: [
      bend(letters.minX, letters.minY),
      bend(letters.maxX, letters.minY),
      bend(letters.maxX, letters.maxY),
      bend(letters.minX, letters.maxY),
    ],
    box: growBox(joinBoxes([boxOfPoints([...rim, ...low]), boxOf(cut.flat())]), LINE),
  };
}
