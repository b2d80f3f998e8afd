/**
 * The scrap box of the shelf. A scrap stays in the plan of the class that cut it, and is gone for
 * all others.
 */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Scrap } from "@elm-basket/core/document/scrap.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import type { Sql } from "./client.ts";

type Json = Parameters<Sql["json"]>[0];

/** What is written on the film. */
export interface Film {
  readonly name: string;
  readonly family: string;
  readonly colour: string;
}

export const filmOf = ({ name, family, colour }: Vinyl): Film => ({ name, family, colour });
const sameFilm = (a: Film, b: Film): boolean =>
  a.name === b.name && a.family === b.family && a.colour.toLowerCase() === b.colour.toLowerCase();

export interface ScrapRow {
  readonly label: string;
  readonly film: Film;
  readonly outline: [number, number][];
  readonly holes: [number, number][][];
  readonly bought: string | null;
  /** The class that comes first of those whose loads lie on it. */
  readonly plannedFor?: string | null;
}

const columns = (sql: Sql) =>
  sql`label, film, outline, holes, to_char(bought, 'YYYY-MM-DD') as bought`;

/**
 * Classes still to come that have this one's scraps on loads not cut yet, in the order in which
 * they are served.
 */
const planned = (sql: Sql) => sql`
  select unnest(s.scrap_labels) as label, s.workshop_id, s.nn, w.title, w.class_date, w.class_date + w.class_time::time as day, w.created_at
  from sheets s join workshops w on w.id = s.workshop_id where s.cut_at is null and s.scrap_labels <> '{}' and w.class_date >= current_date - 1`;

/**
 * Scraps in the box, and those this class has cut, of films the class uses. Once a class has begun
 * to cut, what comes into
 * the box later (its own leftovers, too) is only for what is cut again: its loads would be laid
 * anew under the host's hands.
 * What an earlier class has planned on is not there for a later one. What this class itself has
 * planned on stays until it is laid again,
 * even if another has taken it since: that is told, and nothing moves by itself.
 */
export async function scrapsForClasses(
  sql: Sql,
  vinyls: ReadonlyMap<string, readonly Vinyl[]>,
): Promise<Map<string, Scrap[]>> {
  const rows = await sql<(ScrapRow & { later: boolean; of: string })[]>`
    select of_class.id as of, found.* from unnest(${[...vinyls.keys()]}::uuid[]) of_class(id) cross join lateral (
      with own as (select class_date + class_time::time as day, created_at from workshops where id = of_class.id),
      mine as (select unnest(scrap_labels) as label from sheets where workshop_id = of_class.id and cut_at is null),
      promised as (select p.label from (${planned(sql)}) p, own where p.workshop_id <> of_class.id and (p.day, p.created_at) < (own.day, own.created_at)),
      box as (
        select *, (left_by is not distinct from of_class.id or created_at > coalesce((select min(cut_at) from cut_marks where workshop_id = of_class.id), 'infinity')) as later
        from scraps where used_by = of_class.id or label in (select label from mine) or (used_nn is null and label not in (select label from promised))
      )
      select ${columns(sql)}, later, created_at as since from box
    ) found order by later, case when later then since end, label`;
  const found = new Map<string, Scrap[]>();
  for (const { of, label, film, outline, holes, bought, later } of rows) {
    const vinyl = vinyls.get(of)?.find((own) => sameFilm(filmOf(own), film));
    if (!vinyl) continue;
    const scrap = { label, vinyl: vinyl.id, outline, holes, later, ...(bought ? { bought } : {}) };
    found.set(of, [...(found.get(of) ?? []), scrap]);
  }
  return found;
}

export interface ScrapTaken {
  /** Load of this class that lies on it. */
  readonly nn: number;
  readonly label: string;
  /** Cut up already, or planned by a class that comes first. */
  readonly how: "cut" | "planned" | "gone";
  readonly title: string;
}

/** Scraps on which loads of this class are laid, and which another class has. */
export async function scrapsTaken(sql: Sql, workshopId: string): Promise<ScrapTaken[]> {
  return sql<ScrapTaken[]>`
    with own as (select class_date + class_time::time as day, created_at from workshops where id = ${workshopId}),
    mine as (select nn, unnest(scrap_labels) as label from sheets where workshop_id = ${workshopId} and cut_at is null)
    select m.nn, m.label, case when s.label is null then 'gone' when s.used_nn is not null then 'cut' else 'planned' end as how, coalesce(u.title, p.title, '') as title
    from mine m left join scraps s on s.label = m.label left join workshops u on u.id = s.used_by
    left join lateral (select p.title from (${planned(sql)}) p, own where p.label = m.label and p.workshop_id <> ${workshopId} and (p.day, p.created_at) < (own.day, own.created_at) order by p.day, p.created_at limit 1) p on true
    where s.label is null or (s.used_nn is not null and s.used_by is distinct from ${workshopId}) or p.title is not null order by m.nn, m.label`;
}

/**
 * Loads on scraps that another class has are planned no more: what lies on them is laid again with
 * the next plan.
 */
export async function giveUpTaken(sql: Sql, workshopId: string): Promise<number> {
  const labels = [...new Set((await scrapsTaken(sql, workshopId)).map(({ label }) => label))];
  if (labels.length === 0) return 0;
  await sql`delete from sheets where workshop_id = ${workshopId} and cut_at is null and scrap_labels && ${labels}::text[]`;
  await sql`update workshops set plan_hash = null where id = ${workshopId}`;
  return labels.length;
}

export async function listScraps(sql: Sql): Promise<ScrapRow[]> {
  return sql<ScrapRow[]>`
    select ${columns(sql)}, (select p.title from (${planned(sql)}) p where p.label = scraps.label order by p.day, p.created_at limit 1) as "plannedFor" from scraps where used_nn is null order by label`;
}

/**
 * Films that scraps may be of: those of the shelf, and those of scraps whose film is there no more.
 */
export async function scrapFilms(sql: Sql): Promise<Film[]> {
  return (
    await sql<{ film: Film }[]>`
      select distinct film from (
        select jsonb_build_object('name', name, 'family', film->>'family', 'colour', film->>'colour') as film from goods where film is not null and put_away_at is null union all select film from scraps where used_nn is null
      ) films order by film`
  ).map(({ film }) => film);
}

type GivenScrap = Omit<ScrapRow, "plannedFor">;

/** "taken" when there is one of that label. */
export async function newScrap(
  sql: Sql,
  studioId: string,
  { label, film, outline, holes, bought }: GivenScrap,
): Promise<"done" | "taken"> {
  const made = await sql`insert into scraps (studio_id, label, film, outline, holes, bought)
    values (${studioId}, ${label}, ${sql.json(film as unknown as Json)}, ${sql.json(outline as unknown as Json)}, ${sql.json(holes as unknown as Json)}, ${bought})
    on conflict (studio_id, label) do nothing returning id`;
  return made.length > 0 ? "done" : "taken";
}

export async function changeScrap(
  sql: Sql,
  before: string,
  { label, film, outline, holes, bought }: GivenScrap,
): Promise<"done" | "taken" | "gone"> {
  if (label !== before && (await sql`select 1 from scraps where label = ${label}`).length > 0)
    return "taken";
  const changed =
    await sql`update scraps set label = ${label}, film = ${sql.json(film as unknown as Json)}, outline = ${sql.json(outline as unknown as Json)}, holes = ${sql.json(holes as unknown as Json)}, bought = ${bought}
    where label = ${before} and used_nn is null returning id`;
  return changed.length > 0 ? "done" : "gone";
}

/**
 * Puts the scraps of a class document into the box; a label that is there already stays as it is.
 */
export async function putScraps(
  sql: Sql,
  studioId: string,
  { scraps, vinyls }: Pick<ClassDocument, "scraps" | "vinyls">,
): Promise<void> {
  for (const { label, vinyl, outline, holes, bought } of scraps) {
    const film = vinyls.find(({ id }) => id === vinyl);
    if (!film) continue;
    await sql`insert into scraps (studio_id, label, film, outline, holes, bought)
      values (${studioId}, ${label}, ${sql.json(filmOf(film) as unknown as Json)}, ${sql.json(outline as unknown as Json)}, ${sql.json(holes as unknown as Json)}, ${bought ?? null})
      on conflict (studio_id, label) do nothing`;
  }
}

/** The scraps of a load are cut up, or (when that was a mistake) back in the box. */
export async function takeScraps(
  sql: Sql,
  workshopId: string,
  nn: number,
  labels: readonly string[],
  used: boolean,
): Promise<void> {
  if (used)
    await sql`update scraps set used_by = ${workshopId}, used_nn = ${nn} where label = any(${labels as string[]}) and used_nn is null`;
  else
    await sql`update scraps set used_by = null, used_nn = null where used_by = ${workshopId} and used_nn = ${nn}`;
}

/** The next free label of a film: its first letter and a number. */
export async function freeLabel(sql: Sql, name: string): Promise<string> {
  const letter = (name.match(/[A-Za-z]/u)?.[0] ?? "S").toUpperCase();
  const [row] = await sql<
    { next: number }[]
  >`select coalesce(max(substring(label from '[0-9]+$')::int), 0) + 1 as next from scraps where label ~ ${`^${letter}-[0-9]{1,6}$`}`;
  return `${letter}-${String(row?.next ?? 1).padStart(2, "0")}`;
}

export interface Leftover {
  readonly film: Film;
  readonly outline: readonly (readonly [number, number])[];
  readonly holes: readonly (readonly (readonly [number, number])[])[];
}

/**
 * What a load leaves that is worth keeping goes into the box under the next free label of its film.
 * Returns the labels.
 */
export async function keepLeftovers(
  sql: Sql,
  studioId: string,
  workshopId: string,
  nn: number,
  leftovers: readonly Leftover[],
): Promise<string[]> {
  const labels: string[] = [];
  for (const { film, outline, holes } of leftovers) {
    const label = await freeLabel(sql, film.name);
    await sql`insert into scraps (studio_id, label, film, outline, holes, left_by, left_nn) values (${studioId}, ${label}, ${sql.json(film as unknown as Json)}, ${sql.json(outline as unknown as Json)}, ${sql.json(holes as unknown as Json)}, ${workshopId}, ${nn})`;
    labels.push(label);
  }
  return labels;
}

/** Labels of what a load left that is still in the box. */
export async function leftBy(sql: Sql, workshopId: string, nn: number): Promise<string[]> {
  return (
    await sql<
      { label: string }[]
    >`select label from scraps where left_by = ${workshopId} and left_nn = ${nn} and used_nn is null order by label`
  ).map(({ label }) => label);
}

/** A load that was not cut after all leaves nothing. */
export async function takeBackLeftovers(sql: Sql, workshopId: string, nn: number): Promise<void> {
  await sql`delete from scraps where left_by = ${workshopId} and left_nn = ${nn} and used_nn is null`;
}

export async function throwAway(sql: Sql, label: string): Promise<void> {
  await sql`delete from scraps where label = ${label} and used_nn is null`;
}
