/** Who works in a studio, as what, and who is invited. Codes of invitations are stored as hashes. */
import type { Sql } from "./client.ts";
import type { Signed } from "./sign-in.ts";

/**
 * Owners and co-hosts are hosts: everything is theirs, and who works here is the owners'. Helpers
 * work at the benches.
 */
export const ROLES = ["owner", "cohost", "helper"] as const;
export type Role = (typeof ROLES)[number];

export interface PersonRow {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
}

export const listPeople = (sql: Sql): Promise<PersonRow[]> => sql<PersonRow[]>`
  select id, name, email, role from people order by role = 'owner' desc, role = 'cohost' desc, name, id`;

export interface InvitationRow {
  readonly id: string;
  readonly role: Role;
  readonly until: Date;
}

export const listInvitations = (sql: Sql): Promise<InvitationRow[]> => sql<InvitationRow[]>`
  select id, role, expires_at as until from invitations where expires_at > now() order by made_at`;

/** Together with the people there are. */
const MOST_PEOPLE = 30;

/** False where the studio has as many people as it may have. */
export async function invite(
  sql: Sql,
  studioId: string,
  { codeHash, role, days }: { codeHash: string; role: Role; days: number },
): Promise<boolean> {
  await sql`select id from studios where id = ${studioId} for update`;
  await sql`delete from invitations where expires_at <= now()`;
  const [row] = await sql<
    { n: number }[]
  >`select ((select count(id) from people) + (select count(id) from invitations))::int as n`;
  if ((row?.n ?? 0) >= MOST_PEOPLE) return false;
  await sql`insert into invitations (studio_id, code_hash, role, expires_at) values (${studioId}, ${codeHash}, ${role}, now() + make_interval(days => ${days}))`;
  return true;
}

export async function withdraw(sql: Sql, id: string): Promise<void> {
  await sql`delete from invitations where id = ${id}`;
}

/** Null where the link was used, withdrawn or is too old. */
export async function invitationFor(
  sql: Sql,
  codeHash: string,
): Promise<{ readonly studio: string; readonly role: Role } | null> {
  const [row] = await sql<
    { studio: string; role: Role }[]
  >`select studio_name as studio, role from invitation_for(${codeHash})`;
  return row ?? null;
}

/** Null where the invitation is not there any more, or the address has an account. */
export async function joinStudio(
  sql: Sql,
  codeHash: string,
  person: { readonly name: string; readonly email: string; readonly passwordHash: string },
): Promise<Signed | null> {
  const [row] = await sql<
    { person_id: string; studio_id: string }[]
  >`select * from join_studio(${codeHash}, ${person.name}, ${person.email}, ${person.passwordHash})`;
  return row ? { personId: row.person_id, studioId: row.studio_id } : null;
}

/** False where the actor is no owner, the person is not here, or no owner would be left. */
export async function giveRole(
  sql: Sql,
  actor: string,
  person: string,
  role: Role,
): Promise<boolean> {
  const [row] = await sql<
    { done: boolean }[]
  >`select give_role(${actor}, ${person}, ${role}) as done`;
  return row?.done ?? false;
}

/** By an owner, or by the person itself; a studio keeps an owner. */
export async function removePerson(sql: Sql, actor: string, person: string): Promise<boolean> {
  const [row] = await sql<{ done: boolean }[]>`select remove_person(${actor}, ${person}) as done`;
  return row?.done ?? false;
}
