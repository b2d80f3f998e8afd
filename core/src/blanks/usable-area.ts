/** What of a face may carry the design. By itself: it takes the clipping library. */
import { difference, offset } from "../geometry/boolean.ts";
import type { Polygons } from "../geometry/polygon.ts";
import { type Face, faceOutline } from "./face.ts";

/** Usable part: the outline inset by the margin, less the keep-outs. */
export function usableArea(face: Face, marginMm: number, keepOuts: Polygons = []): Polygons {
  const inset =
    marginMm > 0 ? offset([[faceOutline(face)]], -marginMm, "miter") : [[faceOutline(face)]];
  return keepOuts.length === 0 ? inset : difference(inset, keepOuts);
}
