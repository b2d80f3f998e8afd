/** What lies in each bag: put in, or noted as lacking. */
import type { Sql } from "./client.ts";

/** The box for room and tables, among the bags. */
export const ROOM_BAG = "room box";

export interface BagMark {
  readonly bag: string;
  readonly line: string;
  readonly state: "in" | "lack";
  readonly note: string;
}

export async function bagMarks(
  sql: Sql,
  workshopId: string,
  bag: string | null = null,
): Promise<BagMark[]> {
  return sql<
    BagMark[]
  >`select bag, line, state, note from bag_marks where workshop_id = ${workshopId} and (${bag}::text is null or bag = ${bag}) order by length(bag), bag, line`;
}

/** Several lines at once; a mark that is there already gives way. */
export async function markLines(
  sql: Sql,
  studioId: string,
  workshopId: string,
  bag: string,
  lines: readonly string[],
  state: "in" | "lack",
  note = "",
): Promise<void> {
  if (lines.length === 0) return;
  const rows = lines.map((line) => ({
    studio_id: studioId,
    workshop_id: workshopId,
    bag,
    line,
    state,
    note,
  }));
  await sql`insert into bag_marks ${sql(rows)} on conflict (workshop_id, bag, line) do update set state = excluded.state, note = excluded.note, at = now()`;
}

export async function clearLines(
  sql: Sql,
  workshopId: string,
  bag: string,
  lines: readonly string[],
): Promise<void> {
  await sql`delete from bag_marks where workshop_id = ${workshopId} and bag = ${bag} and line = any(${lines as string[]})`;
}

/** Films that are weeded anew are looked at anew. */
export async function clearFilms(sql: Sql, workshopId: string, bag: string): Promise<void> {
  await sql`delete from bag_marks where workshop_id = ${workshopId} and bag = ${bag} and line like 'film:%'`;
}

/** By bag, how many lines are noted as lacking. */
export async function lackCounts(sql: Sql, workshopId: string): Promise<Map<string, number>> {
  const rows = await sql<
    { bag: string; count: number }[]
  >`select bag, count(*)::int as count from bag_marks where workshop_id = ${workshopId} and state = 'lack' group by bag`;
  return new Map(rows.map(({ bag, count }) => [bag, count]));
}
