/** What all printed pages share: A4 in millimetres, fonts embedded, the same bytes for the same content. */
import { fontFile } from "@elm-basket/fonts/read.ts";
import PDFDocument from "pdfkit";

export type Pdf = PDFKit.PDFDocument;
export const POINTS_PER_MM = 72 / 25.4;
export const PAGE = { width: 210, height: 297 };
export const MARGIN = 10;
export const INK = "#22292B";
export const FAINT = "#8A908D";
/** Text faces that hold every Latin letter of a name. */
const TEXT_FONT = "oswald";
const BODY_FONT = "varela-round";

export const at = (mm: number): number => mm * POINTS_PER_MM;

/** @param date a day like 2026-12-05: a file's own date, so that it is the same every time */
export async function makePdf(title: string, date: string, draw: (pdf: Pdf) => void): Promise<Uint8Array> {
  const created = new Date(`${date}T00:00:00Z`);
  const pdf = new PDFDocument({ size: "A4", margin: 0, autoFirstPage: false, info: { Title: title, Creator: "Elm Basket", Producer: "Elm Basket", CreationDate: created, ModDate: created } });
  pdf.registerFont("head", fontFile(TEXT_FONT));
  pdf.registerFont("body", fontFile(BODY_FONT));
  const chunks: Uint8Array[] = [];
  const done = new Promise<void>((resolve, reject) => {
    pdf.on("data", (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on("end", resolve);
    pdf.on("error", reject);
  });
  draw(pdf);
  pdf.end();
  await done;
  return concat(chunks);
}

export function addPage(pdf: Pdf): void {
  pdf.addPage({ size: "A4", margin: 0 });
}

/** A page that says why there is nothing on it. */
export function sayOnPage(pdf: Pdf, words: string): void {
  addPage(pdf);
  pdf.font("body").fontSize(14).text(words, at(MARGIN), at(MARGIN));
}

/** Long names shrink until they fit one line. Position in points. */
export function writeLine(pdf: Pdf, font: "head" | "body", largest: number, text: string, x: number, y: number, width: number): void {
  pdf.font(font);
  let size = largest;
  while (size > 7 && pdf.fontSize(size).widthOfString(text) > width) size -= 0.5;
  pdf.fontSize(size).text(text, x, y, { width, height: size * 1.4, ellipsis: true, lineBreak: false });
}

/** Whether a face has every letter of a text: what it lacks would be printed as boxes. */
export function canWrite(pdf: Pdf, font: "head" | "body", text: string): boolean {
  pdf.font(font);
  const face = (pdf as unknown as { _font: { font: { hasGlyphForCodePoint(code: number): boolean } } })._font.font;
  return [...text].every((letter) => /\s/u.test(letter) || face.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0));
}

/** A line to write on by hand, points. */
export function writingLine(pdf: Pdf, x: number, y: number, width: number): void {
  pdf
    .lineWidth(0.6)
    .moveTo(x, y)
    .lineTo(x + width, y)
    .stroke(INK);
}

/** A dashed line to cut along, mm. */
export function cutRound(pdf: Pdf, x: number, y: number, width: number, height: number): void {
  pdf.lineWidth(0.4).dash(2, { space: 2 }).rect(at(x), at(y), at(width), at(height)).stroke(FAINT).undash();
}

function concat(chunks: readonly Uint8Array[]): Uint8Array {
  const all = new Uint8Array(chunks.reduce((sum, chunk) => sum + chunk.length, 0));
  let end = 0;
  for (const chunk of chunks) {
    all.set(chunk, end);
    end += chunk.length;
  }
  return all;
}
