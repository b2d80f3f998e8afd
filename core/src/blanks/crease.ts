/** Which pieces crease on a face curved both ways, and what helps. */
import polylabel from "polylabel";
import { boxHeight, boxOf, boxWidth, type Point, type Polygon } from "../geometry/polygon.ts";

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
/** How finely the widest place is sought, as a share of the piece. */
const PRECISION_SHARE = 0.005;

/** Centre and radius of the largest circle inside a polygon (pole of inaccessibility), mm. */
export function widestPlace(polygon: Polygon): { at: Point; radius: number } {
  const box = boxOf([polygon]);
  const precision = Math.max(Math.max(boxWidth(box), boxHeight(box)) * PRECISION_SHARE, 1e-3);
  // The library counts rings as lists that end where they began.
  const closed = polygon.map((ring) => [...ring, ring[0] as Point].map(([x, y]) => [x, y]));
  const found = polylabel(closed, precision);
  return { at: [found[0] as number, found[1] as number], radius: found.distance };
}

/**
 * A closed ring holds the patch inside it as fast as a plate does, so holes count as filled; open arms are only as wide
 * as they are. Below `largest` it lies down.
 * @param largest from `largestPatch`, mm
 */
export function creaseOf(polygon: Polygon, largest: number): CreaseReading {
  const filled = widestPlace([polygon[0] ?? []]);
  const solid = polygon.length > 1 ? widestPlace(polygon).radius : filled.radius;
  const cause = solid <= largest && polygon.length > 1 ? "ring" : "plate";
  const verdict: CreaseVerdict = filled.radius > largest * (1 + BORDER_SHARE) ? "creases" : filled.radius > largest * (1 - BORDER_SHARE) ? "borderline" : "lies";
  const remedies: CreaseRemedy[] = verdict === "lies" ? [] : [cause === "ring" ? "openRing" : "cutPlate", "smaller"];
  return { verdict, patch: filled.radius, at: filled.at, cause, remedies };
}
