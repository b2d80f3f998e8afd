/**
 * Alignment crosses: where they stand on a seam, what room they take, and the lines that are cut.
 */
import { type Box, boxHeight, type Point } from "../geometry/polygon.ts";
import type { Boxed } from "./seams.ts";

/** Arms of a cross, from its centre. */
export const MARK_ARM_MM = 2.5;
/** Kept free between a cross and any piece. */
const MARK_GAP_MM = 2;
const MARK_ROOM_MM = 2 * MARK_ARM_MM + MARK_GAP_MM;
/** Positions tried along a seam where there is no room outside the design. */
const STEP_MM = 1;

export const crossBox = ([x, y]: Point): Box => ({
  minX: x - MARK_ARM_MM,
  maxX: x + MARK_ARM_MM,
  minY: y - MARK_ARM_MM,
  maxY: y + MARK_ARM_MM,
});

/**
 * Two crosses on a seam, as far apart as the load allows: outside the design where there is room,
 * else in gaps between its pieces.
 */
export function crossesOn(
  x: number,
  boxed: readonly Boxed[],
  extent: Box,
  across: number,
): Point[] {
  const slack = across - boxHeight(extent);
  const above = extent.minY - MARK_GAP_MM - MARK_ARM_MM;
  const below = extent.maxY + MARK_GAP_MM + MARK_ARM_MM;
  if (slack >= 2 * MARK_ROOM_MM) return [at(x, above), at(x, below)];
  const inside: number[] = [];
  for (let y = extent.minY + MARK_ARM_MM; y <= extent.maxY - MARK_ARM_MM; y += STEP_MM)
    if (boxed.every(({ box }) => clearOf(box, x, y))) inside.push(y);
  const own = slack >= MARK_ROOM_MM ? [above, ...inside] : inside;
  if (own.length === 0) return [];
  const [first, last] = [Math.min(...own), Math.max(...own)];
  return last - first < 2 * MARK_ROOM_MM ? [at(x, first)] : [at(x, first), at(x, last)];
}

const at = (x: number, y: number): Point => [x, y];
const clearOf = ({ minX, minY, maxX, maxY }: Box, x: number, y: number): boolean => {
  const free = MARK_ARM_MM + MARK_GAP_MM;
  return x + free <= minX || x - free >= maxX || y + free <= minY || y - free >= maxY;
};

/** Arms of the crosses, as lines to cut. */
export function crossLines(marks: readonly Point[]): (readonly [Point, Point])[] {
  return marks.flatMap(([x, y]): (readonly [Point, Point])[] => [
    [
      [x - MARK_ARM_MM, y],
      [x + MARK_ARM_MM, y],
    ],
    [
      [x, y - MARK_ARM_MM],
      [x, y + MARK_ARM_MM],
    ],
  ]);
}
