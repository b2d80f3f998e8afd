/** A studio's own fonts. Their ids begin with `u-`, so that they never meet a shipped one. */
import type { Sql } from "./client.ts";

export interface OwnFont {
  readonly id: string;
  readonly family: string;
  readonly joined: boolean;
  readonly licence: string;
  readonly thinShare: number;
}

export const MOST_FONTS = 60;
const PREFIX = "u-";
export const isOwnFontId = (id: string): boolean =>
  /^u-[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}$/u.test(id);

export async function listFonts(sql: Sql): Promise<OwnFont[]> {
  return sql<
    OwnFont[]
  >`select ${PREFIX} || id::text as id, family, joined, licence, thin_share as "thinShare" from fonts order by family`;
}

/** @returns null when there is one of that name, or there are too many already */
export async function insertFont(
  sql: Sql,
  studioId: string,
  font: Omit<OwnFont, "id">,
  bytes: Uint8Array,
): Promise<string | null> {
  const [{ n } = { n: 0 }] = await sql<{ n: number }[]>`select count(*)::int as n from fonts`;
  if (n >= MOST_FONTS) return null;
  const [made] = await sql<{ id: string }[]>`
    insert into fonts (studio_id, family, joined, licence, thin_share, bytes)
    values (${studioId}, ${font.family}, ${font.joined}, ${font.licence}, ${font.thinShare}, ${Buffer.from(bytes)})
    on conflict (studio_id, lower(family)) do nothing returning id::text`;
  return made ? PREFIX + made.id : null;
}

export async function fontBytes(sql: Sql, id: string): Promise<Uint8Array | null> {
  if (!isOwnFontId(id)) return null;
  const [row] = await sql<
    { bytes: Buffer }[]
  >`select bytes from fonts where id = ${id.slice(PREFIX.length)}`;
  return row ? new Uint8Array(row.bytes) : null;
}

export async function removeFont(sql: Sql, id: string): Promise<void> {
  if (isOwnFontId(id)) await sql`delete from fonts where id = ${id.slice(PREFIX.length)}`;
}
