/**
 * Class documents in and out of their rows. A part is read and written with its version; a stale
 * save is told.
 */
import { addDays, type LeadDays, leadDaysOf } from "@elm-basket/core/calendar/dates.ts";
import {
  type ClassDocument,
  classDocumentSchema,
  type Thing,
} from "@elm-basket/core/document/document.ts";
import type { Scrap } from "@elm-basket/core/document/scrap.ts";
import type { Supply } from "@elm-basket/core/supplies/supply.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { byClass, type OfClass } from "./by-class.ts";
import {
  filmsOfClasses,
  type Source,
  suppliesOfClasses,
  writeFilms,
  writeSupplies,
} from "./class-goods.ts";
import type { Sql } from "./client.ts";
import { putScraps, scrapsForClasses } from "./scraps.ts";

/**
 * What is read and saved by itself, with a version of its own; blank and design of each thing:
 * `blank:cup`.
 */
export type Part = "class" | "seats" | `blank:${string}` | `design:${string}`;
export interface Versions {
  readonly class: number;
  readonly seats: number;
  readonly [part: `${"blank" | "design"}:${string}`]: number;
}

/** The thing whose blank or design a part is; null for what belongs to the class. */
export function thingOfPart(
  part: Part,
): { readonly field: "blank" | "design"; readonly thing: string } | null {
  const [field, thing] = part.split(":");
  return thing !== undefined && (field === "blank" || field === "design") ? { field, thing } : null;
}

export interface StoredClass {
  readonly id: string;
  readonly document: ClassDocument;
  readonly versions: Versions;
  readonly planHash: string | null;
  /** When what participants typed was erased; null where it is there. */
  readonly namesErasedAt: Date | null;
  readonly projectId: string | null;
}

type Json = Parameters<Sql["json"]>[0];
const json = (sql: Sql, value: unknown) => sql.json(value as Json);

interface WorkshopRow {
  id: string;
  project_id: string | null;
  title: string;
  summary: string;
  class_date: string;
  class_time: string;
  zone: string;
  minutes: number;
  setting: unknown;
  cutter: unknown;
  body: Record<string, unknown>;
  version: number;
  roster_version: number;
  plan_hash: string | null;
  names_erased_at: Date | null;
}

interface SeatRow {
  seat: string;
  fields: Record<string, string>;
  hand: "left" | "right" | null;
  things: unknown;
  choices: unknown;
}

interface ThingRow {
  thing: string;
  body: Record<string, unknown>;
  blank: unknown;
  design: unknown;
  blank_version: number;
  design_version: number;
}

/** @throws when stored rows no longer make a valid document: a bug or a hand-edited database */
export const readClass = async (sql: Sql, id: string): Promise<StoredClass | null> =>
  (await readClasses(sql, [id])).get(id) ?? null;

/**
 * As many statements for many classes as for one.
 * @throws when stored rows no longer make a valid document
 */
export async function readClasses(
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, StoredClass>> {
  const these = sql`any(${ids as string[]}::uuid[])`;
  const rows = await sql<WorkshopRow[]>`
    select w.id, w.project_id, w.title, w.summary, to_char(w.class_date, 'YYYY-MM-DD') as class_date, w.class_time, w.zone, w.minutes, w.setting, c.body as cutter, w.body, w.version, w.roster_version, w.plan_hash, w.names_erased_at
    from workshops w join cutters c on c.id = w.cutter_id
    where w.id = ${these}`;
  if (rows.length === 0) return new Map();
  const things = byClass(
    await sql<
      (ThingRow & OfClass)[]
    >`select workshop_id as of, thing, body, blank, design, blank_version, design_version from things where workshop_id = ${these} order by position`,
  );
  const seats = byClass(
    await sql<
      (SeatRow & OfClass)[]
    >`select workshop_id as of, seat, fields, hand, things, choices from seats where workshop_id = ${these} order by position`,
  );
  const steps = byClass(
    await sql<
      ({ body: unknown } & OfClass)[]
    >`select workshop_id as of, body from steps where workshop_id = ${these} order by position`,
  );
  const supplies = await suppliesOfClasses(sql, ids);
  const films = await filmsOfClasses(sql, ids);
  const scraps = await scrapsForClasses(sql, films);
  return new Map(
    rows.map((row) => [
      row.id,
      storedClass(row, {
        things: things.get(row.id) ?? [],
        seats: seats.get(row.id) ?? [],
        steps: steps.get(row.id) ?? [],
        supplies: supplies.get(row.id) ?? [],
        films: films.get(row.id) ?? [],
        scraps: scraps.get(row.id) ?? [],
      }),
    ]),
  );
}

interface PartsOfClass {
  readonly things: readonly ThingRow[];
  readonly seats: readonly SeatRow[];
  readonly steps: readonly { readonly body: unknown }[];
  readonly supplies: readonly Supply[];
  readonly films: readonly Vinyl[];
  readonly scraps: readonly Scrap[];
}

function storedClass(
  row: WorkshopRow,
  { things, seats, steps, supplies, films, scraps }: PartsOfClass,
): StoredClass {
  const document = classDocumentSchema.parse({
    format: "elm-basket/class",
    version: 2,
    title: row.title,
    summary: row.summary,
    things: things.map(({ thing, body, blank, design }) => ({ ...body, id: thing, blank, design })),
    when: { date: row.class_date, time: row.class_time, zone: row.zone, minutes: row.minutes },
    setting: row.setting,
    cutter: row.cutter,
    vinyls: films,
    scraps,
    seats: seats.map((seat) => ({
      seat: seat.seat,
      fields: seat.fields,
      ...(seat.hand ? { hand: seat.hand } : {}),
      ...(seat.things ? { things: seat.things } : {}),
      ...(seat.choices ? { choices: seat.choices } : {}),
    })),
    steps: steps.map(({ body }) => body),
    supplies,
    ...row.body,
  });
  return {
    id: row.id,
    document,
    versions: {
      class: row.version,
      seats: row.roster_version,
      ...Object.fromEntries(
        things.flatMap(({ thing, blank_version, design_version }) => [
          [`blank:${thing}`, blank_version],
          [`design:${thing}`, design_version],
        ]),
      ),
    },
    planHash: row.plan_hash,
    namesErasedAt: row.names_erased_at,
    projectId: row.project_id,
  };
}

/** What stands over every page of a class. */
export interface ClassHead {
  readonly title: string;
  readonly date: string;
  readonly time: string;
  readonly zone: string;
  readonly setting: ClassDocument["setting"];
  readonly seats: number;
}

/** Null where the studio has no such class. */
export async function classHead(sql: Sql, id: string): Promise<ClassHead | null> {
  const [row] = await sql<ClassHead[]>`
    select title, to_char(class_date, 'YYYY-MM-DD') as date, class_time as time, zone, setting, (select count(*)::int from seats s where s.workshop_id = w.id) as seats
    from workshops w where id = ${id}`;
  return row ?? null;
}

/** Null where the studio has no such class. */
export async function classTitle(sql: Sql, id: string): Promise<string | null> {
  const [row] = await sql<{ title: string }[]>`select title from workshops where id = ${id}`;
  return row?.title ?? null;
}

function bodyOf(document: ClassDocument): Record<string, unknown> {
  const { use, layout, prices, tools, spareKits, spareSupplies, accepted, recuts, preparation } =
    document;
  const optional = [
    "leadDays",
    "setSizing",
    "handsOver",
    "practised",
    "fromEnd",
    "schools",
    "proposed",
    "rehearsal",
    "figures",
  ] as const;
  const said = Object.fromEntries(
    optional.flatMap((field) => (document[field] === undefined ? [] : [[field, document[field]]])),
  );
  return {
    use,
    layout,
    prices,
    tools,
    spareKits,
    spareSupplies,
    accepted,
    recuts,
    preparation,
    ...said,
  };
}

async function cutterRow(sql: Sql, studioId: string, body: unknown): Promise<string> {
  const [made] = await sql<{ id: string }[]>`
    insert into cutters (studio_id, body) values (${studioId}, ${json(sql, body)})
    on conflict (studio_id, body) do update set body = excluded.body returning id`;
  return made?.id ?? "";
}

/**
 * @param source where the document comes from: of a file it is remembered what it says of prices
 * and stock, of a project the shelf's figures count
 */
export async function insertClass(
  sql: Sql,
  studioId: string,
  document: ClassDocument,
  projectId: string | null,
  source: Source = "file",
): Promise<string> {
  const cutter = await cutterRow(sql, studioId, document.cutter);
  const { when } = document;
  const [made] = await sql<{ id: string }[]>`
    insert into workshops (studio_id, project_id, title, summary, class_date, class_time, zone, minutes, setting, cutter_id, body)
    values (${studioId}, ${projectId}, ${document.title}, ${document.summary}, ${when.date}::date, ${when.time}, ${when.zone}, ${when.minutes},
      ${json(sql, document.setting)}, ${cutter}, ${json(sql, bodyOf(document))}) returning id`;
  const id = made?.id ?? "";
  await writeThings(sql, studioId, id, document.things);
  await writeFilms(sql, studioId, id, document, source);
  await writeSupplies(sql, studioId, id, document, source);
  await putScraps(sql, studioId, document);
  await writeSteps(sql, studioId, id, document);
  await writeSeats(sql, studioId, id, document.seats);
  return id;
}

/**
 * Things that are new come with blank and design; of those that are there only what the class says
 * of them is written.
 */
async function writeThings(
  sql: Sql,
  studioId: string,
  workshopId: string,
  things: readonly Thing[],
): Promise<void> {
  await sql`delete from things where workshop_id = ${workshopId} and not thing = any(${things.map(({ id }) => id)})`;
  for (const [position, { id, blank, design, ...body }] of things.entries())
    await sql`insert into things (studio_id, workshop_id, thing, position, body, blank, design) values (${studioId}, ${workshopId}, ${id}, ${position}, ${json(sql, body)}, ${json(sql, blank)}, ${json(sql, design)})
      on conflict (workshop_id, thing) do update set position = excluded.position, body = excluded.body`;
}

async function writeSteps(
  sql: Sql,
  studioId: string,
  workshopId: string,
  { steps }: ClassDocument,
): Promise<void> {
  await sql`delete from steps where workshop_id = ${workshopId}`;
  const rows = steps.map((body, position) => ({
    studio_id: studioId,
    workshop_id: workshopId,
    position,
    body: json(sql, body),
  }));
  if (rows.length > 0) await sql`insert into steps ${sql(rows as never)}`;
}

async function writeSeats(
  sql: Sql,
  studioId: string,
  workshopId: string,
  seats: ClassDocument["seats"],
): Promise<void> {
  await sql`delete from seats where workshop_id = ${workshopId}`;
  const rows = seats.map(({ seat, fields, hand, things, choices }, position) => ({
    studio_id: studioId,
    workshop_id: workshopId,
    position,
    seat,
    fields: json(sql, fields),
    hand: hand ?? null,
    things: things ? json(sql, things) : null,
    choices: choices ? json(sql, choices) : null,
  }));
  if (rows.length > 0) await sql`insert into seats ${sql(rows as never)}`;
}

/**
 * Saves one part of the document if nobody changed that part since `version`.
 * @param was the document as the caller read it
 * @returns the new version, or null when the save is stale
 */
export async function savePart(
  sql: Sql,
  studioId: string,
  id: string,
  part: Part,
  document: ClassDocument,
  version: number,
  was: ClassDocument,
): Promise<number | null> {
  const own = thingOfPart(part);
  if (own) {
    const body = document.things.find(({ id: thing }) => thing === own.thing)?.[own.field];
    if (!body) return null;
    return own.field === "design"
      ? bumped(
          await sql`update things set design = ${json(sql, body)}, design_version = design_version + 1 where workshop_id = ${id} and thing = ${own.thing} and design_version = ${version} returning design_version as version`,
        )
      : bumped(
          await sql`update things set blank = ${json(sql, body)}, blank_version = blank_version + 1 where workshop_id = ${id} and thing = ${own.thing} and blank_version = ${version} returning blank_version as version`,
        );
  }
  if (part === "seats") {
    const saved = bumped(
      await sql`update workshops set roster_version = roster_version + 1, names_erased_at = null where id = ${id} and roster_version = ${version} returning roster_version as version`,
    );
    if (saved !== null) await writeSeats(sql, studioId, id, document.seats);
    return saved;
  }
  const { when } = document;
  const cutter = await cutterRow(sql, studioId, document.cutter);
  const saved = bumped(
    await sql`
    update workshops set title = ${document.title}, summary = ${document.summary}, class_date = ${when.date}::date, class_time = ${when.time}, zone = ${when.zone},
      minutes = ${when.minutes}, setting = ${json(sql, document.setting)}, cutter_id = ${cutter}, body = ${json(sql, bodyOf(document))}, version = version + 1
    where id = ${id} and version = ${version} returning version`,
  );
  if (saved !== null) {
    await writeThings(sql, studioId, id, document.things);
    await writeFilms(sql, studioId, id, document, "edit", was);
    await writeSupplies(sql, studioId, id, document, "edit", was);
    await writeSteps(sql, studioId, id, document);
  }
  return saved;
}

const bumped = (rows: readonly postgresRow[]): number | null =>
  rows[0] ? Number(rows[0].version) : null;
type postgresRow = Record<string, unknown>;

export interface ClassListRow {
  readonly id: string;
  readonly title: string;
  readonly class_date: string;
  readonly class_time: string;
  readonly zone: string;
  readonly setting: { kind: "room" | "craftAlong"; place: string };
  readonly minutes: number;
  readonly seats: number;
  /** Days before the class, where the class has its own. */
  readonly lead_days: LeadDays | null;
}

/** Days before the class by which things are done: its own, or the usual ones. */
export const leadOf = ({
  setting,
  lead_days,
}: Pick<ClassListRow, "setting" | "lead_days">): LeadDays => leadDaysOf(setting.kind, lead_days);

/** By class, the day by which it has to be ordered. */
export const orderDays = (classes: readonly ClassListRow[]): ReadonlyMap<string, string> =>
  new Map(classes.map((row) => [row.id, addDays(row.class_date, -(leadOf(row).orderBy ?? 0))]));

export async function listClasses(sql: Sql): Promise<ClassListRow[]> {
  return sql<ClassListRow[]>`
    select w.id, w.title, to_char(w.class_date, 'YYYY-MM-DD') as class_date, w.class_time, w.zone, w.minutes, w.setting, w.body->'leadDays' as lead_days, (select count(*)::int from seats s where s.workshop_id = w.id) as seats
    from workshops w order by w.class_date, w.class_time, w.title limit 500`;
}

/** Of every class, in the order of their days. */
export const classIds = async (sql: Sql): Promise<string[]> =>
  (await sql<{ id: string }[]>`select id from workshops order by class_date, id`).map(
    ({ id }) => id,
  );

/** The project a class was made of, where that is kept, with how many variants it has. */
export async function projectOf(
  sql: Sql,
  workshopId: string,
): Promise<{ id: string; variants: number } | null> {
  const [row] = await sql<{ id: string; variants: number }[]>`
    select p.id, jsonb_array_length(p.variants) as variants from workshops w join projects p on p.id = w.project_id where w.id = ${workshopId}`;
  return row ?? null;
}

/** Every cutter the studio has used. */
export async function listCutters(sql: Sql): Promise<unknown[]> {
  return (
    await sql<{ body: unknown }[]>`select body from cutters order by body->>'name' limit 100`
  ).map(({ body }) => body);
}
