/** Shapes in words. */
import type { ShapeKind } from "@elm-basket/core/blanks/shape.ts";

export const SHAPE_WORDS: Record<ShapeKind, string> = {
  flat: "flat, rectangular face",
  roundedFlat: "flat, rounded corners",
  round: "flat, round face",
  oval: "flat, oval face",
  outline: "flat, outline of its own",
  straightCup: "straight cup or bottle",
  taperedCup: "tapered cup or pot",
  bulgedCup: "bulged cup, dome or bell",
  ball: "ball",
};
