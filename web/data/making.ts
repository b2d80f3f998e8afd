/**
 * Sheets, pieces and kits: what a computed plan leaves in the database, and how far each kit has
 * come.
 */

import type { PlanJson } from "@elm-basket/core/plan/plan-json.ts";
import type { MatPlace } from "@elm-basket/core/stages/mats.ts";
import { clearFilms } from "./bags.ts";
import { byClass, type OfClass } from "./by-class.ts";
import type { Versions } from "./class-documents.ts";
import type { Sql } from "./client.ts";
import { cutAsSheets, kitsFromFilms, markFilmsCut, recutsDone, saveFilms } from "./films.ts";
import { type ComputedPlan, type PlanRows, printsOf } from "./prints.ts";

export interface SheetMeta {
  readonly stock: "sheet" | "roll" | "scrap";
  readonly width: number;
  readonly height: number;
  readonly edgeMargin: number;
  readonly mirrored: boolean;
  readonly cutMinutes: number;
  readonly loadMinutes: number;
  readonly share: number;
  /** Kits as they lie; `path` is simplified for the screen. */
  readonly kits: readonly SheetKitMeta[];
  /** Scraps to lay on the mat, each where it belongs; `at` is where its label covers no kit. */
  readonly scraps: readonly {
    readonly label: string;
    readonly path: string;
    readonly at: readonly [number, number];
  }[];
  /** Films and scraps on the mat that carry kits, by name, and where each starts. */
  readonly bins: readonly { readonly bin: string; readonly x: number; readonly y: number }[];
  /** Where this film lies when it shares a mat with others. */
  readonly mat: MatPlace | null;
  /** How kits may be turned by hand: a quarter, half round, or not. */
  readonly turn: 90 | 180 | null;
  readonly clearance: number;
  readonly usable: string;
  readonly cutLengthMm: number;
  readonly travelMm: number;
  /** What stays of the film that is worth keeping, each with its size. */
  readonly leftovers: readonly Remnant[];
  /** Sheets or rolls of fresh film it takes off the shelf. */
  readonly film: number;
}

export interface Remnant {
  readonly outline: readonly (readonly [number, number])[];
  readonly holes: readonly (readonly (readonly [number, number])[])[];
  readonly width: number;
  readonly height: number;
}

export interface SheetKitMeta {
  readonly seat: string;
  /** Its seat, and of a long kit the part. */
  readonly name: string;
  readonly label: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly pieces: readonly { readonly id: string; readonly path: string }[];
  /** Alignment crosses of a part; empty otherwise. */
  readonly marks: string;
  /** Where it lies on its own film or scrap, before any mirroring: what a document keeps. */
  readonly own: {
    readonly bin: string;
    readonly x: number;
    readonly y: number;
    readonly turn: number;
  };
}

export interface WeedSummary {
  readonly pieces: number;
  readonly counters: number;
  /** Insides that stay, of a stencil. */
  readonly islands: number;
  readonly smallParts: number;
  readonly tails: number;
  readonly technique: "plain" | "lighterCut" | "reverse" | "bolder";
}

export type StoredPlan = Omit<PlanJson, "pieces" | "reasons">;

/** The files of a sheet, written when they are asked for. */
export interface SheetText {
  readonly nn: number;
  readonly vinyl: string;
  /** Digest of its drawing, by which its marks are known. */
  readonly hash: string;
  readonly svg: string;
  readonly hpgl: string;
  readonly dxf: string;
}

type Json = Parameters<Sql["json"]>[0];
/** Rows a statement may carry: PostgreSQL takes 65 534 parameters. */
const ROWS_AT_ONCE = 4000;

/**
 * Whether the class is what a plan was made of: a plan of an older document never takes the place
 * of a newer one's.
 * Locks the class: two processes that plan it wait for each other here.
 */
export async function isOfVersion(
  sql: Sql,
  workshopId: string,
  { class: ofClass, seats, ...parts }: Versions,
): Promise<boolean> {
  const [row] = await sql<
    { version: number; seats: number }[]
  >`select version, roster_version as seats from workshops where id = ${workshopId} for update`;
  const things = await sql<
    { thing: string; blank: number; design: number }[]
  >`select thing, blank_version as blank, design_version as design from things where workshop_id = ${workshopId}`;
  return (
    row?.version === ofClass &&
    row.seats === seats &&
    things.every(
      ({ thing, blank, design }) =>
        parts[`blank:${thing}`] === blank && parts[`design:${thing}`] === design,
    )
  );
}

/**
 * Marks of sheets and kits survive as long as what was cut is still what is planned. Rows that say
 * what they said are left alone.
 */
export async function savePlan(
  sql: Sql,
  studioId: string,
  workshopId: string,
  computed: PlanRows & Partial<Pick<ComputedPlan, "prints">>,
): Promise<void> {
  const own = { studio_id: studioId, workshop_id: workshopId };
  const prints = computed.prints ?? printsOf(computed);
  // Two processes that plan the same class wait for each other here.
  await sql`select id from workshops where id = ${workshopId} for update`;
  await saveSheets(sql, own, computed.sheets, prints.sheets);
  await saveKits(sql, own, computed, prints.seats);
  await saveFilms(sql, studioId, workshopId, computed.films, prints.films);
  await cutAsSheets(sql, workshopId);
  await recutsDone(sql, workshopId);
  await kitsFromFilms(sql, workshopId, null);
  const needs = Object.fromEntries(
    (computed.plan.supplies ?? []).map(({ id, need }) => [id, need]),
  );
  await sql`update workshops set plan_hash = ${computed.hash}, plan = ${sql.json(computed.plan as unknown as Json)}, needs = ${sql.json(needs)} where id = ${workshopId}`;
}

interface Own {
  readonly studio_id: string;
  readonly workshop_id: string;
}

/** Keys of rows that are there and say the same; what else is there is not planned any more. */
async function unchanged<K extends string | number>(
  rows: Promise<readonly { key: K; print: string | null }[]>,
  prints: Readonly<Record<string, string>>,
): Promise<Set<K>> {
  return new Set(
    (await rows).flatMap(({ key, print }) =>
      print !== null && prints[String(key)] === print ? [key] : [],
    ),
  );
}

async function saveSheets(
  sql: Sql,
  own: Own,
  sheets: PlanRows["sheets"],
  prints: Readonly<Record<string, string>>,
): Promise<void> {
  const { workshop_id: workshopId } = own;
  const same = await unchanged(
    sql<
      { key: number; print: string | null }[]
    >`select nn as key, print from sheets where workshop_id = ${workshopId}`,
    prints,
  );
  await sql`delete from sheets where workshop_id = ${workshopId} and not nn = any(${[...same]}::int[])`;
  const changed = sheets.filter(({ nn }) => !same.has(nn));
  if (changed.length === 0) return;
  const cut = new Map(
    (
      await sql<
        { content_hash: string; cut_at: Date }[]
      >`select content_hash, cut_at from cut_marks where workshop_id = ${workshopId}`
    ).map((row) => [row.content_hash, row.cut_at]),
  );
  const rows = changed.map(({ nn, vinyl, meta, hash }) => ({
    ...own,
    nn,
    vinyl,
    meta: sql.json(meta as unknown as Json),
    content_hash: hash,
    cut_at: cut.get(hash) ?? null,
    scrap_labels: meta.scraps.map(({ label }) => label),
    print: prints[String(nn)] ?? null,
  }));
  await sql`insert into sheets ${sql(rows as never)}`;
}

async function saveKits(
  sql: Sql,
  own: Own,
  computed: PlanRows,
  prints: Readonly<Record<string, string>>,
): Promise<void> {
  const { workshop_id: workshopId } = own;
  const same = await unchanged(
    sql<
      { key: string; print: string | null }[]
    >`select seat as key, print from kits where workshop_id = ${workshopId} and planned`,
    prints,
  );
  await sql`delete from pieces where workshop_id = ${workshopId} and not seat = any(${[...same]})`;
  // What people recorded stays: a seat that is taken out and comes back brings its record.
  await sql`update kits set planned = false where workshop_id = ${workshopId} and planned and not seat = any(${computed.kits.map(({ seat }) => seat)})`;
  const places = new Map<string, number>();
  const pieces = computed.pieces.flatMap((piece) => {
    // Counted by seat: what one seat has more must not move the pieces of all others.
    const position = (places.get(piece.seat) ?? -1) + 1;
    places.set(piece.seat, position);
    if (same.has(piece.seat)) return [];
    const { id, seat, thing, copy, vinyl, sheet, area, counters, islands, small, path, film } =
      piece;
    return [
      {
        ...own,
        id,
        seat,
        thing,
        copy,
        vinyl,
        sheet,
        position,
        area_mm2: area,
        counters,
        islands,
        small,
        path,
        film,
      },
    ];
  });
  for (let i = 0; i < pieces.length; i += ROWS_AT_ONCE)
    await sql`insert into pieces ${sql(pieces.slice(i, i + ROWS_AT_ONCE))}`;
  const kits = computed.kits
    .filter(({ seat }) => !same.has(seat))
    .map(({ seat, hash, weed, minutes }) => ({
      ...own,
      seat,
      letters_hash: hash,
      weed: sql.json(weed as unknown as Json),
      weed_minutes: minutes,
      print: prints[seat] ?? null,
    }));
  for (let i = 0; i < kits.length; i += ROWS_AT_ONCE)
    await sql`insert into kits ${sql(kits.slice(i, i + ROWS_AT_ONCE) as never)}
      on conflict (workshop_id, seat) do update set planned = true, letters_hash = excluded.letters_hash, weed = excluded.weed, weed_minutes = excluded.weed_minutes, print = excluded.print`;
}

export async function readPlan(sql: Sql, workshopId: string): Promise<StoredPlan | null> {
  const [row] = await sql<
    { plan: StoredPlan | null }[]
  >`select plan from workshops where id = ${workshopId}`;
  return row?.plan ?? null;
}

export interface KeptPlan {
  /** Of the document it was made of. */
  readonly hash: string;
  readonly plan: StoredPlan;
}

/** By class, where it has one. */
export async function readPlans(sql: Sql, ids: readonly string[]): Promise<Map<string, KeptPlan>> {
  const rows = await sql<
    (KeptPlan & { id: string })[]
  >`select id, coalesce(plan_hash, '') as hash, plan from workshops where id = any(${ids as string[]}::uuid[]) and plan is not null`;
  return new Map(rows.map(({ id, ...kept }) => [id, kept]));
}

export interface SheetRow {
  readonly nn: number;
  readonly hash: string;
  readonly vinyl: string;
  readonly meta: SheetMeta;
  readonly cutAt: Date | null;
}

export async function listSheets(sql: Sql, workshopId: string): Promise<SheetRow[]> {
  return sql<
    SheetRow[]
  >`select nn, content_hash as hash, vinyl, meta, cut_at as "cutAt" from sheets where workshop_id = ${workshopId} order by nn`;
}

export async function readSheet(
  sql: Sql,
  workshopId: string,
  nn: number,
): Promise<SheetRow | null> {
  const [row] = await sql<
    SheetRow[]
  >`select nn, content_hash as hash, vinyl, meta, cut_at as "cutAt" from sheets where workshop_id = ${workshopId} and nn = ${nn}`;
  return row ?? null;
}

export interface KitRow {
  readonly seat: string;
  readonly weed: WeedSummary;
  readonly weedMinutes: number;
  readonly cut: boolean;
  /** Cut once, and the letters have changed since. */
  readonly changed: boolean;
  readonly weedingSince: Date | null;
  readonly weedingSeconds: number;
  readonly weeded: boolean;
  readonly flawed: boolean;
  readonly checked: boolean;
  readonly packed: boolean;
  readonly recutReason: string | null;
}

/**
 * Its films as planned are in the bag, or those that lack are noted. Of a row of kits called by no
 * other name.
 */
export const isPacked = (sql: Sql) =>
  sql`packed_at is not null and (cut_hash = letters_hash or packed_hash = letters_hash)`;

export const listKits = async (sql: Sql, workshopId: string): Promise<KitRow[]> =>
  (await kitsOf(sql, [workshopId])).get(workshopId) ?? [];

/** By class, where it has any. */
export async function kitsOf(sql: Sql, ids: readonly string[]): Promise<Map<string, KitRow[]>> {
  const rows = await sql<(KitRow & OfClass)[]>`
    select workshop_id as of, seat, weed, weed_minutes as "weedMinutes", (cut_at is not null and cut_hash = letters_hash) as cut, (cut_at is not null and cut_hash <> letters_hash) as changed,
      weeding_since as "weedingSince", weeding_seconds as "weedingSeconds", (weeded_at is not null and cut_hash = letters_hash) as weeded, flawed,
      (checked_at is not null and cut_hash = letters_hash) as checked, (${isPacked(sql)}) as packed, recut_reason as "recutReason"
    from kits where workshop_id = any(${ids as string[]}::uuid[]) and planned order by length(seat), seat`;
  return byClass(rows);
}

export interface PieceRow {
  readonly id: string;
  readonly thing: string;
  readonly copy: number;
  readonly vinyl: string;
  readonly sheet: number | null;
  /** Insides to pick out; of a stencil they are islands, and stay. */
  readonly counters: number;
  readonly islands: number;
  readonly small: boolean;
  readonly path: string;
}

export async function piecesOfSeat(
  sql: Sql,
  workshopId: string,
  seat: string,
): Promise<PieceRow[]> {
  return sql<
    PieceRow[]
  >`select id, thing, copy, vinyl, sheet, counters, islands, small, path from pieces where workshop_id = ${workshopId} and seat = ${seat} order by position`;
}

export interface PieceOfSeat extends Pick<PieceRow, "id" | "thing" | "copy" | "vinyl" | "path"> {
  readonly seat: string;
}

export async function piecesOfSeats(
  sql: Sql,
  workshopId: string,
  seats: readonly string[],
): Promise<PieceOfSeat[]> {
  return sql<
    PieceOfSeat[]
  >`select id, seat, thing, copy, vinyl, path from pieces where workshop_id = ${workshopId} and seat = any(${seats as string[]}) order by seat, position`;
}

/** Of which things these pieces of a seat are; all that the seat makes when none is named. */
export async function thingsOfPieces(
  sql: Sql,
  workshopId: string,
  seat: string,
  ids: readonly string[],
): Promise<string[]> {
  const rows = await sql<{ thing: string }[]>`
    select distinct thing from pieces where workshop_id = ${workshopId} and seat = ${seat} and (${ids.length === 0} or id = any(${ids as string[]})) order by thing`;
  return rows.map(({ thing }) => thing);
}

/** A kit counts as cut when every sheet that carries a piece of it is cut. */
export async function markSheet(
  sql: Sql,
  workshopId: string,
  nn: number,
  cut: boolean,
): Promise<boolean> {
  const [row] = await sql<
    { hash: string }[]
  >`update sheets set cut_at = ${cut ? new Date() : null} where workshop_id = ${workshopId} and nn = ${nn} returning content_hash as hash`;
  if (!row) return false;
  if (cut)
    await sql`insert into cut_marks (studio_id, workshop_id, content_hash) select studio_id, id, ${row.hash} from workshops where id = ${workshopId} on conflict (workshop_id, content_hash) do nothing`;
  else
    await sql`delete from cut_marks where workshop_id = ${workshopId} and content_hash = ${row.hash}`;
  await markFilmsCut(sql, workshopId, nn, cut);
  await recutsDone(sql, workshopId);
  await kitsFromFilms(sql, workshopId, null);
  return true;
}

/** Out of its bag: something of it is not ready after all. */
export async function unpack(sql: Sql, workshopId: string, seat: string): Promise<void> {
  await clearFilms(sql, workshopId, seat);
  await sql`update kits set checked_at = null, packed_at = null, packed_hash = null where workshop_id = ${workshopId} and seat = ${seat}`;
}

/** A bag of which something is to be cut again. */
export async function markRecut(
  sql: Sql,
  workshopId: string,
  seat: string,
  reason: string,
): Promise<void> {
  await sql`update kits set recut_reason = ${reason} where workshop_id = ${workshopId} and seat = ${seat}`;
  await unpack(sql, workshopId, seat);
  await kitsFromFilms(sql, workshopId, seat);
}

/**
 * A bag is neither checked nor packed while something of it is not weeded, or is cut again; packed
 * it may be where that is noted as lacking.
 * @returns whether it was marked
 */
export async function markKit(
  sql: Sql,
  workshopId: string,
  seat: string,
  what: "checked" | "packed",
  on: boolean,
  lackNoted = false,
): Promise<boolean> {
  const at = on ? new Date() : null;
  // Weeded, or handed over as it is cut, to be weeded in the class.
  const ready =
    on && !lackNoted
      ? sql`and cut_hash = letters_hash and (weeded_at is not null or (select body->>'handsOver' from workshops where id = ${workshopId}) = 'cut')`
      : sql``;
  const marked =
    what === "checked"
      ? await sql`update kits set checked_at = ${at} where workshop_id = ${workshopId} and seat = ${seat} ${ready} returning seat`
      : await sql`update kits set packed_at = ${at}, packed_hash = case when ${on && lackNoted} then letters_hash end, checked_at = coalesce(checked_at, ${at}) where workshop_id = ${workshopId} and seat = ${seat} ${ready} returning seat`;
  return marked.length > 0;
}

/** Locked, so that a bag is closed by what is marked at that moment. */
export async function lockBag(
  sql: Sql,
  workshopId: string,
  seat: string,
): Promise<{ packed: boolean } | null> {
  const [row] = await sql<
    { packed: boolean }[]
  >`select (${isPacked(sql)}) as packed from kits where workshop_id = ${workshopId} and seat = ${seat} and planned for update`;
  return row ?? null;
}
