/** What was changed in a class, so that it can be put back: one entry an edit. */
import type { Part } from "./class-documents.ts";
import type { Sql } from "./client.ts";

type Json = Parameters<Sql["json"]>[0];
const json = (sql: Sql, value: unknown) => sql.json(value as Json);

export interface NewEdit {
  readonly part: Part;
  readonly label: string;
  readonly before: unknown;
  /** Made together with the one before it, as one act. */
  readonly follows?: boolean;
}

/** What was undone and not done again is forgotten once something else is done. */
export async function recordEdit(
  sql: Sql,
  studioId: string,
  workshopId: string,
  { part, label, before, follows = false }: NewEdit,
): Promise<void> {
  await sql`delete from edits where workshop_id = ${workshopId} and undone_at is not null`;
  await sql`insert into edits (studio_id, workshop_id, part, label, before, follows) values (${studioId}, ${workshopId}, ${part}, ${label}, ${json(sql, before)}, ${follows})`;
}

export interface Edit {
  readonly id: string;
  readonly part: Part;
  readonly label: string;
  readonly before: unknown;
  /** What it was undone from. */
  readonly after: unknown;
  /** Made together with the one before it: both are undone, and done again, by one press. */
  readonly follows: boolean;
}

export async function lastEdit(sql: Sql, workshopId: string): Promise<Edit | null> {
  const [row] = await sql<
    Edit[]
  >`select id::text, part, label, before, after, follows from edits where workshop_id = ${workshopId} and undone_at is null order by edits.id desc limit 1`;
  return row ?? null;
}

/** The edit that was undone last. */
export async function lastUndone(sql: Sql, workshopId: string): Promise<Edit | null> {
  const [row] = await sql<
    Edit[]
  >`select id::text, part, label, before, after, follows from edits where workshop_id = ${workshopId} and undone_at is not null order by edits.id limit 1`;
  return row ?? null;
}

export async function markUndone(sql: Sql, editId: string, after: unknown): Promise<void> {
  await sql`update edits set undone_at = now(), after = ${json(sql, after)} where id = ${editId}`;
}

export async function markRedone(sql: Sql, editId: string): Promise<void> {
  await sql`update edits set undone_at = null, after = null where id = ${editId}`;
}
