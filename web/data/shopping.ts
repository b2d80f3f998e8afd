/**
 * What was ticked off the shopping list: it goes into the ledger once, and can be taken back once.
 */
import { roundAmount } from "@elm-basket/core/stock/ledger.ts";
import type { Sql } from "./client.ts";
import { goodsById } from "./goods.ts";

export interface Purchase {
  /** Made by the device: the same press counts once. */
  readonly mark: string;
  readonly good: string;
  readonly amount: number;
  readonly note: string;
}

export interface BoughtRow {
  readonly mark: string;
  readonly good: string;
  readonly name: string;
  readonly unit: string;
  readonly amount: number;
  readonly note: string;
  readonly at: Date;
}

/** False where there is no such good. */
export async function buy(
  sql: Sql,
  studioId: string,
  { mark, good, amount, note }: Purchase,
): Promise<boolean> {
  if (!(await goodsById(sql, [good], true)).has(good)) return false;
  await sql`
    insert into stock_moves (studio_id, good_id, kind, change, work, note) values (${studioId}, ${good}, 'received', ${roundAmount(amount)}, ${`bought:${mark}`}, ${note})
    on conflict (studio_id, work) where work like 'bought:%' or work like 'unbought:%' do nothing`;
  return true;
}

/** "used" where not so much of it is there any more. */
export async function unbuy(
  sql: Sql,
  studioId: string,
  mark: string,
): Promise<"done" | "used" | "gone"> {
  const [row] = await sql<
    { good: string; amount: number }[]
  >`select good_id as good, change::float8 as amount from stock_moves where work = ${`bought:${mark}`}`;
  const good = row && (await goodsById(sql, [row.good], true)).get(row.good);
  if (!row || !good) return "gone";
  const [already] = await sql`select 1 from stock_moves where work = ${`unbought:${mark}`}`;
  if (already) return "done";
  if (good.onHand < row.amount) return "used";
  await sql`insert into stock_moves (studio_id, good_id, kind, change, work, note) values (${studioId}, ${row.good}, 'counted', ${0 - row.amount}, ${`unbought:${mark}`}, 'Not bought after all.')`;
  return "done";
}

/** Ticked off since, newest first; without what was taken back. */
export async function boughtSince(sql: Sql, hours: number): Promise<BoughtRow[]> {
  return sql<BoughtRow[]>`
    select substr(m.work, 8) as mark, g.id as good, g.name, g.unit, m.change::float8 as amount, m.note, m.at from stock_moves m join goods g on g.id = m.good_id
    where m.work like 'bought:%' and m.at > now() - make_interval(hours => ${hours}) and not exists (select 1 from stock_moves u where u.work = 'un' || m.work)
    order by m.id desc limit 200`;
}
