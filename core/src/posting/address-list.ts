/**
 * Addresses from a list: which column is what, and which seat each belongs to. A parcel in the
 * wrong hands is worse than one line by hand: what is unsure is not taken.
 */
import { columnOf, plainHeading } from "../roster/columns.ts";
import { type ListRecord, recordsOf, unescapeCell, withoutControls } from "../roster/roster.ts";
import type { Address } from "./posting.ts";
import { readAddress } from "./read-address.ts";

export type AddressCode =
  | "noHeadings"
  | "noAddress"
  | "noSuchSeat"
  | "nobody"
  | "ambiguous"
  | "twice"
  | "unusable"
  | "tooMany"
  | "guessed"
  | "unusedColumn";

/** Whether a line is taken all the same. */
export const isTaken = (code: AddressCode): boolean =>
  code === "guessed" || code === "unusedColumn";

export interface AddressFinding {
  readonly line: number;
  readonly code: AddressCode;
  readonly text: string;
}

export interface ReadAddress {
  readonly line: number;
  readonly seat: string;
  readonly address: Address;
}

export interface AddressList {
  readonly rows: readonly ReadAddress[];
  readonly findings: readonly AddressFinding[];
}

export const MOST_ADDRESSES = 3000;
const MOST_HEADING_LINES = 6;

type Column = "seat" | "name" | "last" | "line" | "country";

const LINE =
  /^(address|address line|address ?\d|line ?\d|street|street address|house|house ?(number|no|nr)|building|flat|apartment|apt|unit|c o|care of|company|road|town|city|village|place name|locality|county|region|state|province|district|post ?code|postal code|zip|zip code|strasse|str|hausnummer|ort|stadt|plz|postleitzahl|wohnort|adresse|adresszeile ?\d|rue|ville|code postal|calle|ciudad|codigo postal|provincia|direccion|via|citta|cap|indirizzo|straat|huisnummer|plaatsnaam|postcode|adres|gade|by|postnummer|gata|gate|ulica|miasto|kod pocztowy|osoite|katu|kaupunki)$/u;
const LINE_WORDS =
  /\b(address ?\d*|street ?\d*|line ?\d+|postcode|postal|zip|town|city|county|province|state|region|adresse|strasse|stadt|plz)\b/u;
/** "E-mail address" is no line of a label. */
const NOT_PRINTED =
  /\b(e ?mails?|mail|phone|telephone|tel|mobile|ip|web|url|date|order|status|method|notes?)\b/u;
const COUNTRY =
  /^(country|(?:shipping|delivery|mailing) country(?: name)?|land|pays|pais|paese|kraj|maa|nation|shipping country|delivery country)$/u;
const LAST =
  /^(last ?name|surname|family ?name|nachname|apellidos?|cognome|achternaam|efternavn|etternavn|efternamn|nazwisko|sukunimi|nom de famille)$/u;

function columnFor(cell: string): Column | null {
  const heading = plainHeading(cell);
  if (NOT_PRINTED.test(heading)) return null;
  if (COUNTRY.test(heading)) return "country";
  if (LAST.test(heading)) return "last";
  if (LINE.test(heading)) return "line";
  const known = columnOf(cell, []);
  if (known === "seat" || known === "name") return known;
  return LINE_WORDS.test(heading) ? "line" : null;
}

/** Of a shop's list with two addresses the one to which it is sent. */
function columnsOf(cells: readonly string[]): (Column | null)[] {
  const headings = cells.map(plainHeading);
  const sent = headings.some((heading) => /\b(shipping|delivery)\b/u.test(heading));
  const columns = cells.map((cell, i) =>
    sent && /\bbilling\b/u.test(headings[i] ?? "") ? null : columnFor(cell),
  );
  const name = headings.findIndex(
    (heading, i) => columns[i] === "name" && /\b(shipping|delivery)\b/u.test(heading),
  );
  // Whose order it is may be somebody else.
  return name < 0
    ? columns
    : columns.map((column, i) =>
        (column === "name" || column === "last") &&
        !/\b(shipping|delivery)\b/u.test(headings[i] ?? "")
          ? null
          : column,
      );
}

interface Entry {
  readonly line: number;
  readonly seat: string;
  readonly first: string;
  readonly name: string;
  readonly lines: readonly string[];
  readonly country: string;
}

/**
 * Reads a list whose first line names its columns: a seat or a name, the parts of the address in
 * the order in which they are printed, and a
 * country where it is not the studio's own.
 * @param seats every seat with the name on its label
 */
export function readAddresses(
  text: string,
  seats: readonly { readonly seat: string; readonly name: string }[],
): AddressList {
  const { records } = recordsOf(text.replace(/^\uFEFF/u, ""));
  const full = records.filter(({ cells }) => cells.some((cell) => cell.trim() !== ""));
  const head = full.slice(0, MOST_HEADING_LINES).findIndex(({ cells }) => isHead(columnsOf(cells)));
  const heading = full[head];
  if (!heading)
    return {
      rows: [],
      findings:
        full.length === 0 ? [] : [{ line: full[0]?.line ?? 1, code: "noHeadings", text: "" }],
    };
  const columns = columnsOf(heading.cells);
  // Said, so that a street under a heading nobody knows is not missed in silence.
  const findings: AddressFinding[] = heading.cells.flatMap((cell, i) =>
    columns[i] === null && cell.trim() !== ""
      ? [{ line: heading.line, code: "unusedColumn" as const, text: cell.trim().slice(0, 60) }]
      : [],
  );
  const entries = full.slice(head + 1).map((record) => entryOf(record, columns));
  if (entries.length > MOST_ADDRESSES)
    findings.push({
      line: entries[MOST_ADDRESSES]?.line ?? 0,
      code: "tooMany",
      text: String(MOST_ADDRESSES),
    });
  const rows: ReadAddress[] = [];
  const taken = new Map<string, number>();
  // What the list says for certain goes before what is guessed.
  for (const { entry, seat, guessed } of matched(
    entries.slice(0, MOST_ADDRESSES),
    seats,
    findings,
  ).sort((a, b) => Number(a.guessed) - Number(b.guessed))) {
    const { line } = entry;
    if (entry.lines.length === 0) {
      findings.push({ line, code: "noAddress", text: entry.name || entry.seat });
      continue;
    }
    const own = seats.find((row) => row.seat === seat)?.name ?? "";
    const read = readAddress({
      name: entry.name || own || `Seat ${seat}`,
      lines: [...entry.lines],
      country: entry.country,
    });
    if (read.fault) findings.push({ line, code: "unusable", text: read.fault.message });
    else if (taken.has(seat)) findings.push({ line, code: "twice", text: seat });
    else {
      taken.set(seat, line);
      if (guessed) findings.push({ line, code: "guessed", text: `${entry.name} → ${own}` });
      rows.push({ line, seat, address: read.address });
    }
  }
  return { rows, findings: findings.sort((a, b) => a.line - b.line) };
}

const isHead = (columns: readonly (Column | null)[]): boolean =>
  columns.includes("line") &&
  (columns.includes("seat") || columns.includes("name") || columns.includes("last"));

function entryOf({ line, cells }: ListRecord, columns: readonly (Column | null)[]): Entry {
  const of = (wanted: Column) =>
    columns.flatMap((column, i) => (column === wanted ? clean(cells[i] ?? "") : []));
  const first = of("name").join(" ");
  const lines = columns.flatMap((column, i) =>
    column === "line" ? (cells[i] ?? "").split(/[\r\n]+/u).flatMap(clean) : [],
  );
  return {
    line,
    seat: of("seat")[0] ?? "",
    first,
    name: [first, ...of("last")].filter(Boolean).join(" "),
    lines: gathered(lines),
    country: of("country")[0] ?? "",
  };
}

/** One cell as one line, without what cannot be printed; nothing where nothing stands. */
function clean(cell: string): string[] {
  const text = withoutControls(unescapeCell(cell).replace(/[\r\n]+/gu, " "))
    .replace(/\s+/gu, " ")
    .trim();
  return text === "" ? [] : [text];
}

/**
 * A house number or a short code stands on the line of what follows it, or, as the last one, behind
 * what precedes it.
 */
function gathered(parts: readonly string[]): string[] {
  const lines: string[] = [];
  let before = "";
  parts.forEach((part, i) => {
    if (part.length <= SHORT && /^\d/u.test(part) && i < parts.length - 1)
      before = [before, part].filter(Boolean).join(" ");
    else {
      lines.push([before, part].filter(Boolean).join(" "));
      before = "";
    }
  });
  return lines;
}
const SHORT = 6;

const folded = (name: string): string =>
  name
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .replace(/[’`´]/gu, "'")
    .trim()
    .replace(/\s+/gu, " ")
    .toLowerCase();

interface Match {
  readonly entry: Entry;
  readonly seat: string;
  readonly guessed: boolean;
}

/**
 * By seat where the list says one; else by the name, where only one seat and one line bear it; else
 * by a first name that is as clear.
 */
function matched(
  entries: readonly Entry[],
  seats: readonly { readonly seat: string; readonly name: string }[],
  findings: AddressFinding[],
): Match[] {
  const bySeat = new Set(seats.map(({ seat }) => seat));
  const named = new Map<string, string[]>();
  for (const { seat, name } of seats)
    if (folded(name) !== "") named.set(folded(name), [...(named.get(folded(name)) ?? []), seat]);
  const asked = (key: (entry: Entry) => string) => {
    const counts = new Map<string, number>();
    for (const entry of entries)
      if (entry.seat === "") counts.set(key(entry), (counts.get(key(entry)) ?? 0) + 1);
    return counts;
  };
  const whole = asked(({ name }) => folded(name));
  const firsts = asked(firstOf);
  return entries.flatMap((entry): Match[] => {
    const { line, seat, name } = entry;
    if (seat !== "") {
      if (bySeat.has(seat)) return [{ entry, seat, guessed: false }];
      findings.push({ line, code: "noSuchSeat", text: seat });
      return [];
    }
    const [exact, more] = named.get(folded(name)) ?? [];
    if (exact !== undefined) {
      if (more === undefined && whole.get(folded(name)) === 1)
        return [{ entry, seat: exact, guessed: false }];
      findings.push({ line, code: "ambiguous", text: name });
      return [];
    }
    const [guess, other] = named.get(firstOf(entry)) ?? [];
    if (guess !== undefined && other === undefined && firsts.get(firstOf(entry)) === 1)
      return [{ entry, seat: guess, guessed: true }];
    findings.push({ line, code: guess === undefined ? "nobody" : "ambiguous", text: name });
    return [];
  });
}

const firstOf = ({ first }: Entry): string => folded(first).split(" ")[0] ?? "";
