/** Tape laid beforehand, film by film; and the pieces of tape that are in hand. */
import type { Sql } from "./client.ts";

export interface TapingRow {
  readonly film: string;
  readonly seat: string;
  readonly thing: string;
  readonly copy: number;
  readonly vinyl: string;
  /** All its films are through: tape can be laid. */
  readonly weeded: boolean;
  readonly taped: boolean;
}

/** Whether a film lies under its tape as it is planned. */
export const isTaped = (sql: Sql) => sql`taped_hash is not null and taped_hash = content_hash`;

export async function listTaping(sql: Sql, workshopId: string): Promise<TapingRow[]> {
  return sql<TapingRow[]>`
    select film, seat, thing, copy, vinyl, weeded_hash is not null and weeded_hash = content_hash as weeded, ${isTaped(sql)} as taped
    from films where workshop_id = ${workshopId} and planned order by sheet nulls last, position`;
}

/** Only what is weeded can lie under tape. @returns how many are marked so now */
export async function markTaped(
  sql: Sql,
  workshopId: string,
  films: readonly string[],
  on: boolean,
): Promise<number> {
  const rows = on
    ? await sql`update films set taped_hash = content_hash where workshop_id = ${workshopId} and planned and film = any(${films as string[]}) and weeded_hash is not null and weeded_hash = content_hash returning film`
    : await sql`update films set taped_hash = null where workshop_id = ${workshopId} and film = any(${films as string[]}) returning film`;
  return rows.length;
}

export interface TapePiece {
  readonly id: string;
  readonly label: string;
  readonly tack: "low" | "medium" | "strong";
  /** Mm. */
  readonly width: number;
  readonly height: number;
  readonly uses: number;
  /** So often it can be laid before it is worn. */
  readonly most: number;
}

const MOST_PIECES = 200;

export async function listTapePieces(sql: Sql): Promise<TapePiece[]> {
  return sql<
    TapePiece[]
  >`select id, label, tack, width, height, uses, most from tape_pieces order by length(label), label limit ${MOST_PIECES}`;
}

/** @returns the label it was given: T1, T2, …; null where there are too many */
export async function addTapePiece(
  sql: Sql,
  studioId: string,
  { tack, width, height, most }: Pick<TapePiece, "tack" | "width" | "height" | "most">,
): Promise<string | null> {
  await sql`select pg_advisory_xact_lock(hashtext(${`tape ${studioId}`}))`;
  const taken = new Set((await listTapePieces(sql)).map(({ label }) => label));
  if (taken.size >= MOST_PIECES) return null;
  let n = 1;
  while (taken.has(`T${n}`)) n++;
  await sql`insert into tape_pieces (studio_id, label, tack, width, height, most) values (${studioId}, ${`T${n}`}, ${tack}, ${width}, ${height}, ${most})`;
  return `T${n}`;
}

/** One use more, or one taken back. */
export async function useTapePiece(sql: Sql, id: string, by: 1 | -1): Promise<boolean> {
  return (
    (
      await sql`update tape_pieces set uses = uses + ${by}, at = now() where id = ${id} and uses + ${by} between 0 and 100 returning id`
    ).length > 0
  );
}

export async function dropTapePiece(sql: Sql, id: string): Promise<boolean> {
  return (await sql`delete from tape_pieces where id = ${id} returning id`).length > 0;
}
