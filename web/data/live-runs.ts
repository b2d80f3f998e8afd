/** Live runs: the one truth of which step a class is at, and since when. */
import type { Sql } from "./client.ts";

/** A step that was put in on the evening, behind the one during which it was. */
export interface Inserted {
  readonly step: { readonly id: string; readonly title: string; readonly minutes: number };
  readonly behind: string;
}

export interface RunRow {
  readonly id: string;
  readonly version: number;
  readonly stepId: string;
  readonly startedAt: Date;
  readonly endedAt: Date | null;
  readonly stepStartedAt: Date;
  readonly extraSeconds: number;
  readonly heldAt: Date | null;
  readonly heldSeconds: number;
  readonly skipped: readonly string[];
  readonly inserted: readonly Inserted[];
}

const columns = (sql: Sql) =>
  sql`id, version, step_id as "stepId", started_at as "startedAt", ended_at as "endedAt", step_started_at as "stepStartedAt", extra_seconds as "extraSeconds", held_at as "heldAt", held_seconds as "heldSeconds", skipped, inserted`;

/** The run that goes on, otherwise the last one. */
export async function currentRun(sql: Sql, workshopId: string): Promise<RunRow | null> {
  const [row] = await sql<
    RunRow[]
  >`select ${columns(sql)} from runs where workshop_id = ${workshopId} order by (ended_at is null) desc, started_at desc limit 1`;
  return row ?? null;
}

/** @returns whether it was begun by this press; a second start joins the run */
export async function startRun(
  sql: Sql,
  studioId: string,
  workshopId: string,
  stepId: string,
): Promise<boolean> {
  await sql`select id from workshops where id = ${workshopId} for update`;
  const [open] =
    await sql`select 1 from runs where workshop_id = ${workshopId} and ended_at is null`;
  if (!open)
    await sql`insert into runs (studio_id, workshop_id, step_id) values (${studioId}, ${workshopId}, ${stepId})`;
  return !open;
}

/**
 * The run that goes on, locked, if it is still at the version that the caller saw; with the minutes
 * spent at its step so far, holds taken out.
 */
export async function lockRun(
  sql: Sql,
  workshopId: string,
  version: number,
): Promise<{ run: RunRow; spentMinutes: number } | null> {
  const [row] = await sql<(RunRow & { spent: number })[]>`
    select ${columns(sql)}, (extract(epoch from (coalesce(held_at, now()) - step_started_at)) - held_seconds)::float8 as spent
    from runs where workshop_id = ${workshopId} and ended_at is null and version = ${version} for update`;
  if (!row) return null;
  const { spent, ...run } = row;
  return { run, spentMinutes: Math.max(0, spent) / 60 };
}

/** The run that goes on, locked, whatever the caller saw of it. */
export async function lockOpenRun(sql: Sql, workshopId: string): Promise<RunRow | null> {
  const [row] = await sql<
    RunRow[]
  >`select ${columns(sql)} from runs where workshop_id = ${workshopId} and ended_at is null for update`;
  return row ?? null;
}

/** To another step, whose clock begins now, or began so many minutes ago. */
export async function toStep(
  sql: Sql,
  runId: string,
  stepId: string,
  {
    skipped,
    inserted,
    spent = 0,
  }: Partial<Pick<RunRow, "skipped" | "inserted">> & { spent?: number } = {},
): Promise<void> {
  await sql`
    update runs set step_id = ${stepId}, step_started_at = now() - make_interval(secs => ${60 * spent}), extra_seconds = 0, held_at = null, held_seconds = 0, version = version + 1
      ${skipped ? sql`, skipped = ${skipped as string[]}` : sql``} ${inserted ? sql`, inserted = ${sql.json(inserted as never)}` : sql``}
    where id = ${runId}`;
}

/** Minutes more or less; never less than what is over already. */
export async function addTime(sql: Sql, runId: string, seconds: number): Promise<void> {
  await sql`update runs set extra_seconds = extra_seconds + ${seconds}, version = version + 1 where id = ${runId}`;
}

/** The clock stands, or goes on. */
export async function hold(sql: Sql, runId: string): Promise<void> {
  await sql`
    update runs set held_at = case when held_at is null then now() end, held_seconds = held_seconds + case when held_at is null then 0 else extract(epoch from now() - held_at) end, version = version + 1
    where id = ${runId}`;
}

export async function insertSteps(
  sql: Sql,
  runId: string,
  inserted: readonly Inserted[],
): Promise<void> {
  await sql`update runs set inserted = ${sql.json(inserted as never)}, version = version + 1 where id = ${runId}`;
}

export async function endRun(sql: Sql, runId: string): Promise<void> {
  await sql`update runs set ended_at = now(), version = version + 1 where id = ${runId}`;
}

/** What was done, with the run as it was before. */
export async function recordAct(
  sql: Sql,
  studioId: string,
  workshopId: string,
  run: RunRow,
  act: string,
  logged: readonly string[],
): Promise<void> {
  await sql`insert into run_acts (studio_id, workshop_id, run_id, act, before, logged) values (${studioId}, ${workshopId}, ${run.id}, ${act}, ${sql.json(run as never)}, ${logged as string[]})`;
}

export interface RunAct {
  readonly id: string;
  readonly act: string;
  readonly at: Date;
  readonly before: {
    readonly stepId: string;
    readonly stepStartedAt: string;
    readonly extraSeconds: number;
    readonly heldAt: string | null;
    readonly heldSeconds: number;
    readonly skipped: readonly string[];
    readonly inserted: readonly Inserted[];
  };
  readonly logged: readonly string[];
}

/** The last act that was not taken back. */
export async function lastAct(sql: Sql, runId: string): Promise<RunAct | null> {
  const [row] = await sql<
    RunAct[]
  >`select id::text, act, at, before, logged::text[] as logged from run_acts where run_id = ${runId} and undone_at is null order by run_acts.id desc limit 1`;
  return row ?? null;
}

/** The run as it was before the act; its clock has gone on meanwhile. */
export async function undoAct(sql: Sql, runId: string, { id, before }: RunAct): Promise<void> {
  await sql`
    update runs set step_id = ${before.stepId}, step_started_at = ${before.stepStartedAt}, extra_seconds = ${before.extraSeconds}, held_at = ${before.heldAt}, held_seconds = ${before.heldSeconds},
      skipped = ${before.skipped as string[]}, inserted = ${sql.json(before.inserted as never)}, version = version + 1 where id = ${runId}`;
  await sql`update run_acts set undone_at = now() where id = ${id}`;
}

/**
 * Tells followers to look again although the run itself did not change (somebody is done or stuck).
 */
export async function tellFollowers(sql: Sql, workshopId: string, version: number): Promise<void> {
  await sql`select pg_notify('elm_live', ${JSON.stringify({ workshop: workshopId, version })})`;
}
