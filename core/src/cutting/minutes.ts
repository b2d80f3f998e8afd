/**
 * Minutes at the cutter: cutting, slowing at corners, travel, lifts. Loading is added per load by
 * the plan.
 */
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
    // The machine turns where its own steps do: tiny segments make corners of rounding.
    let [fromX, fromY] = [stepped(first[0]), stepped(first[1])];
    let [ux, uy] = [0, 0];
    for (let i = 1; i < points.length; i++) {
      const a = points[i - 1] as Point;
      const b = points[i] as Point;
      const length = Math.sqrt((b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2);
      cutLength += length;
      slowed += length / own;
      const toX = stepped(b[0]);
      const toY = stepped(b[1]);
      const vx = toX - fromX;
      const vy = toY - fromY;
      if (i > 1 && turnsSharply(ux, uy, vx, vy)) corners++;
      ux = vx;
      uy = vy;
      fromX = toX;
      fromY = toY;
    }
    pen = points[points.length - 1] as Point;
  }
  const seconds =
    slowed / (cutter.cutSpeed * speedShare) +
    travel / cutter.travelSpeed +
    corners * cutter.cornerSeconds +
    paths.length * 2 * cutter.liftSeconds;
  return { minutes: seconds / 60, cutLength, travel, lifts: paths.length };
}

const stepped = (mm: number): number => Math.round(mm * HPGL_UNITS_PER_MM);

function turnsSharply(ux: number, uy: number, vx: number, vy: number): boolean {
  const lengths = Math.sqrt((ux * ux + uy * uy) * (vx * vx + vy * vy));
  return lengths > 0 && (ux * vx + uy * vy) / lengths < CORNER_COS;
}
