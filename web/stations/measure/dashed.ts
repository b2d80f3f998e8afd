/**
 * The dashed line of the drawings: where the design may go. By itself, as it takes the clipping
 * library.
 */
import type { FaceReading } from "@elm-basket/core/blanks/read-face.ts";
import { usableArea } from "@elm-basket/core/blanks/usable-area.ts";
import type { Polygons } from "@elm-basket/core/geometry/polygon.ts";

/** On a wall it goes round behind what is in the way, which is drawn over it. */
export const dashedOf = ({ face, marginMm, keepOuts, cup }: FaceReading): Polygons =>
  usableArea(face, marginMm, cup ? [] : keepOuts);
