/**
 * Rows of the log as they are read: by day and class, and what many seats said of one step in one
 * line.
 */
import type { LogKind, StudioLogRow } from "@/data/log.ts";

export interface LogLine {
  /** The newest of the rows in it. */
  readonly row: StudioLogRow;
  readonly seats: readonly string[];
}

export interface LogDay {
  readonly date: string;
  readonly workshopId: string;
  readonly title: string;
  readonly lines: readonly LogLine[];
}

/** What a whole room says one by one. */
const TOGETHER: ReadonlySet<LogKind> = new Set<LogKind>(["done", "ready", "checked", "packed"]);

/** @param rows the newest first */
export function linesOf(rows: readonly StudioLogRow[], dateOf: (at: Date) => string): LogDay[] {
  const days: {
    date: string;
    workshopId: string;
    title: string;
    lines: { row: StudioLogRow; seats: string[] }[];
  }[] = [];
  for (const row of rows) {
    const date = dateOf(row.at);
    let day = days.at(-1);
    if (!day || day.date !== date || day.workshopId !== row.workshopId) {
      day = { date, workshopId: row.workshopId, title: row.title, lines: [] };
      days.push(day);
    }
    const last = day.lines.at(-1);
    const same =
      last &&
      TOGETHER.has(row.kind) &&
      last.row.kind === row.kind &&
      last.row.step === row.step &&
      Object.keys(row.body).length === 0 &&
      Object.keys(last.row.body).length === 0;
    if (same && row.seat !== null) last.seats.unshift(row.seat);
    else day.lines.push({ row, seats: row.seat === null ? [] : [row.seat] });
  }
  return days;
}
