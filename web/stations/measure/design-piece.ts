/** The pieces of the design that the drawings show: the widest seat's, as they are cut. */
import type { Polygon } from "@elm-basket/core/geometry/polygon.ts";

export interface DesignPiece {
  readonly id: string;
  readonly colour: string;
  readonly polygon: Polygon;
}
