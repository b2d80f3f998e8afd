/** The log: what really happened. Rows are only ever added. */
import type { Sql } from "./client.ts";

export type LogKind =
  | "cut"
  | "weeded"
  | "lost"
  | "found"
  | "checked"
  | "packed"
  | "recut"
  | "liveStart"
  | "liveStep"
  | "liveEnd"
  | "skipped"
  | "undone"
  | "done"
  | "stuck"
  | "helped"
  | "flaw"
  | "ready"
  | "missing"
  | "note";

export interface LogEntry {
  readonly kind: LogKind;
  readonly seat?: string | undefined;
  readonly step?: string | undefined;
  readonly minutes?: number | undefined;
  readonly body?: Readonly<Record<string, string | number | boolean>>;
  readonly at?: Date;
}

/** @returns its id in the log */
export async function addLog(sql: Sql, studioId: string, workshopId: string, entry: LogEntry): Promise<string> {
  const [row] = await sql<{ id: string }[]>`insert into log_events (studio_id, workshop_id, at, kind, seat, step, minutes, body)
    values (${studioId}, ${workshopId}, coalesce(${entry.at ?? null}::timestamptz, now()), ${entry.kind}, ${entry.seat ?? null}, ${entry.step ?? null}, ${entry.minutes ?? null}, ${sql.json((entry.body ?? {}) as never)}) returning id::text`;
  return row?.id ?? "";
}

/** An entry that was not taken back, or whose taking back was: back one step, and that undone. */
export const stands = (sql: Sql) =>
  sql`not exists (
    select 1 from log_events u where u.workshop_id = log_events.workshop_id and u.kind = 'undone' and log_events.id::text = any(string_to_array(u.body->>'of', ' '))
      and not exists (select 1 from log_events v where v.workshop_id = u.workshop_id and v.kind = 'undone' and u.id::text = any(string_to_array(v.body->>'of', ' '))))`;

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

export interface SeatMark {
  readonly seat: string;
  readonly step: string;
  readonly kind: "done" | "stuck";
  readonly at: Date;
  /** With what it is stuck. */
  readonly what: string;
}

/** Of the run that began then: who is done with the step or the one before it, and who is stuck at any. The last word of a seat at a step counts. */
export async function seatMarks(sql: Sql, workshopId: string, steps: readonly string[], since: Date): Promise<SeatMark[]> {
  return sql<SeatMark[]>`
    select seat, step, kind, at, what from (
      select distinct on (seat, step) seat, step, kind, at, coalesce(body->>'what', '') as what from log_events
      where workshop_id = ${workshopId} and step is not null and seat is not null and at >= ${since} and kind in ('done', 'stuck', 'helped') order by seat, step, log_events.id desc
    ) last where (kind = 'done' and step = any(${steps as string[]})) or kind = 'stuck' order by at`;
}

/** Before the class: whose kit is there, and what is missing of it. The last word of a seat counts. */
export async function readyMarks(sql: Sql, workshopId: string): Promise<{ seat: string; kind: "ready" | "missing"; what: string }[]> {
  return sql<{ seat: string; kind: "ready" | "missing"; what: string }[]>`
    select distinct on (seat) seat, kind, coalesce(body->>'what', '') as what from log_events
    where workshop_id = ${workshopId} and seat is not null and kind in ('ready', 'missing') order by seat, log_events.id desc`;
}

export interface StepEnd {
  readonly at: Date;
  readonly minutes: number;
  readonly id: string;
}

/** When each step of the run that began then was last done. */
export async function stepEnds(sql: Sql, workshopId: string, since: Date): Promise<Map<string, StepEnd>> {
  const rows = await sql<(StepEnd & { step: string })[]>`
    select distinct on (step) step, at, minutes, id::text from log_events
    where workshop_id = ${workshopId} and kind = 'liveStep' and step is not null and at >= ${since} and ${stands(sql)} order by step, log_events.id desc`;
  return new Map(rows.map(({ step, ...end }) => [step, end]));
}
