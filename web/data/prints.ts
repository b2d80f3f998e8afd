/** Fingerprints of a computed plan's rows: what says the same as before is not written again. */
import { createHash } from "node:crypto";
import type { PlannedFilm } from "./films.ts";
import type { SheetMeta, StoredPlan, WeedSummary } from "./making.ts";

/** What a plan leaves in the database. */
export interface PlanRows {
  readonly hash: string;
  readonly plan: StoredPlan;
  readonly sheets: readonly {
    readonly nn: number;
    readonly vinyl: string;
    readonly meta: SheetMeta;
    readonly hash: string;
  }[];
  readonly pieces: readonly {
    readonly id: string;
    readonly seat: string;
    readonly thing: string;
    readonly copy: number;
    readonly vinyl: string;
    readonly sheet: number | null;
    readonly area: number;
    readonly counters: number;
    readonly islands: number;
    readonly small: boolean;
    readonly path: string;
    readonly film: string;
  }[];
  readonly films: readonly PlannedFilm[];
  readonly kits: readonly {
    readonly seat: string;
    readonly hash: string;
    readonly weed: WeedSummary;
    readonly minutes: number;
  }[];
}

/** By sheet, seat and film. */
export interface Prints {
  readonly sheets: Readonly<Record<string, string>>;
  readonly seats: Readonly<Record<string, string>>;
  readonly films: Readonly<Record<string, string>>;
}

/** What the compute worker hands back. */
export interface ComputedPlan extends PlanRows {
  readonly prints: Prints;
}

/** Of a row and of what else is stored with it. */
const printOf = (row: unknown): string =>
  createHash("sha256").update(JSON.stringify(row)).digest("base64url");

export function printsOf({ sheets, pieces, films, kits }: PlanRows): Prints {
  const bySeat = new Map<string, unknown[]>(kits.map((kit) => [kit.seat, [kit]]));
  for (const piece of pieces) bySeat.get(piece.seat)?.push(piece);
  return {
    sheets: Object.fromEntries(sheets.map((sheet) => [String(sheet.nn), printOf(sheet)])),
    seats: Object.fromEntries([...bySeat].map(([seat, rows]) => [seat, printOf(rows)])),
    films: Object.fromEntries(
      films.map((film, position) => [film.film, printOf([film, position])]),
    ),
  };
}
