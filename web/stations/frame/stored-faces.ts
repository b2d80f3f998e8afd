/** Seats as they were planned last, for drawing them before anything is lettered. */
import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import { drawingPath, readPiecePath } from "@elm-basket/core/geometry/path.ts";
import type { PieceOfSeat } from "@/data/making.ts";

export interface StoredLayer {
  readonly vinyl: string;
  readonly path: string;
}

/** Drawn a hand's width wide on screen. */
const FACE_DRAWING_MM = 0.15;

/**
 * The layers of one seat's thing, a path a film; of a cup decorated twice one side. Empty where
 * nothing is planned.
 */
export function storedLayers(
  pieces: readonly PieceOfSeat[],
  seat: string,
  thing: { readonly id: string; readonly blank: Blank },
  vinyls: readonly { readonly id: string }[],
): StoredLayer[] {
  const own = pieces.filter(
    (piece) => piece.seat === seat && piece.thing === thing.id && piece.copy === 1,
  );
  const once = thing.blank.handle?.school === "both" ? upperHalves(own) : own;
  return vinyls.flatMap(({ id: vinyl }) => {
    const polygons = once
      .filter((piece) => piece.vinyl === vinyl)
      .map(({ path }) => readPiecePath(path));
    return polygons.length === 0 ? [] : [{ vinyl, path: drawingPath(polygons, FACE_DRAWING_MM) }];
  });
}

/**
 * Copies of a cup decorated on both sides lie below each other: the upper half of every colour is
 * one side.
 */
export function upperHalves<T extends { readonly vinyl: string; readonly path: string }>(
  pieces: readonly T[],
): T[] {
  const top = (piece: T) =>
    Math.min(...[...piece.path.matchAll(/-?[\d.]+ (-?[\d.]+)/gu)].map((m) => Number(m[1])));
  return [...new Set(pieces.map(({ vinyl }) => vinyl))].flatMap((vinyl) => {
    const own = pieces.filter((piece) => piece.vinyl === vinyl).sort((a, b) => top(a) - top(b));
    return own.slice(0, own.length / 2);
  });
}
