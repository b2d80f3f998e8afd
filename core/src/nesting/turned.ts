/** Shapes turned about their own origin. */
import { boxOfPoints, mapPoints, type Polygons } from "../geometry/polygon.ts";

export interface Turned {
  readonly polygons: Polygons;
  readonly width: number;
  readonly height: number;
  /** Where the top left of the turned box lies from the item's own origin, mm. */
  readonly minX: number;
  readonly minY: number;
}

/** Turned about the item's own origin, clockwise on screen, degrees. Quarter turns are exact. */
export function turnedBy(polygons: Polygons, degrees: number): Turned {
  const [c, s] = cosSin(degrees);
  const turned =
    c === 1 ? polygons : mapPoints(polygons, ([x, y]) => [c * x - s * y, s * x + c * y]);
  const box = boxOfPoints(turned.flatMap((polygon) => polygon[0] ?? []));
  return {
    polygons: turned,
    width: box.maxX - box.minX,
    height: box.maxY - box.minY,
    minX: box.minX,
    minY: box.minY,
  };
}

/** Cosine and sine; exact for quarter turns. */
export function cosSin(degrees: number): readonly [number, number] {
  const quarter = ((degrees % 360) + 360) % 360;
  const exact: Record<number, readonly [number, number]> = {
    0: [1, 0],
    90: [0, 1],
    180: [-1, 0],
    270: [0, -1],
  };
  return (
    exact[quarter] ?? [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  );
}
