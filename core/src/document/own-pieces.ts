/** Pieces that participants bring: each is measured by itself, and its design fitted to it. */
import type { Blank } from "../blanks/blank.ts";
import { type FaceReading, lessMargin, readFace } from "../blanks/read-face.ts";
import type { BlankShape } from "../blanks/shape.ts";

interface Bringing {
  readonly seat: string;
  readonly shape?: BlankShape | undefined;
}

/** The face of a piece of one's own; null where its measures leave none. */
export function ownFace(blank: Blank, shape: BlankShape): FaceReading | null {
  try {
    const face = readFace({ ...blank, shape, specimens: [] });
    const left = lessMargin(face);
    return left.width > 0 && left.height > 0 ? face : null;
  } catch {
    return null;
  }
}

/** By seat, of those that brought and measured their own. */
export function ownFaces(blank: Blank, seats: readonly Bringing[]): Map<string, FaceReading> {
  return new Map(
    seats.flatMap(({ seat, shape }) => {
      const face = shape ? ownFace(blank, shape) : null;
      return face ? [[seat, face] as const] : [];
    }),
  );
}
