/** Which of the machines that stand here a studio has taken: one machine is one studio's. */
import type { Sql } from "./client.ts";

export async function heldCutter(sql: Sql): Promise<string | null> {
  const [row] = await sql<{ name: string }[]>`select name from held_cutters`;
  return row?.name ?? null;
}

/** Takes a machine, or gives back what was taken (null). False when another studio has it. */
export async function holdCutter(
  sql: Sql,
  studioId: string,
  name: string | null,
): Promise<boolean> {
  await sql`delete from held_cutters where name is distinct from ${name}`;
  if (name === null) return true;
  await sql`insert into held_cutters (name, studio_id) values (${name}, ${studioId}) on conflict do nothing`;
  return (await heldCutter(sql)) === name;
}
