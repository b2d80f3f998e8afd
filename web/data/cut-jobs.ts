/**
 * Attempts to cut a load, as they go: what is written here is what the studio knows, whatever
 * happens to the cutter.
 */
import type { Sql } from "./client.ts";
import type { Film } from "./scraps.ts";

type Json = Parameters<Sql["json"]>[0];

export type JobState = "sending" | "cutting" | "paused" | "jammed" | "finished" | "stopped";
export type Outcome = "through" | "kissed" | "missed";

export interface CutJob {
  readonly id: string;
  readonly workshopId: string;
  readonly nn: number;
  readonly sheetHash: string;
  readonly state: JobState;
  readonly pieces: readonly string[];
  readonly cut: readonly string[];
  readonly outcomes: Readonly<Record<string, Outcome>>;
  readonly seconds: number;
  readonly ofSeconds: number;
  readonly fault: string | null;
  readonly startedAt: Date;
  readonly endedAt: Date | null;
}

const columns = (sql: Sql) =>
  sql`id, workshop_id as "workshopId", nn, sheet_hash as "sheetHash", state, pieces, cut, outcomes, seconds, of_seconds as "ofSeconds", fault, started_at as "startedAt", ended_at as "endedAt"`;

export interface NewJob {
  readonly nn: number;
  readonly sheetHash: string;
  readonly pieces: readonly string[];
  readonly cutMm: number;
  readonly preflight: unknown;
}

/** Null when the studio's cutter is already at work. */
export async function beginJob(
  sql: Sql,
  studioId: string,
  workshopId: string,
  job: NewJob,
): Promise<CutJob | null> {
  const [made] = await sql<CutJob[]>`
    insert into cut_jobs (studio_id, workshop_id, nn, sheet_hash, pieces, cut_mm, preflight)
    values (${studioId}, ${workshopId}, ${job.nn}, ${job.sheetHash}, ${sql.json(job.pieces as Json)}, ${job.cutMm}, ${sql.json(job.preflight as Json)})
    on conflict (studio_id) where ended_at is null do nothing returning ${columns(sql)}`;
  return made ?? null;
}

export async function runningJob(sql: Sql): Promise<CutJob | null> {
  const [job] = await sql<CutJob[]>`select ${columns(sql)} from cut_jobs where ended_at is null`;
  return job ?? null;
}

export interface JobProgress {
  readonly state: JobState;
  readonly cut: readonly string[];
  readonly seconds: number;
  readonly ofSeconds: number;
  readonly fault: string | null;
  readonly outcomes?: Readonly<Record<string, Outcome>>;
}

/** Pieces once recorded as cut stay recorded: a cutter that forgot does not make them uncut. */
export async function recordProgress(
  sql: Sql,
  id: string,
  progress: JobProgress,
  ended: boolean,
): Promise<CutJob | null> {
  const [job] = await sql<CutJob[]>`
    update cut_jobs set state = ${progress.state}, seconds = greatest(seconds, ${progress.seconds}), of_seconds = greatest(of_seconds, ${progress.ofSeconds}), fault = ${progress.fault},
      cut = (select coalesce(jsonb_agg(distinct piece), '[]') from (select jsonb_array_elements_text(cut_jobs.cut) as piece union select jsonb_array_elements_text(${sql.json(progress.cut as Json)})) all_cut),
      outcomes = outcomes || ${sql.json((progress.outcomes ?? {}) as Json)}, ended_at = case when ${ended} then now() end
    where id = ${id} and ended_at is null returning ${columns(sql)}`;
  return job ?? null;
}

/** All attempts at the loads of a class as they are planned now. */
export async function jobsOf(sql: Sql, workshopId: string): Promise<CutJob[]> {
  return sql<CutJob[]>`
    select ${columns(sql)} from cut_jobs j where workshop_id = ${workshopId} and exists (select 1 from sheets s where s.workshop_id = j.workshop_id and s.nn = j.nn and s.content_hash = j.sheet_hash)
    order by started_at`;
}

export interface TestCut {
  readonly force: number;
  readonly speed: number;
  readonly bladeMm: number;
  readonly at: Date;
}

export async function lastTestCut(sql: Sql, film: Film): Promise<TestCut | null> {
  const [row] = await sql<
    TestCut[]
  >`select force, speed, blade_mm as "bladeMm", at from test_cuts where film = ${sql.json(film as unknown as Json)} order by id desc limit 1`;
  return row ?? null;
}

export async function keepTestCut(
  sql: Sql,
  studioId: string,
  film: Film,
  cut: { force: number; speed: number; bladeMm: number },
): Promise<void> {
  await sql`insert into test_cuts (studio_id, film, force, speed, blade_mm) values (${studioId}, ${sql.json(film as unknown as Json)}, ${cut.force}, ${cut.speed}, ${cut.bladeMm})`;
}
