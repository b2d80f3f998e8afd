/** Which pieces crease on a face curved both ways, and what helps. */
import { boxHeight, boxOf, boxWidth, type Point, type Polygon } from "../geometry/polygon.ts";
import { widestPlace } from "../geometry/widest-place.ts";

export type CreaseVerdict = "creases" | "borderline" | "lies";
export type CreaseRemedy = "openRing" | "cutPlate" | "smaller";

export interface CreaseReading {
  readonly verdict: CreaseVerdict;
  /** Radius of the largest round patch that the piece spans or encloses, mm. */
  readonly patch: number;
  readonly at: Point;
  /** What makes it crease: a closed ring round a patch, or a connected plate. */
  readonly cause: "ring" | "plate";
  readonly remedies: readonly CreaseRemedy[];
}

/** Measured radii and the strain vinyl takes are no better known than this. */
const BORDER_SHARE = 0.15;
/**
 * A closed ring holds the patch inside it as fast as a plate does, so holes count as filled; open
 * arms are only as wide
 * as they are. Below `largest` it lies down.
 * @param largest from `largestPatch`, mm
 */
export function creaseOf(polygon: Polygon, largest: number): CreaseReading {
  const box = boxOf([polygon]);
  const narrow = Math.min(boxWidth(box), boxHeight(box)) / 2;
  // No circle in it can be wider than its box: most letters need no closer look.
  if (narrow <= largest * (1 - BORDER_SHARE))
    return {
      verdict: "lies",
      patch: narrow,
      at: [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2],
      cause: "plate",
      remedies: [],
    };
  const filled = widestPlace([polygon[0] ?? []]);
  const solid = polygon.length > 1 ? widestPlace(polygon).radius : filled.radius;
  const cause = solid <= largest && polygon.length > 1 ? "ring" : "plate";
  const verdict: CreaseVerdict =
    filled.radius > largest * (1 + BORDER_SHARE)
      ? "creases"
      : filled.radius > largest * (1 - BORDER_SHARE)
        ? "borderline"
        : "lies";
  const remedies: CreaseRemedy[] =
    verdict === "lies" ? [] : [cause === "ring" ? "openRing" : "cutPlate", "smaller"];
  return { verdict, patch: filled.radius, at: filled.at, cause, remedies };
}
