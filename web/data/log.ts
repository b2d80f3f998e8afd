/** The log: what really happened. Rows are only ever added. */
import type { Sql } from "./client.ts";

export type LogKind = "cut" | "weeded" | "lost" | "found" | "checked" | "packed" | "recut" | "liveStart" | "liveStep" | "liveEnd" | "done" | "stuck" | "note";

export interface LogEntry {
  readonly kind: LogKind;
  readonly seat?: string | undefined;
  readonly step?: string | undefined;
  readonly minutes?: number | undefined;
  readonly body?: Readonly<Record<string, string | number | boolean>>;
  readonly at?: Date;
}

export async function addLog(sql: Sql, studioId: string, workshopId: string, entry: LogEntry): Promise<void> {
  await sql`insert into log_events (studio_id, workshop_id, at, kind, seat, step, minutes, body)
    values (${studioId}, ${workshopId}, ${entry.at ?? new Date()}, ${entry.kind}, ${entry.seat ?? null}, ${entry.step ?? null}, ${entry.minutes ?? null}, ${sql.json((entry.body ?? {}) as never)})`;
}

export interface LogRow {
  readonly id: string;
  readonly at: Date;
  readonly kind: LogKind;
  readonly seat: string | null;
  readonly step: string | null;
  readonly minutes: number | null;
  readonly body: Record<string, string | number | boolean>;
}

export async function listLog(sql: Sql, workshopId: string): Promise<LogRow[]> {
  return sql<LogRow[]>`select id::text, at, kind, seat, step, minutes, body from log_events where workshop_id = ${workshopId} order by log_events.id limit 5000`;
}

export async function studioLog(sql: Sql): Promise<(LogRow & { title: string; workshopId: string })[]> {
  return sql<(LogRow & { title: string; workshopId: string })[]>`
    select l.id::text, l.at, l.kind, l.seat, l.step, l.minutes, l.body, w.title, w.id as "workshopId" from log_events l join workshops w on w.id = l.workshop_id order by l.at desc, l.id desc limit 200`;
}

/** Who is done or stuck at a step of the run that goes on: the last word of each seat counts. */
export async function seatMarks(sql: Sql, workshopId: string, step: string, since: Date): Promise<{ seat: string; kind: "done" | "stuck"; at: Date }[]> {
  return sql<{ seat: string; kind: "done" | "stuck"; at: Date }[]>`
    select distinct on (seat) seat, kind, at from log_events where workshop_id = ${workshopId} and step = ${step} and at >= ${since} and kind in ('done', 'stuck') and seat is not null order by seat, log_events.id desc`;
}

/** When each step of the run that began then was last done. */
export async function stepEnds(sql: Sql, workshopId: string, since: Date): Promise<Map<string, Date>> {
  const rows = await sql<
    { step: string; at: Date }[]
  >`select step, max(at) as at from log_events where workshop_id = ${workshopId} and kind = 'liveStep' and step is not null and at >= ${since} group by step`;
  return new Map(rows.map(({ step, at }) => [step, at]));
}
