/**
 * Parcels of a class: addresses, what is posted, and the erasing of what nobody may keep any
 * longer.
 */
import { addDays, type LeadDays, leadDaysOf } from "@elm-basket/core/calendar/dates.ts";
import { earlierKits } from "@elm-basket/core/posting/earlier.ts";
import { postBy } from "@elm-basket/core/posting/post-days.ts";
import {
  type Address,
  addressSchema,
  type Posting,
  postingSchema,
} from "@elm-basket/core/posting/posting.ts";
import { byClass } from "./by-class.ts";
import type { Sql } from "./client.ts";

type Json = Parameters<Sql["json"]>[0];

export interface ParcelRow {
  readonly seat: string;
  readonly address: Address | null;
  /** Who had the seat when the address was written. */
  readonly called: string;
  /**
   * Whether that is who has it now: otherwise nothing is sent there before somebody has looked at
   * it.
   */
  readonly sure: boolean;
  readonly postedAt: Date | null;
  /** There was an address, and its day came. */
  readonly erased: boolean;
}

export const listParcels = async (sql: Sql, workshopId: string): Promise<ParcelRow[]> =>
  (await parcelsOf(sql, [workshopId])).get(workshopId) ?? [];

/** By class, its parcels, where it has any. */
export async function parcelsOf(
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, ParcelRow[]>> {
  const rows = await sql<(ParcelRow & { of: string })[]>`
    select p.workshop_id as of, p.seat, p.address, p.called, p.called = coalesce(s.fields->>'name', '') as sure, p.posted_at as "postedAt", p.erased
    from parcels p left join seats s on s.workshop_id = p.workshop_id and s.seat = p.seat where p.workshop_id = any(${ids as string[]}::uuid[]) order by length(p.seat), p.seat`;
  return byClass(
    rows.map((row) => ({ ...row, address: row.address ? addressSchema.parse(row.address) : null })),
  );
}

/** The usual ways where the class has none of its own. */
export async function readPosting(
  sql: Sql,
  workshopId: string,
): Promise<{ posting: Posting; version: number }> {
  const [row] = await sql<
    { body: unknown; version: number }[]
  >`select body, version from postings where workshop_id = ${workshopId}`;
  const read = postingSchema.safeParse(row?.body ?? {});
  return {
    posting: read.success ? read.data : postingSchema.parse({}),
    version: row?.version ?? 0,
  };
}

/** By class, how its kits are posted; classes without ways of their own are left out. */
export async function postingsOf(sql: Sql, ids: readonly string[]): Promise<Map<string, Posting>> {
  if (ids.length === 0) return new Map();
  const rows = await sql<
    { id: string; body: unknown }[]
  >`select workshop_id as id, body from postings where workshop_id = any(${ids as string[]}::uuid[])`;
  return new Map(rows.map(({ id, body }) => [id, postingSchema.parse(body)]));
}

/** @returns the new version; null where somebody else was first */
export async function savePosting(
  sql: Sql,
  studioId: string,
  workshopId: string,
  posting: Posting,
  version: number,
): Promise<number | null> {
  const body = sql.json(posting as unknown as Json);
  const [row] =
    version === 0
      ? await sql<
          { version: number }[]
        >`insert into postings (studio_id, workshop_id, body) select ${studioId}, id, ${body} from workshops where id = ${workshopId} on conflict (workshop_id) do nothing returning version`
      : await sql<
          { version: number }[]
        >`update postings set body = ${body}, version = version + 1 where workshop_id = ${workshopId} and version = ${version} returning version`;
  return row?.version ?? null;
}

/** Seats that the class has. */
export async function seatsThere(sql: Sql, workshopId: string): Promise<Set<string>> {
  return new Set(
    (await sql<{ seat: string }[]>`select seat from seats where workshop_id = ${workshopId}`).map(
      ({ seat }) => seat,
    ),
  );
}

/** An address is written over; what is posted stays so. */
export async function putAddresses(
  sql: Sql,
  studioId: string,
  workshopId: string,
  rows: readonly { readonly seat: string; readonly address: Address | null }[],
): Promise<void> {
  if (rows.length === 0) return;
  const values = rows.map(({ seat, address }) => ({
    studio_id: studioId,
    workshop_id: workshopId,
    seat,
    address: address && sql.json(address as unknown as Json),
    erased: false,
  }));
  await sql`insert into parcels ${sql(values as never)} on conflict (workshop_id, seat) do update set address = excluded.address, erased = false`;
  await sql`
    update parcels p set called = coalesce(s.fields->>'name', '') from seats s
    where p.workshop_id = ${workshopId} and s.workshop_id = p.workshop_id and s.seat = p.seat and p.seat = any(${rows.map(({ seat }) => seat)})`;
}

export async function markPosted(
  sql: Sql,
  studioId: string,
  workshopId: string,
  seats: readonly string[],
  on: boolean,
): Promise<void> {
  for (const seat of seats)
    await sql`
      insert into parcels (studio_id, workshop_id, seat, posted_at) values (${studioId}, ${workshopId}, ${seat}, ${on ? sql`now()` : null})
      on conflict (workshop_id, seat) do update set posted_at = ${on ? sql`coalesce(parcels.posted_at, now())` : null}`;
}

/**
 * By seat, how many days earlier than the class everything about its kit is due, because it travels
 * farther. Tells nothing of where it goes.
 */
export async function earlierDays(sql: Sql, workshopId: string): Promise<Map<string, number>> {
  const [row] = await sql<
    { date: string; setting: { kind: "room" | "craftAlong" }; lead: LeadDays | null }[]
  >`
    select to_char(class_date, 'YYYY-MM-DD') as date, setting, body->'leadDays' as lead from workshops where id = ${workshopId}`;
  const usual = row && leadDaysOf(row.setting.kind, row.lead).postBy;
  if (!row || usual === undefined) return new Map();
  const { posting } = await readPosting(sql, workshopId);
  const parcels = (await listParcels(sql, workshopId)).map(({ seat, address, sure, postedAt }) => ({
    seat,
    posted: postedAt !== null,
    postBy: sure && address ? postBy(posting, row.date, usual, address.country) : null,
  }));
  return new Map(
    earlierKits(parcels, addDays(row.date, -usual)).flatMap(({ days, seats }) =>
      [...seats].map((seat) => [seat, days] as const),
    ),
  );
}

/** In all studios, addresses whose day has come. @returns how many */
export async function eraseAddresses(sql: Sql): Promise<number> {
  const [row] = await sql<{ count: number }[]>`select erase_addresses() as count`;
  return row?.count ?? 0;
}

/** At once, because the host says so. */
export async function eraseNow(sql: Sql, workshopId: string): Promise<number> {
  return (
    await sql`update parcels set address = null, erased = true where workshop_id = ${workshopId} and address is not null returning seat`
  ).length;
}
