/** Where somebody who is led through a class stands. */
import type { Sql } from "./client.ts";

export async function readGuide(sql: Sql, workshopId: string): Promise<string | null> {
  const [row] = await sql<
    { guide: string | null }[]
  >`select guide from workshops where id = ${workshopId}`;
  return row?.guide ?? null;
}

/** Null leaves the guide. False where the studio has no such class. */
export async function setGuide(
  sql: Sql,
  workshopId: string,
  step: string | null,
): Promise<boolean> {
  return (
    (await sql`update workshops set guide = ${step} where id = ${workshopId} returning id`).length >
    0
  );
}
