/** What is left to do of kits: over a class, by seat, by film. */
import { byClass, type OfClass } from "./by-class.ts";
import type { Sql } from "./client.ts";
import { isPacked } from "./making.ts";

export interface WorkLeft {
  readonly id: string;
  readonly weedLeft: number;
  readonly weedKits: number;
  readonly cutLeft: number;
  readonly sheetsLeft: number;
  readonly packLeft: number;
  /** Films that no tape lies on yet, of kits that are not packed. */
  readonly tapeLeft: number;
}

/** Minutes of work left per class, for the home screen. */
export async function workLeft(sql: Sql, packMinutes: number): Promise<WorkLeft[]> {
  return sql<WorkLeft[]>`
    select w.id,
      coalesce((select sum(f.minutes) from films f where f.workshop_id = w.id and f.planned and f.weeded_hash is distinct from f.content_hash), 0)::float8 as "weedLeft",
      (select count(*)::int from kits k where k.workshop_id = w.id and k.planned and (k.weeded_at is null or k.cut_hash is distinct from k.letters_hash)) as "weedKits",
      coalesce((select sum((s.meta->>'cutMinutes')::float8 + (s.meta->>'loadMinutes')::float8) from sheets s where s.workshop_id = w.id and s.cut_at is null), 0)::float8 as "cutLeft",
      (select count(*)::int from sheets s where s.workshop_id = w.id and s.cut_at is null) as "sheetsLeft",
      (select count(*) * ${packMinutes}::float8 from kits k where k.workshop_id = w.id and k.planned and k.seat not like 'spare-%' and not (${isPacked(sql)}))::float8 as "packLeft",
      (select count(*)::int from films f join kits k on k.workshop_id = f.workshop_id and k.seat = f.seat where f.workshop_id = w.id and f.planned and f.taped_hash is distinct from f.content_hash and k.packed_at is null) as "tapeLeft"
    from workshops w`;
}

export interface SeatWork {
  readonly seat: string;
  readonly weedLeft: number;
  readonly tapeLeft: number;
  readonly packed: boolean;
}

/** The same of each seat; spares belong to nobody. */
export async function workBySeat(
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, SeatWork[]>> {
  const rows = await sql<(SeatWork & OfClass)[]>`
    select k.workshop_id as of, k.seat, own."weedLeft", case when k.packed_at is null then own."tapeLeft" else 0 end as "tapeLeft", (${isPacked(sql)}) as packed
    from kits k cross join lateral (
      select coalesce(sum(f.minutes) filter (where f.weeded_hash is distinct from f.content_hash), 0)::float8 as "weedLeft", (count(*) filter (where f.taped_hash is distinct from f.content_hash))::int as "tapeLeft"
      from films f where f.workshop_id = k.workshop_id and f.seat = k.seat and f.planned
    ) own
    where k.workshop_id = any(${ids as string[]}::uuid[]) and k.planned and k.seat not like 'spare-%'`;
  return byClass(rows);
}

export interface LayerWork {
  readonly vinyl: string;
  /** Minutes of weeding that are left of it. */
  readonly weedLeft: number;
}

/** By film, what is left to weed of it. */
export async function layersLeft(
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, LayerWork[]>> {
  return byClass(
    await sql<(LayerWork & OfClass)[]>`
    select workshop_id as of, vinyl, coalesce(sum(minutes) filter (where weeded_hash is distinct from content_hash), 0)::float8 as "weedLeft" from films where workshop_id = any(${ids as string[]}::uuid[]) and planned group by workshop_id, vinyl order by 3, 2`,
  );
}
