/** Passkeys of a person, and what devices are asked to sign. */
import type { Sql } from "./client.ts";
import type { Signed } from "./sign-in.ts";

export interface PasskeyRow {
  readonly id: string;
  readonly device: string;
  readonly madeAt: Date;
  readonly usedAt: Date | null;
}

export const listPasskeys = (sql: Sql, personId: string): Promise<PasskeyRow[]> => sql<
  PasskeyRow[]
>`
  select id, device, made_at as "madeAt", used_at as "usedAt" from passkeys where person_id = ${personId} order by made_at`;

/** What a signature is checked against. */
export interface Credential {
  readonly id: string;
  readonly publicKey: Uint8Array<ArrayBuffer>;
  readonly counter: number;
  readonly transports: readonly string[];
}

/** Of one person. */
const MOST_PASSKEYS = 20;

/** False where the person has as many as it may have. */
export async function addPasskey(
  sql: Sql,
  { studioId, personId }: Signed,
  { id, publicKey, counter, transports }: Credential,
  device: string,
): Promise<boolean> {
  const [row] = await sql<
    { n: number }[]
  >`select count(*)::int as n from passkeys where person_id = ${personId}`;
  if ((row?.n ?? 0) >= MOST_PASSKEYS) return false;
  const made =
    await sql`insert into passkeys (id, studio_id, person_id, public_key, counter, transports, device) values (${id}, ${studioId}, ${personId}, ${publicKey}, ${counter}, ${transports as string[]}, ${device}) on conflict do nothing returning id`;
  return made.length > 0;
}

export async function dropPasskey(sql: Sql, personId: string, id: string): Promise<void> {
  await sql`delete from passkeys where person_id = ${personId} and id = ${id}`;
}

/** Before a studio is known. */
export async function passkeyFor(
  sql: Sql,
  id: string,
): Promise<(Signed & { readonly credential: Credential }) | null> {
  const [row] = await sql<
    {
      personId: string;
      studioId: string;
      publicKey: Uint8Array;
      counter: string;
      transports: string[];
    }[]
  >`select person_id as "personId", studio_id as "studioId", public_key as "publicKey", counter::text, transports from passkey_for(${id})`;
  if (!row) return null;
  const { personId, studioId, publicKey, counter, transports } = row;
  return {
    personId,
    studioId,
    credential: {
      id,
      publicKey: new Uint8Array(publicKey),
      counter: Number(counter),
      transports,
    },
  };
}

/** How often it has signed, as it says itself: less than before would be a copy. */
export async function usedPasskey(sql: Sql, id: string, counter: number): Promise<void> {
  await sql`update passkeys set counter = ${counter}, used_at = now() where id = ${id}`;
}

/** @param personId who is to sign it; null for whoever signs in */
export async function keepChallenge(
  sql: Sql,
  challenge: string,
  personId: string | null,
  seconds: number,
): Promise<void> {
  await sql`select keep_challenge(${challenge}, ${personId}, ${seconds})`;
}

/** Once, and only where it was asked. */
export async function takeChallenge(
  sql: Sql,
  challenge: string,
  personId: string | null,
): Promise<boolean> {
  const [row] = await sql<
    { taken: boolean }[]
  >`select take_challenge(${challenge}, ${personId}) as taken`;
  return row?.taken ?? false;
}
