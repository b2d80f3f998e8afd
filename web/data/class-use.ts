/** What a class took: of the shelf, of blade and mat. */
import type { Sql } from "./client.ts";

export interface GoodUsed {
  readonly name: string;
  readonly unit: string;
  readonly used: number;
  /** What is there now, all classes together. */
  readonly left: number;
}

/** Goods that went for it, what came back taken off; the most first. */
export async function goodsUsed(sql: Sql, workshopId: string): Promise<GoodUsed[]> {
  return sql<GoodUsed[]>`
    select g.name, g.unit, -sum(m.change)::float8 as used, g.on_hand::float8 as left from stock_moves m join goods g on g.id = m.good_id
    where m.workshop_id = ${workshopId} group by g.id having sum(m.change) < 0 order by 3 desc, 1 limit 100`;
}

export interface CutUse {
  readonly film: string;
  readonly mm: number;
  readonly loads: number;
  /** Named mats that carried it. */
  readonly mats: string[];
}

export async function cutUse(sql: Sql, workshopId: string): Promise<CutUse[]> {
  return sql<CutUse[]>`
    select c.film, sum(c.mm)::float8 as mm, count(*)::int as loads, coalesce(array_agg(distinct m.name) filter (where m.name is not null), '{}') as mats
    from cut_wear c left join mats m on m.id = c.mat_id where c.workshop_id = ${workshopId} group by c.film order by 2 desc`;
}
