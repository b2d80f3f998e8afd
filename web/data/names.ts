/**
 * What participants typed is kept as long as the studio says: then the names, what decals said,
 * and the drawings of both go. What was counted, timed and noted stays.
 */
import type { Sql } from "./client.ts";

/** In all studios, classes whose names' day has come. @returns how many */
export async function eraseNames(sql: Sql): Promise<number> {
  const [row] = await sql<{ count: number }[]>`select erase_names() as count`;
  return row?.count ?? 0;
}

/** At once, because the host says so. @returns whether; not before the day after the class */
export async function eraseClassNames(sql: Sql, workshopId: string): Promise<boolean> {
  const [row] = await sql<{ gone: boolean }[]>`select erase_class_names(${workshopId}) as gone`;
  return row?.gone ?? false;
}

/** Days of the classes whose names are there, the oldest first. */
export const namedDays = async (sql: Sql): Promise<string[]> =>
  (
    await sql<
      { day: string }[]
    >`select to_char(class_date, 'YYYY-MM-DD') as day from workshops where names_erased_at is null order by class_date limit 5000`
  ).map(({ day }) => day);
