/**
 * What all printed pages share: A4 or Letter in millimetres, fonts embedded, the same bytes for the
 * same content.
 */
import { hundredths, simplified } from "@elm-basket/core/geometry/path.ts";
import type { Polygons } from "@elm-basket/core/geometry/polygon.ts";
import { STUDIO_FONTS } from "@elm-basket/core/lettering/studio-fonts.ts";
import { fontFile } from "@elm-basket/fonts/read.ts";
import PDFDocument from "pdfkit";

export type Pdf = PDFKit.PDFDocument;
export const POINTS_PER_MM = 72 / 25.4;
export const PAGE = { width: 210, height: 297 };
export const PAPERS = { a4: PAGE, letter: { width: 215.9, height: 279.4 } } as const;
export type Paper = keyof typeof PAPERS;
export const MARGIN = 10;
export const INK = "#22292B";
export const FAINT = "#8A908D";
/** Text faces that hold every Latin letter of a name. */
const TEXT_FONT = "oswald";
const BODY_FONT = "varela-round";

export const at = (mm: number): number => mm * POINTS_PER_MM;

/** @param date a day like 2026-12-05: a file's own date, so that it is the same every time */
export async function makePdf(
  title: string,
  date: string,
  draw: (pdf: Pdf) => void,
): Promise<Uint8Array> {
  const created = new Date(`${date}T00:00:00Z`);
  const pdf = new PDFDocument({
    size: "A4",
    margin: 0,
    autoFirstPage: false,
    // None of the standard fonts, which would be read and never written with.
    font: "",
    info: {
      Title: title,
      Creator: "Elm Basket",
      Producer: "Elm Basket",
      CreationDate: created,
      ModDate: created,
    },
  });
  knowFace(pdf, "head", TEXT_FONT);
  knowFace(pdf, "body", BODY_FONT);
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

/** A face as the writer of documents reads it. */
interface ReadFace {
  hasGlyphForCodePoint(code: number): boolean;
}
const faceNow = (pdf: Pdf): ReadFace =>
  (pdf as unknown as { _font: { font: ReadFace } })._font.font;

/** Reading a font's tables takes longer than most of a page: each is read once for all documents. */
const readFaces = new Map<string, ReadFace>();

function knowFace(pdf: Pdf, name: string, id: string): void {
  const read = readFaces.get(id);
  pdf.registerFont(name, (read ?? fontFile(id)) as string);
  if (!read) readFaces.set(id, faceNow(pdf.font(name)));
}

export function addPage(
  pdf: Pdf,
  paper: Paper = "a4",
  layout: "portrait" | "landscape" = "portrait",
): void {
  pdf.addPage({ size: paper === "a4" ? "A4" : "LETTER", layout, margin: 0 });
}

/** Finer than a printer prints, mm: a thousand decals are a file that can be sent. */
const PAPER_MM = 0.03;

/**
 * Outlines of areas as the path that is stroked or filled next, in the units that hold on the page
 * (mm, where it is scaled so). Operators are written at once: a large class has a million corners.
 */
export function trace(pdf: Pdf, polygons: Polygons): Pdf {
  let path = "";
  for (const polygon of polygons)
    for (const ring of polygon) {
      let operator = "m";
      for (const [x, y] of simplified(ring, PAPER_MM)) {
        path += `${hundredths(x)} ${hundredths(y)} ${operator}\n`;
        operator = "l";
      }
      if (operator === "l") path += "h\n";
    }
  return pdf.addContent(path);
}

/** A page that says why there is nothing on it. */
export function sayOnPage(pdf: Pdf, words: string): void {
  addPage(pdf);
  pdf.font("body").fontSize(14).text(words, at(MARGIN), at(MARGIN));
}

/** Long names shrink until they fit one line. Position in points. */
export function writeLine(
  pdf: Pdf,
  font: "head" | "body",
  largest: number,
  text: string,
  x: number,
  y: number,
  width: number,
): void {
  pdf.font(font);
  let size = largest;
  while (size > 7 && pdf.fontSize(size).widthOfString(text) > width) size -= 0.5;
  pdf
    .fontSize(size)
    .text(text, x, y, { width, height: size * 1.4, ellipsis: true, lineBreak: false });
}

/**
 * Faces tried in turn for a letter that the text face does not have: every script that the
 * lettering knows can be written.
 */
const FALLBACKS = STUDIO_FONTS.filter(({ joined }) => !joined).map(({ id }) => id);
const faces = new WeakMap<Pdf, Map<string, string>>();

/** The face that has a letter; the given one where none has it. */
function faceOf(pdf: Pdf, letter: string, face: "head" | "body"): string {
  const known = faces.get(pdf) ?? new Map<string, string>();
  faces.set(pdf, known);
  const key = `${face}${letter}`;
  const there = known.get(key);
  if (there !== undefined) return there;
  const found =
    [face, face === "head" ? "body" : "head"].find((one) =>
      canWrite(pdf, one as "head" | "body", letter),
    ) ??
    fallback(pdf, letter) ??
    face;
  known.set(key, found);
  return found;
}

function fallback(pdf: Pdf, letter: string): string | undefined {
  return FALLBACKS.find((id) => {
    knowFace(pdf, id, id);
    return canWrite(pdf, id as "body", letter);
  });
}

export interface Written {
  readonly size: number;
  readonly width: number;
  readonly colour?: string;
  readonly face?: "head" | "body";
  readonly leading?: number;
  readonly lines?: number;
}

/**
 * Words in lines of a width, each letter in a face that has it. Position and sizes in points.
 * @returns the height taken
 */
export function write(
  pdf: Pdf,
  text: string,
  x: number,
  y: number,
  { size, width, colour = INK, face = "body", leading = 1.32, lines = 200 }: Written,
): number {
  const rows = linesOf(pdf, text, width, { size, face });
  const shown = rows.slice(0, lines);
  pdf.fillColor(colour).fontSize(size);
  shown.forEach((row, i) => {
    const words = i === lines - 1 && rows.length > lines ? `${row.replace(/.{1,2}$/u, "")}…` : row;
    writeRun(pdf, words, x, y + i * size * leading, { size, face });
  });
  return shown.length * size * leading;
}

export const heightOf = (
  pdf: Pdf,
  text: string,
  { size, width, face = "body", leading = 1.32, lines = 200 }: Written,
): number => Math.min(lines, linesOf(pdf, text, width, { size, face }).length) * size * leading;

function linesOf(
  pdf: Pdf,
  text: string,
  width: number,
  { size, face }: { size: number; face: "head" | "body" },
): string[] {
  // Word by word: words come again and again, lines do not.
  const measure = (word: string) => widthOf(pdf, word, { size, face });
  const space = measure(" ");
  const rows: string[] = [];
  for (const paragraph of text.split("\n")) {
    let row = "";
    let taken = 0;
    for (const word of paragraph.split(/\s+/u).filter(Boolean)) {
      const own = measure(word);
      if (row !== "" && taken + space + own > width) {
        rows.push(row);
        [row, taken] = [word, own];
      } else [row, taken] = row === "" ? [word, own] : [`${row} ${word}`, taken + space + own];
    }
    if (row !== "" || paragraph === "") rows.push(row);
  }
  return rows;
}

export interface Fitted {
  readonly face: "head" | "body";
  readonly size: number;
  readonly rows: readonly string[];
  /** Not all of it had room. */
  readonly cut: boolean;
}

/**
 * Words in the largest letters with which they fit a width in so many lines, each letter in a face
 * that has it; a word longer than a line is broken. Sizes in points.
 */
export function fitted(
  pdf: Pdf,
  text: string,
  {
    face,
    most,
    least,
    width,
    lines,
  }: { face: "head" | "body"; most: number; least: number; width: number; lines: number },
): Fitted {
  for (let size = most; ; size = Math.max(least, size - 0.5)) {
    const whole = linesOf(pdf, text, width, { size, face });
    const tooWide = whole.some((row) => widthOf(pdf, row, { size, face }) > width);
    if (!tooWide && whole.length <= lines) return { face, size, rows: whole, cut: false };
    if (size > least) continue;
    const rows = tooWide ? whole.flatMap((row) => broken(pdf, row, width, { size, face })) : whole;
    return { face, size, rows: rows.slice(0, lines), cut: rows.length > lines };
  }
}

/** Several lines in the largest letters with which all of them have room. Sizes in points. */
export function fittedInto(
  pdf: Pdf,
  text: string,
  { width, height, most, least }: { width: number; height: number; most: number; least: number },
): Fitted {
  for (let size = most; ; size = Math.max(least, size - 0.5)) {
    const rows = fitted(pdf, text, {
      face: "body",
      most: size,
      least: size,
      width,
      lines: Math.max(1, Math.floor(height / (size * LEADING))),
    });
    if (!rows.cut || size <= least) return rows;
  }
}

/** @returns the height taken, points */
export function writeRows(pdf: Pdf, { face, size, rows }: Fitted, x: number, y: number): number {
  rows.forEach((row, i) => {
    writeRun(pdf, row, x, y + i * size * LEADING, { size, face });
  });
  return rows.length * size * LEADING;
}
const LEADING = 1.32;

interface Letters {
  readonly size: number;
  readonly face: "head" | "body";
}

/** Widths at a size of one point, by face and words. */
const widths = new WeakMap<Pdf, Map<string, number>>();

function widthOf(pdf: Pdf, words: string, { size, face }: Letters): number {
  const known = widths.get(pdf) ?? new Map<string, number>();
  widths.set(pdf, known);
  const key = `${face} ${words}`;
  const there = known.get(key);
  if (there !== undefined) return there * size;
  const width = runsOf(pdf, words, face).reduce(
    (sum, [font, part]) => sum + pdf.font(font).fontSize(1).widthOfString(part),
    0,
  );
  known.set(key, width);
  return width * size;
}

/** Letter by letter, where a word alone is longer than the line. */
function broken(pdf: Pdf, row: string, width: number, set: Letters): string[] {
  const rows: string[] = [];
  let part = "";
  for (const letter of row) {
    if (part !== "" && widthOf(pdf, part + letter, set) > width) {
      rows.push(part);
      part = letter;
    } else part += letter;
  }
  return part === "" ? rows : [...rows, part];
}

/** One line, each letter in a face that has it. */
function writeRun(pdf: Pdf, words: string, x: number, y: number, { size, face }: Letters): void {
  let at = x;
  const runs = runsOf(pdf, words, face);
  runs.forEach(([font, part], i) => {
    pdf.font(font).fontSize(size).text(part, at, y, { lineBreak: false });
    if (i < runs.length - 1) at += pdf.widthOfString(part);
  });
}

/** Whether every letter can be printed in one face or another. */
export const canWriteAll = (pdf: Pdf, text: string): boolean =>
  runsOf(pdf, text, "head").every(([font, part]) => canWrite(pdf, font as "head", part));

function runsOf(pdf: Pdf, text: string, face: "head" | "body"): [font: string, part: string][] {
  const runs: [string, string][] = [];
  for (const letter of text) {
    const last = runs.at(-1);
    const font = /\s/u.test(letter) ? (last?.[0] ?? face) : faceOf(pdf, letter, face);
    if (last?.[0] === font) last[1] += letter;
    else runs.push([font, letter]);
  }
  return runs;
}

/** Whether a face has every letter of a text: what it lacks would be printed as boxes. */
export function canWrite(pdf: Pdf, font: "head" | "body", text: string): boolean {
  const face = faceNow(pdf.font(font));
  return [...text].every(
    (letter) => /\s/u.test(letter) || face.hasGlyphForCodePoint(letter.codePointAt(0) ?? 0),
  );
}

/** A length between two ticks with its figure in the middle, mm. */
export function dimension(
  pdf: Pdf,
  [x1, y1]: readonly [number, number],
  [x2, y2]: readonly [number, number],
  words: string,
  size = 7.5,
): void {
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  const [tx, ty] = upright ? [1.2, 0] : [0, 1.2];
  pdf.lineWidth(0.5);
  pdf.moveTo(at(x1), at(y1)).lineTo(at(x2), at(y2)).stroke(INK);
  for (const [x, y] of [
    [x1, y1],
    [x2, y2],
  ] as const)
    pdf
      .moveTo(at(x - tx), at(y - ty))
      .lineTo(at(x + tx), at(y + ty))
      .stroke(INK);
  pdf.font("body").fontSize(size);
  const width = pdf.widthOfString(words);
  const [mx, my] = [at((x1 + x2) / 2), at((y1 + y2) / 2)];
  // On paper of its own, so that the line does not run through it.
  pdf.rect(mx - width / 2 - 1.5, my - size / 2 - 1, width + 3, size + 2).fill("#FFFFFF");
  pdf.fillColor(INK).text(words, mx - width / 2, my - size / 2, { lineBreak: false });
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
  pdf
    .lineWidth(0.4)
    .dash(2, { space: 2 })
    .rect(at(x), at(y), at(width), at(height))
    .stroke(FAINT)
    .undash();
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
