/** Scraps as they are measured with a ruler: a rectangle, or one with a corner cut away. */
import { plainFault } from "../faults/plan-fault.ts";
import { type Point, type Ring, rectRing } from "../geometry/polygon.ts";

export type Corner = "topLeft" | "topRight" | "bottomLeft" | "bottomRight";

/** Millimetres; y goes down. */
export const rectangle = (width: number, height: number): Ring => rectRing(0, 0, width, height);

/**
 * An L: a rectangle of which a smaller one is gone from a corner. @throws PlanFault when what is
 * gone reaches across
 */
export function withoutCorner(
  width: number,
  height: number,
  gone: { readonly width: number; readonly height: number },
  corner: Corner,
): Ring {
  if (!(gone.width > 0 && gone.height > 0 && gone.width < width && gone.height < height))
    throw plainFault("cornerOfScrap");
  const ring: Point[] = [
    [0, 0],
    [width - gone.width, 0],
    [width - gone.width, gone.height],
    [width, gone.height],
    [width, height],
    [0, height],
  ];
  const left = corner === "topLeft" || corner === "bottomLeft";
  const bottom = corner === "bottomLeft" || corner === "bottomRight";
  return ring.map(([x, y]): Point => [left ? width - x : x, bottom ? height - y : y]);
}
