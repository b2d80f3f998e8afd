/** A load is cut: its kits are, its scraps are used up, and what it leaves goes into the box. Or not, after all. */

import { readClass } from "../data/class-documents.ts";
import type { Sql } from "../data/client.ts";
import { markSheet, type SheetRow } from "../data/making.ts";
import { filmOf, keepLeftovers, takeBackLeftovers, takeScraps } from "../data/scraps.ts";

/** Returns the labels of scraps that came into the box. */
export async function finishSheet(sql: Sql, studioId: string, workshopId: string, sheet: SheetRow, cut: boolean): Promise<string[]> {
  const stored = await readClass(sql, workshopId);
  const vinyl = stored?.document.vinyls.find(({ id }) => id === sheet.vinyl);
  if (cut === (sheet.cutAt !== null) || !vinyl) return [];
  await markSheet(sql, workshopId, sheet.nn, cut);
  const labels = sheet.meta.scraps.map(({ label }) => label);
  await takeScraps(sql, workshopId, sheet.nn, labels, cut);
  if (!cut) {
    await takeBackLeftovers(sql, workshopId, sheet.nn);
    return [];
  }
  const { leftover } = sheet.meta;
  if (!leftover) return [];
  const outline = [
    [0, 0],
    [leftover.width, 0],
    [leftover.width, leftover.height],
    [0, leftover.height],
  ] as const;
  return keepLeftovers(sql, studioId, workshopId, sheet.nn, [{ film: filmOf(vinyl), outline }]);
}
