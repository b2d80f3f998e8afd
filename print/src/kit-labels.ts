/** Kit labels as PDF: one per seat, eight to an A4 page, with the decal in true size where it fits. */

import { handleSides } from "@elm-basket/core/blanks/handle.ts";
import { polygonsPath } from "@elm-basket/core/geometry/path.ts";
import { boxHeight, boxOf, boxWidth, placed } from "@elm-basket/core/geometry/polygon.ts";
import type { Plan } from "@elm-basket/core/plan/plan.ts";
import { fontFile } from "@elm-basket/fonts/read.ts";
import PDFDocument from "pdfkit";

const POINTS_PER_MM = 72 / 25.4;
const PAGE = { width: 210, height: 297 };
const MARGIN = 10;
const COLUMNS = 2;
const ROWS = 4;
const LABEL = { width: (PAGE.width - 2 * MARGIN) / COLUMNS, height: (PAGE.height - 2 * MARGIN) / ROWS };
const INNER = 5;
/** Text faces that hold every Latin letter of a name; the first that has all of them is used. */
const TEXT_FONT = "oswald";
const BODY_FONT = "varela-round";

/** The file is the same every time for the same plan: its date is the class's. */
export async function kitLabelsPdf(plan: Plan): Promise<Uint8Array> {
  const created = new Date(`${plan.document.when.date}T00:00:00Z`);
  const pdf = new PDFDocument({
    size: "A4",
    margin: 0,
    autoFirstPage: false,
    info: { Title: `Kit labels: ${plan.document.title}`, Creator: "Elm Basket", Producer: "Elm Basket", CreationDate: created, ModDate: created },
  });
  pdf.registerFont("head", fontFile(TEXT_FONT));
  pdf.registerFont("body", fontFile(BODY_FONT));
  const chunks: Uint8Array[] = [];
  const done = new Promise<void>((resolve, reject) => {
    pdf.on("data", (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on("end", resolve);
    pdf.on("error", reject);
  });
  const perPage = COLUMNS * ROWS;
  if (plan.document.seats.length === 0) emptyPage(pdf);
  plan.document.seats.forEach(({ seat }, index) => {
    if (index % perPage === 0) pdf.addPage({ size: "A4", margin: 0 });
    const place = index % perPage;
    drawLabel(pdf, plan, seat, MARGIN + (place % COLUMNS) * LABEL.width, MARGIN + Math.floor(place / COLUMNS) * LABEL.height);
  });
  pdf.end();
  await done;
  return concat(chunks);
}

function emptyPage(pdf: PDFKit.PDFDocument): void {
  pdf.addPage({ size: "A4", margin: 0 });
  pdf
    .font("body")
    .fontSize(14)
    .text("This class has no seats yet.", MARGIN * POINTS_PER_MM, MARGIN * POINTS_PER_MM);
}

/** All positions in mm from the page's top left. */
function drawLabel(pdf: PDFKit.PDFDocument, plan: Plan, seat: string, x: number, y: number): void {
  const kits = plan.kits.filter((kit) => kit.seat === seat);
  const at = (mm: number) => mm * POINTS_PER_MM;
  pdf.lineWidth(0.4).dash(2, { space: 2 }).rect(at(x), at(y), at(LABEL.width), at(LABEL.height)).stroke("#8A908D").undash();
  const textWidth = at(LABEL.width - 2 * INNER);
  pdf.fillColor("#22292B");
  write(pdf, "head", 15, plan.labels.get(seat) ?? seat, at(x + INNER), at(y + INNER), textWidth);
  pdf.font("body").fontSize(8.5);
  pdf.text(`Seat ${seat} · ${plan.document.title}`, at(x + INNER), at(y + INNER + 8), { width: textWidth, height: 12, ellipsis: true, lineBreak: false });
  pdf.text([plan.document.when.date, handleNote(plan, seat)].filter(Boolean).join(" · "), at(x + INNER), at(y + INNER + 12), { width: textWidth, lineBreak: false });
  drawDecal(pdf, plan, seat, x + INNER, y + INNER + 18, LABEL.width - 2 * INNER, LABEL.height - 2 * INNER - 26);
  const counts = kits.map((kit) => `${plan.document.vinyls.find(({ id }) => id === kit.vinyl)?.name ?? kit.vinyl}: ${kit.pieces.length} ${kit.pieces.length === 1 ? "piece" : "pieces"}`).join(" · ");
  pdf
    .fillColor("#22292B")
    .font("body")
    .fontSize(8.5)
    .text(counts || "Nothing to cut", at(x + INNER), at(y + LABEL.height - INNER - 4), { width: textWidth, height: 12, ellipsis: true, lineBreak: false });
}

/** On a handled cup the decal is laid by where the handle is. */
export function handleNote(plan: Pick<Plan, "document">, seat: string): string {
  const { handle } = plan.document.blank;
  if (!handle) return "";
  const hand = plan.document.seats.find((row) => row.seat === seat)?.hand ?? "right";
  return handle.school === "both" ? "both sides of the cup" : `handle at the ${handleSides(handle.school, hand)[0]} of the design`;
}

/** Long names shrink until they fit one line. */
function write(pdf: PDFKit.PDFDocument, font: string, largest: number, text: string, x: number, y: number, width: number): void {
  pdf.font(font);
  let size = largest;
  while (size > 7 && pdf.fontSize(size).widthOfString(text) > width) size -= 0.5;
  pdf.fontSize(size).text(text, x, y, { width, height: size * 1.4, ellipsis: true, lineBreak: false });
}

function drawDecal(pdf: PDFKit.PDFDocument, plan: Plan, seat: string, x: number, y: number, width: number, height: number): void {
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
    pdf.path(path).fill("#22292B", "even-odd");
  }
  pdf.restore();
}

function concat(chunks: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(chunks.reduce((sum, chunk) => sum + chunk.length, 0));
  let at = 0;
  for (const chunk of chunks) {
    all.set(chunk, at);
    at += chunk.length;
  }
  return all;
}
