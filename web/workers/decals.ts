/** What a seat's decals look like on their faces. */
import { creaseOf } from "@elm-basket/core/blanks/crease.ts";
import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { type FaceReading, readFace } from "@elm-basket/core/blanks/read-face.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { ownFaces } from "@elm-basket/core/document/own-pieces.ts";
import { type ThingDocument, thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { drawingPath, ringPath } from "@elm-basket/core/geometry/path.ts";
import {
  type Box,
  boxOfPoints,
  boxWidth,
  type Polygons,
} from "@elm-basket/core/geometry/polygon.ts";
import type { FontLookup } from "@elm-basket/core/lettering/compose-row.ts";
import { letterSet } from "@elm-basket/core/stages/letter-set.ts";

/** Kits are drawn four times their size on the bench. */
export const KIT_DRAWING_MM = 0.02;

/**
 * Pixels across a picture, where it is widest: a third of one cannot be seen. In a list they are
 * small, and there are many.
 */
export const PICTURE_PX = { alone: 500, listed: 170 } as const;

/** One seat's decal on its face, as paths in millimetres. */
export interface DecalPicture {
  /** The thing it goes on. */
  readonly title: string;
  readonly outline: string;
  /** The blank's colour. */
  readonly ground: string;
  readonly box: Box;
  readonly layers: readonly { readonly colour: string; readonly path: string }[];
  readonly missing: string;
  /**
   * How many pieces would crease on a bulge, and at what share of its size the worst lies down;
   * null where none does.
   */
  readonly creases: { readonly pieces: number; readonly share: number } | null;
}

/** Of each thing that the seat makes, in order. */
export function decals(
  document: ClassDocument,
  seatId: string,
  fonts: FontLookup,
  across: number = PICTURE_PX.alone,
): DecalPicture[] {
  return document.things.flatMap(({ id }) => {
    const view = thingDocument(document, id);
    return view.seats.some(({ seat }) => seat === seatId)
      ? [decal(view, seatId, fonts, across)]
      : [];
  });
}

function decal(
  view: ThingDocument,
  seatId: string,
  fonts: FontLookup,
  across: number,
): DecalPicture {
  const brought = ownFaces(view.blank, view.seats);
  const face = brought.get(seatId) ?? readFace(view.blank);
  const set = letterSet(view.design, view.seats, readFace(view.blank), fonts, { faces: brought });
  const seat = set.seats.find((row) => row.seat === seatId);
  const outline = faceOutline(face.face);
  const tolerance = Math.max(KIT_DRAWING_MM, boxWidth(boxOfPoints(outline)) / (3 * across));
  const colourOf = (id: string) =>
    view.vinyls.find((vinyl) => vinyl.id === id)?.colour ?? "#000000";
  return {
    title: view.thing.title,
    outline: ringPath(outline),
    ground: view.blank.colour,
    box: boxOfPoints(outline),
    layers: [...(seat?.flat ?? [])].map(([vinyl, polygons]) => ({
      colour: colourOf(vinyl),
      path: drawingPath(polygons, tolerance),
    })),
    missing: [
      ...new Set(seat?.lines.flatMap((line) => line.missing.map(({ text }) => text)) ?? []),
    ].join(" "),
    creases: worstCrease(face, [...(seat?.layers.values() ?? [])].flat()),
  };
}

/**
 * The piece that lies down worst on a bulge, and how much smaller it would lie down; null where all
 * do.
 */
function worstCrease({ bulge }: FaceReading, polygons: Polygons): DecalPicture["creases"] {
  if (!bulge || !Number.isFinite(bulge.largestPatch)) return null;
  const bad = polygons
    .map((polygon) => creaseOf(polygon, bulge.largestPatch))
    .filter(({ verdict }) => verdict === "creases");
  const worst = bad.reduce((most, { patch }) => Math.max(most, patch), 0);
  return worst > 0 ? { pieces: bad.length, share: bulge.largestPatch / worst } : null;
}
