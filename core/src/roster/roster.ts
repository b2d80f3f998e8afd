/** Names in: pasted lines or a CSV with tolerant headers. Nothing is changed silently; every oddity is a finding with its line. */
import Papa from "papaparse";

export interface RosterRow {
  /** 1-based line of the file. */
  readonly line: number;
  readonly fields: Readonly<Record<string, string>>;
}

export type RosterCode = "emptyLine" | "extraCells" | "sameSeat" | "tooLong" | "tooManyRows" | "noName" | "spaces" | "controlCharacters";

export interface RosterFinding {
  readonly line: number;
  readonly code: RosterCode;
  readonly text: string;
}

export interface Roster {
  readonly rows: readonly RosterRow[];
  readonly columns: readonly string[];
  readonly findings: readonly RosterFinding[];
}

export const MOST_SEATS = 1000;
export const LONGEST_FIELD = 120;

/** Header words people write, and the column each means. */
const HEADER_WORDS: Record<string, string> = {
  name: "name",
  names: "name",
  "first name": "name",
  firstname: "name",
  "given name": "name",
  participant: "name",
  who: "name",
  seat: "seat",
  "seat no": "seat",
  "seat number": "seat",
  place: "seat",
  word: "word",
  words: "word",
  text: "word",
  number: "number",
  "no.": "number",
};

/** Bytes of a file to text: UTF-8 with or without mark, UTF-16 by its mark, otherwise Latin-1. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder("utf-16le").decode(bytes.subarray(2));
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder("utf-16be").decode(bytes.subarray(2));
  try {
    return new TextDecoder("utf-8", { fatal: true, ignoreBOM: false }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

/**
 * @param slots the design's slots; without a header line the columns are `name`, then the other slots in order
 */
export function parseRoster(text: string, slots: readonly string[]): Roster {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/u, ""), { delimiter: guessDelimiter(text), skipEmptyLines: false });
  const lines = parsed.data;
  while (lines.length > 0 && isBlank(lines[lines.length - 1] ?? [])) lines.pop();
  const header = headerOf(lines[0] ?? [], slots);
  const columns = header ?? ["name", ...slots.filter((slot) => slot !== "name")];
  const findings: RosterFinding[] = [];
  const rows: RosterRow[] = [];
  lines.slice(header ? 1 : 0).forEach((cells, index) => {
    const line = index + (header ? 2 : 1);
    if (isBlank(cells)) findings.push({ line, code: "emptyLine", text: "" });
    else rows.push({ line, fields: readCells(cells, columns, line, findings) });
  });
  findings.push(...sameSeats(rows));
  if (rows.length > MOST_SEATS) findings.push({ line: rows[MOST_SEATS]?.line ?? 0, code: "tooManyRows", text: String(rows.length) });
  return { rows: rows.slice(0, MOST_SEATS), columns, findings };
}

const isBlank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === "");

/** The separator that stands most evenly in the first lines; a single column has none. */
function guessDelimiter(text: string): string {
  const head = text
    .split(/\r?\n/u)
    .filter((line) => line.trim() !== "")
    .slice(0, 20);
  const counts = ["\t", ";", ","].map((mark) => ({ mark, least: Math.min(...head.map((line) => line.replace(/"[^"]*"/gu, "").split(mark).length - 1)) }));
  return counts.reduce((best, next) => (next.least > best.least ? next : best), { mark: ",", least: 0 }).mark;
}

function headerOf(cells: readonly string[], slots: readonly string[]): string[] | null {
  const known = cells.map((cell) => {
    const word = cell.trim().toLowerCase();
    return HEADER_WORDS[word] ?? slots.find((slot) => slot.toLowerCase() === word) ?? null;
  });
  if (!known.some((column) => column === "name" || column === "seat") && known.filter(Boolean).length < 2) return null;
  return cells.map(
    (cell, i) =>
      known[i] ??
      cell
        .trim()
        .toLowerCase()
        .replace(/[^a-z0-9]+/gu, "_")
        .replace(/^[^a-z]+/u, "")
        .slice(0, 30),
  );
}

function readCells(cells: readonly string[], columns: readonly string[], line: number, findings: RosterFinding[]): Record<string, string> {
  const fields: Record<string, string> = {};
  cells.forEach((raw, i) => {
    const column = columns[i];
    if (!column) {
      if (raw.trim() !== "") findings.push({ line, code: "extraCells", text: raw.trim() });
      return;
    }
    const cell = unescapeCell(raw);
    const clean = withoutControls(cell);
    if (clean !== cell) findings.push({ line, code: "controlCharacters", text: clean });
    if (/\s{2,}/u.test(clean.trim())) findings.push({ line, code: "spaces", text: clean.trim() });
    if (clean.trim().length > LONGEST_FIELD) findings.push({ line, code: "tooLong", text: clean.trim().slice(0, 40) });
    fields[column] = clean.trim().slice(0, LONGEST_FIELD);
  });
  if (columns.includes("name") && !fields.name) findings.push({ line, code: "noName", text: "" });
  return fields;
}

/** Control characters and direction overrides cannot be cut and can disguise text. */
export function withoutControls(text: string): string {
  return [...text]
    .filter((char) => !/[\p{Cc}\u202A-\u202E\u2066-\u2069\uFEFF]/u.test(char) || char === "\t")
    .join("")
    .replace(/\t/gu, " ");
}

function sameSeats(rows: readonly RosterRow[]): RosterFinding[] {
  const seen = new Set<string>();
  return rows.flatMap((row) => {
    const seat = row.fields.seat;
    if (!seat || !seen.has(seat)) {
      if (seat) seen.add(seat);
      return [];
    }
    return [{ line: row.line, code: "sameSeat" as const, text: seat }];
  });
}

/** A cell that a spreadsheet would take for a formula is written with an apostrophe before it, and read back without. */
export function escapeCell(cell: string): string {
  return /^'*[=+\-@\t\r]/u.test(cell) ? `'${cell}` : cell;
}

export function unescapeCell(cell: string): string {
  return /^'+[=+\-@\t\r]/u.test(cell) ? cell.slice(1) : cell;
}

/** RFC 4180 with CRLF; formulas escaped. */
export function csvText(rows: readonly (readonly (string | number)[])[]): string {
  const safe = rows.map((row) => row.map((cell) => (typeof cell === "number" ? String(cell) : escapeCell(cell))));
  return `${Papa.unparse(safe, { newline: "\r\n" })}\r\n`;
}
