/**
 * One load: what lies on it, ready to be written as a file. All coordinates in mm from the corner
 * where cutting starts.
 */
import type { Polygons } from "../geometry/polygon.ts";
import type { CutPiece } from "./order.ts";
import type { Line } from "./paths.ts";

export interface SheetKit {
  readonly seat: string;
  /** The thing it goes on; null where the class makes one thing only. */
  readonly thing: string | null;
  /** Film that belongs to it beyond its box, mm. */
  readonly pad: number;
  /** Its seat, and of a long kit the part: `3.2`; where there are more, thing and copy. */
  readonly name: string;
  readonly note: string;
  readonly pieces: readonly CutPiece[];
  /** Arms of alignment crosses, cut last. */
  readonly marks: readonly Line[];
  readonly box: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
  /**
   * How the kit came to lie here: turned about the start of its own coordinates, then moved; before
   * any mirroring.
   */
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  /** The same on its own film or scrap, wherever that lies on the mat. */
  readonly own: {
    readonly bin: string;
    readonly x: number;
    readonly y: number;
    readonly turn: number;
  };
}

export interface Sheet {
  /** 1-based over all loads of the class. */
  readonly nn: number;
  readonly vinyl: string;
  readonly stock: "sheet" | "roll" | "scrap";
  /** The rectangle of vinyl to cut off before loading, or what the scraps take up of the mat. */
  readonly width: number;
  readonly height: number;
  readonly edgeMargin: number;
  readonly clearance: number;
  readonly mirrored: boolean;
  /** How often the blade goes round every contour. */
  readonly passes: number;
  /** Where the blade may go. */
  readonly usable: Polygons;
  /** Scraps on the mat, each where it is to be laid; none for fresh film. */
  readonly scraps: readonly { readonly label: string; readonly outline: Polygons }[];
  readonly kits: readonly SheetKit[];
  readonly weedLines: readonly Line[];
}

export const sheetPieces = (sheet: Sheet): CutPiece[] => sheet.kits.flatMap((kit) => kit.pieces);

/** File name without ending: `01-harbour`. */
export const sheetName = (sheet: Pick<Sheet, "nn" | "vinyl">): string =>
  `${String(sheet.nn).padStart(2, "0")}-${sheet.vinyl}`;
