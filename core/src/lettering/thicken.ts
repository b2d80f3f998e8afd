/** Remedies on outlines at their final size: thicker strokes, wider counters. */
import { difference, offset } from "../geometry/boolean.ts";
import { type Polygon, type Polygons, type Ring, ringArea } from "../geometry/polygon.ts";
import { thinnestStroke } from "./thinnest.ts";

/** Grows strokes by `mm` on every side; what touches then is one piece. */
export function thicken(polygons: Polygons, mm: number): Polygons {
  return mm > 0 ? offset(polygons, mm, "round") : polygons;
}

/**
 * Opens counters that are narrower than `mm` at their narrowest until they are as wide; strokes
 * round them give way.
 * Counters that are wide enough are left as they are.
 */
export function openCounters(polygons: Polygons, mm: number): Polygons {
  if (!(mm > 0)) return polygons;
  return polygons.flatMap((polygon): Polygons => {
    const [outer, ...holes] = polygon;
    const narrow = holes.flatMap((hole) => {
      const width = thinnestStroke([[turned(hole)]]);
      return width < mm ? [{ hole, by: (mm - width) / 2 }] : [];
    });
    if (!outer || narrow.length === 0) return [polygon];
    return difference(
      [polygon],
      narrow.flatMap(({ hole, by }) => offset([[turned(hole)]], by, "round")),
    );
  });
}

const turned = (ring: Ring): Ring => (ringArea(ring) < 0 ? [...ring].reverse() : ring);

/** Counters of a shape. */
export const countersOf = (polygons: Polygons): number =>
  polygons.reduce((sum, polygon: Polygon) => sum + polygon.length - 1, 0);
