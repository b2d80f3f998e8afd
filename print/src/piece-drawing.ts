/**
 * One seat's piece as a drawing in true proportion: the blank, the design where it lies, gaps with
 * ticks, snips dashed.
 */
import { blankOutline } from "@elm-basket/core/blanks/read-face.ts";
import { snipLines } from "@elm-basket/core/blanks/snips.ts";
import { type ThingDocument, thingDocument } from "@elm-basket/core/document/thing-document.ts";
import {
  type Box,
  boxHeight,
  boxOf,
  boxOfPoints,
  boxWidth,
  growBox,
  joinBoxes,
  type Polygons,
  placed,
  type Ring,
} from "@elm-basket/core/geometry/polygon.ts";
import { type Placing, placingsOf } from "@elm-basket/core/plan/placing.ts";
import type { LetteredSeat } from "@elm-basket/core/stages/letter-set.ts";
import type { Plan, ThingPlan } from "@elm-basket/core/stages/stages.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import { at, dimension, FAINT, INK, type Pdf, POINTS_PER_MM, trace } from "./pages.ts";
import { type UnrolledWall, unrolledWall } from "./unrolled-wall.ts";

export interface PieceDrawing {
  readonly thing: string;
  readonly title: string;
  /** The blank's edge; of a wall the rectangle round the design between rim and foot. */
  readonly edge: Ring;
  readonly wall: boolean;
  readonly layers: readonly { readonly colour: string; readonly polygons: Polygons }[];
  readonly letters: Box;
  readonly placing: Placing;
  readonly snips: readonly (readonly [readonly [number, number], readonly [number, number]])[];
  readonly box: Box;
  /**
   * A tapered wall laid flat, with its design as it is cut; null of everything else, which is drawn
   * as it looks.
   */
  readonly unrolled: (UnrolledWall & { readonly layers: PieceDrawing["layers"] }) | null;
}

/** Beyond the design on a wall, so that rim and foot are seen as lines, mm. */
const WALL_BESIDE = 12;

/**
 * Drawings of one thing by seat, what is common to all worked out once; null of a seat that does
 * not make it.
 */
export function piecesOf(plan: Plan, own: ThingPlan): (seat: string) => PieceDrawing | null {
  const view = thingDocument(plan.document, own.id);
  const lettered = new Map(own.lettered.seats.map((row) => [row.seat, row]));
  const placings = new Map(placingsOf(own, view).map((row) => [row.seat, row]));
  return (seatId) => {
    const seat = lettered.get(seatId);
    const placing = placings.get(seatId);
    return seat && placing ? drawingOf(plan, { own, view, seat, placing }) : null;
  };
}

export const pieceDrawing = (plan: Plan, own: ThingPlan, seatId: string): PieceDrawing | null =>
  piecesOf(plan, own)(seatId);

interface Drawn {
  readonly own: ThingPlan;
  readonly view: ThingDocument;
  readonly seat: LetteredSeat;
  readonly placing: Placing;
}

function drawingOf(plan: Plan, { own, view, seat, placing }: Drawn): PieceDrawing | null {
  const seatId = seat.seat;
  const coloured = (films: LetteredSeat["flat"]) =>
    [...films].map(([vinyl, polygons]) => ({
      colour: plan.document.vinyls.find(({ id }) => id === vinyl)?.colour ?? INK,
      polygons,
    }));
  const layers = coloured(seat.flat);
  const letters = boxOf(layers.flatMap(({ polygons }) => polygons));
  if (!Number.isFinite(letters.minX)) return null;
  const face = own.ownFaces.get(seatId) ?? own.face;
  const blank = own.ownFaces.has(seatId)
    ? { ...view.blank, shape: face.shape, specimens: [] }
    : view.blank;
  const outline = blankOutline(blank);
  const edge: Ring = outline ?? wallOf(letters, placing);
  const snips =
    face.bulge && Number.isFinite(face.bulge.largestPatch)
      ? snipLines(
          layers.flatMap(({ polygons }) => polygons),
          2 * face.bulge.largestPatch,
        )
      : [];
  const cut = coloured(seat.layers);
  const unrolled = unrolledWall({
    face,
    letters,
    cut: cut.map(({ polygons }) => polygons),
    above: placing.above,
    below: placing.below,
    beside: WALL_BESIDE,
  });
  return {
    thing: own.id,
    title: view.thing.title,
    edge,
    wall: outline === null,
    layers,
    letters,
    placing,
    snips,
    box: joinBoxes([boxOfPoints(edge), growBox(letters, 2)]),
    unrolled: unrolled && { ...unrolled, layers: cut },
  };
}

function wallOf(letters: Box, { above, below }: Placing): Ring {
  const [left, right] = [letters.minX - WALL_BESIDE, letters.maxX + WALL_BESIDE];
  const [top, foot] = [letters.minY - above, letters.maxY + below];
  return [
    [left, top],
    [right, top],
    [right, foot],
    [left, foot],
  ];
}

/** Room for figures on each side of a drawing, mm on the page. */
const FIGURES_MM = 11;

/** @param scale null: as large as the room allows, never larger than life @returns the scale */
export function drawPiece(
  pdf: Pdf,
  drawing: PieceDrawing,
  room: { x: number; y: number; width: number; height: number },
  unit: LengthUnit,
  options: { scale?: number; figures?: boolean } = {},
): number {
  const { box } = drawing;
  const space = options.figures === false ? 1 : FIGURES_MM;
  const scale =
    options.scale ??
    Math.min(
      1,
      (room.width - 2 * space) / boxWidth(box),
      (room.height - 2 * space) / boxHeight(box),
    );
  const dx = room.x + (room.width - scale * boxWidth(box)) / 2 - scale * box.minX;
  const dy = room.y + (room.height - scale * boxHeight(box)) / 2 - scale * box.minY;
  const to = (x: number, y: number): [number, number] => [dx + scale * x, dy + scale * y];
  pdf.save().scale(POINTS_PER_MM).lineWidth(0.25);
  const edge = drawing.edge.map(([x, y]) => to(x, y));
  if (drawing.wall) {
    const [a, b, c, d] = edge as [number, number][];
    for (const [[x1, y1], [x2, y2]] of [
      [a, b],
      [d, c],
    ] as [[number, number], [number, number]][])
      pdf.moveTo(x1, y1).lineTo(x2, y2).stroke(INK);
    pdf
      .moveTo((a?.[0] ?? 0) / 2 + (b?.[0] ?? 0) / 2, a?.[1] ?? 0)
      .lineTo((d?.[0] ?? 0) / 2 + (c?.[0] ?? 0) / 2, d?.[1] ?? 0);
    pdf.dash(1.5, { space: 1.2 }).lineWidth(0.12).stroke(FAINT).undash();
  } else trace(pdf, [[edge]]).stroke(INK);
  pdf.lineWidth(0.12);
  for (const { colour, polygons } of drawing.layers)
    trace(pdf, placed(polygons, scale, dx, dy)).fillAndStroke(colour, INK, "even-odd");
  pdf.dash(1, { space: 0.8 }).lineWidth(0.2);
  for (const [[x1, y1], [x2, y2]] of drawing.snips)
    pdf
      .moveTo(...to(x1, y1))
      .lineTo(...to(x2, y2))
      .stroke(INK);
  pdf.undash().restore();
  if (options.figures !== false) figures(pdf, drawing, to, unit);
  return scale;
}

function figures(
  pdf: Pdf,
  { letters, placing, edge, wall }: PieceDrawing,
  to: (x: number, y: number) => [number, number],
  unit: LengthUnit,
): void {
  const outer = boxOfPoints(edge);
  // Beside the piece, so that no figure lies on the letters.
  const [right] = to(outer.maxX, outer.maxY);
  const [, under] = to(outer.maxX, outer.maxY);
  const [besideX, belowY] = [right + FIGURES_MM / 2, under + FIGURES_MM / 2];
  const down = (y: number): [number, number] => [besideX, to(0, y)[1]];
  const across = (x: number): [number, number] => [to(x, 0)[0], belowY];
  const say = (mm: number | null) => showLength(mm ?? 0, unit);
  dimension(pdf, down(outer.minY), down(letters.minY), say(placing.above));
  dimension(pdf, down(letters.maxY), down(outer.maxY), say(placing.below));
  if (wall || placing.left === null) return;
  dimension(pdf, across(outer.minX), across(letters.minX), say(placing.left));
  dimension(pdf, across(letters.maxX), across(outer.maxX), say(placing.right));
}

/** Where a drawing that is larger than a page is cut into tiles, mm. */
export function tilesOf(
  box: Box,
  page: { readonly width: number; readonly height: number },
): { readonly x: number; readonly y: number }[] {
  const across = Math.max(1, Math.ceil(boxWidth(box) / page.width - 1e-9));
  const down = Math.max(1, Math.ceil(boxHeight(box) / page.height - 1e-9));
  return Array.from({ length: across * down }, (_, i) => ({
    x: box.minX + (i % across) * page.width,
    y: box.minY + Math.floor(i / across) * page.height,
  }));
}

export const strokeAt = (pdf: Pdf, x1: number, y1: number, x2: number, y2: number): void => {
  pdf.moveTo(at(x1), at(y1)).lineTo(at(x2), at(y2)).stroke(INK);
};
