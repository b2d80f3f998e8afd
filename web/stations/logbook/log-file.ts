/** The log for a spreadsheet; times in UTC. */
import { csvText } from "@elm-basket/core/roster/roster.ts";
import type { StudioLogRow } from "@/data/log.ts";
import { logWords } from "@/stations/frame/log-words.ts";
import { sayOf } from "./log-text.ts";

/** More rows than a spreadsheet is pleasant with; the newest are kept. */
export const MOST_ROWS = 20_000;

export const logFile = (rows: readonly StudioLogRow[]): string =>
  csvText([
    ["at", "class", "what", "seat", "step", "film", "minutes", "words"],
    ...rows.map((row) => [
      row.at.toISOString(),
      row.title,
      logWords()[row.kind],
      row.seat ?? "",
      row.step ?? "",
      row.film ?? "",
      row.minutes === null ? "" : Math.round(row.minutes * 100) / 100,
      sayOf(row),
    ]),
  ]);
