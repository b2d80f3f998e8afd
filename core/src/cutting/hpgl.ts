/** The cut sheet as HPGL: 40 units per mm, origin lower left, a comment before each piece. */
import type { Point } from "../geometry/polygon.ts";
import type { Cutter } from "./cutter.ts";
import { type BladePath, penPath } from "./paths.ts";

export const HPGL_UNITS_PER_MM = 40;
/** HPGL gives speed in cm/s. */
const MM_PER_CM = 10;

/** @param height of the sheet, mm: y is turned upwards.
 * @param speedShare share of the machine's speed that the film bears */
export function hpgl(
  paths: readonly BladePath[],
  height: number,
  cutter: Pick<Cutter, "knifeOffset" | "cutSpeed">,
  speedShare = 1,
): string {
  const at = ([x, y]: Point): string =>
    `${Math.round(x * HPGL_UNITS_PER_MM)},${Math.round((height - y) * HPGL_UNITS_PER_MM)}`;
  const lines = ["IN;", "SP1;", speedText(cutter.cutSpeed * speedShare)];
  if (cutter.knifeOffset > 0)
    lines.push(`CO "pen path compensated for a knife offset of ${cutter.knifeOffset} mm";`);
  let piece = "";
  // Every piece then says its own speed, so that some of them can be sent alone.
  const varied = paths.some((path) => path.speedShare !== 1);
  for (const path of paths) {
    if (path.id !== piece)
      lines.push(
        `CO "${path.id}";`,
        ...(varied ? [speedText(cutter.cutSpeed * speedShare * path.speedShare)] : []),
      );
    piece = path.id;
    const [first, ...rest] = penPath(path.points, cutter.knifeOffset);
    if (first) lines.push(`PU${at(first)};`, `PD${rest.map(at).join(",")};`);
  }
  return `${[...lines, "PU0,0;", "SP0;"].join("\n")}\n`;
}

/**
 * Tenths of a cm/s: a film that wants four fifths of the speed is cut with four fifths, not with
 * the next whole one.
 */
export const speedText = (mmPerSecond: number): string =>
  `VS${Number(Math.max(0.1, mmPerSecond / MM_PER_CM).toFixed(1))};`;
