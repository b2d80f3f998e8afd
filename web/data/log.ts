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
  | "note"
  | "dry"
  | "felt";

export interface LogEntry {
  readonly kind: LogKind;
  readonly seat?: string | undefined;
  readonly step?: string | undefined;
  readonly minutes?: number | undefined;
  readonly body?: Readonly<Record<string, string | number | boolean>>;
  readonly at?: Date;
}

/** @returns its id in the log */
export async function addLog(
  sql: Sql,
  studioId: string,
  workshopId: string,
  entry: LogEntry,
): Promise<string> {
  const [row] = await sql<
    { id: string }[]
  >`insert into log_events (studio_id, workshop_id, at, kind, seat, step, minutes, body)
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
  return sql<
    LogRow[]
  >`select id::text, at, kind, seat, step, minutes, body from log_events where workshop_id = ${workshopId} order by log_events.id limit 5000`;
}

export const LOG_GROUPS = {
  weeding: ["weeded", "lost", "found"],
  cutting: ["cut", "recut"],
  packing: ["checked", "packed", "ready", "missing"],
  class: [
    "liveStart",
    "liveStep",
    "liveEnd",
    "skipped",
    "done",
    "stuck",
    "helped",
    "dry",
    "felt",
    "undone",
  ],
  flaws: ["flaw", "lost", "stuck", "missing"],
  notes: ["note", "felt"],
} as const satisfies Readonly<Record<string, readonly LogKind[]>>;
export type LogGroup = keyof typeof LOG_GROUPS;

export interface LogSearch {
  /**
   * Found in the class's title, its blanks, films and seats, in steps, and in what was written
   * down.
   */
  readonly text: string;
  readonly group: LogGroup | null;
  /** Only older than this entry. */
  readonly before: string | null;
}

export interface StudioLogRow extends LogRow {
  readonly title: string;
  readonly workshopId: string;
  /** The film it is about, where it is about one. */
  readonly film: string | null;
}

/** Signs that mean something to LIKE stand for themselves. */
const likeOf = (text: string): string => `%${text.replaceAll(/[\\%_]/gu, "\\$&")}%`;

/** Of all classes, the newest first. */
export async function studioLog(
  sql: Sql,
  { text, group, before }: LogSearch,
  most: number,
): Promise<StudioLogRow[]> {
  const like = likeOf(text.trim());
  return sql<StudioLogRow[]>`
    select l.id::text, l.at, l.kind, l.seat, l.step, l.minutes, l.body, w.title, w.id as "workshopId", g.name as film
    from log_events l join workshops w on w.id = l.workshop_id
      left join workshop_vinyls v on v.workshop_id = l.workshop_id and v.vinyl = coalesce(l.body->>'vinyl', reverse(split_part(reverse(l.body->>'film'), ':', 1)))
      left join goods g on g.id = v.good_id
    where (${before}::bigint is null or (l.at, l.id) < (select b.at, b.id from log_events b where b.id = ${before}::bigint)) and (${group}::text is null or l.kind = any(${group === null ? [] : [...LOG_GROUPS[group]]}))
      and (${text.trim()} = '' or w.title ilike ${like} or l.step ilike ${like} or l.seat ilike ${like} or l.body::text ilike ${like} or g.name ilike ${like}
        or exists (select 1 from things t where t.workshop_id = w.id and (t.blank->>'name' ilike ${like} or t.body->>'title' ilike ${like}))
        or (l.body->>'film' is null and exists (select 1 from workshop_vinyls f join goods o on o.id = f.good_id where f.workshop_id = w.id and o.name ilike ${like})))
    order by l.at desc, l.id desc limit ${most}`;
}

export interface SeatMark {
  readonly seat: string;
  readonly step: string;
  readonly kind: "done" | "stuck";
  readonly at: Date;
  /** With what it is stuck. */
  readonly what: string;
}

/**
 * Of the run that began then: who is done with the step or the one before it, and who is stuck at
 * any. The last word of a seat at a step counts.
 */
export async function seatMarks(
  sql: Sql,
  workshopId: string,
  steps: readonly string[],
  since: Date,
): Promise<SeatMark[]> {
  return sql<SeatMark[]>`
    select seat, step, kind, at, what from (
      select distinct on (seat, step) seat, step, kind, at, coalesce(body->>'what', '') as what from log_events
      where workshop_id = ${workshopId} and step is not null and seat is not null and at >= ${since} and kind in ('done', 'stuck', 'helped') order by seat, step, log_events.id desc
    ) last where (kind = 'done' and step = any(${steps as string[]})) or kind = 'stuck' order by at`;
}

/**
 * Before the class: whose kit is there, and what is missing of it. The last word of a seat counts.
 */
export async function readyMarks(
  sql: Sql,
  workshopId: string,
): Promise<{ seat: string; kind: "ready" | "missing"; what: string }[]> {
  return sql<{ seat: string; kind: "ready" | "missing"; what: string }[]>`
    select distinct on (seat) seat, kind, coalesce(body->>'what', '') as what from log_events
    where workshop_id = ${workshopId} and seat is not null and kind in ('ready', 'missing') order by seat, log_events.id desc`;
}

export interface StepEnd {
  readonly at: Date;
  readonly minutes: number;
  readonly id: string;
}

/**
 * Of what was touched while it dried, in the run that began then: from when on it counts as dry,
 * epoch ms.
 */
export async function dryMarks(
  sql: Sql,
  workshopId: string,
  since: Date,
): Promise<Record<string, number>> {
  const rows = await sql<{ step: string; until: number }[]>`
    select distinct on (step) step, (body->>'until')::float8 as until from log_events
    where workshop_id = ${workshopId} and kind = 'dry' and step is not null and at >= ${since} and ${stands(sql)} order by step, log_events.id desc`;
  return Object.fromEntries(rows.map(({ step, until }) => [step, until]));
}

/** When each step of the run that began then was last done. */
export async function stepEnds(
  sql: Sql,
  workshopId: string,
  since: Date,
): Promise<Map<string, StepEnd>> {
  const rows = await sql<(StepEnd & { step: string })[]>`
    select distinct on (step) step, at, minutes, id::text from log_events
    where workshop_id = ${workshopId} and kind = 'liveStep' and step is not null and at >= ${since} and ${stands(sql)} order by step, log_events.id desc`;
  return new Map(rows.map(({ step, ...end }) => [step, end]));
}
