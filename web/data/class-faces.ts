/** Of many classes at once: how a seat looks, and how far its kits have come. */
import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { Sql } from "./client.ts";
import { isPacked, type PieceOfSeat } from "./making.ts";

export interface ClassFace {
  readonly id: string;
  readonly thing: string;
  readonly blank: Blank;
  /** In the order in which they lie. */
  readonly vinyls: readonly { readonly id: string; readonly colour: string }[];
  /** Of the first seat; null where there is none yet. */
  readonly seat: string | null;
  readonly pieces: readonly PieceOfSeat[];
}

/** The first seat's pieces of the first thing, as they were planned last. */
export async function classFaces(sql: Sql, ids: readonly string[]): Promise<ClassFace[]> {
  if (ids.length === 0) return [];
  const classes = ids as string[];
  const things = await sql<{ id: string; thing: string; blank: Blank }[]>`
    select distinct on (workshop_id) workshop_id as id, thing, blank from things where workshop_id = any(${classes}) order by workshop_id, position`;
  const firsts = await sql<
    { id: string; seat: string }[]
  >`select distinct on (workshop_id) workshop_id as id, seat from seats where workshop_id = any(${classes}) order by workshop_id, position`;
  const pieces = await sql<(PieceOfSeat & { of: string })[]>`
    with firsts as (select distinct on (workshop_id) workshop_id, seat from seats where workshop_id = any(${classes}) order by workshop_id, position)
    select p.workshop_id as of, p.id, p.seat, p.thing, p.copy, p.vinyl, p.path from pieces p join firsts f on f.workshop_id = p.workshop_id and f.seat = p.seat
    order by p.workshop_id, p.position`;
  const vinyls = await sql<{ of: string; id: string; colour: string }[]>`
    select u.workshop_id as of, u.vinyl as id, g.film->>'colour' as colour from workshop_vinyls u join goods g on g.id = u.good_id where u.workshop_id = any(${classes}) order by u.workshop_id, u.position`;
  return things.map(({ id, thing, blank }) => ({
    id,
    thing,
    blank,
    vinyls: vinyls.filter(({ of }) => of === id),
    seat: firsts.find((row) => row.id === id)?.seat ?? null,
    pieces: pieces.filter((piece) => piece.of === id && piece.thing === thing),
  }));
}

export interface KitCounts {
  readonly id: string;
  readonly kits: number;
  readonly cut: number;
  readonly weeded: number;
  readonly packed: number;
}

/** Kits of seats, spares aside: how many there are, and how far they have come. */
export async function kitCounts(sql: Sql, ids: readonly string[]): Promise<KitCounts[]> {
  return sql<KitCounts[]>`
    select workshop_id as id, count(*)::int as kits, count(*) filter (where cut_at is not null and cut_hash = letters_hash)::int as cut,
      count(*) filter (where weeded_at is not null and cut_hash = letters_hash)::int as weeded, count(*) filter (where ${isPacked(sql)})::int as packed
    from kits where workshop_id = any(${ids as string[]}) and planned and seat not like 'spare-%' group by workshop_id`;
}
