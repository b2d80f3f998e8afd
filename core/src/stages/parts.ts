/**
 * Kits that are longer than one load, in parts with alignment crosses; each part is laid, cut and
 * taped by itself.
 */
import {
  type Box,
  boxHeight,
  boxOf,
  boxWidth,
  type Point,
  type Polygons,
} from "../geometry/polygon.ts";
import { crossBox } from "../splitting/crosses.ts";
import type { SplitPiece } from "../splitting/seams.ts";
import { nameHalves, partBox, type Seam, splitDesign } from "../splitting/split.ts";

export interface PartSize {
  /** What a kit may take up of one load, mm. */
  readonly width: number;
  readonly height: number;
  readonly mayTurn: boolean;
  readonly overlap: number;
}

export interface KitPart {
  /** 1-based, of `parts`. */
  readonly n: number;
  readonly parts: number;
  /** Centres of the crosses, in the design's own coordinates. */
  readonly marks: readonly Point[];
  /** Of the whole kit, for the picture that shows how the parts go together. */
  readonly seams: readonly Seam[];
}

export interface Part {
  readonly pieces: readonly SplitPiece[];
  readonly part: KitPart | null;
  /** Pieces and crosses. */
  readonly box: Box;
}

/** The whole when it fits, or when no load could take a part of it: that is then a finding. */
export function partsOf(pieces: readonly SplitPiece[], size: PartSize | null): Part[] {
  const box = boxOf(pieces.map(({ polygon }) => polygon));
  const whole: Part[] = [{ pieces, part: null, box }];
  if (size === null || fits(box, size)) return whole;
  const split = splitDesign(pieces, { cut: size, overlap: size.overlap, mayTurn: size.mayTurn });
  if (!split.ok) return whole;
  const parts = nameHalves(split.parts);
  return parts.map((part, i) => ({
    pieces: part.pieces,
    part: { n: i + 1, parts: parts.length, marks: part.marks, seams: split.seams },
    box: partBox(part),
  }));
}

/** Whether a box goes onto one load, turned if it may. */
export function fits(box: Box, { width, height, mayTurn }: PartSize): boolean {
  const [w, h] = [boxWidth(box), boxHeight(box)];
  return (w <= width && h <= height) || (mayTurn && h <= width && w <= height);
}

/** Crosses as squares, so that other kits keep clear of them. */
export const crossSquares = (marks: readonly Point[]): Polygons =>
  marks.map(crossBox).map(({ minX, minY, maxX, maxY }) => [
    [
      [minX, minY],
      [maxX, minY],
      [maxX, maxY],
      [minX, maxY],
    ],
  ]);
