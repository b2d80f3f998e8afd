/**
 * Thinnest stroke by opening, counting lost parts rather than lost area (area blames sharp corners
 * of bold faces).
 */
import { difference, offset } from "../geometry/boolean.ts";
import {
  type Box,
  boxHeight,
  boxOf,
  boxWidth,
  joinBoxes,
  type Point,
  type Polygons,
  polygonArea,
} from "../geometry/polygon.ts";

/**
 * A lost part counts when it is larger than this share of r²; smaller ones are the corners every
 * opening rounds off.
 */
const LOST_PART_SHARE = 1.5;
/**
 * The grown shape reaches this far past the original, so that touching edges do not count as lost.
 */
const REGROW_MM = 0.005;
const STEPS = 9;
/** Corners down to 10° grow back whole: the sharp tips of a W are no thin strokes. */
const TIP_MITER = 12;

export interface ThinPlace {
  readonly x: number;
  readonly y: number;
}

/**
 * Places narrower than `widthMm`: the middles of the parts that an opening by half of it would
 * lose.
 */
export function thinPlaces(polygons: Polygons, widthMm: number): ThinPlace[] {
  const r = widthMm / 2;
  const eroded = offset(polygons, -r, "miter", TIP_MITER);
  const kept = eroded.length === 0 ? [] : offset(eroded, r + REGROW_MM, "miter", TIP_MITER);
  return difference(polygons, kept)
    .filter((part) => polygonArea(part) > LOST_PART_SHARE * r * r)
    .map((part) => middle(boxOf([part])));
}

const middle = (box: Box): ThinPlace => ({
  x: (box.minX + box.maxX) / 2,
  y: (box.minY + box.maxY) / 2,
});

/**
 * Width in mm of the thinnest stroke: the largest 2r whose opening loses no part.
 * Bisection between nothing and the smaller side of the box; 0 for nothing at all.
 */
export function thinnestStroke(polygons: Polygons): number {
  const boxes = polygons.map((polygon) => boxOf([polygon]));
  if (boxes.length === 0) return 0;
  const all = joinBoxes(boxes);
  let low = 0;
  let high = Math.min(boxWidth(all), boxHeight(all));
  for (let step = 0; step < STEPS; step++) {
    const middleWidth = (low + high) / 2;
    if (thinPlaces(polygons, middleWidth).length === 0) low = middleWidth;
    else high = middleWidth;
  }
  return low;
}

/** Thinnest stroke of separate shapes: each is measured by itself, the least counts. */
export function thinnestOf(polygons: Polygons): { width: number; at: Point } {
  let best = { width: Number.POSITIVE_INFINITY, at: [0, 0] as Point };
  for (const polygon of polygons) {
    const width = thinnestStroke([polygon]);
    const { x, y } = middle(boxOf([polygon]));
    if (width < best.width) best = { width, at: [x, y] };
  }
  return polygons.length === 0 ? { width: 0, at: [0, 0] } : best;
}
