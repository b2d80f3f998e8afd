/**
 * Where each design lies on its piece, in figures a hand can measure: from the edges, or from rim
 * and foot.
 */
import { heightOfBlank, placeOn } from "../blanks/on-blank.ts";
import { blankOutline, type FaceReading } from "../blanks/read-face.ts";
import type { ThingDocument } from "../document/thing-document.ts";
import { type Box, boxOf, boxOfPoints } from "../geometry/polygon.ts";
import type { ThingPlan } from "../stages/stages.ts";

export interface Placing {
  readonly seat: string;
  /**
   * From the edges of a flat piece to the outermost letters, mm; null on a wall, where the middle
   * is set by eye or handle.
   */
  readonly left: number | null;
  readonly right: number | null;
  /**
   * From the top edge or the rim down to the letters, and from their lowest point down to the edge
   * or the foot, mm.
   */
  readonly above: number;
  readonly below: number;
}

export function placingsOf(
  { lettered, face, ownFaces }: Pick<ThingPlan, "lettered" | "face" | "ownFaces">,
  { blank }: Pick<ThingDocument, "blank">,
): Placing[] {
  return lettered.seats.map(({ seat, flat }) => {
    const letters = boxOf([...flat.values()].flat());
    const own = ownFaces.get(seat);
    return {
      seat,
      ...onPiece(letters, own ?? face, own ? { ...blank, shape: own.shape, specimens: [] } : blank),
    };
  });
}

function onPiece(
  letters: Box,
  face: FaceReading,
  blank: Parameters<typeof blankOutline>[0],
): Omit<Placing, "seat"> {
  const outline = blankOutline(blank);
  if (outline) {
    const edge = boxOfPoints(outline);
    return {
      left: letters.minX - edge.minX,
      right: edge.maxX - letters.maxX,
      above: letters.minY - edge.minY,
      below: edge.maxY - letters.maxY,
    };
  }
  const fromTop = (y: number) => placeOn(face, [0, y])?.fromTop ?? 0;
  return {
    left: null,
    right: null,
    above: fromTop(letters.minY),
    below: heightOfBlank(face) - fromTop(letters.maxY),
  };
}

export interface PlacingRange {
  readonly least: number;
  readonly most: number;
}

/** Over all seats: what is one figure for everybody is told once. */
export function rangeOf(
  placings: readonly Placing[],
  of: (placing: Placing) => number | null,
): PlacingRange | null {
  const values = placings.flatMap((placing) => of(placing) ?? []);
  return values.length === 0 ? null : { least: Math.min(...values), most: Math.max(...values) };
}
