/** Projects: repeatable plans, class documents without people, with their variants. */
import { type ClassDocument, readClassDocument } from "@elm-basket/core/document/document.ts";
import { MOST_VARIANTS } from "@elm-basket/core/variants/limits.ts";
import {
  freeVariantId,
  soundVariant,
  type Variant,
  variantSchema,
} from "@elm-basket/core/variants/variant.ts";
import type { Sql } from "./client.ts";

type Json = Parameters<Sql["json"]>[0];
const json = (sql: Sql, value: unknown) => sql.json(value as Json);

export interface ProjectRow {
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly document: ClassDocument;
  readonly variants: readonly Variant[];
}

interface Stored {
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly document: unknown;
  readonly variants: unknown;
}

const MOST_PROJECTS = 500;

/**
 * What the row says of its words counts; a document that cannot be read any more is passed over.
 */
function parsed({ id, title, summary, document, variants }: Stored): ProjectRow[] {
  const read = readClassDocument(document);
  if (!read.ok) return [];
  const known = variantSchema.array().safeParse(variants);
  return [
    {
      id,
      title,
      summary,
      document: { ...read.value, title, summary },
      variants: (known.success ? known.data : []).map((variant) =>
        soundVariant(read.value, variant),
      ),
    },
  ];
}

export async function listProjects(sql: Sql): Promise<ProjectRow[]> {
  return (
    await sql<
      Stored[]
    >`select id, title, summary, document, variants from projects order by title limit ${MOST_PROJECTS}`
  ).flatMap(parsed);
}

export async function readProject(sql: Sql, id: string): Promise<ProjectRow | null> {
  return (
    (
      await sql<
        Stored[]
      >`select id, title, summary, document, variants from projects where id = ${id}`
    ).flatMap(parsed)[0] ?? null
  );
}

export async function insertProject(
  sql: Sql,
  studioId: string,
  document: ClassDocument,
): Promise<string> {
  const [made] = await sql<
    { id: string }[]
  >`insert into projects (studio_id, title, summary, document) values (${studioId}, ${document.title}, ${document.summary}, ${json(sql, { ...document, seats: [], recuts: [] })}) returning id`;
  return made?.id ?? "";
}

/** @param shopPrice minor units; null where nobody says */
export async function describeProject(
  sql: Sql,
  id: string,
  {
    title,
    summary,
    shopPrice,
  }: Pick<ProjectRow, "title" | "summary"> & { shopPrice: number | null },
): Promise<boolean> {
  const price =
    shopPrice === null
      ? sql`document #- '{prices,shopPrice}'`
      : sql`jsonb_set(document, '{prices,shopPrice}', ${json(sql, shopPrice)})`;
  return (
    (
      await sql`update projects set title = ${title}, summary = ${summary}, document = ${price} where id = ${id} returning id`
    ).length > 0
  );
}

/** Classes that were made of it stay. */
export async function dropProject(sql: Sql, id: string): Promise<boolean> {
  return (await sql`delete from projects where id = ${id} returning id`).length > 0;
}

/** A variant that may not have its id yet. */
export type VariantGiven = Omit<Variant, "id"> & { readonly id?: string | undefined };

/**
 * In the place of the one of its id, or behind the others with a free one; false where the project
 * is gone or has as many as it may.
 */
export async function putVariant(sql: Sql, id: string, given: VariantGiven): Promise<boolean> {
  return changeVariants(sql, id, (all) => {
    const variant = { ...given, id: given.id ?? freeVariantId(all, given.name) };
    const at = all.findIndex((one) => one.id === variant.id);
    if (at >= 0) return all.with(at, variant);
    return all.length < MOST_VARIANTS ? [...all, variant] : null;
  });
}

export async function dropVariant(sql: Sql, id: string, variant: string): Promise<boolean> {
  return changeVariants(sql, id, (all) =>
    all.some((one) => one.id === variant) ? all.filter((one) => one.id !== variant) : null,
  );
}

/**
 * The row is held from reading to writing, so that of two windows neither loses what the other said
 * of another variant.
 */
async function changeVariants(
  sql: Sql,
  id: string,
  change: (all: Variant[]) => Variant[] | null,
): Promise<boolean> {
  const [row] = await sql<
    { variants: unknown }[]
  >`select variants from projects where id = ${id} for update`;
  if (!row) return false;
  const next = change(variantSchema.array().parse(row.variants));
  if (!next) return false;
  await sql`update projects set variants = ${json(sql, next)} where id = ${id}`;
  return true;
}
