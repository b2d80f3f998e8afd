/** Labels for scraps as PDF: what to write on a rest of film before it goes into the box. */

import {
  boxHeight,
  boxOf,
  boxWidth,
  type Polygons,
  placed,
} from "@elm-basket/core/geometry/polygon.ts";
import { type LengthUnit, showLength } from "@elm-basket/core/units/length.ts";
import {
  addPage,
  at,
  cutRound,
  FAINT,
  INK,
  MARGIN,
  makePdf,
  PAGE,
  type Pdf,
  POINTS_PER_MM,
  sayOnPage,
  trace,
  writeLine,
} from "./pages.ts";

export interface ScrapLabel {
  readonly label: string;
  readonly film: { readonly name: string; readonly family: string; readonly colour: string };
  readonly polygons: Polygons;
  /** A day like 2026-12-05. */
  readonly bought: string | null;
}

const COLUMNS = 3;
const ROWS = 8;
const LABEL = {
  width: (PAGE.width - 2 * MARGIN) / COLUMNS,
  height: (PAGE.height - 2 * MARGIN) / ROWS,
};
const INNER = 3;
const DRAWING = { width: 22, height: LABEL.height - 2 * INNER };
/** No date of making: the same labels are the same bytes. */
const DATE = "2000-01-01";

export async function scrapLabelsPdf(
  scraps: readonly ScrapLabel[],
  unit: LengthUnit,
): Promise<Uint8Array> {
  return makePdf("Scrap labels", DATE, (pdf) => {
    if (scraps.length === 0) sayOnPage(pdf, "No scraps are in the box.");
    scraps.forEach((scrap, index) => {
      const place = index % (COLUMNS * ROWS);
      if (place === 0) addPage(pdf);
      drawLabel(
        pdf,
        scrap,
        unit,
        MARGIN + (place % COLUMNS) * LABEL.width,
        MARGIN + Math.floor(place / COLUMNS) * LABEL.height,
      );
    });
  });
}

/** All positions in mm from the page's top left. */
function drawLabel(
  pdf: Pdf,
  { label, film, polygons, bought }: ScrapLabel,
  unit: LengthUnit,
  x: number,
  y: number,
): void {
  cutRound(pdf, x, y, LABEL.width, LABEL.height);
  const box = boxOf(polygons);
  const left = x + INNER + DRAWING.width + 3;
  const width = at(x + LABEL.width - INNER - left);
  pdf.fillColor(INK);
  writeLine(pdf, "head", 20, label, at(left), at(y + INNER - 1), width);
  writeLine(pdf, "body", 9, film.name, at(left), at(y + INNER + 10), width);
  writeLine(
    pdf,
    "body",
    9,
    `${showLength(boxWidth(box), unit)} × ${showLength(boxHeight(box), unit)}`,
    at(left),
    at(y + INNER + 15),
    width,
  );
  if (bought) writeLine(pdf, "body", 9, `bought ${bought}`, at(left), at(y + INNER + 20), width);
  const scale = Math.min(DRAWING.width / boxWidth(box), DRAWING.height / boxHeight(box));
  const dx = x + INNER + (DRAWING.width - scale * boxWidth(box)) / 2 - scale * box.minX;
  const dy = y + INNER + (DRAWING.height - scale * boxHeight(box)) / 2 - scale * box.minY;
  pdf.save().scale(POINTS_PER_MM).lineWidth(0.3);
  trace(pdf, placed(polygons, scale, dx, dy))
    .fillAndStroke(film.colour, FAINT, "even-odd")
    .restore();
}
