/** Roster rows as seats: numbered in order where the file names none. */

import type { Roster } from "../roster/roster.ts";
import type { ClassDocument } from "./document.ts";
import { SEAT_ID } from "./document-kinds.ts";

type Seats = ClassDocument["seats"];
export type SeatsResult = { ok: true; value: Seats } | { ok: false; line: number; message: string };

/** Columns that are no slot of the design (and neither name, word nor number) are left out. */
export function seatsFromRoster(roster: Roster, slots: readonly string[]): SeatsResult {
  const wanted = new Set([
    ...slots,
    "name",
    "word",
    "number",
    ...roster.columns.filter((column) => column.includes(".")),
  ]);
  const taken = new Set(roster.rows.flatMap(({ fields }) => (fields.seat ? [fields.seat] : [])));
  const value: { seat: string; fields: Record<string, string> }[] = [];
  let next = 1;
  for (const { line, fields } of roster.rows) {
    while (!fields.seat && taken.has(String(next))) next++;
    const seat = fields.seat || String(next++);
    if (!SEAT_ID.test(seat))
      return {
        ok: false,
        line,
        message: `"${seat}" is no seat; a seat is up to 20 letters, digits or dashes, such as 12 or A-4`,
      };
    value.push({
      seat,
      fields: Object.fromEntries(Object.entries(fields).filter(([key]) => wanted.has(key))),
    });
  }
  return { ok: true, value };
}
