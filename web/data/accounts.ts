/** A person's own account: password, sessions, codes for when the password is forgotten. */
import type { Sql } from "./client.ts";
import type { Signed } from "./sign-in.ts";

/** False where the old password is another. Every session but the one that is kept ends. */
export async function changePassword(
  sql: Sql,
  personId: string,
  hashes: { readonly old: string; readonly new: string },
  keptSession: string,
): Promise<boolean> {
  const [row] = await sql<
    { changed: boolean }[]
  >`select change_password(${personId}, ${hashes.old}, ${hashes.new}, ${keptSession}) as changed`;
  return row?.changed ?? false;
}

/** The studio with all that is its own, for good; false where the password is another. */
export async function eraseStudio(sql: Sql, personId: string, hash: string): Promise<boolean> {
  const [row] = await sql<{ gone: boolean }[]>`select erase_studio(${personId}, ${hash}) as gone`;
  return row?.gone ?? false;
}

export interface SessionRow {
  readonly id: string;
  readonly device: string;
  readonly since: Date;
  readonly seen: Date;
  /** Whether it is the one that asks. */
  readonly own: boolean;
}

export async function listSessions(
  sql: Sql,
  personId: string,
  ownHash: string,
): Promise<SessionRow[]> {
  return sql<
    SessionRow[]
  >`select id, device, created_at as since, seen_at as seen, token_hash = ${ownHash} as own from sessions where person_id = ${personId} and expires_at > now() order by own desc, seen_at desc limit 50`;
}

/** Used again: it goes on for so many days from now. */
export async function touchSession(sql: Sql, tokenHash: string, days: number): Promise<void> {
  await sql`update sessions set seen_at = now(), expires_at = now() + make_interval(days => ${days}) where token_hash = ${tokenHash}`;
}

export async function endSessionOf(sql: Sql, personId: string, id: string): Promise<boolean> {
  const gone =
    await sql`delete from sessions where person_id = ${personId} and id = ${id} returning id`;
  return gone.length > 0;
}

export async function endOtherSessions(
  sql: Sql,
  personId: string,
  ownHash: string,
): Promise<number> {
  const gone =
    await sql`delete from sessions where person_id = ${personId} and token_hash <> ${ownHash} returning id`;
  return gone.length;
}

/** In the place of those there were. */
export async function keepRecoveryCodes(
  sql: Sql,
  { studioId, personId }: Signed,
  hashes: readonly string[],
): Promise<void> {
  await sql`delete from recovery_codes where person_id = ${personId}`;
  await sql`insert into recovery_codes ${sql(
    hashes.map((hash) => ({ studio_id: studioId, person_id: personId, code_hash: hash })),
  )}`;
}

export interface Recovery {
  readonly left: number;
  /** Null where none were ever made. */
  readonly madeAt: Date | null;
}

export async function recoveryOf(sql: Sql, personId: string): Promise<Recovery> {
  const [row] = await sql<
    { left: number; madeAt: Date | null }[]
  >`select count(*) filter (where used_at is null)::int as left, max(made_at) as "madeAt" from recovery_codes where person_id = ${personId}`;
  return { left: row?.left ?? 0, madeAt: row?.madeAt ?? null };
}

/** Null where code and address do not belong together. The code is used up. */
export async function recoverWith(
  sql: Sql,
  email: string,
  codeHash: string,
  passwordHash: string,
): Promise<Signed | null> {
  const [row] = await sql<
    { person_id: string; studio_id: string }[]
  >`select * from recover_with(${email}, ${codeHash}, ${passwordHash})`;
  return row ? { personId: row.person_id, studioId: row.studio_id } : null;
}

export async function emailOf(sql: Sql, personId: string): Promise<string> {
  const [row] = await sql<{ email: string }[]>`select email from people where id = ${personId}`;
  return row?.email ?? "";
}
