/** Wear and wash tests of a studio. */
import { type Trial, trialSchema } from "@elm-basket/core/trials/trial.ts";
import { MOST_TRIALS } from "@elm-basket/core/trials/trial-kinds.ts";
import type { Sql } from "./client.ts";

type Json = Parameters<Sql["json"]>[0];

export interface TrialRow {
  readonly id: string;
  readonly version: number;
  readonly trial: Trial;
}

/** The newest first. */
export async function listTrials(sql: Sql): Promise<TrialRow[]> {
  const rows = await sql<
    { id: string; version: number; body: unknown }[]
  >`select id, version, body from trials order by body->>'began' desc, created_at desc, id limit ${MOST_TRIALS}`;
  return rows.flatMap(({ body, ...row }) => {
    const trial = trialSchema.safeParse(body);
    return trial.success ? [{ ...row, trial: trial.data }] : [];
  });
}

export async function trialById(sql: Sql, id: string): Promise<TrialRow | null> {
  return (await listTrials(sql)).find((row) => row.id === id) ?? null;
}

/** @returns its id; null where the studio has as many as it may */
export async function addTrial(sql: Sql, studioId: string, trial: Trial): Promise<string | null> {
  const [row] = await sql<
    { id: string }[]
  >`insert into trials (studio_id, body) select ${studioId}, ${sql.json(trial as unknown as Json)} where (select count(*) from trials) < ${MOST_TRIALS} returning id`;
  return row?.id ?? null;
}

/** @returns the new version; null where it was changed or dropped meanwhile */
export async function changeTrial(
  sql: Sql,
  id: string,
  trial: Trial,
  version: number,
): Promise<number | null> {
  const [row] = await sql<
    { version: number }[]
  >`update trials set body = ${sql.json(trial as unknown as Json)}, version = version + 1 where id = ${id} and version = ${version} returning version`;
  return row?.version ?? null;
}

export async function dropTrial(sql: Sql, id: string): Promise<void> {
  await sql`delete from trials where id = ${id}`;
}
