/**
 * What blade and mats have gone through: loads that were sent from here as far as they were cut,
 * others whole when they are marked.
 */
import type { Sql } from "./client.ts";

/** A load is cut, or not after all. The mat in use carried it. */
export async function wearOf(
  sql: Sql,
  studioId: string,
  workshopId: string,
  { load, film, mm }: { readonly load: string; readonly film: string; readonly mm: number },
  cut: boolean,
): Promise<void> {
  if (!cut) {
    await sql`delete from cut_wear where workshop_id = ${workshopId} and load = ${load}`;
    return;
  }
  await sql`
    insert into cut_wear (studio_id, workshop_id, load, film, mm, mat_id) values (${studioId}, ${workshopId}, ${load}, ${film.slice(0, 120)}, ${mm}, (select id from mats where in_use))
    on conflict (workshop_id, load) do nothing`;
}

/** When the blade came that is in now; null where none was ever changed. */
const bladeSince = (sql: Sql) => sql`coalesce((select max(at) from blades), '-infinity')`;
const sent = (sql: Sql) =>
  sql`cut_mm * least(1, case when of_seconds > 0 then seconds / of_seconds else 0 end)`;

/** Millimetres cut with the blade that is in now. */
export async function bladeMm(sql: Sql): Promise<number> {
  return (await bladeFilms(sql)).reduce((sum, { mm }) => sum + mm, 0);
}

export interface BladeFilm {
  /** Empty where it is not known any more which film it was. */
  readonly film: string;
  readonly mm: number;
}

/** The same by film, the most first. */
export async function bladeFilms(sql: Sql): Promise<BladeFilm[]> {
  return sql<BladeFilm[]>`
    select film, sum(mm)::float8 as mm from (
      select coalesce(w.film, (select g.name from sheets s join workshop_vinyls v on v.workshop_id = s.workshop_id and v.vinyl = s.vinyl join goods g on g.id = v.good_id where s.workshop_id = j.workshop_id and s.content_hash = j.sheet_hash limit 1), '') as film,
        ${sent(sql)} as mm
      from cut_jobs j left join cut_wear w on w.workshop_id = j.workshop_id and w.load = j.sheet_hash where j.started_at > ${bladeSince(sql)}
      union all
      select film, mm from cut_wear w where at > ${bladeSince(sql)} and not exists (select 1 from cut_jobs j where j.workshop_id = w.workshop_id and j.sheet_hash = w.load)
    ) cut where mm > 0 group by film order by 2 desc, 1`;
}

async function bladeAge(sql: Sql): Promise<Date | null> {
  const [row] = await sql<{ at: Date | null }[]>`select max(at) as at from blades`;
  return row?.at ?? null;
}

export interface LoadOutcome {
  readonly at: Date;
  readonly pieces: number;
  /** Only scored or missed at the first attempt of which the cutter told. */
  readonly flawed: number;
}

/** The last loads of which the cutter told how each piece came out, newest first. */
export async function lastOutcomes(sql: Sql, most: number): Promise<LoadOutcome[]> {
  return sql<LoadOutcome[]>`
    select started_at as at, (select count(*)::int from jsonb_each_text(outcomes)) as pieces, (select count(*)::int from jsonb_each_text(outcomes) where value <> 'through') as flawed
    from cut_jobs where ended_at is not null and outcomes <> '{}' and started_at > ${bladeSince(sql)} order by started_at desc limit ${most}`;
}

export async function newBlade(sql: Sql, studioId: string): Promise<void> {
  await sql`insert into blades (studio_id) values (${studioId})`;
}

export interface MatRow {
  readonly id: string;
  readonly name: string;
  readonly inUse: boolean;
  readonly cleanedAt: Date | null;
  readonly cleanings: number;
  /** Loads since it was cleaned last, or since it came. */
  readonly uses: number;
  readonly allUses: number;
}

const MOST_MATS = 40;

export async function listMats(sql: Sql): Promise<MatRow[]> {
  return sql<MatRow[]>`
    select m.id, m.name, m.in_use as "inUse", m.cleaned_at as "cleanedAt", m.cleanings, count(w.load)::int as "allUses", (count(w.load) filter (where w.at > coalesce(m.cleaned_at, m.began_at)))::int as uses
    from mats m left join cut_wear w on w.mat_id = m.id group by m.id order by m.began_at, m.name limit ${MOST_MATS}`;
}

/** The first one is in use right away. False where the name is taken or there are too many. */
export async function addMat(sql: Sql, studioId: string, name: string): Promise<boolean> {
  const there = await listMats(sql);
  if (there.length >= MOST_MATS) return false;
  const rows =
    await sql`insert into mats (studio_id, name, in_use) values (${studioId}, ${name}, ${there.every(({ inUse }) => !inUse)}) on conflict (studio_id, name) do nothing returning id`;
  return rows.length > 0;
}

export async function putMatIn(sql: Sql, id: string): Promise<boolean> {
  await sql`update mats set in_use = false where in_use and id <> ${id}`;
  return (await sql`update mats set in_use = true where id = ${id} returning id`).length > 0;
}

export async function cleanMat(sql: Sql, id: string): Promise<boolean> {
  return (
    (
      await sql`update mats set cleaned_at = now(), cleanings = cleanings + 1 where id = ${id} returning id`
    ).length > 0
  );
}

export async function dropMat(sql: Sql, id: string): Promise<boolean> {
  return (await sql`delete from mats where id = ${id} returning id`).length > 0;
}

export interface Wear {
  readonly since: Date | null;
  readonly films: readonly BladeFilm[];
  readonly outcomes: readonly LoadOutcome[];
  readonly mats: readonly MatRow[];
}

const OUTCOMES_SHOWN = 8;

/** What the studio's blade and mats have gone through. */
export async function toolWear(sql: Sql): Promise<Wear> {
  return {
    since: await bladeAge(sql),
    films: await bladeFilms(sql),
    outcomes: await lastOutcomes(sql, OUTCOMES_SHOWN),
    mats: await listMats(sql),
  };
}
