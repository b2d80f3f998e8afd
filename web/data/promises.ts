/** What classes are promised of the shelf, earliest date first. */
import {
  type Claim,
  claimKey,
  type Promised,
  promise,
  wantedOf,
} from "@elm-basket/core/stock/reserve.ts";
import type { Sql } from "./client.ts";

/** The date at the studio. */
export async function studioToday(sql: Sql): Promise<string> {
  const [row] = await sql<
    { today: string }[]
  >`select to_char(now() at time zone zone, 'YYYY-MM-DD') as today from studios where id = current_studio()`;
  return row?.today ?? new Date().toISOString().slice(0, 10);
}

interface ClaimRow extends Claim {
  readonly title: string;
  readonly onHand: number;
}

/** Lines of all classes that are still to come, and of `own` whenever it is. */
async function claimsOf(sql: Sql, today: string, own: string | null): Promise<ClaimRow[]> {
  return sql<ClaimRow[]>`
    select w.id as workshop, w.title, to_char(w.class_date, 'YYYY-MM-DD') || w.class_time || to_char(w.created_at, 'YYYYMMDDHH24MISSUS') || w.id as "order", to_char(w.class_date, 'YYYY-MM-DD') as date,
      l.line, l.good_id as good, coalesce((w.needs->>l.line)::float8, 0) as need, l.returns, g.on_hand::float8 as "onHand"
    from workshops w join (
      select workshop_id, 'vinyl-' || vinyl as line, good_id, false as returns from workshop_vinyls union all
      select workshop_id, body->>'id', good_id, body->>'per' <> 'application' and coalesce((body->>'uses')::int, 1) > 1 from supplies
    ) l on l.workshop_id = w.id join goods g on g.id = l.good_id
    where (w.class_date >= ${today}::date or w.id = ${own})
      and (${own}::uuid is null or l.good_id in (select good_id from workshop_vinyls where workshop_id = ${own} union select good_id from supplies where workshop_id = ${own}))`;
}

/**
 * What marked work has taken, by class and good: loads that are no longer planned as they were cut
 * do not serve the present plan.
 */
async function takenBy(sql: Sql, claims: readonly Claim[]): Promise<Map<string, number>> {
  const workshops = [...new Set(claims.map(({ workshop }) => workshop))];
  const rows = await sql<{ workshop: string; good: string; taken: number }[]>`
    select m.workshop_id as workshop, m.good_id as good, -sum(m.change)::float8 as taken from stock_moves m
    where m.workshop_id = any(${workshops}::uuid[]) and m.work is not null and m.kind in ('taken', 'returned')
      and (m.work not like 'load:%' or exists (select 1 from sheets s where s.workshop_id = m.workshop_id and 'load:' || s.content_hash = m.work))
    group by 1, 2`;
  return new Map(rows.map(({ workshop, good, taken }) => [claimKey(workshop, good), taken]));
}

type OfLine = Promised & Pick<Claim, "need">;

/** By line of the class: what is there, what it took, what is kept for earlier classes. */
export async function promisedTo(
  sql: Sql,
  workshopId: string,
  today: string,
): Promise<Map<string, OfLine>> {
  const claims = await claimsOf(sql, today, workshopId);
  return (await byClassAndLine(sql, claims)).get(workshopId) ?? new Map();
}

/** The same of every class that is still to come, by class. */
export const promisedToAll = async (
  sql: Sql,
  today: string,
): Promise<Map<string, Map<string, OfLine>>> =>
  byClassAndLine(sql, await claimsOf(sql, today, null));

async function byClassAndLine(
  sql: Sql,
  claims: readonly ClaimRow[],
): Promise<Map<string, Map<string, OfLine>>> {
  const all = promise(
    claims,
    new Map(claims.map(({ good, onHand }) => [good, onHand])),
    await takenBy(sql, claims),
  );
  const found = new Map<string, Map<string, OfLine>>();
  for (const { workshop, line, need } of claims) {
    const own = all.get(claimKey(workshop, line));
    const lines = found.get(workshop) ?? new Map<string, OfLine>();
    if (own) found.set(workshop, lines.set(line, { ...own, need }));
  }
  return found;
}

/**
 * Classes to come whose plan was never made, or not since it was last changed in kind: what they
 * want is not known.
 */
export async function unplanned(sql: Sql, today: string): Promise<{ id: string; title: string }[]> {
  return sql<
    { id: string; title: string }[]
  >`select id, title from workshops where class_date >= ${today}::date and needs = '{}' order by class_date limit 200`;
}

export interface Wanted {
  /** What classes to come still want of it. */
  readonly amount: number;
  readonly classes: readonly {
    readonly id: string;
    readonly title: string;
    readonly date: string;
    readonly need: number;
  }[];
}

/** By good: what classes to come still want of it, the earliest first. */
export async function wantedGoods(sql: Sql, today: string): Promise<Map<string, Wanted>> {
  const claims = await claimsOf(sql, today, null);
  const taken = await takenBy(sql, claims);
  const promised = promise(
    claims,
    new Map(claims.map(({ good, onHand }) => [good, onHand])),
    taken,
  );
  const wanted = wantedOf(claims, taken);
  const open = claims
    .map((claim) => ({
      ...claim,
      left: claim.need - (promised.get(claimKey(claim.workshop, claim.line))?.taken ?? 0),
    }))
    .filter(({ left }) => left > 0)
    .sort((a, b) => (a.order < b.order ? -1 : 1));
  return new Map(
    [...wanted].map(([good, amount]) => [
      good,
      {
        amount,
        classes: open
          .filter((claim) => claim.good === good)
          .map(({ workshop, title, date, left }) => ({ id: workshop, title, date, need: left })),
      },
    ]),
  );
}
