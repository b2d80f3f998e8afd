/** The private address of a studio's calendar: one for each person, until it is taken back. */
import type { Sql } from "./client.ts";
import type { Signed } from "./sign-in.ts";

export async function calendarFor(sql: Sql, code: string): Promise<Signed | null> {
  const [row] = await sql<
    { studio_id: string; person_id: string }[]
  >`select * from calendar_for_code(${code})`;
  return row ? { studioId: row.studio_id, personId: row.person_id } : null;
}

export async function calendarLink(sql: Sql, { personId }: Signed): Promise<string | null> {
  const [row] = await sql<
    { code: string }[]
  >`select code from calendar_links where person_id = ${personId} and revoked_at is null order by created_at desc limit 1`;
  return row?.code ?? null;
}

/** A new one; any before it is of no use from then on. */
export async function renewCalendarLink(sql: Sql, signed: Signed, code: string): Promise<void> {
  await revokeCalendarLinks(sql, signed);
  await sql`insert into calendar_links (code, studio_id, person_id) values (${code}, ${signed.studioId}, ${signed.personId})`;
}

export async function revokeCalendarLinks(sql: Sql, { personId }: Signed): Promise<void> {
  await sql`update calendar_links set revoked_at = now() where person_id = ${personId} and revoked_at is null`;
}
