/** What participants ask for through their link, until the host takes or declines it. */
import { createHash } from "node:crypto";
import { blankShapeSchema } from "@elm-basket/core/blanks/shape.ts";
import { choiceName, thingId } from "@elm-basket/core/document/document.ts";
import * as z from "zod";
import type { Sql } from "./client.ts";

export const choiceSchema = z.strictObject({
  fields: z.record(z.string().regex(/^[a-z][a-z0-9_]{0,30}$/u), z.string().max(120)),
  hand: z.enum(["left", "right"]).optional(),
  vinyl: z.string().max(40).optional(),
  /** The piece it brings, as measured, by the thing it stands for. */
  brings: z.strictObject({ thing: thingId, shape: blankShapeSchema }).optional(),
  /** Which of the alternatives it wants. */
  choices: z.record(choiceName, thingId).optional(),
});
export type Choice = z.infer<typeof choiceSchema>;

export interface OpenChoice {
  readonly id: string;
  readonly seat: string;
  readonly choice: Choice;
}

/**
 * A phone's last word for a seat takes the place of its earlier one that was not yet decided.
 * @param phone a sign that only this phone has
 * @returns false where another phone asked for this seat, and the host has not decided
 */
export async function makeChoice(
  sql: Sql,
  studioId: string,
  workshopId: string,
  seat: string,
  choice: Choice,
  phone: string,
): Promise<boolean> {
  const hash = createHash("sha256").update(phone).digest("hex");
  const kept =
    await sql`insert into choices (studio_id, workshop_id, seat, body, phone_hash) values (${studioId}, ${workshopId}, ${seat}, ${sql.json(choice as never)}, ${hash})
    on conflict (workshop_id, seat) where status = 'open' do update set body = excluded.body, phone_hash = excluded.phone_hash, made_at = now()
    where choices.phone_hash is null or choices.phone_hash = excluded.phone_hash returning id`;
  return kept.length > 0;
}

export async function openChoices(sql: Sql, workshopId: string): Promise<OpenChoice[]> {
  const rows = await sql<
    { id: string; seat: string; body: unknown }[]
  >`select id::text, seat, body from choices where workshop_id = ${workshopId} and status = 'open' order by id`;
  return rows.flatMap(({ id, seat, body }) => {
    const read = choiceSchema.safeParse(body);
    return read.success ? [{ id, seat, choice: read.data }] : [];
  });
}

/** @returns false when it was decided meanwhile */
export async function decideChoice(
  sql: Sql,
  id: string,
  status: "taken" | "declined",
): Promise<boolean> {
  const rows =
    await sql`update choices set status = ${status}, decided_at = now() where id = ${id} and status = 'open' returning id`;
  return rows.length > 0;
}

export async function namesLockedAt(sql: Sql, workshopId: string): Promise<Date | null> {
  const [row] = await sql<
    { at: Date | null }[]
  >`select names_locked_at as at from workshops where id = ${workshopId}`;
  return row?.at ?? null;
}

export async function lockNames(sql: Sql, workshopId: string, locked: boolean): Promise<void> {
  await sql`update workshops set names_locked_at = ${locked ? new Date() : null} where id = ${workshopId}`;
}
