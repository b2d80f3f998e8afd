/** Points, rings and polygons in millimetres, y downwards as in SVG. */

export type Point = readonly [number, number];
/** A closed line; the first point is not repeated. */
export type Ring = readonly Point[];
/** One connected shape: outer ring first, then its holes. */
export type Polygon = readonly Ring[];
export type Polygons = readonly Polygon[];

export interface Box {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

export const EMPTY_BOX: Box = {
  minX: Number.POSITIVE_INFINITY,
  minY: Number.POSITIVE_INFINITY,
  maxX: Number.NEGATIVE_INFINITY,
  maxY: Number.NEGATIVE_INFINITY,
};

/**
 * Signed area in mm² by the shoelace formula; positive when the ring turns clockwise on screen (y
 * down).
 */
export function ringArea(ring: Ring): number {
  let twice = 0;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const a = ring[j] as Point;
    const b = ring[i] as Point;
    twice += a[0] * b[1] - b[0] * a[1];
  }
  return twice / 2;
}

/** Area of a polygon less its holes, mm². */
export function polygonArea(polygon: Polygon): number {
  return polygon.reduce(
    (sum, ring, index) => sum + (index === 0 ? 1 : -1) * Math.abs(ringArea(ring)),
    0,
  );
}

export function polygonsArea(polygons: Polygons): number {
  return polygons.reduce((sum, polygon) => sum + polygonArea(polygon), 0);
}

/** Length of the closed line, mm. */
export function ringLength(ring: Ring): number {
  let sum = 0;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const a = ring[j] as Point;
    const b = ring[i] as Point;
    sum += Math.hypot(b[0] - a[0], b[1] - a[1]);
  }
  return sum;
}

/**
 * Every point of every letter comes by here many times: indexed, because iterators cost ten times
 * as much.
 */
export function boxOfPoints(points: readonly Point[]): Box {
  let { minX, minY, maxX, maxY } = EMPTY_BOX;
  for (let i = 0; i < points.length; i++) {
    const point = points[i] as Point;
    const x = point[0];
    const y = point[1];
    if (x < minX) minX = x;
    if (x > maxX) maxX = x;
    if (y < minY) minY = y;
    if (y > maxY) maxY = y;
  }
  return { minX, minY, maxX, maxY };
}

/** Bounding box of polygons; holes lie inside, so outer rings suffice. */
export function boxOf(polygons: Polygons): Box {
  return joinBoxes(polygons.map((polygon) => boxOfPoints(polygon[0] ?? [])));
}

export function joinBoxes(boxes: readonly Box[]): Box {
  return boxes.reduce(
    (all, box) => ({
      minX: Math.min(all.minX, box.minX),
      minY: Math.min(all.minY, box.minY),
      maxX: Math.max(all.maxX, box.maxX),
      maxY: Math.max(all.maxY, box.maxY),
    }),
    EMPTY_BOX,
  );
}

export function growBox(box: Box, by: number): Box {
  return { minX: box.minX - by, minY: box.minY - by, maxX: box.maxX + by, maxY: box.maxY + by };
}

export const boxWidth = (box: Box): number => Math.max(0, box.maxX - box.minX);
export const boxHeight = (box: Box): number => Math.max(0, box.maxY - box.minY);
export const isEmptyBox = (box: Box): boolean => box.maxX < box.minX || box.maxY < box.minY;

/** scale · p + (x, y) for every point. A negative scale is refused: it would mirror the cut. */
export function placed(polygons: Polygons, scale: number, x: number, y: number): Polygons {
  if (!(scale > 0)) throw new RangeError(`scale must be above 0, got ${scale}`);
  return mapPoints(polygons, ([px, py]) => [px * scale + x, py * scale + y]);
}

export function moved(polygons: Polygons, x: number, y: number): Polygons {
  return mapPoints(polygons, ([px, py]) => [px + x, py + y]);
}

export function mapPoints(polygons: Polygons, change: (point: Point) => Point): Polygons {
  return polygons.map((polygon) => polygon.map((ring) => ring.map((point) => change(point))));
}

/** Rounds to a thousandth of a millimetre: what files carry. */
export function rounded(polygons: Polygons): Polygons {
  return mapPoints(polygons, ([x, y]) => [
    Math.round(x * 1000) / 1000,
    Math.round(y * 1000) / 1000,
  ]);
}

export function rectRing(minX: number, minY: number, maxX: number, maxY: number): Ring {
  return [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ];
}

/** Even-odd test; points on the line count either way. */
export function pointInPolygon(point: Point, polygon: Polygon): boolean {
  let inside = false;
  for (const ring of polygon) if (pointInRing(point, ring)) inside = !inside;
  return inside;
}

function pointInRing([x, y]: Point, ring: Ring): boolean {
  let inside = false;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [xi, yi] = ring[i] as Point;
    const [xj, yj] = ring[j] as Point;
    if (yi > y !== yj > y && x < ((xj - xi) * (y - yi)) / (yj - yi) + xi) inside = !inside;
  }
  return inside;
}
