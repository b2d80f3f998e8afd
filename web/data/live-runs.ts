/** Live runs: the one truth of which step a class is at, and since when. */
import type { Sql } from "./client.ts";

export interface RunRow {
  readonly id: string;
  readonly version: number;
  readonly stepIndex: number;
  readonly startedAt: Date;
  readonly endedAt: Date | null;
  readonly stepStartedAt: Date;
  readonly extraSeconds: number;
  readonly heldAt: Date | null;
  readonly heldSeconds: number;
}

const columns = (sql: Sql) =>
  sql`id, version, step_index as "stepIndex", started_at as "startedAt", ended_at as "endedAt", step_started_at as "stepStartedAt", extra_seconds as "extraSeconds", held_at as "heldAt", held_seconds as "heldSeconds"`;

/** The run that goes on, otherwise the last one. */
export async function currentRun(sql: Sql, workshopId: string): Promise<RunRow | null> {
  const [row] = await sql<RunRow[]>`select ${columns(sql)} from runs where workshop_id = ${workshopId} order by (ended_at is null) desc, started_at desc limit 1`;
  return row ?? null;
}

export async function startRun(sql: Sql, studioId: string, workshopId: string): Promise<RunRow | null> {
  await sql`select id from workshops where id = ${workshopId} for update`;
  const [open] = await sql`select 1 from runs where workshop_id = ${workshopId} and ended_at is null`;
  if (!open) await sql`insert into runs (studio_id, workshop_id) values (${studioId}, ${workshopId})`;
  return currentRun(sql, workshopId);
}

export interface StepMove {
  readonly run: RunRow;
  /** Minutes spent at the step that was left, holds taken out. */
  readonly spentMinutes: number;
}

/** Moves only if the run is still at the version the caller saw; null otherwise. */
export async function moveStep(sql: Sql, workshopId: string, version: number, to: number): Promise<StepMove | null> {
  const [before] = await sql<{ spent: number }[]>`
    select extract(epoch from (coalesce(held_at, now()) - step_started_at)) - held_seconds as spent from runs where workshop_id = ${workshopId} and ended_at is null and version = ${version} for update`;
  if (!before) return null;
  const [run] = await sql<RunRow[]>`
    update runs set step_index = ${to}, step_started_at = now(), extra_seconds = 0, held_at = null, held_seconds = 0, version = version + 1
    where workshop_id = ${workshopId} and ended_at is null and version = ${version} returning ${columns(sql)}`;
  return run ? { run, spentMinutes: Math.max(0, Number(before.spent)) / 60 } : null;
}

export async function addTime(sql: Sql, workshopId: string, version: number, seconds: number): Promise<RunRow | null> {
  const [run] = await sql<
    RunRow[]
  >`update runs set extra_seconds = extra_seconds + ${seconds}, version = version + 1 where workshop_id = ${workshopId} and ended_at is null and version = ${version} returning ${columns(sql)}`;
  return run ?? null;
}

export async function hold(sql: Sql, workshopId: string, version: number): Promise<RunRow | null> {
  const [run] = await sql<RunRow[]>`
    update runs set held_at = case when held_at is null then now() end, held_seconds = held_seconds + case when held_at is null then 0 else extract(epoch from now() - held_at) end, version = version + 1
    where workshop_id = ${workshopId} and ended_at is null and version = ${version} returning ${columns(sql)}`;
  return run ?? null;
}

export async function endRun(sql: Sql, workshopId: string, version: number): Promise<StepMove | null> {
  const [run] = await sql<(RunRow & { spent: number })[]>`
    update runs set ended_at = now(), version = version + 1 where workshop_id = ${workshopId} and ended_at is null and version = ${version}
    returning ${columns(sql)}, extract(epoch from (coalesce(held_at, now()) - step_started_at)) - held_seconds as spent`;
  return run ? { run, spentMinutes: Math.max(0, Number(run.spent)) / 60 } : null;
}

/** Tells followers to look again although the run itself did not change (somebody is done or stuck). */
export async function tellFollowers(sql: Sql, workshopId: string, version: number): Promise<void> {
  await sql`select pg_notify('elm_live', ${JSON.stringify({ workshop: workshopId, version })})`;
}
