/**
 * How the films and materials of a class hang on the shelf. The class says how much of what; what
 * it is called, how it is sold, what it
 * costs and how much is there is written once, on the good. A class document as read has both
 * together.
 */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { factsOf, freeOfferId, offerOf, vinylOf } from "@elm-basket/core/stock/film-of.ts";
import { type FilmFacts, filmIdentity, type Offer, sameFilm } from "@elm-basket/core/stock/good.ts";
import {
  filmUnit,
  type GoodKind,
  guessKind,
  MOST_OFFERS,
} from "@elm-basket/core/stock/good-kinds.ts";
import { countedAs } from "@elm-basket/core/stock/ledger.ts";
import { goodOf } from "@elm-basket/core/stock/stored-good.ts";
import { type Supply, supplySchema } from "@elm-basket/core/supplies/supply.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import type { Sql } from "./client.ts";
import {
  addGood,
  addMoves,
  changeGood,
  dropUnnamed,
  filmsNamed,
  findGood,
  type GoodRow,
  goodsById,
  listGoods,
} from "./goods.ts";

type Json = Parameters<Sql["json"]>[0];

type Films = Pick<ClassDocument, "vinyls">;
type Supplies = Pick<ClassDocument, "supplies">;

/**
 * Of a project the shelf's figures count; of a file what it says is kept as an offer beside those
 * of the shelf.
 */
export type Source = "edit" | "file" | "project";

interface Link {
  readonly good: GoodRow;
  readonly offer: string | null;
}

interface FilmRow {
  readonly vinyl: string;
  readonly good_id: string;
  readonly offer: string | null;
}

interface LinkRow {
  readonly of: string;
  readonly key: string;
  readonly good_id: string;
  readonly offer: string | null;
}

const filmRows = (sql: Sql, ids: readonly string[]) => sql<LinkRow[]>`
  select workshop_id as of, vinyl as key, good_id, offer from workshop_vinyls where workshop_id = any(${ids as string[]}::uuid[]) order by position`;

const filmLinks = async (sql: Sql, workshopId: string): Promise<Map<string, Link>> =>
  (await linked(sql, await filmRows(sql, [workshopId]))).get(workshopId) ?? new Map();

const supplyLinks = async (sql: Sql, workshopId: string): Promise<Map<string, Link>> =>
  (
    await linked(
      sql,
      await sql<
        LinkRow[]
      >`select workshop_id as of, body->>'id' as key, good_id, offer from supplies where workshop_id = ${workshopId}`,
    )
  ).get(workshopId) ?? new Map();

/** By class, and in it by film or line. */
async function linked(sql: Sql, rows: readonly LinkRow[]): Promise<Map<string, Map<string, Link>>> {
  const goods = await goodsById(sql, [...new Set(rows.map(({ good_id }) => good_id))]);
  const found = new Map<string, Map<string, Link>>();
  for (const { of, key, good_id, offer } of rows) {
    const good = goods.get(good_id);
    if (!good) continue;
    const own = found.get(of) ?? new Map<string, Link>();
    found.set(of, own.set(key, { good, offer }));
  }
  return found;
}

/** By class. */
export async function filmsOfClasses(
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, Vinyl[]>> {
  const links = await linked(sql, await filmRows(sql, ids));
  return new Map(
    [...links].map(([of, own]) => [
      of,
      [...own].flatMap(([id, { good, offer }]) =>
        good.film ? [vinylOf(id, { ...good, film: good.film }, good.onHand, offer)] : [],
      ),
    ]),
  );
}

export const filmsOfClass = async (sql: Sql, workshopId: string): Promise<Vinyl[]> =>
  (await filmsOfClasses(sql, [workshopId])).get(workshopId) ?? [];

export const suppliesOfClass = async (sql: Sql, workshopId: string): Promise<Supply[]> =>
  (await suppliesOfClasses(sql, [workshopId])).get(workshopId) ?? [];

/** By class. */
export async function suppliesOfClasses(
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, Supply[]>> {
  const rows = await sql<
    (LinkRow & { body: Record<string, unknown> })[]
  >`select workshop_id as of, body, body->>'id' as key, good_id, offer from supplies where workshop_id = any(${ids as string[]}::uuid[]) order by position`;
  const links = await linked(sql, rows);
  const found = new Map<string, Supply[]>();
  for (const { of, key, body } of rows) {
    const link = links.get(of)?.get(key);
    if (!link) continue;
    const { size, price } = offerOf(link.good, link.offer);
    const supply = supplySchema.parse({
      ...body,
      name: link.good.name,
      unit: link.good.unit,
      pack: { size, ...(price === undefined ? {} : { price }) },
      have: link.good.onHand,
    });
    found.set(of, [...(found.get(of) ?? []), supply]);
  }
  return found;
}

/**
 * Films of the shelf, each once, as a class may take them. Their ids are the shelf's own and change
 * when a class takes them.
 */
export async function shelfFilms(sql: Sql): Promise<Vinyl[]> {
  return (await listGoods(sql)).flatMap((good, i) =>
    good.film ? [vinylOf(`shelf${i}`, { ...good, film: good.film }, good.onHand)] : [],
  );
}

/**
 * Writes the films of a class, and what was said of them onto the shelf.
 * @param was the class as the caller read it: only what differs from that was said; the rest may
 * have moved on the shelf since
 */
export async function writeFilms(
  sql: Sql,
  studioId: string,
  workshopId: string,
  { vinyls }: Films,
  source: Source,
  was?: Films,
): Promise<void> {
  const before = await filmLinks(sql, workshopId);
  const rows: (FilmRow & { position: number })[] = [];
  for (const [position, vinyl] of vinyls.entries()) {
    const { good, offer } = await filmOn(
      sql,
      { studioId, workshopId, source },
      vinyl,
      before.get(vinyl.id),
      was?.vinyls.find(({ id }) => id === vinyl.id),
    );
    rows.push({ vinyl: vinyl.id, good_id: good, offer, position });
  }
  await sql`delete from workshop_vinyls where workshop_id = ${workshopId}`;
  for (const row of rows)
    await sql`insert into workshop_vinyls (studio_id, workshop_id, vinyl, good_id, offer, position) values (${studioId}, ${workshopId}, ${row.vinyl}, ${row.good_id}, ${row.offer}, ${row.position})`;
  await dropUnnamed(sql, gone(before, rows));
}

/** The same of its materials. */
export async function writeSupplies(
  sql: Sql,
  studioId: string,
  workshopId: string,
  { supplies }: Supplies,
  source: Source,
  was?: Supplies,
): Promise<void> {
  const before = await supplyLinks(sql, workshopId);
  const rows: {
    studio_id: string;
    workshop_id: string;
    position: number;
    body: unknown;
    good_id: string;
    offer: string | null;
  }[] = [];
  for (const [position, supply] of supplies.entries()) {
    const { good, offer } = await supplyOn(
      sql,
      { studioId, workshopId, source },
      supply,
      before.get(supply.id),
      was?.supplies.find(({ id }) => id === supply.id),
    );
    const { name: _, unit: __, pack: ___, have: ____, ...body } = supply;
    rows.push({
      studio_id: studioId,
      workshop_id: workshopId,
      position,
      body: sql.json(body as unknown as Json),
      good_id: good,
      offer,
    });
  }
  await sql`delete from supplies where workshop_id = ${workshopId}`;
  if (rows.length > 0) await sql`insert into supplies ${sql(rows as never)}`;
  await dropUnnamed(sql, gone(before, rows));
}

const gone = (before: ReadonlyMap<string, Link>, rows: readonly { good_id: string }[]): string[] =>
  [...before.values()].flatMap(({ good }) =>
    rows.some(({ good_id }) => good_id === good.id) ? [] : [good.id],
  );

interface Drawn {
  readonly good: string;
  readonly offer: string | null;
}

interface For {
  readonly studioId: string;
  readonly workshopId: string;
  readonly source: Source;
}

const saysOfFilm = (vinyl: Vinyl): Said => ({
  name: vinyl.name,
  unit: filmUnit(vinyl.stock),
  film: factsOf(vinyl),
  size: 1,
  price: vinyl.stock.price,
  have: vinyl.stock.have,
});
const saysOfSupply = ({ name, unit, pack, have }: Supply): Said => ({
  name,
  unit,
  film: null,
  size: pack.size,
  price: pack.price,
  have,
});
const alike = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

async function filmOn(
  sql: Sql,
  on: For,
  vinyl: Vinyl,
  link: Link | undefined,
  before: Vinyl | undefined,
): Promise<Drawn> {
  const said = saysOfFilm(vinyl);
  const film = factsOf(vinyl);
  const was = before && saysOfFilm(before);
  if (link && was && alike(said, was)) return { good: link.good.id, offer: link.offer };
  const same =
    link?.good.film &&
    link.good.name.toLowerCase() === vinyl.name.toLowerCase() &&
    filmIdentity(link.good.film) === filmIdentity(film);
  // What another class draws on stays what it is: this one turns to another film.
  if (link?.good.film && (same || !(await drawnElsewhere(sql, link.good.id, on.workshopId))))
    return saidOf(sql, on, link, said, was);
  const named = (await filmsNamed(sql, vinyl.name)).filter((good) => good.film);
  const found =
    named.find((good) => good.film && sameFilm(good.film, film)) ??
    named.find((good) => good.film && likeFilm(good.film, film, on.source));
  return found ? offered(sql, found, said, on.source) : put(sql, on, "film", said);
}

const likeFilm = (a: FilmFacts, b: FilmFacts, source: Source): boolean =>
  source === "project"
    ? a.family === b.family && a.colour.toLowerCase() === b.colour.toLowerCase()
    : source === "edit" && filmIdentity(a) === filmIdentity(b);

async function supplyOn(
  sql: Sql,
  on: For,
  supply: Supply,
  link: Link | undefined,
  before: Supply | undefined,
): Promise<Drawn> {
  const said = saysOfSupply(supply);
  const was = before && saysOfSupply(before);
  if (link && was && alike(said, was)) return { good: link.good.id, offer: link.offer };
  const same =
    link &&
    link.good.name.toLowerCase() === said.name.toLowerCase() &&
    link.good.unit.toLowerCase() === said.unit.toLowerCase();
  const found = same ? null : await findGood(sql, said.name, said.unit);
  if (link && (same || (!found && !(await drawnElsewhere(sql, link.good.id, on.workshopId)))))
    return saidOf(sql, on, link, said, was);
  return found ? offered(sql, found, said, on.source) : put(sql, on, guessKind(supply), said);
}

async function drawnElsewhere(sql: Sql, goodId: string, workshopId: string): Promise<boolean> {
  const [row] = await sql<{ n: number }[]>`select count(*)::int as n from (
    select 1 from workshop_vinyls where good_id = ${goodId} and workshop_id <> ${workshopId} union all select 1 from supplies where good_id = ${goodId} and workshop_id <> ${workshopId}) others`;
  return (row?.n ?? 0) > 0;
}

const offerFor = (id: string, size: number, price: number | undefined): Offer => ({
  id,
  shop: "",
  size,
  ...(price === undefined ? {} : { price }),
});

interface Said {
  readonly name: string;
  readonly unit: string;
  readonly film: FilmFacts | null;
  readonly size: number;
  readonly price: number | undefined;
  readonly have: number;
}

/**
 * The class says something else of its own good than it did: that is written there, and how much is
 * there is counted.
 */
async function saidOf(
  sql: Sql,
  { studioId }: For,
  { good: seen, offer }: Link,
  said: Said,
  was: Said | undefined,
): Promise<Drawn> {
  const good = (await goodsById(sql, [seen.id], true)).get(seen.id) ?? seen;
  const now = offerOf(good, offer);
  const says = <K extends keyof Said>(key: K, there: Said[K]): Said[K] =>
    was && alike(was[key], said[key]) ? there : said[key];
  const price = says("price", now.price);
  const next: Offer = { ...offerFor(now.id, says("size", now.size), price), shop: now.shop };
  const offers =
    good.offers.length === 0 ? [next] : good.offers.map((one) => (one.id === now.id ? next : one));
  const film = says("film", good.film);
  const name = says("name", good.name);
  const unit = says("unit", good.unit);
  if (!alike([name, unit, offers, film], [good.name, good.unit, good.offers, good.film]))
    await rewrite(sql, good, { name, unit, offers, film });
  const move = countedAs(says("have", good.onHand), good.onHand);
  if (move) await addMoves(sql, studioId, good.id, [move]);
  return { good: good.id, offer: now.id };
}

async function rewrite(
  sql: Sql,
  good: GoodRow,
  patch: Partial<Pick<GoodRow, "name" | "unit" | "offers" | "film">>,
): Promise<void> {
  await changeGood(sql, good.id, goodOf({ ...good, ...patch }), good.version, good.kept);
}

/**
 * A good that is there: which of its offers the class means, one more where it says another pack or
 * price.
 */
async function offered(
  sql: Sql,
  good: GoodRow,
  { size, price }: Said,
  source: Source,
): Promise<Drawn> {
  const usual = offerOf(good);
  if (source === "project" || (price === undefined && (size === 1 || size === usual.size)))
    return { good: good.id, offer: usual.id };
  const exact = good.offers.find((one) => one.size === size && one.price === price);
  if (exact) return { good: good.id, offer: exact.id };
  const open = good.offers.find((one) => one.size === size && one.price === undefined);
  if (good.offers.length >= MOST_OFFERS && !open) return { good: good.id, offer: usual.id };
  const next = open
    ? { ...open, ...(price === undefined ? {} : { price }) }
    : offerFor(freeOfferId(good.offers), size, price);
  const offers = open
    ? good.offers.map((one) => (one.id === open.id ? next : one))
    : [...good.offers, next];
  await rewrite(sql, good, { offers });
  return { good: good.id, offer: next.id };
}

async function put(
  sql: Sql,
  { studioId, source }: For,
  kind: GoodKind,
  { name, unit, film, size, price, have }: Said,
): Promise<Drawn> {
  const offer = offerFor("a", size, price);
  const id =
    (await addGood(
      sql,
      studioId,
      { kind, name, unit, ...(film ? { film } : {}), offers: [offer] },
      false,
    )) ??
    (await findGood(sql, name, unit))?.id ??
    "";
  const move = countedAs(have, 0, source === "edit" ? "" : "What the class document said.");
  if (move) await addMoves(sql, studioId, id, [move]);
  return { good: id, offer: offer.id };
}
