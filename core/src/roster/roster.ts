/**
 * Names in: pasted lines or a CSV with tolerant headers. Nothing is changed silently; every oddity
 * is a finding with its line.
 */
import Papa from "papaparse";
import { columnOf, ownColumn } from "./columns.ts";

export interface RosterRow {
  /** 1-based line of the text on which it begins. */
  readonly line: number;
  readonly fields: Readonly<Record<string, string>>;
}

export type RosterCode =
  | "emptyLine"
  | "extraCells"
  | "sameSeat"
  | "tooLong"
  | "tooManyRows"
  | "noName"
  | "spaces"
  | "controlCharacters"
  | "lineBreak"
  | "openQuote"
  | "titleLine"
  | "unusedColumn"
  | "headerUnsure"
  | "nobody";

export interface RosterFinding {
  readonly line: number;
  readonly code: RosterCode;
  readonly text: string;
}

export interface Roster {
  readonly rows: readonly RosterRow[];
  /** What each column is; an empty name is left out. */
  readonly columns: readonly string[];
  /** The headings as they were written; null when the first line already is somebody. */
  readonly header: readonly string[] | null;
  readonly findings: readonly RosterFinding[];
}

export interface RosterOptions {
  /** What each column is, as the host assigned it; an empty name leaves it out. */
  readonly columns?: readonly string[];
  /** Whether a heading stands above, where the host knows better. */
  readonly headed?: boolean;
}

/** A craft-along has a thousand and more. */
export const MOST_SEATS = 3000;
export const LONGEST_FIELD = 120;
/** Titles above a list: so many lines are looked through for its headings. */
const MOST_TITLE_LINES = 6;

/** Bytes of a file to text: UTF-8 with or without mark, UTF-16 by its mark, otherwise Latin-1. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe)
    return new TextDecoder("utf-16le").decode(bytes.subarray(2));
  if (bytes[0] === 0xfe && bytes[1] === 0xff)
    return new TextDecoder("utf-16be").decode(bytes.subarray(2));
  try {
    return new TextDecoder("utf-8", { fatal: true, ignoreBOM: false }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

/** A record of a list, with the line on which it begins. */
export interface ListRecord {
  readonly line: number;
  readonly cells: readonly string[];
}

/**
 * @param slots the design's slots; without a header line the columns are `name` where the design
 * asks for it, then the other slots in order
 */
export function parseRoster(
  text: string,
  slots: readonly string[],
  options: RosterOptions = {},
): Roster {
  const { records, findings } = recordsOf(text.replace(/^\uFEFF/u, ""));
  return rosterOf(records, slots, options, findings);
}

/** The same of a table that was read from a spreadsheet: rows of cells. */
export function rosterOfTable(
  table: readonly (readonly string[])[],
  slots: readonly string[],
  options: RosterOptions = {},
): Roster {
  return rosterOf(
    table.map((cells, i) => ({ line: i + 1, cells })),
    slots,
    options,
    [],
  );
}

function rosterOf(
  all: readonly ListRecord[],
  slots: readonly string[],
  options: RosterOptions,
  before: readonly RosterFinding[],
): Roster {
  const last = all.findLastIndex(({ cells }) => !isBlank(cells));
  const records = all.slice(0, last + 1);
  const findings: RosterFinding[] = [...before];
  const head = options.headed === false ? -1 : headerIndex(records, slots, options.headed ?? false);
  const header = head < 0 ? null : (records[head]?.cells ?? []);
  for (const { line, cells } of records.slice(0, Math.max(0, head)))
    if (!isBlank(cells))
      findings.push({ line, code: "titleLine", text: cells.filter(Boolean).join(" ").trim() });
  const columns = options.columns ?? (header ? headed(header, slots) : plainColumns(slots));
  const rows: RosterRow[] = [];
  for (const { line, cells } of records.slice(head + 1)) {
    if (isBlank(cells)) findings.push({ line, code: "emptyLine", text: "" });
    else rows.push({ line, fields: readCells(cells, columns, line, findings) });
  }
  if (header && !options.columns)
    findings.push(...unused(header, columns, slots, records[head]?.line ?? 1));
  if (!header && options.headed === undefined && looksLikeHeading(records))
    findings.push({
      line: records[0]?.line ?? 1,
      code: "headerUnsure",
      text: records[0]?.cells.join(", ") ?? "",
    });
  findings.push(...sameSeats(rows));
  if (rows.length === 0) findings.push({ line: 1, code: "nobody", text: "" });
  if (rows.length > MOST_SEATS)
    findings.push({
      line: rows[MOST_SEATS]?.line ?? 0,
      code: "tooManyRows",
      text: String(rows.length),
    });
  return { rows: rows.slice(0, MOST_SEATS), columns, header, findings };
}

const plainColumns = (slots: readonly string[]): string[] => [
  "name",
  ...slots.filter((slot) => slot !== "name"),
];

const isBlank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === "");

/**
 * Records with the line on which each begins; a quote that never ends is read as a letter, so that
 * it swallows nobody.
 */
export function recordsOf(text: string): { records: ListRecord[]; findings: RosterFinding[] } {
  const delimiter = guessDelimiter(text);
  const read = parsed(text, delimiter, '"');
  if (read.open === null) return { records: read.records, findings: [] };
  const plain = parsed(text, delimiter, "\u0000");
  return {
    records: plain.records,
    findings: [
      {
        line: read.open,
        code: "openQuote",
        text:
          plain.records
            .find(({ line }) => line === read.open)
            ?.cells.join(", ")
            .slice(0, 60) ?? "",
      },
    ],
  };
}

function parsed(
  text: string,
  delimiter: string,
  quoteChar: string,
): { records: ListRecord[]; open: number | null } {
  const records: ListRecord[] = [];
  let line = 1;
  let from = 0;
  let open: number | null = null;
  Papa.parse<string[]>(text, {
    delimiter,
    quoteChar,
    skipEmptyLines: false,
    step: ({ data, errors, meta }) => {
      if (errors.some(({ code }) => code === "MissingQuotes")) open ??= line;
      records.push({ line, cells: data });
      line += text.slice(from, meta.cursor).match(/\r\n|\n|\r/gu)?.length ?? 0;
      from = meta.cursor;
    },
  });
  return { records, open };
}

/**
 * The separator that most lines have the same number of times; a single column has none. One short
 * line proves nothing.
 */
function guessDelimiter(text: string): string {
  const head = text
    .replace(/"[^"]*"/gu, "")
    .split(/\r?\n/u)
    .filter((line) => line.trim() !== "")
    .slice(0, 40);
  const scores = ["\t", ";", ","].map((mark) => ({
    mark,
    lines: head.filter((line) => line.includes(mark)).length,
  }));
  const best = scores.reduce((a, b) => (b.lines > a.lines ? b : a));
  return best.lines * 2 > head.length || (best.lines > 0 && head.length <= 2)
    ? best.mark
    : "\u0001";
}

/**
 * The line with the headings: the first near the top in which a column is known, below nothing but
 * titles.
 */
function headerIndex(
  records: readonly ListRecord[],
  slots: readonly string[],
  sure: boolean,
): number {
  for (const [i, { cells }] of records.slice(0, MOST_TITLE_LINES).entries()) {
    if (isBlank(cells)) continue;
    const known = cells.map((cell) => columnOf(cell, slots)).filter((column) => column !== null);
    if (known.includes("name") || known.includes("seat") || known.length >= 2)
      return !sure && readsOn(records, i, slots) ? -1 : i;
    // A title is one cell alone above a list of more; a list of one column has none.
    const alone =
      cells.filter((cell) => cell.trim() !== "").length === 1 &&
      records.some((other) => other.cells.filter((cell) => cell.trim() !== "").length > 1);
    if (!alone && !aboveHeadings(records, i, slots)) return sure ? i : -1;
  }
  return sure ? 0 : -1;
}

/**
 * "Name 1", "Name 2", …: numbered, and the next line reads like a heading, too: both are people.
 */
function readsOn(records: readonly ListRecord[], at: number, slots: readonly string[]): boolean {
  const cells = records[at]?.cells ?? [];
  const next = records.slice(at + 1).find((row) => !isBlank(row.cells));
  return (
    next !== undefined &&
    cells.every(
      (cell, i) =>
        columnOf(cell, slots) === null ||
        (/\d/u.test(cell) && columnOf(next.cells[i] ?? "", slots) === columnOf(cell, slots)),
    )
  );
}

/** A title may hold a comma: a blank line parts it from headings that are all known. */
function aboveHeadings(
  records: readonly ListRecord[],
  at: number,
  slots: readonly string[],
): boolean {
  if (!isBlank(records[at + 1]?.cells ?? ["a row"])) return false;
  const next = records.slice(at + 1, MOST_TITLE_LINES).find(({ cells }) => !isBlank(cells));
  return next?.cells.every((cell) => columnOf(cell, slots) !== null) ?? false;
}

/**
 * A column that nobody knows keeps a name of its own; two of one kind are told apart, the first
 * counts.
 */
function headed(header: readonly string[], slots: readonly string[]): string[] {
  const taken = new Set<string>();
  return header.map((cell, i) => {
    const known = columnOf(cell, slots);
    const column = known && !taken.has(known) ? known : ownColumn(cell) || `column_${i + 1}`;
    const free = taken.has(column) ? `${column.slice(0, 26)}_${i + 1}` : column;
    taken.add(free);
    return free;
  });
}

function unused(
  header: readonly string[],
  columns: readonly string[],
  slots: readonly string[],
  line: number,
): RosterFinding[] {
  const wanted = new Set([...slots, "name", "seat", "word", "number"]);
  return header.flatMap((cell, i) =>
    cell.trim() !== "" && !wanted.has(columns[i] ?? "") && !(columns[i] ?? "").includes(".")
      ? [{ line, code: "unusedColumn" as const, text: cell.trim() }]
      : [],
  );
}

/**
 * Short words without figures above cells that are longer or hold figures: perhaps a heading in
 * words not known here.
 */
function looksLikeHeading(records: readonly ListRecord[]): boolean {
  const [first, ...rest] = records;
  if (!first || rest.length < 2 || first.cells.length < 2) return false;
  return first.cells.some(
    (cell, i) =>
      !/\d/u.test(cell) &&
      cell.trim() !== "" &&
      rest.every(({ cells }) => /^\s*\d+\s*$/u.test(cells[i] ?? "")),
  );
}

function readCells(
  cells: readonly string[],
  columns: readonly string[],
  line: number,
  findings: RosterFinding[],
): Record<string, string> {
  const fields: Record<string, string> = {};
  cells.forEach((raw, i) => {
    const column = columns[i];
    if (column === undefined) {
      if (raw.trim() !== "") findings.push({ line, code: "extraCells", text: raw.trim() });
      return;
    }
    if (column === "") return;
    const cell = unescapeCell(raw).trim();
    const oneLine = cell.replace(/\s*[\r\n]+\s*/gu, " ");
    if (oneLine !== cell) findings.push({ line, code: "lineBreak", text: oneLine });
    const clean = withoutControls(oneLine);
    if (clean !== oneLine) findings.push({ line, code: "controlCharacters", text: clean });
    if (/\s{2,}/u.test(clean.trim())) findings.push({ line, code: "spaces", text: clean.trim() });
    if (clean.trim().length > LONGEST_FIELD)
      findings.push({ line, code: "tooLong", text: clean.trim().slice(0, 40) });
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

/**
 * A cell that a spreadsheet would take for a formula is written with an apostrophe before it, and
 * read back without.
 */
export function escapeCell(cell: string): string {
  return /^'*[=+\-@\t\r]/u.test(cell) ? `'${cell}` : cell;
}

export function unescapeCell(cell: string): string {
  return /^'+[=+\-@\t\r]/u.test(cell) ? cell.slice(1) : cell;
}

/** RFC 4180 with CRLF; formulas escaped. */
export function csvText(rows: readonly (readonly (string | number)[])[]): string {
  const safe = rows.map((row) =>
    row.map((cell) => (typeof cell === "number" ? String(cell) : escapeCell(cell))),
  );
  return `${Papa.unparse(safe, { newline: "\r\n" })}\r\n`;
}
