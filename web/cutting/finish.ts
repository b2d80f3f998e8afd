/**
 * A load is cut: its kits are, its film is taken, its scraps are used up, and what it leaves goes
 * into the box. Or not, after all.
 */
import { filmsOfClass } from "../data/class-goods.ts";
import type { Sql } from "../data/client.ts";
import { markSheet, type SheetRow } from "../data/making.ts";
import { filmOf, keepLeftovers, takeBackLeftovers, takeScraps } from "../data/scraps.ts";
import { takeFilm } from "../data/stock-taking.ts";
import { wearOf } from "../data/wear.ts";

/** Returns the labels of scraps that came into the box. */
export async function finishSheet(
  sql: Sql,
  studioId: string,
  workshopId: string,
  sheet: SheetRow,
  cut: boolean,
): Promise<string[]> {
  const vinyl = (await filmsOfClass(sql, workshopId)).find(({ id }) => id === sheet.vinyl);
  if (cut === (sheet.cutAt !== null) || !vinyl) return [];
  await markSheet(sql, workshopId, sheet.nn, cut);
  const labels = sheet.meta.scraps.map(({ label }) => label);
  await takeScraps(sql, workshopId, sheet.nn, labels, cut);
  await wearOf(
    sql,
    studioId,
    workshopId,
    { load: sheet.hash, film: vinyl.name, mm: sheet.meta.cutLengthMm },
    cut,
  );
  await takeFilm(sql, studioId, workshopId, {
    hash: sheet.hash,
    vinyl: sheet.vinyl,
    amount: cut ? sheet.meta.film : 0,
  });
  if (!cut) {
    await takeBackLeftovers(sql, workshopId, sheet.nn);
    return [];
  }
  return keepLeftovers(
    sql,
    studioId,
    workshopId,
    sheet.nn,
    sheet.meta.leftovers.map(({ outline, holes }) => ({ film: filmOf(vinyl), outline, holes })),
  );
}
