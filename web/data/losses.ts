/**
 * Pieces that failed at the bench, as the log tells; a loss that was none is named by what takes it
 * back.
 */
import type { Sql } from "./client.ts";

/** A loss that was not taken back. */
const standsLost = (sql: Sql) =>
  sql`kind = 'lost' and not exists (select 1 from log_events f where f.workshop_id = log_events.workshop_id and f.kind = 'found' and log_events.id::text = any(string_to_array(f.body->>'lost', ' ')))`;

/** Losses of the film of a seat that failed last, by their ids in the log. */
export async function newestLosses(sql: Sql, workshopId: string, seat: string): Promise<string[]> {
  const rows = await sql<{ id: string }[]>`
    with own as (select id, body->>'film' as film from log_events where workshop_id = ${workshopId} and seat = ${seat} and ${standsLost(sql)})
    select id::text from own where film is not distinct from (select film from own order by id desc limit 1)`;
  return rows.map(({ id }) => id);
}

/** What failed, newest first, and whether its new cut is on the bench. */
export interface LossRow {
  readonly at: Date;
  readonly seat: string;
  readonly reason: string;
  readonly pieces: number | null;
  readonly by: string;
}

export async function listLosses(sql: Sql, workshopId: string): Promise<LossRow[]> {
  return sql<LossRow[]>`
    select at, coalesce(seat, '') as seat, coalesce(body->>'reason', '') as reason, (body->>'pieces')::int as pieces, coalesce(body->>'by', '') as by
    from log_events where workshop_id = ${workshopId} and ${standsLost(sql)} order by log_events.id desc limit 200`;
}
