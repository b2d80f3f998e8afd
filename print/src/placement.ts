/**
 * Placement sheets at true size: laid on or round the blank they show where the letters go. A ruler
 * on each proves the print's scale.
 */
import { boxHeight, boxWidth, placed } from "@elm-basket/core/geometry/polygon.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import {
  addPage,
  at,
  dimension,
  FAINT,
  INK,
  makePdf,
  PAPERS,
  type Paper,
  type Pdf,
  POINTS_PER_MM,
  sayOnPage,
  trace,
  write,
} from "./pages.ts";
import { type PieceDrawing, piecesOf, strokeAt, tilesOf } from "./piece-drawing.ts";

const EDGE = 8;
const HEAD = 20;
const FOOT = 16;
/** Length of the ruler that proves the scale, mm. */
export const RULER_MM = 100;

export interface PlacementOptions {
  readonly paper?: Paper;
  readonly unit?: LengthUnit;
  /** Told after every seat, of all. */
  readonly onSeat?: (done: number, all: number) => void;
}

export async function placementPdf(
  plan: Plan,
  { paper = "a4", unit = "mm", onSeat }: PlacementOptions = {},
): Promise<Uint8Array> {
  return makePdf(`Placement: ${plan.document.title}`, plan.document.when.date, (pdf) => {
    const { seats } = plan.document;
    let pages = 0;
    const things = plan.things.map((own) => piecesOf(plan, own));
    seats.forEach(({ seat }, i) => {
      for (const pieceOf of things) {
        const drawing = pieceOf(seat);
        if (drawing)
          pages += drawSheets(pdf, drawing, {
            paper,
            unit,
            name: plan.labels.get(seat) ?? seat,
            seat,
            title: plan.document.title,
          });
      }
      onSeat?.(i + 1, seats.length);
    });
    if (pages === 0) sayOnPage(pdf, "There is nothing to place yet: no seat has letters.");
  });
}

interface Sheet {
  readonly paper: Paper;
  readonly unit: LengthUnit;
  readonly name: string;
  readonly seat: string;
  readonly title: string;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

const pageOf = (paper: Paper, layout: "portrait" | "landscape"): Size =>
  layout === "portrait"
    ? PAPERS[paper]
    : { width: PAPERS[paper].height, height: PAPERS[paper].width };

function drawSheets(pdf: Pdf, drawing: PieceDrawing, sheet: Sheet): number {
  const { box } = drawing.unrolled ?? drawing;
  // Whichever way of the page takes fewer sheets; upright where both take as many.
  const { layout, room, tiles } = (["portrait", "landscape"] as const)
    .map((way) => {
      const page = pageOf(sheet.paper, way);
      const own = { width: page.width - 2 * EDGE, height: page.height - HEAD - FOOT - EDGE };
      return { layout: way, room: own, tiles: tilesOf(box, own) };
    })
    .reduce((a, b) => (b.tiles.length < a.tiles.length ? b : a));
  const page = pageOf(sheet.paper, layout);
  tiles.forEach(({ x, y }, i) => {
    addPage(pdf, sheet.paper, layout);
    head(
      pdf,
      drawing,
      { ...sheet, page },
      tiles.length === 1 ? "" : `sheet ${i + 1} of ${tiles.length}`,
    );
    // A piece that fits lies in the middle; tiles begin at their corner.
    const fits = tiles.length === 1;
    const dx = EDGE + (fits ? (room.width - boxWidth(box)) / 2 : 0) - x;
    const dy = HEAD + (fits ? (room.height - boxHeight(box)) / 2 : 0) - y;
    pdf.save();
    pdf.rect(at(EDGE), at(HEAD), at(room.width), at(room.height)).clip();
    if (drawing.unrolled) unrolled(pdf, drawing, drawing.unrolled, dx, dy, sheet.unit);
    else body(pdf, drawing, dx, dy, sheet.unit);
    pdf.restore();
    if (!fits)
      pdf
        .lineWidth(0.3)
        .dash(2, { space: 2 })
        .rect(at(EDGE), at(HEAD), at(room.width), at(room.height))
        .stroke(FAINT)
        .undash();
    ruler(pdf, page);
  });
  return tiles.length;
}

function head(
  pdf: Pdf,
  { title, wall, placing, unrolled }: PieceDrawing,
  { name, seat, unit, page, title: of }: Sheet & { readonly page: Size },
  part: string,
): void {
  const width = at(page.width - 2 * EDGE);
  write(pdf, name, at(EDGE), at(5), { size: 15, width: width * 0.62, face: "head", lines: 1 });
  write(
    pdf,
    [title, `seat ${seat}`, part].filter(Boolean).join(" · "),
    at(EDGE) + width * 0.64,
    at(5.6),
    { size: 9, width: width * 0.36, lines: 1 },
  );
  const gaps = wall
    ? `letters begin ${showLength(placing.above, unit)} below the rim and end ${showLength(placing.below, unit)} above the foot; the dashed line is the middle of the design${unrolled ? "; cut out along both arcs it lies round the wall" : ""}`
    : `${showLength(placing.left ?? 0, unit)} left, ${showLength(placing.right ?? 0, unit)} right, ${showLength(placing.above, unit)} above, ${showLength(placing.below, unit)} below`;
  write(pdf, `${of}: ${gaps}`, at(EDGE), at(12), { size: 8.5, width, lines: 1 });
}

function body(
  pdf: Pdf,
  { edge, wall, layers, snips, letters, placing }: PieceDrawing,
  dx: number,
  dy: number,
  unit: LengthUnit,
): void {
  const moved = edge.map(([x, y]): [number, number] => [x + dx, y + dy]);
  pdf.save().scale(POINTS_PER_MM).lineWidth(0.25);
  if (wall) {
    const [[left, top], [right], [, foot]] = moved as [
      [number, number],
      [number, number],
      [number, number],
    ];
    for (const y of [top, foot]) pdf.moveTo(left, y).lineTo(right, y).stroke(INK);
  } else trace(pdf, [[moved]]).stroke(INK);
  const [mx, my] = [(letters.minX + letters.maxX) / 2 + dx, (letters.minY + letters.maxY) / 2 + dy];
  pdf.lineWidth(0.12).dash(2, { space: 1.5 });
  pdf
    .moveTo(mx, Math.min(...moved.map(([, y]) => y)))
    .lineTo(mx, Math.max(...moved.map(([, y]) => y)))
    .stroke(FAINT);
  pdf
    .moveTo(Math.min(...moved.map(([x]) => x)), my)
    .lineTo(Math.max(...moved.map(([x]) => x)), my)
    .stroke(FAINT);
  pdf.undash();
  for (const { polygons } of layers) trace(pdf, placed(polygons, 1, dx, dy)).stroke(INK);
  pdf.dash(1.2, { space: 1 }).lineWidth(0.2);
  for (const [[x1, y1], [x2, y2]] of snips)
    pdf
      .moveTo(x1 + dx, y1 + dy)
      .lineTo(x2 + dx, y2 + dy)
      .stroke(INK);
  pdf.undash().restore();
  corners(pdf, letters, dx, dy);
  if (placing.above > 12)
    dimension(
      pdf,
      [mx, letters.minY - placing.above + dy],
      [mx, letters.minY + dy],
      showLength(placing.above, unit),
    );
  if (!wall && (placing.left ?? 0) > 12)
    dimension(
      pdf,
      [letters.minX - (placing.left ?? 0) + dx, my],
      [letters.minX + dx, my],
      showLength(placing.left ?? 0, unit),
    );
}

/** Cut out along rim and foot it lies round the cup: the lower edge of the paper on its foot. */
function unrolled(
  pdf: Pdf,
  { placing }: PieceDrawing,
  { rim, foot, middle, corners: points, layers }: NonNullable<PieceDrawing["unrolled"]>,
  dx: number,
  dy: number,
  unit: LengthUnit,
): void {
  pdf.save().scale(POINTS_PER_MM).lineWidth(0.25);
  const moved = ([x, y]: readonly [number, number]): [number, number] => [x + dx, y + dy];
  for (const arc of [rim, foot]) {
    const [first, ...rest] = arc.map(moved) as [[number, number], ...[number, number][]];
    pdf.moveTo(...first);
    for (const point of rest) pdf.lineTo(...point);
    pdf.stroke(INK);
  }
  const [top, begin, bottom] = middle;
  pdf.lineWidth(0.12).dash(2, { space: 1.5 });
  pdf
    .moveTo(...moved(top))
    .lineTo(...moved(bottom))
    .stroke(FAINT);
  pdf.undash();
  for (const { polygons } of layers) trace(pdf, placed(polygons, 1, dx, dy)).stroke(INK);
  pdf.restore();
  pdf.lineWidth(0.7);
  const [upperLeft, upperRight, lowerRight, lowerLeft] = points as [
    readonly [number, number],
    readonly [number, number],
    readonly [number, number],
    readonly [number, number],
  ];
  for (const [at0, beside, under] of [
    [upperLeft, upperRight, lowerLeft],
    [upperRight, upperLeft, lowerRight],
    [lowerRight, lowerLeft, upperRight],
    [lowerLeft, lowerRight, upperLeft],
  ] as const)
    for (const to of [beside, under]) {
      const [ux, uy] = [to[0] - at0[0], to[1] - at0[1]];
      const length = Math.hypot(ux, uy) || 1;
      strokeAt(
        pdf,
        at0[0] + dx,
        at0[1] + dy,
        at0[0] + (4 * ux) / length + dx,
        at0[1] + (4 * uy) / length + dy,
      );
    }
  if (placing.above > 12) dimension(pdf, moved(top), moved(begin), showLength(placing.above, unit));
}

/** A mark for each corner of the letters, as they are chalked on the blank. */
function corners(
  pdf: Pdf,
  { minX, minY, maxX, maxY }: PieceDrawing["letters"],
  dx: number,
  dy: number,
): void {
  pdf.lineWidth(0.7);
  for (const [x, y, sx, sy] of [
    [minX, minY, 1, 1],
    [maxX, minY, -1, 1],
    [maxX, maxY, -1, -1],
    [minX, maxY, 1, -1],
  ] as const) {
    strokeAt(pdf, x + dx, y + dy, x + dx + 4 * sx, y + dy);
    strokeAt(pdf, x + dx, y + dy, x + dx, y + dy + 4 * sy);
  }
}

function ruler(pdf: Pdf, { width, height }: Size): void {
  const y = height - FOOT + 3;
  pdf.lineWidth(0.6);
  strokeAt(pdf, EDGE, y, EDGE + RULER_MM, y);
  for (let mm = 0; mm <= RULER_MM; mm += 5)
    strokeAt(pdf, EDGE + mm, y, EDGE + mm, y + (mm % 10 === 0 ? 3 : 1.8));
  write(
    pdf,
    "100 mm: lay a ruler on it. Print at 100 %, not fitted to the page.",
    at(EDGE + RULER_MM + 5),
    at(y - 1),
    {
      size: 8.5,
      width: at(width - 2 * EDGE - RULER_MM - 6),
      lines: 2,
    },
  );
}
