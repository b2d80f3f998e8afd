/** Short codes of the links that participants get: one a class and kind, until it is renewed. */
import type { Sql } from "./client.ts";

export type LinkKind = "follow" | "choose" | "bench";

export async function workshopForCode(
  sql: Sql,
  code: string,
  kind: LinkKind,
): Promise<{ workshopId: string; studioId: string } | null> {
  const [row] = await sql<
    { workshop_id: string; studio_id: string }[]
  >`select * from workshop_for_code(${code}, ${kind})`;
  return row ? { workshopId: row.workshop_id, studioId: row.studio_id } : null;
}

export async function linkCode(
  sql: Sql,
  studioId: string,
  workshopId: string,
  kind: LinkKind,
  fresh: string,
): Promise<string> {
  const known = await knownLink(sql, workshopId, kind);
  if (known) return known;
  await sql`insert into tokens (code, studio_id, workshop_id, kind) values (${fresh}, ${studioId}, ${workshopId}, ${kind})`;
  return fresh;
}

/** The link that is in use, if there is one. */
export async function knownLink(
  sql: Sql,
  workshopId: string,
  kind: LinkKind,
): Promise<string | null> {
  const [known] = await sql<
    { code: string }[]
  >`select code from tokens where workshop_id = ${workshopId} and kind = ${kind} and revoked_at is null order by created_at limit 1`;
  return known?.code ?? null;
}

/** In the place of a version: a link of the class is in use no more. */
export const LINK_REVOKED = -2;

/** Whoever follows by it is told in the same transaction. */
export async function revokeLinks(sql: Sql, workshopId: string, kind: LinkKind): Promise<void> {
  await sql`update tokens set revoked_at = now() where workshop_id = ${workshopId} and kind = ${kind} and revoked_at is null`;
  await sql`select pg_notify('elm_live', ${JSON.stringify({ workshop: workshopId, version: LINK_REVOKED })})`;
}

/** The link of participants that begins so, if one and only one does. */
export async function followCodeFor(sql: Sql, short: string): Promise<string | null> {
  const [row] = await sql<
    { code: string | null }[]
  >`select follow_code_for_short(${short}) as code`;
  return row?.code ?? null;
}
