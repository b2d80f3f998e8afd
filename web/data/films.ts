/**
 * Films on the bench: what a computed plan says of them, whose hands they are in, and how far they
 * have come.
 */
import type { BagFilm } from "@elm-basket/core/stock/bag.ts";
import type { WeedReport } from "@elm-basket/core/weeding/difficulty.ts";
import type { FilmState } from "@elm-basket/core/weeding/queue.ts";
import type { Sql } from "./client.ts";

type Json = Parameters<Sql["json"]>[0];
/** Rows a statement may carry: PostgreSQL takes 65 534 parameters. */
const ROWS_AT_ONCE = 3000;

/**
 * Which piece of film it is: of whose bag, which thing and copy, which vinyl, and of a long kit
 * which part.
 */
export interface FilmPlace {
  readonly film: string;
  readonly seat: string;
  readonly thing: string;
  readonly copy: number;
  readonly vinyl: string;
  readonly part: number | null;
  /** Cut again for one that failed. */
  readonly again: boolean;
}

/** A piece of film as the plan has it. */
export interface PlannedFilm extends FilmPlace {
  readonly sheet: number | null;
  readonly hash: string;
  readonly weed: FilmWeed;
  readonly minutes: number;
}

export interface FilmWeed
  extends Pick<
    WeedReport,
    | "pieces"
    | "counters"
    | "islands"
    | "smallParts"
    | "tails"
    | "thinnest"
    | "tightest"
    | "technique"
    | "counts"
  > {
  /** Whether its letters are taken out and painted. */
  readonly out: boolean;
  /** Its own film, in the design's coordinates: least x, least y, most x, most y, mm. */
  readonly box: readonly [number, number, number, number];
}

/** A device that is not heard of for so long gives back what it holds. */
export const HEARD_SECONDS = 240;

/**
 * What people did stays: a film that is not planned any more keeps its marks, for it may come back.
 */
export async function saveFilms(
  sql: Sql,
  studioId: string,
  workshopId: string,
  films: readonly PlannedFilm[],
  prints: Readonly<Record<string, string>>,
): Promise<void> {
  const [known] = await sql`select 1 from films where workshop_id = ${workshopId} limit 1`;
  await sql`update films set planned = false where workshop_id = ${workshopId} and planned and not film = any(${films.map(({ film }) => film)})`;
  const there = new Map(
    (
      await sql<
        { film: string; print: string | null }[]
      >`select film, print from films where workshop_id = ${workshopId} and planned`
    ).map(({ film, print }) => [film, print]),
  );
  const rows = films
    .map(({ hash, weed, ...film }, position) => ({
      studio_id: studioId,
      workshop_id: workshopId,
      ...film,
      position,
      content_hash: hash,
      weed: sql.json(weed as unknown as Json),
      print: prints[film.film] ?? null,
    }))
    .filter(({ film, print }) => print === null || there.get(film) !== print);
  for (let i = 0; i < rows.length; i += ROWS_AT_ONCE)
    await sql`insert into films ${sql(rows.slice(i, i + ROWS_AT_ONCE) as never)}
      on conflict (workshop_id, film) do update set seat = excluded.seat, thing = excluded.thing, copy = excluded.copy, vinyl = excluded.vinyl, part = excluded.part, sheet = excluded.sheet,
        position = excluded.position, again = excluded.again, content_hash = excluded.content_hash, weed = excluded.weed, minutes = excluded.minutes, print = excluded.print, planned = true
      where (films.seat, films.thing, films.copy, films.vinyl, films.part, films.sheet, films.position, films.again, films.content_hash, films.weed, films.minutes, films.planned)
        is distinct from (excluded.seat, excluded.thing, excluded.copy, excluded.vinyl, excluded.part, excluded.sheet, excluded.position, excluded.again, excluded.content_hash, excluded.weed, excluded.minutes, true)`;
  // Kits that were marked whole before films were told apart.
  if (!known)
    await sql`update films f set cut_hash = f.content_hash, weeded_hash = case when k.weeded_at is not null then f.content_hash end, weeded_at = k.weeded_at, flawed = k.flawed
      from kits k where f.workshop_id = ${workshopId} and k.workshop_id = f.workshop_id and k.seat = f.seat and k.cut_at is not null and k.cut_hash = k.letters_hash`;
}

/**
 * What lies on a load that is cut is cut, also when its loss was taken back and it is planned
 * again.
 */
export async function cutAsSheets(sql: Sql, workshopId: string): Promise<void> {
  await sql`update films f set cut_hash = f.content_hash from sheets s
    where f.workshop_id = ${workshopId} and f.planned and f.cut_hash is null and s.workshop_id = f.workshop_id and s.nn = f.sheet and s.cut_at is not null`;
}

/**
 * The bag's strands from its films: cut and weeded when all of them are, and nothing waits to be
 * cut again. One seat, or the whole class.
 */
export async function kitsFromFilms(
  sql: Sql,
  workshopId: string,
  seat: string | null,
): Promise<void> {
  await sql`
    update kits k set weeding_since = done.since, weeding_seconds = done.seconds, flawed = done.flawed,
      cut_at = case when done.ever_cut and k.recut_reason is null then coalesce(k.cut_at, now()) end,
      cut_hash = case when done.all_cut then k.letters_hash else '-' end,
      weeded_at = case when done.all_weeded and k.recut_reason is null then done.at end
    from (select seat, bool_and(cut_hash is not null) as ever_cut, bool_and(cut_hash is not null and cut_hash = content_hash) as all_cut, bool_and(weeded_hash is not null and weeded_hash = content_hash) as all_weeded,
        max(weeded_at) as at, min(weeding_since) as since, sum(weeding_seconds) as seconds, bool_or(flawed) as flawed
      from films where workshop_id = ${workshopId} and planned and (${seat}::text is null or seat = ${seat}) group by seat) done
    where k.workshop_id = ${workshopId} and k.seat = done.seat`;
}

/** What was to be cut again is cut, or is not wanted any more. */
export async function recutsDone(sql: Sql, workshopId: string): Promise<void> {
  await sql`
    update kits k set recut_reason = null where k.workshop_id = ${workshopId} and k.recut_reason is not null
      and not exists (select 1 from films f where f.workshop_id = k.workshop_id and f.seat = k.seat and f.planned and f.again and (f.cut_hash is null or f.cut_hash <> f.content_hash))`;
}

export interface FilmRow extends FilmPlace {
  readonly sheet: number | null;
  readonly position: number;
  readonly pieces: number;
  readonly technique: FilmWeed["technique"];
  readonly minutes: number;
  readonly planned: boolean;
  readonly state: FilmState;
  /** Seconds of weeding so far, without what runs. */
  readonly seconds: number;
  readonly since: Date | null;
  readonly weededAt: Date | null;
  /** Whose hands it is in, or who weeded it. */
  readonly by: string | null;
  readonly heldBy: string | null;
  readonly version: number;
}

const heard = (sql: Sql) =>
  sql`held_by is not null and heard_at > now() - make_interval(secs => ${HEARD_SECONDS})`;
const isWeeded = (sql: Sql) => sql`weeded_hash is not null and weeded_hash = content_hash`;
const columns = (
  sql: Sql,
) => sql`film, seat, thing, copy, vinyl, part, sheet, position, again, (weed->>'pieces')::int as pieces, weed->>'technique' as technique, minutes, planned,
  case when ${isWeeded(sql)} then case when flawed then 'flawed' else 'done' end when ${heard(sql)} then 'held' when cut_hash is null then 'uncut' when cut_hash <> content_hash then 'changed' else 'waiting' end as state,
  weeding_seconds as seconds, weeding_since as since, weeded_at as "weededAt", case when ${isWeeded(sql)} then weeded_by when ${heard(sql)} then held_name end as by,
  case when ${heard(sql)} then held_by end as "heldBy", version::int`;

/** Newer than `since`, also what is no longer planned; of all, only what is. */
export async function listFilms(sql: Sql, workshopId: string, since = 0): Promise<FilmRow[]> {
  return sql<
    FilmRow[]
  >`select ${columns(sql)} from films where workshop_id = ${workshopId} and version > ${since} and (planned or ${since > 0}) order by sheet nulls last, position`;
}

export async function newestFilm(sql: Sql, workshopId: string): Promise<number> {
  const [row] = await sql<
    { version: number }[]
  >`select coalesce(max(version), 0)::int as version from films where workshop_id = ${workshopId}`;
  return row?.version ?? 0;
}

export async function filmsNamed(
  sql: Sql,
  workshopId: string,
  names: readonly string[],
): Promise<FilmRow[]> {
  return sql<
    FilmRow[]
  >`select ${columns(sql)} from films where workshop_id = ${workshopId} and film = any(${names as string[]})`;
}

export interface FilmDetail extends FilmRow {
  readonly weed: FilmWeed;
  readonly parts: readonly {
    readonly id: string;
    readonly counters: number;
    readonly islands: number;
    readonly small: boolean;
    readonly path: string;
  }[];
}

export async function readFilm(
  sql: Sql,
  workshopId: string,
  film: string,
): Promise<FilmDetail | null> {
  const [row] = await sql<
    (FilmRow & { weed: FilmWeed })[]
  >`select ${columns(sql)}, weed from films where workshop_id = ${workshopId} and film = ${film} and planned`;
  if (!row) return null;
  const parts = await sql<
    FilmDetail["parts"][number][]
  >`select id, counters, islands, small, path from pieces where workshop_id = ${workshopId} and film = ${film} order by position`;
  return { ...row, parts };
}

/**
 * Films of a seat as they lie in its bag: ready when weeded, or cut where they are weeded in the
 * class.
 */
export async function filmsOfSeat(sql: Sql, workshopId: string, seat: string): Promise<BagFilm[]> {
  return sql<BagFilm[]>`
    select film, thing, copy, vinyl, (weed->>'pieces')::int as pieces,
      (${isWeeded(sql)} or ((select body->>'handsOver' from workshops where id = ${workshopId}) = 'cut' and cut_hash is not null and cut_hash = content_hash)) as ready
    from films where workshop_id = ${workshopId} and seat = ${seat} and planned order by position`;
}

/** False when the mark was counted before. */
export async function countMark(
  sql: Sql,
  studioId: string,
  workshopId: string,
  mark: string,
): Promise<boolean> {
  const rows =
    await sql`insert into bench_marks (studio_id, workshop_id, mark) values (${studioId}, ${workshopId}, ${mark}) on conflict (workshop_id, mark) do nothing returning mark`;
  return rows.length > 0;
}

/** Marks as old as this are repeated by no device, days. */
const MARK_DAYS = 30;
export async function sweepMarks(sql: Sql): Promise<void> {
  await sql`delete from bench_marks where at < now() - make_interval(days => ${MARK_DAYS})`;
}

export interface Hands {
  readonly id: string;
  readonly name: string;
}

interface Held {
  readonly seat: string;
  readonly vinyl: string;
  readonly minutes: number;
  readonly weed: FilmWeed;
  readonly weeded: boolean;
  readonly weededBy: string | null;
  readonly heldBy: string | null;
  readonly heldName: string | null;
  readonly lostBy: string | null;
  readonly heard: boolean;
  readonly since: Date | null;
  readonly seconds: number;
}

/** Locked until the transaction ends. Null when the plan has no such film. */
export async function lockFilm(sql: Sql, workshopId: string, film: string): Promise<Held | null> {
  const [row] = await sql<Held[]>`
    select seat, vinyl, minutes, weed, (${isWeeded(sql)}) as weeded, weeded_by as "weededBy", held_by as "heldBy", held_name as "heldName", lost_by as "lostBy", (${heard(sql)}) as heard, weeding_since as since, weeding_seconds as seconds
    from films where workshop_id = ${workshopId} and film = ${film} and planned for update`;
  return row ?? null;
}

/**
 * Into these hands, and the clock runs from `at`. What hands that are not heard of any more had
 * begun counts until they were last heard.
 */
export async function takeFilm(
  sql: Sql,
  workshopId: string,
  film: string,
  hands: Hands,
  at: Date,
): Promise<void> {
  await sql`
    update films set weeding_seconds = weeding_seconds + case when weeding_since is not null and held_by is distinct from ${hands.id} then greatest(0, extract(epoch from coalesce(heard_at, weeding_since) - weeding_since)) else 0 end,
      weeding_since = case when weeding_since is not null and held_by = ${hands.id} then weeding_since else ${at} end,
      lost_by = case when held_by is not null and held_by <> ${hands.id} then held_by else lost_by end, held_by = ${hands.id}, held_name = ${hands.name}, heard_at = now()
    where workshop_id = ${workshopId} and film = ${film}`;
}

/**
 * A device that was away has kept time itself, in seconds; what was counted of it when it was given
 * up for lost is not counted twice.
 */
const stopped = (sql: Sql, at: Date, worked: number) =>
  sql`weeding_seconds = case when weeding_since is null then greatest(weeding_seconds, ${worked}::float8) else weeding_seconds + greatest(0, extract(epoch from ${at}::timestamptz - weeding_since)) end, weeding_since = null`;

/**
 * The clock stops; the hands keep it, or give it back. `worked` counts where no clock runs here.
 */
export async function restFilm(
  sql: Sql,
  workshopId: string,
  film: string,
  { at, worked, give }: { readonly at: Date; readonly worked: number; readonly give: boolean },
): Promise<void> {
  await sql`update films set ${stopped(sql, at, worked)}, heard_at = now(), held_by = case when ${give} then null else held_by end, held_name = case when ${give} then null else held_name end where workshop_id = ${workshopId} and film = ${film}`;
}

/** Weeded, and cut if nobody had said so. @returns minutes it took */
export async function endFilm(
  sql: Sql,
  workshopId: string,
  film: string,
  {
    by,
    at,
    worked,
    flawed,
  }: { readonly by: string; readonly at: Date; readonly worked: number; readonly flawed: boolean },
): Promise<number> {
  const [row] = await sql<{ seconds: number }[]>`
    update films set ${stopped(sql, at, worked)}, cut_hash = content_hash, weeded_hash = content_hash, weeded_at = ${at}, weeded_by = ${by}, flawed = ${flawed}, held_by = null, held_name = null
    where workshop_id = ${workshopId} and film = ${film} returning weeding_seconds as seconds`;
  return (row?.seconds ?? 0) / 60;
}

export async function reopenFilm(sql: Sql, workshopId: string, film: string): Promise<void> {
  await sql`update films set weeded_hash = null, weeded_at = null, weeded_by = null, flawed = false, held_by = null, held_name = null, weeding_since = null where workshop_id = ${workshopId} and film = ${film}`;
}

/** Failed whole: what was cut of it is gone. */
export async function dropFilm(sql: Sql, workshopId: string, film: string): Promise<void> {
  await sql`update films set cut_hash = null, weeded_hash = null, weeded_at = null, weeded_by = null, weeding_since = null, weeding_seconds = 0, held_by = null, held_name = null where workshop_id = ${workshopId} and film = ${film}`;
}

/**
 * What devices hold that are not heard of any more is free again; what they had begun counts until
 * then.
 */
export async function giveBackLapsed(sql: Sql, workshopId: string): Promise<void> {
  await sql`update films set weeding_seconds = weeding_seconds + case when weeding_since is null then 0 else greatest(0, extract(epoch from heard_at - weeding_since)) end, weeding_since = null, lost_by = held_by, held_by = null, held_name = null
    where workshop_id = ${workshopId} and held_by is not null and heard_at <= now() - make_interval(secs => ${HEARD_SECONDS})`;
}

/** Still here. Nobody needs to be told. */
export async function hearHands(
  sql: Sql,
  workshopId: string,
  hands: string,
  film: string,
): Promise<void> {
  await sql`update films set heard_at = now() where workshop_id = ${workshopId} and film = ${film} and held_by = ${hands}`;
}

/** Films of a load are cut, or not after all. */
export async function markFilmsCut(
  sql: Sql,
  workshopId: string,
  sheet: number,
  cut: boolean,
): Promise<void> {
  await sql`update films set cut_hash = case when ${cut} then content_hash end where workshop_id = ${workshopId} and sheet = ${sheet} and planned`;
}

/**
 * All films of a seat at once, as somebody does who tells it afterwards; what waits to be cut again
 * is not among them.
 */
export async function endSeat(
  sql: Sql,
  workshopId: string,
  seat: string,
  flawed: boolean,
  by = "",
): Promise<void> {
  for (const { film } of await sql<
    { film: string }[]
  >`select film from films where workshop_id = ${workshopId} and seat = ${seat} and planned and (not again or cut_hash = content_hash) order by position`)
    await endFilm(sql, workshopId, film, { by, at: new Date(), worked: 0, flawed });
  await kitsFromFilms(sql, workshopId, seat);
}

/** Where this class is weeded, where it was said for it alone. */
export async function ownWeedOn(sql: Sql, workshopId: string): Promise<string | null> {
  const [row] = await sql<
    { way: string | null }[]
  >`select body->'schools'->>'weedOn' as way from workshops where id = ${workshopId}`;
  return row?.way ?? null;
}

export async function hasClass(sql: Sql, workshopId: string): Promise<boolean> {
  return (await sql`select 1 from workshops where id = ${workshopId}`).length > 0;
}

/** What a bench shows of its class besides the films. */
export interface BenchFacts {
  readonly title: string;
  readonly zone: string;
  /** Day by which the films have to be weeded. */
  readonly due: string;
  readonly labels: Readonly<Record<string, string>>;
  readonly things: readonly { readonly id: string; readonly title: string }[];
}

export async function benchFacts(sql: Sql, workshopId: string): Promise<BenchFacts | null> {
  const [row] = await sql<
    (Omit<BenchFacts, "due" | "things" | "labels"> & {
      date: string;
      due: string | null;
      labels: BenchFacts["labels"] | null;
    })[]
  >`
    select title, zone, to_char(class_date, 'YYYY-MM-DD') as date, (select d->>'date' from jsonb_array_elements(plan->'deadlines') d where d->>'code' = 'weedBy' limit 1) as due,
      (select jsonb_object_agg(s->>'seat', s->>'label') from jsonb_array_elements(plan->'seats') s) as labels
    from workshops where id = ${workshopId}`;
  if (!row) return null;
  const things = await sql<
    BenchFacts["things"][number][]
  >`select thing as id, body->>'title' as title from things where workshop_id = ${workshopId} order by position`;
  return {
    title: row.title,
    zone: row.zone,
    due: row.due ?? row.date,
    labels: row.labels ?? {},
    things,
  };
}
