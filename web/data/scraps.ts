/** The scrap box of the shelf. A scrap stays in the plan of the class that cut it, and is gone for all others. */
import type { ClassDocument } from "@elm-basket/core/plan/document.ts";
import type { Scrap } from "@elm-basket/core/plan/scrap.ts";
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
const sameFilm = (a: Film, b: Film): boolean => a.name === b.name && a.family === b.family && a.colour.toLowerCase() === b.colour.toLowerCase();

export interface ScrapRow {
  readonly label: string;
  readonly film: Film;
  readonly outline: [number, number][];
  readonly holes: [number, number][][];
  readonly bought: string | null;
}

const columns = (sql: Sql) => sql`label, film, outline, holes, to_char(bought, 'YYYY-MM-DD') as bought`;

/**
 * Scraps in the box, and those this class has cut, of films the class uses. Once a class has begun to cut, what comes into
 * the box later (its own leftovers, too) is only for what is cut again: its loads would be laid anew under the host's hands.
 */
export async function scrapsForClass(sql: Sql, workshopId: string, vinyls: readonly Vinyl[]): Promise<Scrap[]> {
  const rows = await sql<(ScrapRow & { later: boolean })[]>`
    with box as (
      select *, (left_by is not distinct from ${workshopId} or created_at > coalesce((select min(cut_at) from cut_marks where workshop_id = ${workshopId}), 'infinity')) as later
      from scraps where used_by = ${workshopId} or used_nn is null
    )
    select ${columns(sql)}, later from box order by later, case when later then created_at end, label`;
  return rows.flatMap(({ label, film, outline, holes, bought, later }) => {
    const vinyl = vinyls.find((own) => sameFilm(filmOf(own), film));
    return vinyl ? [{ label, vinyl: vinyl.id, outline, holes, later, ...(bought ? { bought } : {}) }] : [];
  });
}

export async function listScraps(sql: Sql): Promise<ScrapRow[]> {
  return sql<ScrapRow[]>`select ${columns(sql)} from scraps where used_nn is null order by label`;
}

/** Puts the scraps of a class document into the box; a label that is there already stays as it is. */
export async function putScraps(sql: Sql, studioId: string, { scraps, vinyls }: Pick<ClassDocument, "scraps" | "vinyls">): Promise<void> {
  for (const { label, vinyl, outline, holes, bought } of scraps) {
    const film = vinyls.find(({ id }) => id === vinyl);
    if (!film) continue;
    await sql`insert into scraps (studio_id, label, film, outline, holes, bought)
      values (${studioId}, ${label}, ${sql.json(filmOf(film) as unknown as Json)}, ${sql.json(outline as unknown as Json)}, ${sql.json(holes as unknown as Json)}, ${bought ?? null})
      on conflict (studio_id, label) do nothing`;
  }
}

/** The scraps of a load are cut up, or (when that was a mistake) back in the box. */
export async function takeScraps(sql: Sql, workshopId: string, nn: number, labels: readonly string[], used: boolean): Promise<void> {
  if (used) await sql`update scraps set used_by = ${workshopId}, used_nn = ${nn} where label = any(${labels as string[]}) and used_nn is null`;
  else await sql`update scraps set used_by = null, used_nn = null where used_by = ${workshopId} and used_nn = ${nn}`;
}

export interface Leftover {
  readonly film: Film;
  readonly outline: readonly (readonly [number, number])[];
}

/** What a load leaves that is worth keeping goes into the box under the next free label of its film. Returns the labels. */
export async function keepLeftovers(sql: Sql, studioId: string, workshopId: string, nn: number, leftovers: readonly Leftover[]): Promise<string[]> {
  const labels: string[] = [];
  for (const { film, outline } of leftovers) {
    const letter = (film.name.match(/[A-Za-z]/u)?.[0] ?? "S").toUpperCase();
    const [row] = await sql<{ next: number }[]>`select coalesce(max(substring(label from '[0-9]+$')::int), 0) + 1 as next from scraps where label ~ ${`^${letter}-[0-9]{1,6}$`}`;
    const label = `${letter}-${String(row?.next ?? 1).padStart(2, "0")}`;
    await sql`insert into scraps (studio_id, label, film, outline, left_by, left_nn) values (${studioId}, ${label}, ${sql.json(film as unknown as Json)}, ${sql.json(outline as unknown as Json)}, ${workshopId}, ${nn})`;
    labels.push(label);
  }
  return labels;
}

/** Labels of what a load left that is still in the box. */
export async function leftBy(sql: Sql, workshopId: string, nn: number): Promise<string[]> {
  return (await sql<{ label: string }[]>`select label from scraps where left_by = ${workshopId} and left_nn = ${nn} and used_nn is null order by label`).map(({ label }) => label);
}

/** A load that was not cut after all leaves nothing. */
export async function takeBackLeftovers(sql: Sql, workshopId: string, nn: number): Promise<void> {
  await sql`delete from scraps where left_by = ${workshopId} and left_nn = ${nn} and used_nn is null`;
}

export async function throwAway(sql: Sql, label: string): Promise<void> {
  await sql`delete from scraps where label = ${label} and used_nn is null`;
}
