/** Pictures of a studio, as small as they are kept. */
import type { Sql } from "./client.ts";

export interface SmallPicture {
  readonly bytes: Buffer;
  readonly width: number;
  readonly height: number;
}

/** As many as a studio keeps: at some 150 kB each, some 300 MB. */
export const MOST_PICTURES = 2000;

/** @returns its id; null where the studio keeps as many as it may */
export async function addPicture(
  sql: Sql,
  studioId: string,
  { bytes, width, height }: SmallPicture,
): Promise<string | null> {
  const [row] = await sql<{ id: string }[]>`
    insert into pictures (studio_id, bytes, width, height) select ${studioId}, ${bytes}, ${width}, ${height} where (select count(*) from pictures) < ${MOST_PICTURES} returning id`;
  return row?.id ?? null;
}

export async function readPicture(sql: Sql, id: string): Promise<Buffer | null> {
  const [row] = await sql<{ bytes: Buffer }[]>`select bytes from pictures where id = ${id}`;
  return row?.bytes ?? null;
}

export const pictureIds = async (sql: Sql): Promise<string[]> =>
  (await sql<{ id: string }[]>`select id from pictures order by id`).map(({ id }) => id);

/** Only those that nothing speaks of any more. */
export async function dropPictures(sql: Sql, ids: readonly string[]): Promise<void> {
  await sql`delete from pictures p where id = any(${ids as string[]})
    and not exists (select 1 from trials t where t.body::text like '%' || p.id::text || '%') and not exists (select 1 from log_events l where l.kind = 'note' and l.body->>'picture' = p.id::text)`;
}
