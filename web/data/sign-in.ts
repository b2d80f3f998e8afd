/** People, sessions, attempts. Tokens are stored as hashes only. */
import { readSettings, type StudioSettings } from "@elm-basket/core/studio/settings.ts";
import type { Sql } from "./client.ts";
import type { Role } from "./people.ts";

export interface Signed {
  readonly personId: string;
  readonly studioId: string;
}

/** How the password of an account is hashed: all of its hash but the hash. Null without account. */
export async function signInSalt(sql: Sql, email: string): Promise<string | null> {
  const [row] = await sql<{ salt: string | null }[]>`select sign_in_salt(${email}) as salt`;
  return row?.salt ?? null;
}

/** Whose address and password these are. */
export async function signedWith(
  sql: Sql,
  email: string,
  passwordHash: string,
): Promise<Signed | null> {
  const [row] = await sql<
    { person_id: string; studio_id: string }[]
  >`select * from sign_in_with(${email}, ${passwordHash})`;
  return row ? { personId: row.person_id, studioId: row.studio_id } : null;
}

/** What a device keeps that has signed in. Needs the transaction of the person's studio. */
export async function deviceToken(sql: Sql, personId: string): Promise<string> {
  const [row] = await sql<{ token: string }[]>`select device_token(${personId}) as token`;
  if (!row?.token) throw new Error("there is no such person in this studio");
  return row.token;
}

export async function deviceKnown(sql: Sql, email: string, token: string): Promise<boolean> {
  const [row] = await sql<{ known: boolean }[]>`select device_known(${email}, ${token}) as known`;
  return row?.known ?? false;
}

export async function demoPerson(sql: Sql): Promise<Signed | null> {
  const [row] = await sql<{ person_id: string; studio_id: string }[]>`select * from demo_person()`;
  return row ? { personId: row.person_id, studioId: row.studio_id } : null;
}

/** `stale`: it was last used more than an hour ago. */
export async function sessionFor(
  sql: Sql,
  tokenHash: string,
): Promise<(Signed & { readonly stale: boolean }) | null> {
  const [row] = await sql<
    { person_id: string; studio_id: string; stale: boolean }[]
  >`select * from session_for(${tokenHash})`;
  return row ? { personId: row.person_id, studioId: row.studio_id, stale: row.stale } : null;
}

/** Needs the transaction of the person's studio. */
export async function addSession(
  sql: Sql,
  signed: Signed,
  tokenHash: string,
  days: number,
  device = "",
): Promise<void> {
  await sql`delete from sessions where expires_at < now()`;
  await sql`insert into sessions (token_hash, studio_id, person_id, expires_at, device) values (${tokenHash}, ${signed.studioId}, ${signed.personId}, now() + make_interval(days => ${days}), ${device})`;
}

export async function dropSession(sql: Sql, tokenHash: string): Promise<void> {
  await sql`delete from sessions where token_hash = ${tokenHash}`;
}

export async function attemptAllowed(
  sql: Sql,
  key: string,
  most: number,
  seconds: number,
): Promise<boolean> {
  const [row] = await sql<
    { allowed: boolean }[]
  >`select attempt_allowed(${key}, ${most}, ${seconds}) as allowed`;
  return row?.allowed ?? false;
}

export async function attemptsOf(sql: Sql, key: string, seconds: number): Promise<number> {
  const [row] = await sql<{ n: number }[]>`select attempts_of(${key}, ${seconds}) as n`;
  return row?.n ?? 0;
}

/** The newest of them, so many. */
export async function forgiveAttempts(sql: Sql, key: string, most: number): Promise<void> {
  await sql`select forgive_attempts(${key}, ${most})`;
}

export interface NewStudio {
  readonly studio: string;
  readonly person: string;
  readonly email: string;
  readonly passwordHash: string;
  readonly unit: string;
  readonly zone: string;
}

/** Null when the e-mail address has a studio already. */
export async function openStudio(sql: Sql, given: NewStudio): Promise<Signed | null> {
  const [row] = await sql<
    { person_id: string; studio_id: string }[]
  >`select * from open_studio(${given.studio}, ${given.person}, ${given.email}, ${given.passwordHash}, ${given.unit}, ${given.zone})`;
  return row ? { personId: row.person_id, studioId: row.studio_id } : null;
}

export interface StudioRow {
  readonly id: string;
  readonly name: string;
  readonly unit: "mm" | "cm" | "inFraction" | "inDecimal";
  readonly zone: string;
  readonly evening_minutes: number;
  readonly evening_start: string;
  readonly is_demo: boolean;
  /** Who is signed in, and as what. */
  readonly person: string;
  readonly role: Role;
  readonly settings: StudioSettings;
}

export async function readStudio(sql: Sql, signed: Signed): Promise<StudioRow | null> {
  const [row] = await sql<StudioRow[]>`
    select s.id, s.name, s.unit, s.zone, s.evening_minutes, s.evening_start, s.is_demo, s.settings, p.name as person, p.role
    from studios s join people p on p.studio_id = s.id where s.id = ${signed.studioId} and p.id = ${signed.personId}`;
  return row ? { ...row, settings: readSettings(row.settings) } : null;
}

/** How the studio writes times. */
/** In which lengths are shown where nobody of the studio is signed in. */
export async function studioUnit(sql: Sql): Promise<StudioRow["unit"]> {
  const [row] = await sql<
    { unit: StudioRow["unit"] }[]
  >`select unit from studios where id = current_studio()`;
  return row?.unit ?? "mm";
}

/** What whoever follows a class sees of the studio's ways: the clock, the unit, the schools. */
export async function studioWays(
  sql: Sql,
): Promise<Pick<StudioSettings, "clock" | "schools"> & Pick<StudioRow, "unit">> {
  const [row] = await sql<
    { settings: unknown; unit: StudioRow["unit"] }[]
  >`select settings, unit from studios where id = current_studio()`;
  const { clock, schools } = readSettings(row?.settings);
  return { clock, schools, unit: row?.unit ?? "mm" };
}

export interface StudioChange {
  readonly name: string;
  readonly unit: StudioRow["unit"];
  readonly zone: string;
  readonly eveningMinutes: number;
  readonly eveningStart: string;
  readonly settings: StudioSettings;
}

/**
 * Held until the transaction ends: two windows that save at once are served one after the other.
 */
export async function studioValues(sql: Sql): Promise<StudioChange> {
  const [row] = await sql<(Omit<StudioChange, "settings"> & { settings: unknown })[]>`
    select name, unit, zone, evening_minutes as "eveningMinutes", evening_start as "eveningStart", settings from studios where id = current_studio() for update`;
  if (!row) throw new Error("no studio is named");
  return { ...row, settings: readSettings(row.settings) };
}

export async function saveStudio(
  sql: Sql,
  { name, unit, zone, eveningMinutes, eveningStart, settings }: StudioChange,
): Promise<void> {
  await sql`update studios set name = ${name}, unit = ${unit}, zone = ${zone}, evening_minutes = ${eveningMinutes}, evening_start = ${eveningStart}, settings = ${sql.json(settings as unknown as Parameters<Sql["json"]>[0])}`;
}
