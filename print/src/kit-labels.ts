/** Kit labels as PDF: one per seat, eight to an A4 page, with the decal in true size where it fits. */

import { handleSides } from "@elm-basket/core/blanks/handle.ts";
import { polygonsPath } from "@elm-basket/core/geometry/path.ts";
import { boxHeight, boxOf, boxWidth, placed } from "@elm-basket/core/geometry/polygon.ts";
import type { Plan } from "@elm-basket/core/plan/plan.ts";
import { addPage, at, cutRound, INK, MARGIN, makePdf, PAGE, type Pdf, POINTS_PER_MM, sayOnPage, writeLine } from "./pages.ts";

const COLUMNS = 2;
const ROWS = 4;
const LABEL = { width: (PAGE.width - 2 * MARGIN) / COLUMNS, height: (PAGE.height - 2 * MARGIN) / ROWS };
const INNER = 5;

/** The file is the same every time for the same plan: its date is the class's. */
export async function kitLabelsPdf(plan: Plan): Promise<Uint8Array> {
  return makePdf(`Kit labels: ${plan.document.title}`, plan.document.when.date, (pdf) => {
    const perPage = COLUMNS * ROWS;
    if (plan.document.seats.length === 0) sayOnPage(pdf, "This class has no seats yet.");
    plan.document.seats.forEach(({ seat }, index) => {
      if (index % perPage === 0) addPage(pdf);
      const place = index % perPage;
      drawLabel(pdf, plan, seat, MARGIN + (place % COLUMNS) * LABEL.width, MARGIN + Math.floor(place / COLUMNS) * LABEL.height);
    });
  });
}

/** All positions in mm from the page's top left. */
function drawLabel(pdf: Pdf, plan: Plan, seat: string, x: number, y: number): void {
  const kits = plan.kits.filter((kit) => kit.seat === seat);
  cutRound(pdf, x, y, LABEL.width, LABEL.height);
  const textWidth = at(LABEL.width - 2 * INNER);
  pdf.fillColor(INK);
  writeLine(pdf, "head", 15, plan.labels.get(seat) ?? seat, at(x + INNER), at(y + INNER), textWidth);
  pdf.font("body").fontSize(8.5);
  pdf.text(`Seat ${seat} · ${plan.document.title}`, at(x + INNER), at(y + INNER + 8), { width: textWidth, height: 12, ellipsis: true, lineBreak: false });
  pdf.text([plan.document.when.date, handleNote(plan, seat)].filter(Boolean).join(" · "), at(x + INNER), at(y + INNER + 12), { width: textWidth, lineBreak: false });
  drawDecal(pdf, plan, seat, x + INNER, y + INNER + 18, LABEL.width - 2 * INNER, LABEL.height - 2 * INNER - 26);
  const counts = kits.map((kit) => `${plan.document.vinyls.find(({ id }) => id === kit.vinyl)?.name ?? kit.vinyl}: ${kit.pieces.length} ${kit.pieces.length === 1 ? "piece" : "pieces"}`).join(" · ");
  pdf
    .fillColor(INK)
    .font("body")
    .fontSize(8.5)
    .text(counts || "Nothing to cut", at(x + INNER), at(y + LABEL.height - INNER - 4), { width: textWidth, height: 12, ellipsis: true, lineBreak: false });
}

/** On a handled cup the decal is laid by where the handle is. */
export function handleNote(plan: Pick<Plan, "document">, seat: string): string {
  const handled = plan.document.things.find(({ blank }) => blank.handle !== undefined);
  const handle = handled?.blank.handle;
  if (!handle) return "";
  const hand = plan.document.seats.find((row) => row.seat === seat)?.hand ?? "right";
  return handle.school === "both" ? "both sides of the cup" : `handle at the ${handleSides(handle.school, hand)[0]} of the design`;
}

function drawDecal(pdf: Pdf, plan: Plan, seat: string, x: number, y: number, width: number, height: number): void {
  const kits = plan.kits.filter((kit) => kit.seat === seat);
  const box = boxOf(kits.flatMap((kit) => kit.pieces.map((piece) => piece.polygon)));
  if (kits.length === 0) return;
  const scale = Math.min(1, width / boxWidth(box), height / boxHeight(box));
  const dx = x + (width - scale * boxWidth(box)) / 2 - scale * box.minX;
  const dy = y + (height - scale * boxHeight(box)) / 2 - scale * box.minY;
  pdf.save().scale(POINTS_PER_MM);
  for (const kit of kits) {
    const path = polygonsPath(
      placed(
        kit.pieces.map((piece) => piece.polygon),
        scale,
        dx,
        dy,
      ),
    );
    // Light films vanish on white paper: all are drawn in ink, outlined shapes tell the colours apart by name below.
    pdf.path(path).fill(INK, "even-odd");
  }
  pdf.restore();
}
