/** Largest similar copy of a design inside a face; never one that sticks out. */

import { type Face, faceOutline, isConvex } from "../blanks/face.ts";
import { usableArea } from "../blanks/usable-area.ts";
import { PlanFault, plainFault } from "../faults/plan-fault.ts";
import { convexHull, hullOf, leastCircle } from "../geometry/hull.ts";
import { type Point, type Polygons, type Ring, ringArea } from "../geometry/polygon.ts";
import { FIT_SLACK_MM } from "../geometry/tolerance.ts";
import { convexSpace } from "./convex-fit.ts";
import type { FitSpace } from "./fit-space.ts";
import { searchedSpace } from "./searched-fit.ts";

/**
 * A design to be fitted: corners among which those of its hull are, and its outlines, drawn where
 * the face asks for them.
 */
export interface FitDesign {
  readonly corners: readonly Point[];
  polygons(): Polygons;
}

/** @throws PlanFault when the design is empty, or margin and keep-outs leave no place. */
export function fitSpace(
  face: Face,
  marginMm: number,
  design: Polygons,
  keepOuts: Polygons = [],
): FitSpace {
  return fitDesign(face, marginMm, { corners: hullOf(design), polygons: () => design }, keepOuts);
}

/** @throws PlanFault when the design is empty, or margin and keep-outs leave no place. */
export function fitDesign(
  face: Face,
  marginMm: number,
  design: FitDesign,
  keepOuts: Polygons = [],
): FitSpace {
  const hull = convexHull(design.corners);
  if (hull.length < 3 || Math.abs(ringArea(hull)) === 0) throw plainFault("emptyDesign");
  if (face.kind === "round" && keepOuts.length === 0)
    return roundSpace(face.diameter / 2 - marginMm, hull);
  const outline = faceOutline(face);
  if (isConvex(outline))
    return convexSpace(
      outline,
      marginMm,
      hull,
      keepOuts.map((polygon) => polygon[0] ?? []),
    );
  return searchedSpace(usableArea(face, marginMm, keepOuts), hull, design.polygons());
}

/** The design's least enclosing circle against the face's circle. */
function roundSpace(radius: number, hull: Ring): FitSpace {
  if (radius <= 0) throw new PlanFault({ code: "nothingLessMargin", values: { of: "diameter" } });
  const circle = leastCircle(hull);
  const scale = (radius - FIT_SLACK_MM) / circle.radius;
  const at = (s: number): Point => [-s * circle.x, -s * circle.y];
  const admits = (s: number, x: number, y: number) =>
    hull.every(([px, py]) => Math.hypot(s * px + x, s * py + y) <= radius);
  const [x, y] = at(scale);
  return {
    largest: { scale, x, y, binding: "circle" },
    admits,
    position: (s) => (s <= scale * (1 + 1e-12) ? at(Math.min(s, scale)) : null),
  };
}

/**
 * Position nearest to `wanted` at which the scale still fits, searched along the line from a
 * position known to fit (the set of fitting translations is convex for convex faces).
 */
export function nearestPosition(space: FitSpace, scale: number, wanted: Point): Point | null {
  if (space.admits(scale, wanted[0], wanted[1])) return wanted;
  const from = space.position(scale);
  if (!from) return null;
  let [low, high] = [0, 1];
  for (let step = 0; step < 40; step++) {
    const t = (low + high) / 2;
    if (
      space.admits(scale, from[0] + (wanted[0] - from[0]) * t, from[1] + (wanted[1] - from[1]) * t)
    )
      low = t;
    else high = t;
  }
  return [from[0] + (wanted[0] - from[0]) * low, from[1] + (wanted[1] - from[1]) * low];
}
