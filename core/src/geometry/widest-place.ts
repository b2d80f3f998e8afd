import polylabel from "polylabel";
import { boxHeight, boxOf, boxWidth, type Point, type Polygon } from "./polygon.ts";

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
