/** What a fit is, and the space of places at which a design may lie. */
import type { Point } from "../geometry/polygon.ts";

export interface Fit {
  readonly scale: number;
  readonly x: number;
  readonly y: number;
  /** What stops it from being larger. */
  readonly binding: "width" | "height" | "circle" | "edges";
}

/**
 * Where a scaled design may lie. `admits` tells whether scale·design + (x, y) is inside;
 * `largest` is the best fit on its own.
 */
export interface FitSpace {
  readonly largest: Fit;
  admits(scale: number, x: number, y: number): boolean;
  /** A position at which the scale fits, if any. */
  position(scale: number): Point | null;
}
