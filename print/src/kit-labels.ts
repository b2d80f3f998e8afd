/** Kit labels as PDF: one per seat, eight to an A4 page, with the decal in true size where it fits. */

import { handleSides } from "@elm-basket/core/blanks/handle.ts";
import { polygonsPath } from "@elm-basket/core/geometry/path.ts";
import { boxHeight, boxOf, boxWidth, placed } from "@elm-basket/core/geometry/polygon.ts";
import { placingsOf } from "@elm-basket/core/plan/placing.ts";
import type { Plan } from "@elm-basket/core/plan/stages.ts";
import { thingDocument } from "@elm-basket/core/plan/thing-document.ts";
import { bagCode } from "@elm-basket/core/supplies/bag.ts";
import QRCode from "qrcode";
import { addPage, at, canWrite, cutRound, INK, MARGIN, makePdf, PAGE, type Pdf, POINTS_PER_MM, sayOnPage, writeLine, writingLine } from "./pages.ts";

const COLUMNS = 2;
const ROWS = 4;
const LABEL = { width: (PAGE.width - 2 * MARGIN) / COLUMNS, height: (PAGE.height - 2 * MARGIN) / ROWS };
const INNER = 5;

/** The file is the same every time for the same plan: its date is the class's. */
export async function kitLabelsPdf(plan: Plan): Promise<Uint8Array> {
  return makePdf(`Kit labels: ${plan.document.title}`, plan.document.when.date, (pdf) => {
    const perPage = COLUMNS * ROWS;
    if (plan.document.seats.length === 0) sayOnPage(pdf, "This class has no seats yet.");
    const lies = liesAt(plan);
    plan.document.seats.forEach(({ seat }, index) => {
      if (index % perPage === 0) addPage(pdf);
      const place = index % perPage;
      drawLabel(pdf, plan, { seat, lies: lies.get(seat) ?? "" }, MARGIN + (place % COLUMNS) * LABEL.width, MARGIN + Math.floor(place / COLUMNS) * LABEL.height);
    });
  });
}

/** All positions in mm from the page's top left. */
function drawLabel(pdf: Pdf, plan: Plan, { seat, lies }: { seat: string; lies: string }, x: number, y: number): void {
  cutRound(pdf, x, y, LABEL.width, LABEL.height);
  const textWidth = at(LABEL.width - 2 * INNER);
  // Beside the code that a scanner reads.
  const headWidth = at(LABEL.width - 3 * INNER - CODE_MM);
  pdf.fillColor(INK);
  writeHead(pdf, plan.labels.get(seat) ?? seat, seat, at(x + INNER), at(y + INNER), headWidth);
  pdf.font("body").fontSize(8.5);
  pdf.text(`Seat ${seat} · ${plan.document.title}`, at(x + INNER), at(y + INNER + 8), { width: headWidth, height: 12, ellipsis: true, lineBreak: false });
  pdf.text([plan.document.when.date, handleNote(plan, seat), lies].filter(Boolean).join(" · "), at(x + INNER), at(y + INNER + CODE_MM + 0.5), { width: textWidth, lineBreak: false });
  drawCode(pdf, bagCode({ title: plan.document.title, date: plan.document.when.date }, seat), x + LABEL.width - INNER - CODE_MM, y + INNER);
  pdf.fillColor(INK);
  const lines = contentsOf(plan, seat);
  // One line as always; a list where there are several things, with the drawing above it as high as is left.
  const list = Math.min(lines.length, MOST_LINES) * LINE_MM;
  drawDecal(pdf, plan, seat, x + INNER, y + INNER + CODE_MM + 5, LABEL.width - 2 * INNER, LABEL.height - 2 * INNER - CODE_MM - 9 - list);
  pdf.fillColor(INK).font("body").fontSize(8.5);
  lines.slice(0, MOST_LINES).forEach((line, i) => {
    pdf.text(line, at(x + INNER), at(y + LABEL.height - INNER - list + i * LINE_MM), { width: textWidth, height: 12, ellipsis: true, lineBreak: false });
  });
}

/** Side of the code, mm: read from a hand's breadth. */
const CODE_MM = 16;

/** Drawn in ink as squares: sharp at any size, and no picture in the file. */
function drawCode(pdf: Pdf, text: string, x: number, y: number): void {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: "M" }).modules;
  const module = at(CODE_MM) / size;
  data.forEach((on, i) => {
    if (on) pdf.rect(at(x) + (i % size) * module, at(y) + Math.floor(i / size) * module, module, module);
  });
  pdf.fill(INK);
}

/** A name in letters that no face here has is left to be written by hand: boxes would tell nobody whose it is. */
function writeHead(pdf: Pdf, label: string, seat: string, x: number, y: number, width: number): void {
  if (canWrite(pdf, "head", label)) {
    writeLine(pdf, "head", 15, label, x, y, width);
    return;
  }
  const bare = `Seat ${seat}: `;
  writeLine(pdf, "head", 15, bare, x, y, width);
  const from = pdf.fontSize(15).widthOfString(bare);
  writingLine(pdf, x + from, y + 16, width - from);
}

/** A line as before: 4 mm. More than this many things share the last line. */
const LINE_MM = 4;
const MOST_LINES = 7;

/** What is in the bag: a line for all, or one for each thing, so that none is forgotten. */
function contentsOf(plan: Plan, seat: string): string[] {
  const kits = plan.kits.filter((kit) => kit.seat === seat);
  if (plan.things.length === 1) return [countsOf(plan, kits) || "Nothing to cut"];
  const lines = plan.document.things.flatMap(({ id, title }) => {
    const own = kits.filter(({ thing }) => thing === id);
    const copies = new Set(own.map(({ copy }) => copy)).size;
    return copies === 0 ? [] : [`${copies > 1 ? `${copies} × ` : ""}${title}: ${countsOf(plan, own)}`];
  });
  if (lines.length === 0) return ["Nothing to cut"];
  return lines.length <= MOST_LINES ? lines : [...lines.slice(0, MOST_LINES - 1), lines.slice(MOST_LINES - 1).join(" · ")];
}

/** Pieces of each film; of a stencil what is taken out, and how many insides must stay. */
function countsOf(plan: Plan, kits: Plan["kits"]): string {
  const said = new Map<string, { pieces: number; islands: number; out: boolean }>();
  for (const { vinyl, pieces, weed, goes } of kits) {
    const name = plan.document.vinyls.find(({ id }) => id === vinyl)?.name ?? vinyl;
    const before = said.get(name);
    said.set(name, { pieces: (before?.pieces ?? 0) + pieces.length, islands: (before?.islands ?? 0) + weed.islands, out: goes === "out" });
  }
  return [...said]
    .map(([name, { pieces, islands, out }]) => `${name}: ${out ? `${pieces} to take out${islands > 0 ? `, ${islands} insides stay` : ""}` : `${pieces} ${pieces === 1 ? "piece" : "pieces"}`}`)
    .join(" · ");
}

/** By seat, where it lies, of a single thing; of several the placement sheets tell. */
function liesAt(plan: Plan): Map<string, string> {
  const [own] = plan.things;
  if (!own || plan.things.length > 1) return new Map();
  const mm = (value: number | null) => `${Math.round(value ?? 0)}`;
  return new Map(
    placingsOf(own, thingDocument(plan.document, own.id)).map(({ seat, left, right, above, below }) => [
      seat,
      left === null ? `${mm(above)} mm below the rim` : `${mm(left)} mm left, ${mm(right)} right, ${mm(above)} above, ${mm(below)} below`,
    ]),
  );
}

/** On a handled cup the decal is laid by where the handle is. */
export function handleNote(plan: Pick<Plan, "document">, seat: string): string {
  const handled = plan.document.things.find(({ blank }) => blank.handle !== undefined);
  const handle = handled?.blank.handle;
  if (!handle) return "";
  const hand = plan.document.seats.find((row) => row.seat === seat)?.hand ?? "right";
  return handle.school === "both" ? "both sides of the cup" : `handle at the ${handleSides(handle.school, hand)[0]} of the design`;
}

/** Every thing beside the other, each in its films' colours, with an outline that shows pale ones on white paper. */
function drawDecal(pdf: Pdf, plan: Plan, seat: string, x: number, y: number, width: number, height: number): void {
  const kits = plan.kits.filter((kit) => kit.seat === seat && kit.copy === 1);
  const things = [...new Set(kits.map(({ thing }) => thing))];
  const each = width / Math.max(1, things.length);
  things.forEach((thing, i) => {
    drawThing(
      pdf,
      plan,
      kits.filter((kit) => kit.thing === thing),
      { x: x + i * each, y, width: each - (things.length > 1 ? 2 : 0), height },
    );
  });
}

interface Room {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

function drawThing(pdf: Pdf, plan: Plan, kits: Plan["kits"], { x, y, width, height }: Room): void {
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
    const colour = plan.document.vinyls.find(({ id }) => id === kit.vinyl)?.colour ?? INK;
    pdf.lineWidth(0.12);
    // What is taken out of a stencil is no film: only its outline is drawn.
    if (kit.goes === "out") pdf.path(path).stroke(INK);
    else pdf.path(path).fillAndStroke(colour, INK, "even-odd");
  }
  pdf.restore();
}
