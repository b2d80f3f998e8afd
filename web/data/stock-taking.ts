/** Marked work takes goods off the shelf, and puts them back when it is unmarked. */
import { countOf } from "@elm-basket/core/document/thing-document.ts";
import { settle, type WorkSoFar } from "@elm-basket/core/stock/ledger.ts";
import { kitTakes, roomTakes } from "@elm-basket/core/stock/taking.ts";
import { bagMarks, ROOM_BAG } from "./bags.ts";
import { suppliesOfClass } from "./class-goods.ts";
import type { Sql } from "./client.ts";
import { addMoves, goodsById } from "./goods.ts";

export const loadWork = (hash: string): string => `load:${hash}`;
export const kitWork = (seat: string): string => `kit:${seat}`;
export const ROOM_WORK = "room";

async function soFar(sql: Sql, workshopId: string, work: string): Promise<Map<string, WorkSoFar>> {
  const rows = await sql<({ good_id: string } & WorkSoFar)[]>`
    select good_id, -coalesce(sum(change) filter (where kind in ('taken', 'returned')), 0)::float8 as taken, coalesce(sum(change) filter (where kind = 'counted'), 0)::float8 as "countedIn"
    from stock_moves where workshop_id = ${workshopId} and work = ${work} group by good_id`;
  return new Map(rows.map(({ good_id, taken, countedIn }) => [good_id, { taken, countedIn }]));
}

/** After this the work has taken exactly `wanted` of each good, whatever it had taken before. */
export async function settleWork(
  sql: Sql,
  studioId: string,
  workshopId: string,
  work: string,
  wanted: ReadonlyMap<string, number>,
): Promise<void> {
  const first = await soFar(sql, workshopId, work);
  const ids = [...new Set([...first.keys(), ...wanted.keys()])];
  if (ids.length === 0) return;
  const goods = await goodsById(sql, ids, true);
  // Read again behind the lock: the same mark may have been made at another device meanwhile.
  const before = await soFar(sql, workshopId, work);
  for (const id of ids.sort()) {
    const good = goods.get(id);
    if (!good) continue;
    const moves = settle({
      work,
      wanted: wanted.get(id) ?? 0,
      soFar: before.get(id) ?? { taken: 0, countedIn: 0 },
      onHand: good.onHand,
    });
    await addMoves(sql, studioId, id, moves, workshopId);
  }
}

/** A load of fresh film was cut (`amount` sheets or rolls of it), or not after all (0). */
export async function takeFilm(
  sql: Sql,
  studioId: string,
  workshopId: string,
  load: { readonly hash: string; readonly vinyl: string; readonly amount: number },
): Promise<void> {
  const [link] = await sql<
    { good_id: string }[]
  >`select good_id from workshop_vinyls where workshop_id = ${workshopId} and vinyl = ${load.vinyl}`;
  await settleWork(
    sql,
    studioId,
    workshopId,
    loadWork(load.hash),
    link && load.amount > 0 ? new Map([[link.good_id, load.amount]]) : new Map(),
  );
}

async function goodsOfLines(
  sql: Sql,
  workshopId: string,
  lines: ReadonlyMap<string, number>,
): Promise<Map<string, number>> {
  const links = await sql<
    { line: string; good_id: string }[]
  >`select body->>'id' as line, good_id from supplies where workshop_id = ${workshopId}`;
  const wanted = new Map<string, number>();
  for (const { line, good_id } of links) {
    const amount = lines.get(line) ?? 0;
    if (amount > 0) wanted.set(good_id, (wanted.get(good_id) ?? 0) + amount);
  }
  return wanted;
}

/** What seats and things say, without reading the whole class. */
async function making(sql: Sql, workshopId: string) {
  const things = (
    await sql<
      { thing: string; body: Record<string, unknown> }[]
    >`select thing, body from things where workshop_id = ${workshopId} order by position`
  ).map(({ thing, body }) => ({
    ...body,
    id: thing,
  }));
  return { things } as unknown as Parameters<typeof countOf>[0];
}

/** What a seat says of the things it makes. */
export async function seatCounts(
  sql: Sql,
  workshopId: string,
  seat: string,
): Promise<((thing: string) => number) | null> {
  const document = await making(sql, workshopId);
  const [row] = await sql<
    { seat: string; things: unknown; choices: unknown }[]
  >`select seat, things, choices from seats where workshop_id = ${workshopId} and seat = ${seat}`;
  if (!row) return null;
  const own = {
    seat,
    fields: {},
    ...(row.things ? { things: row.things } : {}),
    ...(row.choices ? { choices: row.choices } : {}),
  } as Parameters<typeof countOf>[1];
  return (id) => {
    const thing = document.things.find((one) => one.id === id);
    return thing ? countOf(document, own, thing) : 0;
  };
}

/** What is noted as lacking in a bag did not come off the shelf. */
async function withoutLacks(
  sql: Sql,
  workshopId: string,
  bag: string,
  lines: ReadonlyMap<string, number>,
): Promise<Map<string, number>> {
  const lacking = new Set(
    (await bagMarks(sql, workshopId, bag)).flatMap(({ line, state }) =>
      state === "lack" ? [line] : [],
    ),
  );
  return new Map([...lines].filter(([line]) => !lacking.has(`line:${line}`)));
}

/** The bag of a seat was packed, or unpacked; what is noted as lacking is not taken. */
export async function takeKit(
  sql: Sql,
  studioId: string,
  workshopId: string,
  seat: string,
  packed: boolean,
): Promise<void> {
  const count = packed ? await seatCounts(sql, workshopId, seat) : null;
  const all = count
    ? kitTakes(await suppliesOfClass(sql, workshopId), count)
    : new Map<string, number>();
  const lines = await withoutLacks(sql, workshopId, seat, all);
  await settleWork(
    sql,
    studioId,
    workshopId,
    kitWork(seat),
    await goodsOfLines(sql, workshopId, lines),
  );
}

/**
 * The box for room and tables was packed, or unpacked. `made` says how many of a thing each seat
 * makes, one of all together.
 */
export async function takeRoom(
  sql: Sql,
  studioId: string,
  workshopId: string,
  packed: boolean,
  need: (line: string) => number,
  made: (thing: string | undefined) => readonly number[],
): Promise<void> {
  const all = packed
    ? roomTakes(await suppliesOfClass(sql, workshopId), need, made)
    : new Map<string, number>();
  const lines = await withoutLacks(sql, workshopId, ROOM_BAG, all);
  await settleWork(
    sql,
    studioId,
    workshopId,
    ROOM_WORK,
    await goodsOfLines(sql, workshopId, lines),
  );
  await sql`update workshops set room_packed_at = ${packed ? new Date() : null} where id = ${workshopId}`;
}

export async function roomPackedAt(sql: Sql, workshopId: string): Promise<Date | null> {
  const [row] = await sql<
    { at: Date | null }[]
  >`select room_packed_at as at from workshops where id = ${workshopId}`;
  return row?.at ?? null;
}
