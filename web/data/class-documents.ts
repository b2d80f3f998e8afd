/** Class documents in and out of their rows. A part is read and written with its version; a stale save is told. */
import { type ClassDocument, classDocumentSchema } from "@elm-basket/core/plan/document.ts";
import { vinylSchema } from "@elm-basket/core/weeding/vinyl.ts";
import type { Sql } from "./client.ts";
import { putScraps, scrapsForClass } from "./scraps.ts";

export type Part = "class" | "blank" | "design" | "seats";

export interface StoredClass {
  readonly id: string;
  readonly document: ClassDocument;
  readonly versions: Readonly<Record<Part, number>>;
  readonly planHash: string | null;
  readonly projectId: string | null;
}

type Json = Parameters<Sql["json"]>[0];
const json = (sql: Sql, value: unknown) => sql.json(value as Json);

interface WorkshopRow {
  id: string;
  project_id: string | null;
  title: string;
  summary: string;
  technique: string;
  class_date: string;
  class_time: string;
  zone: string;
  minutes: number;
  setting: unknown;
  blank: unknown;
  design: unknown;
  cutter: unknown;
  body: Record<string, unknown>;
  version: number;
  roster_version: number;
  blank_version: number;
  design_version: number;
  plan_hash: string | null;
}

interface SeatRow {
  seat: string;
  fields: Record<string, string>;
  hand: "left" | "right" | null;
  own: unknown;
}

/** @throws when stored rows no longer make a valid document: a bug or a hand-edited database */
export async function readClass(sql: Sql, id: string): Promise<StoredClass | null> {
  const [row] = await sql<WorkshopRow[]>`
    select w.id, w.project_id, w.title, w.summary, w.technique, to_char(w.class_date, 'YYYY-MM-DD') as class_date, w.class_time, w.zone, w.minutes, w.setting,
      b.body as blank, b.version as blank_version, d.body as design, d.version as design_version, c.body as cutter, w.body, w.version, w.roster_version, w.plan_hash
    from workshops w join blanks b on b.id = w.blank_id join designs d on d.id = w.design_id join cutters c on c.id = w.cutter_id
    where w.id = ${id}`;
  if (!row) return null;
  const vinyls = await sql<{ body: unknown }[]>`select v.body from workshop_vinyls wv join vinyls v on v.id = wv.vinyl_id where wv.workshop_id = ${id} order by wv.position`;
  const seats = await sql<SeatRow[]>`select seat, fields, hand, own from seats where workshop_id = ${id} order by position`;
  const steps = await sql<{ body: unknown }[]>`select body from steps where workshop_id = ${id} order by position`;
  const supplies = await sql<{ body: unknown }[]>`select body from supplies where workshop_id = ${id} order by position`;
  const films = vinyls.map(({ body }) => vinylSchema.parse(body));
  const scraps = await scrapsForClass(sql, id, films);
  const document = classDocumentSchema.parse({
    format: "elm-basket/class",
    version: 1,
    title: row.title,
    summary: row.summary,
    technique: row.technique,
    when: { date: row.class_date, time: row.class_time, zone: row.zone, minutes: row.minutes },
    setting: row.setting,
    blank: row.blank,
    cutter: row.cutter,
    design: row.design,
    vinyls: films,
    scraps,
    seats: seats.map(({ seat, fields, hand, own }) => ({ seat, fields, ...(hand ? { hand } : {}), ...(own ? { own } : {}) })),
    steps: steps.map(({ body }) => body),
    supplies: supplies.map(({ body }) => body),
    ...row.body,
  });
  return {
    id: row.id,
    document,
    versions: { class: row.version, blank: row.blank_version, design: row.design_version, seats: row.roster_version },
    planHash: row.plan_hash,
    projectId: row.project_id,
  };
}

function bodyOf(document: ClassDocument): Record<string, unknown> {
  const { use, layout, prices, tools, spareKits, spareSupplies, accepted, recuts, leadDays } = document;
  return { use, layout, prices, tools, spareKits, spareSupplies, accepted, recuts, ...(leadDays ? { leadDays } : {}) };
}

async function sharedRow(sql: Sql, table: "vinyls" | "cutters", studioId: string, body: unknown): Promise<string> {
  const [made] = await sql<{ id: string }[]>`
    insert into ${sql(table)} (studio_id, body) values (${studioId}, ${json(sql, body)})
    on conflict (studio_id, body) do update set body = excluded.body returning id`;
  return made?.id ?? "";
}

export async function insertClass(sql: Sql, studioId: string, document: ClassDocument, projectId: string | null): Promise<string> {
  const [blank] = await sql<{ id: string }[]>`insert into blanks (studio_id, body) values (${studioId}, ${json(sql, document.blank)}) returning id`;
  const [design] = await sql<{ id: string }[]>`insert into designs (studio_id, body) values (${studioId}, ${json(sql, document.design)}) returning id`;
  const cutter = await sharedRow(sql, "cutters", studioId, document.cutter);
  const { when } = document;
  const [made] = await sql<{ id: string }[]>`
    insert into workshops (studio_id, project_id, title, summary, technique, class_date, class_time, zone, minutes, setting, blank_id, design_id, cutter_id, body)
    values (${studioId}, ${projectId}, ${document.title}, ${document.summary}, ${document.technique}, ${when.date}::date, ${when.time}, ${when.zone}, ${when.minutes},
      ${json(sql, document.setting)}, ${blank?.id ?? ""}, ${design?.id ?? ""}, ${cutter}, ${json(sql, bodyOf(document))}) returning id`;
  const id = made?.id ?? "";
  await writeVinyls(sql, studioId, id, document);
  await putScraps(sql, studioId, document);
  await writeLists(sql, studioId, id, document);
  await writeSeats(sql, studioId, id, document.seats);
  return id;
}

async function writeVinyls(sql: Sql, studioId: string, workshopId: string, document: ClassDocument): Promise<void> {
  await sql`delete from workshop_vinyls where workshop_id = ${workshopId}`;
  for (const [position, vinyl] of document.vinyls.entries()) {
    const vinylId = await sharedRow(sql, "vinyls", studioId, vinyl);
    await sql`insert into workshop_vinyls (studio_id, workshop_id, vinyl_id, position) values (${studioId}, ${workshopId}, ${vinylId}, ${position})`;
  }
}

async function writeLists(sql: Sql, studioId: string, workshopId: string, document: ClassDocument): Promise<void> {
  await sql`delete from steps where workshop_id = ${workshopId}`;
  await sql`delete from supplies where workshop_id = ${workshopId}`;
  const rows = (list: readonly unknown[]) => list.map((body, position) => ({ studio_id: studioId, workshop_id: workshopId, position, body: json(sql, body) }));
  if (document.steps.length > 0) await sql`insert into steps ${sql(rows(document.steps) as never)}`;
  if (document.supplies.length > 0) await sql`insert into supplies ${sql(rows(document.supplies) as never)}`;
}

async function writeSeats(sql: Sql, studioId: string, workshopId: string, seats: ClassDocument["seats"]): Promise<void> {
  await sql`delete from seats where workshop_id = ${workshopId}`;
  const rows = seats.map(({ seat, fields, hand, own }, position) => ({
    studio_id: studioId,
    workshop_id: workshopId,
    position,
    seat,
    fields: json(sql, fields),
    hand: hand ?? null,
    own: own ? json(sql, own) : null,
  }));
  if (rows.length > 0) await sql`insert into seats ${sql(rows as never)}`;
}

/**
 * Saves one part of the document if nobody changed that part since `version`.
 * @returns the new version, or null when the save is stale
 */
export async function savePart(sql: Sql, studioId: string, id: string, part: Part, document: ClassDocument, version: number): Promise<number | null> {
  if (part === "design")
    return bumped(
      await sql`update designs d set body = ${json(sql, document.design)}, version = d.version + 1 from workshops w where w.id = ${id} and d.id = w.design_id and d.version = ${version} returning d.version`,
    );
  if (part === "blank")
    return bumped(
      await sql`update blanks b set body = ${json(sql, document.blank)}, version = b.version + 1 from workshops w where w.id = ${id} and b.id = w.blank_id and b.version = ${version} returning b.version`,
    );
  if (part === "seats") {
    const saved = bumped(await sql`update workshops set roster_version = roster_version + 1 where id = ${id} and roster_version = ${version} returning roster_version as version`);
    if (saved !== null) await writeSeats(sql, studioId, id, document.seats);
    return saved;
  }
  const { when } = document;
  const cutter = await sharedRow(sql, "cutters", studioId, document.cutter);
  const saved = bumped(
    await sql`
    update workshops set title = ${document.title}, summary = ${document.summary}, technique = ${document.technique}, class_date = ${when.date}::date, class_time = ${when.time}, zone = ${when.zone},
      minutes = ${when.minutes}, setting = ${json(sql, document.setting)}, cutter_id = ${cutter}, body = ${json(sql, bodyOf(document))}, version = version + 1
    where id = ${id} and version = ${version} returning version`,
  );
  if (saved !== null) {
    await writeVinyls(sql, studioId, id, document);
    await writeLists(sql, studioId, id, document);
  }
  return saved;
}

const bumped = (rows: readonly postgresRow[]): number | null => (rows[0] ? Number(rows[0].version) : null);
type postgresRow = Record<string, unknown>;

export interface ClassListRow {
  readonly id: string;
  readonly title: string;
  readonly class_date: string;
  readonly class_time: string;
  readonly zone: string;
  readonly setting: { kind: "room" | "craftAlong"; place: string };
  readonly seats: number;
}

export async function listClasses(sql: Sql): Promise<ClassListRow[]> {
  return sql<ClassListRow[]>`
    select w.id, w.title, to_char(w.class_date, 'YYYY-MM-DD') as class_date, w.class_time, w.zone, w.setting, (select count(*)::int from seats s where s.workshop_id = w.id) as seats
    from workshops w order by w.class_date, w.class_time, w.title limit 500`;
}

export interface ProjectRow {
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly document: ClassDocument;
}

export async function listProjects(sql: Sql): Promise<ProjectRow[]> {
  const rows = await sql<{ id: string; title: string; summary: string; document: unknown }[]>`select id, title, summary, document from projects order by title limit 500`;
  return rows.map((row) => ({ ...row, document: classDocumentSchema.parse(row.document) }));
}

export async function insertProject(sql: Sql, studioId: string, document: ClassDocument): Promise<string> {
  const [made] = await sql<
    { id: string }[]
  >`insert into projects (studio_id, title, summary, document) values (${studioId}, ${document.title}, ${document.summary}, ${json(sql, { ...document, seats: [] })}) returning id`;
  return made?.id ?? "";
}

/** Every vinyl and cutter the studio has used: the choices offered when a class is made. */
export async function listStock(sql: Sql): Promise<{ vinyls: unknown[]; cutters: unknown[] }> {
  const vinyls = await sql<{ body: unknown }[]>`select body from vinyls order by body->>'name' limit 200`;
  const cutters = await sql<{ body: unknown }[]>`select body from cutters order by body->>'name' limit 100`;
  return { vinyls: vinyls.map(({ body }) => body), cutters: cutters.map(({ body }) => body) };
}

export async function recordEdit(sql: Sql, studioId: string, workshopId: string, part: Part, label: string, before: unknown): Promise<void> {
  await sql`insert into edits (studio_id, workshop_id, part, label, before) values (${studioId}, ${workshopId}, ${part}, ${label}, ${json(sql, before)})`;
}

export interface Edit {
  readonly id: string;
  readonly part: Part;
  readonly label: string;
  readonly before: unknown;
}

export async function lastEdit(sql: Sql, workshopId: string, parts: readonly Part[]): Promise<Edit | null> {
  const [row] = await sql<
    Edit[]
  >`select id::text, part, label, before from edits where workshop_id = ${workshopId} and undone_at is null and part = any(${parts as string[]}) order by edits.id desc limit 1`;
  return row ?? null;
}

export async function markUndone(sql: Sql, editId: string): Promise<void> {
  await sql`update edits set undone_at = now() where id = ${editId}`;
}
