/**
 * Kit labels as PDF, one per seat, on any sheet that has room for them; with the decal in true size
 * where it fits.
 */

import { handleSides } from "@elm-basket/core/blanks/handle.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { boxHeight, boxOf, boxWidth, placed } from "@elm-basket/core/geometry/polygon.ts";
import { placingsOf } from "@elm-basket/core/plan/placing.ts";
import type { Plan } from "@elm-basket/core/stages/stages.ts";
import { bagCode } from "@elm-basket/core/stock/bag.ts";
import QRCode from "qrcode";
import { LABEL_SHEETS, type LabelSheetId, labelAt, usualSheet } from "./label-sheets.ts";
import {
  addPage,
  at,
  canWriteAll,
  cutRound,
  fitted,
  fittedInto,
  INK,
  makePdf,
  type Pdf,
  POINTS_PER_MM,
  sayOnPage,
  trace,
  writeLine,
  writeRows,
  writingLine,
} from "./pages.ts";

const INNER = 5;

/** The file is the same every time for the same plan: its date is the class's. */
export async function kitLabelsPdf(
  plan: Plan,
  id: LabelSheetId = usualSheet("a4"),
): Promise<Uint8Array> {
  const sheet = LABEL_SHEETS[id];
  return makePdf(`Kit labels: ${plan.document.title}`, plan.document.when.date, (pdf) => {
    if (plan.document.seats.length === 0) sayOnPage(pdf, "This class has no seats yet.");
    const lies = liesAt(plan);
    plan.document.seats.forEach(({ seat }, index) => {
      const place = index % (sheet.columns * sheet.rows);
      if (place === 0) addPage(pdf, sheet.paper);
      const own = { seat, lies: lies.get(seat) ?? "" };
      const room = { ...labelAt(sheet, place), width: sheet.width, height: sheet.height };
      if (sheet.cut) cutRound(pdf, room.x, room.y, room.width, room.height);
      if (sheet.height < LOW_MM) drawLow(pdf, plan, own, room);
      else drawLabel(pdf, plan, own, room);
    });
  });
}

interface OfSeat {
  readonly seat: string;
  readonly lies: string;
}

/** Lower labels have the picture beside the words, and none where they are narrow, too. */
const LOW_MM = 55;
const NARROW_MM = 90;

const codeOf = ({ document }: Plan, seat: string): string =>
  bagCode({ title: document.title, date: document.when.date }, seat);

/** All positions in mm from the page's top left. */
function drawLabel(
  pdf: Pdf,
  plan: Plan,
  { seat, lies }: OfSeat,
  { x, y, width, height }: Room,
): void {
  const textWidth = at(width - 2 * INNER);
  // Beside the code that a scanner reads.
  const headWidth = at(width - 3 * INNER - CODE_MM);
  pdf.fillColor(INK);
  writeHead(pdf, plan.labels.get(seat) ?? seat, seat, at(x + INNER), at(y + INNER), headWidth);
  pdf.font("body").fontSize(8.5);
  pdf.text(`Seat ${seat} · ${plan.document.title}`, at(x + INNER), at(y + INNER + 8), {
    width: headWidth,
    height: 12,
    ellipsis: true,
    lineBreak: false,
  });
  pdf.text(
    [plan.document.when.date, handleNote(plan, seat), lies].filter(Boolean).join(" · "),
    at(x + INNER),
    at(y + INNER + CODE_MM + 0.5),
    { width: textWidth, lineBreak: false },
  );
  drawCode(pdf, codeOf(plan, seat), x + width - INNER - CODE_MM, y + INNER);
  pdf.fillColor(INK);
  const lines = contentsOf(plan, seat);
  // One line as always; a list where there are several things, with the drawing above it as high as
  // is left.
  const list = Math.min(lines.length, MOST_LINES) * LINE_MM;
  drawDecal(
    pdf,
    plan,
    seat,
    x + INNER,
    y + INNER + CODE_MM + 5,
    width - 2 * INNER,
    height - 2 * INNER - CODE_MM - 9 - list,
  );
  pdf.fillColor(INK).font("body").fontSize(8.5);
  lines.slice(0, MOST_LINES).forEach((line, i) => {
    pdf.text(line, at(x + INNER), at(y + height - INNER - list + i * LINE_MM), {
      width: textWidth,
      height: 12,
      ellipsis: true,
      lineBreak: false,
    });
  });
}

/** Picture at the left, words in the middle, code at the right. */
function drawLow(
  pdf: Pdf,
  plan: Plan,
  { seat, lies }: OfSeat,
  { x, y, width, height }: Room,
): void {
  const [inner, tall] = [3, height - 6];
  const picture = width < NARROW_MM ? 0 : width * 0.3;
  const [left, words] = [
    x + inner + (picture > 0 ? picture + 3 : 0),
    width - 2 * inner - (picture > 0 ? picture + 3 : 0) - CODE_MM - 2,
  ];
  if (picture > 0) drawDecal(pdf, plan, seat, x + inner, y + inner, picture, tall);
  drawCode(pdf, codeOf(plan, seat), x + width - inner - CODE_MM, y + inner);
  pdf.fillColor(INK);
  const head = fitted(pdf, headOf(pdf, plan.labels.get(seat) ?? seat, seat), {
    face: "head",
    most: 15,
    least: 6,
    width: at(words),
    lines: 2,
  });
  const below = writeRows(pdf, head, at(left), at(y + inner)) + 1;
  const text = [
    `Seat ${seat}`,
    ...contentsOf(plan, seat),
    [handleNote(plan, seat), lies].filter(Boolean).join(" · "),
    `${plan.document.title} · ${plan.document.when.date}`,
  ]
    .filter(Boolean)
    .join("\n");
  writeRows(
    pdf,
    fittedInto(pdf, text, { width: at(words), height: at(tall) - below, most: 8.5, least: 5 }),
    at(left),
    at(y + inner) + below,
  );
}

/** A name in letters that no face here has is found by its seat. */
const headOf = (pdf: Pdf, label: string, seat: string): string =>
  canWriteAll(pdf, label) ? label : `Seat ${seat}`;

/** Side of the code, mm: read from a hand's breadth. */
const CODE_MM = 16;

/** Drawn in ink as squares: sharp at any size, and no picture in the file. */
function drawCode(pdf: Pdf, text: string, x: number, y: number): void {
  const { size, data } = QRCode.create(text, { errorCorrectionLevel: "M" }).modules;
  const module = at(CODE_MM) / size;
  // Squares side by side are one bar: a third of the file, and no hairlines between them.
  for (let row = 0; row < size; row++)
    for (let from = 0; from < size; from++) {
      if (!data[row * size + from]) continue;
      let to = from;
      while (to < size && data[row * size + to]) to++;
      pdf.rect(at(x) + from * module, at(y) + row * module, (to - from) * module, module);
      from = to;
    }
  pdf.fill(INK);
}

/**
 * A name in letters that no face here has is left to be written by hand: boxes would tell nobody
 * whose it is.
 */
function writeHead(
  pdf: Pdf,
  label: string,
  seat: string,
  x: number,
  y: number,
  width: number,
): void {
  if (canWriteAll(pdf, label)) {
    writeRows(pdf, fitted(pdf, label, { face: "head", most: 15, least: 7, width, lines: 1 }), x, y);
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
    return copies === 0
      ? []
      : [`${copies > 1 ? `${copies} × ` : ""}${title}: ${countsOf(plan, own)}`];
  });
  if (lines.length === 0) return ["Nothing to cut"];
  return lines.length <= MOST_LINES
    ? lines
    : [...lines.slice(0, MOST_LINES - 1), lines.slice(MOST_LINES - 1).join(" · ")];
}

/** Pieces of each film; of a stencil what is taken out, and how many insides must stay. */
function countsOf(plan: Plan, kits: Plan["kits"]): string {
  const said = new Map<string, { pieces: number; islands: number; out: boolean }>();
  for (const { vinyl, pieces, weed, goes } of kits) {
    const name = plan.document.vinyls.find(({ id }) => id === vinyl)?.name ?? vinyl;
    const before = said.get(name);
    said.set(name, {
      pieces: (before?.pieces ?? 0) + pieces.length,
      islands: (before?.islands ?? 0) + weed.islands,
      out: goes === "out",
    });
  }
  return [...said]
    .map(
      ([name, { pieces, islands, out }]) =>
        `${name}: ${out ? `${pieces} to take out${islands > 0 ? `, ${islands} insides stay` : ""}` : `${pieces} ${pieces === 1 ? "piece" : "pieces"}`}`,
    )
    .join(" · ");
}

/** By seat, where it lies, of a single thing; of several the placement sheets tell. */
function liesAt(plan: Plan): Map<string, string> {
  const [own] = plan.things;
  if (!own || plan.things.length > 1) return new Map();
  const mm = (value: number | null) => `${Math.round(value ?? 0)}`;
  return new Map(
    placingsOf(own, thingDocument(plan.document, own.id)).map(
      ({ seat, left, right, above, below }) => [
        seat,
        left === null
          ? `${mm(above)} mm below the rim`
          : `${mm(left)} mm left, ${mm(right)} right, ${mm(above)} above, ${mm(below)} below`,
      ],
    ),
  );
}

/** On a handled cup the decal is laid by where the handle is. */
export function handleNote(plan: Pick<Plan, "document">, seat: string): string {
  const handled = plan.document.things.find(({ blank }) => blank.handle !== undefined);
  const handle = handled?.blank.handle;
  if (!handle) return "";
  const hand = plan.document.seats.find((row) => row.seat === seat)?.hand ?? "right";
  return handle.school === "both"
    ? "both sides of the cup"
    : `handle at the ${handleSides(handle.school, hand)[0]} of the design`;
}

/**
 * Every thing beside the other, each in its films' colours, with an outline that shows pale ones on
 * white paper.
 */
function drawDecal(
  pdf: Pdf,
  plan: Plan,
  seat: string,
  x: number,
  y: number,
  width: number,
  height: number,
): void {
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
    const drawn = placed(
      kit.pieces.map((piece) => piece.polygon),
      scale,
      dx,
      dy,
    );
    const colour = plan.document.vinyls.find(({ id }) => id === kit.vinyl)?.colour ?? INK;
    pdf.lineWidth(0.12);
    // What is taken out of a stencil is no film: only its outline is drawn.
    if (kit.goes === "out") trace(pdf, drawn).stroke(INK);
    else trace(pdf, drawn).fillAndStroke(colour, INK, "even-odd");
  }
  pdf.restore();
}
