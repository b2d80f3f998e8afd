/** Minutes at the cutter: cutting, slowing at corners, travel, lifts. Loading is added per load by the plan. */
import type { Point } from "../geometry/polygon.ts";
import type { Cutter } from "./cutter.ts";
import { HPGL_UNITS_PER_MM } from "./hpgl.ts";
import type { BladePath } from "./paths.ts";

/** Turns sharper than this make the machine slow down (30°). */
const CORNER_COS = Math.cos(Math.PI / 6);

export interface CutTime {
  readonly minutes: number;
  readonly cutLength: number;
  readonly travel: number;
  readonly lifts: number;
}

/** @param speedShare share of the machine's cutting speed that the film bears, 0 < share <= 1 */
export function cutTime(paths: readonly BladePath[], cutter: Cutter, speedShare = 1): CutTime {
  let pen: Point = [0, 0];
  let cutLength = 0;
  let travel = 0;
  let corners = 0;
  let slowed = 0;
  for (const { points, speedShare: own } of paths) {
    const first = points[0];
    if (!first) continue;
    travel += Math.hypot(first[0] - pen[0], first[1] - pen[1]);
    for (let i = 1; i < points.length; i++) {
      const [a, b, c] = [points[i - 1] as Point, points[i] as Point, points[i + 1]];
      const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
      cutLength += length;
      slowed += length / own;
      // The machine turns where its own steps do: tiny segments make corners of rounding.
      if (c && turnsSharply(stepped(a), stepped(b), stepped(c))) corners++;
    }
    pen = points[points.length - 1] as Point;
  }
  const seconds = slowed / (cutter.cutSpeed * speedShare) + travel / cutter.travelSpeed + corners * cutter.cornerSeconds + paths.length * 2 * cutter.liftSeconds;
  return { minutes: seconds / 60, cutLength, travel, lifts: paths.length };
}

const stepped = ([x, y]: Point): Point => [Math.round(x * HPGL_UNITS_PER_MM), Math.round(y * HPGL_UNITS_PER_MM)];

function turnsSharply(a: Point, b: Point, c: Point): boolean {
  const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]];
  const lengths = Math.hypot(ux, uy) * Math.hypot(vx, vy);
  return lengths > 0 && (ux * vx + uy * vy) / lengths < CORNER_COS;
}
