/** The shelf: goods, their offers, and the ledger of what came and went. */
import {
  type FilmFacts,
  filmFactsSchema,
  type Good,
  type Offer,
  offerSchema,
} from "@elm-basket/core/stock/good.ts";
import type { GoodKind } from "@elm-basket/core/stock/good-kinds.ts";
import type { Move, MoveKind } from "@elm-basket/core/stock/ledger.ts";
import type { Sql } from "./client.ts";

type Json = Parameters<Sql["json"]>[0];
const json = (sql: Sql, value: unknown) => sql.json(value as Json);

export interface GoodRow {
  readonly id: string;
  readonly kind: GoodKind;
  readonly name: string;
  readonly unit: string;
  readonly film: FilmFacts | null;
  readonly offers: Offer[];
  readonly reorderAt: number | null;
  readonly onHand: number;
  /** Put on the shelf by the host; otherwise a class named it. */
  readonly kept: boolean;
  readonly version: number;
  /** Classes that draw on it. */
  readonly classes: number;
}

const columns = (
  sql: Sql,
) => sql`g.id, g.kind, g.name, g.unit, g.film, g.offers, g.reorder_at::float8 as "reorderAt", g.on_hand::float8 as "onHand", g.kept, g.version,
  ((select count(distinct l.workshop_id) from workshop_vinyls l where l.good_id = g.id) + (select count(distinct l.workshop_id) from supplies l where l.good_id = g.id))::int as classes`;

const parsed = (row: GoodRow): GoodRow => ({
  ...row,
  film: row.film ? filmFactsSchema.parse(row.film) : null,
  offers: offerSchema.array().parse(row.offers),
});

export const MOST_GOODS = 2000;

export async function listGoods(sql: Sql): Promise<GoodRow[]> {
  return (
    await sql<
      GoodRow[]
    >`select ${columns(sql)} from goods g where put_away_at is null order by g.kind, lower(g.name), g.unit limit ${MOST_GOODS}`
  ).map(parsed);
}

/** Locked where it is to be changed. */
export async function goodsById(
  sql: Sql,
  ids: readonly string[],
  lock = false,
): Promise<Map<string, GoodRow>> {
  if (ids.length === 0) return new Map();
  // Always in the same order: two marks that touch the same goods wait for each other, and never
  // for ever.
  if (lock)
    await sql`select id from goods where id = any(${ids as string[]}::uuid[]) order by id for update`;
  const rows = await sql<
    GoodRow[]
  >`select ${columns(sql)} from goods g where g.id = any(${ids as string[]}::uuid[])`;
  return new Map(rows.map((row) => [row.id, parsed(row)]));
}

/** Goods of this name that are no film; at most one for a unit. */
export async function findGood(sql: Sql, name: string, unit: string): Promise<GoodRow | null> {
  const [row] = await sql<
    GoodRow[]
  >`select ${columns(sql)} from goods g where film is null and lower(g.name) = lower(${name}) and lower(g.unit) = lower(${unit})`;
  return row ? parsed(row) : null;
}

export async function filmsNamed(sql: Sql, name: string): Promise<GoodRow[]> {
  return (
    await sql<
      GoodRow[]
    >`select ${columns(sql)} from goods g where film is not null and lower(g.name) = lower(${name}) order by put_away_at is not null, created_at`
  ).map(parsed);
}

/** Null when there is one of that name and unit already. */
export async function addGood(
  sql: Sql,
  studioId: string,
  { kind, name, unit, film, offers, reorderAt }: Good,
  kept: boolean,
): Promise<string | null> {
  const [row] = await sql<{ id: string }[]>`
    insert into goods (studio_id, kind, name, unit, film, offers, reorder_at, kept)
    values (${studioId}, ${kind}, ${name}, ${unit}, ${film ? json(sql, film) : null}, ${json(sql, offers)}, ${reorderAt ?? null}, ${kept})
    on conflict (studio_id, lower(name), lower(unit)) where film is null do nothing returning id`;
  return row?.id ?? null;
}

/**
 * @returns the new version, null when somebody changed it since `version`, or "taken" when another
 * good has that name and unit
 */
export async function changeGood(
  sql: Sql,
  id: string,
  { kind, name, unit, film, offers, reorderAt }: Good,
  version: number,
  kept = true,
): Promise<number | "taken" | null> {
  if (!film) {
    const other = await findGood(sql, name, unit);
    if (other && other.id !== id) return "taken";
  }
  const [row] = await sql<{ version: number }[]>`
    update goods set kind = ${kind}, name = ${name}, unit = ${unit}, film = ${film ? json(sql, film) : null}, offers = ${json(sql, offers)}, reorder_at = ${reorderAt ?? null}, kept = ${kept}, put_away_at = null, version = version + 1
    where id = ${id} and version = ${version} returning version`;
  return row?.version ?? null;
}

/** A good that no class draws on goes out of sight; its ledger stays. */
export async function putAway(sql: Sql, id: string): Promise<boolean> {
  const gone = await sql`
    update goods g set put_away_at = now(), name = left(g.name, 90) || ' (put away ' || to_char(now(), 'YYYY-MM-DD HH24:MI:SS.US') || ')'
    where id = ${id} and put_away_at is null and not exists (select 1 from workshop_vinyls where good_id = g.id) and not exists (select 1 from supplies where good_id = g.id) returning id`;
  return gone.length > 0;
}

/** What only a class had named, and none names any more. */
export async function dropUnnamed(sql: Sql, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  await sql`delete from goods g where id = any(${ids as string[]}::uuid[]) and not kept
    and not exists (select 1 from stock_moves where good_id = g.id) and not exists (select 1 from workshop_vinyls where good_id = g.id) and not exists (select 1 from supplies where good_id = g.id)`;
}

export async function addMoves(
  sql: Sql,
  studioId: string,
  goodId: string,
  moves: readonly Move[],
  workshopId: string | null = null,
): Promise<void> {
  for (const { kind, change, work, note = "" } of moves)
    await sql`insert into stock_moves (studio_id, good_id, kind, change, work, workshop_id, note) values (${studioId}, ${goodId}, ${kind}, ${change}, ${work ?? null}, ${workshopId}, ${note})`;
}

export interface MoveRow {
  readonly id: string;
  readonly at: Date;
  readonly kind: MoveKind;
  readonly change: number;
  readonly work: string | null;
  readonly note: string;
  readonly title: string | null;
}

/** The latest movements of a good, newest first. */
export async function movesOf(sql: Sql, goodId: string, most = 60): Promise<MoveRow[]> {
  return sql<MoveRow[]>`
    select m.id::text, m.at, m.kind, m.change::float8 as change, m.work, m.note, w.title from stock_moves m left join workshops w on w.id = m.workshop_id
    where m.good_id = ${goodId} order by m.id desc limit ${most}`;
}
