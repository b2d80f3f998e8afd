/** A face as a drawing. By itself, for pages that are drawn on the server. */
import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { asCut, drawnFace, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { usableArea } from "@elm-basket/core/blanks/usable-area.ts";
import { polygonsPath, ringPath } from "@elm-basket/core/geometry/path.ts";
import { type Box, boxOfPoints } from "@elm-basket/core/geometry/polygon.ts";

export interface FacePicture {
  readonly outline: string;
  readonly usable: string;
  readonly keepOuts: string;
  readonly box: Box;
  readonly colour: string;
}

/** The face as it lies on the table. Null when the blank leaves none. */
export function facePicture(blank: Blank): FacePicture | null {
  try {
    const reading = readFace(blank);
    const outline = drawnFace(reading);
    const usable = asCut(usableArea(reading.face, reading.marginMm, reading.keepOuts), reading);
    return {
      outline: ringPath(outline),
      usable: polygonsPath(usable),
      keepOuts: polygonsPath(asCut(reading.keepOuts, reading)),
      box: boxOfPoints(outline),
      colour: blank.colour,
    };
  } catch {
    return null;
  }
}
