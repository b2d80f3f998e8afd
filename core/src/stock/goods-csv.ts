/**
 * The shelf as a table: one line for each offer of a good, and back. A line without offers is a
 * good that nobody knows where to buy.
 */
import Papa from "papaparse";
import { csvText, unescapeCell } from "../roster/roster.ts";
import { minorDigits } from "../supplies/money.ts";
import { freeOfferId } from "./film-of.ts";
import { type Good, goodSchema } from "./good.ts";
import { GOOD_KINDS, MOST_OFFERS } from "./good-kinds.ts";

const COLUMNS = [
  "name",
  "kind",
  "unit",
  "here",
  "keep",
  "shop",
  "pack",
  "price",
  "currency",
  "family",
  "colour",
  "backing",
  "glue",
  "pattern",
  "rounds",
  "sold as",
  "width mm",
  "height mm",
  "pack name",
  "of this colour",
  "of all colours",
] as const;
type Column = (typeof COLUMNS)[number];

export interface CountedGood {
  readonly good: Good;
  /** How much is there; null where the list does not say. */
  readonly here: number | null;
}

export type GoodsFault =
  | "noHeadings"
  | "noName"
  | "kind"
  | "number"
  | "price"
  | "currency"
  | "film"
  | "tooManyOffers"
  | "tooManyLines"
  | "twice";
export interface GoodsFinding {
  readonly line: number;
  readonly code: GoodsFault;
  readonly text: string;
}

export const MOST_LINES = 2000;

export function goodsCsv(goods: readonly CountedGood[], currency: string): string {
  const rows = goods.flatMap(({ good, here }) => {
    const first = good.offers.length === 0 ? [undefined] : good.offers;
    return first.map((offer, i) => {
      const film = good.film;
      const cells: Record<Column, string | number> = {
        name: good.name,
        kind: good.kind,
        unit: good.unit,
        here: i === 0 && here !== null ? here : "",
        keep: i === 0 ? (good.reorderAt ?? "") : "",
        shop: offer?.shop ?? "",
        pack: offer?.size ?? "",
        price:
          offer?.price === undefined
            ? ""
            : (offer.price / 10 ** minorDigits(currency)).toFixed(minorDigits(currency)),
        currency: offer?.price === undefined ? "" : currency,
        family: film?.family ?? "",
        colour: film?.colour ?? "",
        backing: film?.backing ?? "",
        glue: film?.adhesive ?? "",
        pattern: film?.turns ?? "",
        rounds: film?.passes ?? "",
        "sold as": film?.stock.kind ?? "",
        "width mm": film?.stock.width ?? "",
        "height mm": film?.stock.height ?? "",
        "pack name": film?.stock.kind === "pack" ? film.stock.pack : "",
        "of this colour": film?.stock.kind === "pack" ? film.stock.count : "",
        "of all colours": film?.stock.kind === "pack" ? film.stock.sheets : "",
      };
      return COLUMNS.map((column) => cells[column]);
    });
  });
  return csvText([[...COLUMNS], ...rows]);
}

/**
 * Reads such a list, or one with fewer columns: `name` is enough. What a line says wrong is told,
 * and that line is left out.
 */
export function readGoodsCsv(
  text: string,
  currency: string,
): { readonly goods: CountedGood[]; readonly findings: GoodsFinding[] } {
  const { data, head } = tableOf(text.replace(/^\uFEFF/u, ""));
  if (head < 0)
    return {
      goods: [],
      findings: [{ line: 1, code: "noHeadings", text: data[0]?.join(", ") ?? "" }],
    };
  const at = new Map((data[head] ?? []).map((cell, i) => [cell.trim().toLowerCase(), i]));
  const findings: GoodsFinding[] = [];
  const found = new Map<string, CountedGood>();
  for (const [i, cells] of data.slice(head + 1).entries()) {
    const line = head + 2 + i;
    if (cells.every((cell) => cell.trim() === "")) continue;
    if (found.size >= MOST_LINES) {
      findings.push({ line, code: "tooManyLines", text: String(MOST_LINES) });
      break;
    }
    const read = readLine(
      (column) => unescapeCell(cells[at.get(column) ?? -1] ?? "").trim(),
      currency,
    );
    if ("code" in read) findings.push({ line, ...read });
    else {
      const fault = addLineInto(found, read);
      if (fault) findings.push({ line, ...fault });
    }
  }
  return { goods: [...found.values()], findings };
}

/**
 * The line of headings decides what parts the cells: guessing from all lines goes wrong where names
 * hold semicolons.
 */
function tableOf(text: string): { readonly data: readonly string[][]; readonly head: number } {
  const tries = [",", ";", "\t"].map((delimiter) => {
    const { data } = Papa.parse<string[]>(text, { delimiter, skipEmptyLines: false });
    return {
      data,
      head: data.findIndex((cells) => cells.some((cell) => cell.trim().toLowerCase() === "name")),
    };
  });
  const width = ({ data, head }: (typeof tries)[number]) =>
    head < 0 ? 0 : (data[head]?.length ?? 0);
  return tries.reduce((best, one) => (width(one) > width(best) ? one : best));
}

type Fault = Pick<GoodsFinding, "code" | "text">;

function readLine(cell: (column: Column) => string, currency: string): CountedGood | Fault {
  const name = cell("name").slice(0, 120);
  if (name === "") return { code: "noName", text: "" };
  const numbers = new Map(
    (
      [
        "here",
        "keep",
        "pack",
        "rounds",
        "width mm",
        "height mm",
        "of this colour",
        "of all colours",
      ] as const
    ).map((column) => [column, numberIn(cell(column))]),
  );
  const bad = [...numbers].find(([, value]) => value === undefined);
  if (bad) return { code: "number", text: `${bad[0]}: ${cell(bad[0])}` };
  if (cell("currency") !== "" && cell("currency").toUpperCase() !== currency)
    return { code: "currency", text: cell("currency") };
  const price = cell("price") === "" ? null : numberIn(cell("price"));
  if (price === undefined) return { code: "price", text: cell("price") };
  const film = filmIn(cell, numbers);
  const kind =
    GOOD_KINDS.find((one) => one === cell("kind").toLowerCase()) ??
    (cell("kind") === "" ? (film ? "film" : "consumable") : null);
  if (!kind) return { code: "kind", text: cell("kind") };
  const offer = {
    id: "a",
    shop: cell("shop").slice(0, 80),
    size: numbers.get("pack") ?? 1,
    ...(price === null ? {} : { price: Math.round(price * 10 ** minorDigits(currency)) }),
  };
  const unit = cell("unit") || (film ? (film.stock.kind === "roll" ? "roll" : "sheet") : "piece");
  const said = cell("shop") !== "" || cell("pack") !== "" || price !== null;
  const read = goodSchema.safeParse({
    kind,
    name,
    unit,
    ...(kind === "film" ? { film } : {}),
    offers: said ? [offer] : [],
    ...(numbers.get("keep") === null ? {} : { reorderAt: numbers.get("keep") }),
  });
  if (!read.success)
    return {
      code: kind === "film" ? "film" : "number",
      text: `${name}: ${read.error.issues[0]?.message ?? ""}`,
    };
  return { good: read.data, here: numbers.get("here") ?? null };
}

/** Null where nothing is said, undefined where it is no number of 0 or more. */
function numberIn(text: string): number | null | undefined {
  if (text === "") return null;
  const value = Number(text.replace(",", "."));
  return Number.isFinite(value) && value >= 0 && value <= 1_000_000 ? value : undefined;
}

function filmIn(
  cell: (column: Column) => string,
  numbers: ReadonlyMap<string, number | null | undefined>,
): { stock: { kind: string } } | null {
  if (cell("family") === "" && cell("colour") === "") return null;
  const kind = cell("sold as") || "sheet";
  const side = (column: string) => numbers.get(column) ?? 304.8;
  const pack =
    kind === "pack"
      ? {
          pack: cell("pack name"),
          count: numbers.get("of this colour") ?? 1,
          sheets: numbers.get("of all colours") ?? 1,
        }
      : {};
  return {
    family: cell("family"),
    colour: cell("colour"),
    ...(cell("backing") === "" ? {} : { backing: cell("backing") }),
    ...(cell("glue") === "" ? {} : { adhesive: cell("glue") }),
    turns: cell("pattern") || "free",
    passes: numbers.get("rounds") ?? 1,
    stock: { kind, width: side("width mm"), height: side("height mm"), ...pack },
  } as unknown as { stock: { kind: string } };
}

/** What makes two lines speak of one good. */
export const goodKey = ({ name, unit, film }: Pick<Good, "name" | "unit" | "film">): string =>
  JSON.stringify([
    name.toLowerCase(),
    film ? [film.family, film.colour.toLowerCase(), film.stock] : unit.toLowerCase(),
  ]);

/** A further line of a good is a further offer. */
function addLineInto(found: Map<string, CountedGood>, { good, here }: CountedGood): Fault | null {
  const key = goodKey(good);
  const before = found.get(key);
  if (!before) {
    found.set(key, { good, here });
    return null;
  }
  const [offer] = good.offers;
  if (!offer) return { code: "twice", text: good.name };
  if (before.good.offers.length >= MOST_OFFERS) return { code: "tooManyOffers", text: good.name };
  found.set(key, {
    ...before,
    good: {
      ...before.good,
      offers: [...before.good.offers, { ...offer, id: freeOfferId(before.good.offers) }],
    },
  });
  return null;
}
