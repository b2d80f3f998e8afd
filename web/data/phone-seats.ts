/** Which phone stands for which seat of a class that is followed, and who else says it does. */
import { createHash } from "node:crypto";
import type { Sql } from "./client.ts";

/** What a phone may say for a seat: everything, nothing until the host decides, or nothing at all. */
export type Standing = "own" | "taken" | "turnedAway";

/**
 * A phone that was not heard for so long stood for its seat another evening: a class may be taught
 * twice by one link, and whoever comes then is nobody's second phone.
 */
const EVENING_HOURS = 12;
/** That it was heard is written down once in so long. */
const HEARD_MINUTES = 15;

/** Of one seat at most so many are remembered as turned away; the oldest go. */
const MOST_TURNED_AWAY = 20;

const hashOf = (phone: string): string => createHash("sha256").update(phone).digest("hex");

/**
 * The first phone that speaks for a seat stands for it; another one asks the host.
 * @param phone a sign that only this phone has
 * @param anew whether it chose the name just now: who was turned away may ask once more by that
 * @returns its standing, and whether the host has something new to decide
 */
export async function speaksFor(
  sql: Sql,
  studioId: string,
  workshopId: string,
  seat: string,
  phone: string,
  anew: boolean,
): Promise<{ readonly standing: Standing; readonly asks: boolean }> {
  const hash = hashOf(phone);
  await sql`
    insert into phone_seats (studio_id, workshop_id, seat, phone_hash)
    values (${studioId}, ${workshopId}, ${seat}, ${hash})
    on conflict (workshop_id, seat) do update set phone_hash = excluded.phone_hash, heard_at = now(),
      asked_hash = case when phone_seats.phone_hash = excluded.phone_hash then phone_seats.asked_hash end,
      asked_at = case when phone_seats.phone_hash = excluded.phone_hash then phone_seats.asked_at end,
      turned_away = case when phone_seats.phone_hash = excluded.phone_hash then phone_seats.turned_away else '{}' end
      where phone_seats.heard_at < now() - make_interval(hours => ${EVENING_HOURS})
        or (phone_seats.phone_hash = excluded.phone_hash and phone_seats.heard_at < now() - make_interval(mins => ${HEARD_MINUTES}))`;
  // A statement of its own: it sees whoever came first at the same moment, be it this phone itself.
  const [row] = await sql<{ standing: Standing }[]>`
    select case when phone_hash = ${hash} then 'own' when ${hash} = any(turned_away) then 'turnedAway' else 'taken' end as standing
    from phone_seats where workshop_id = ${workshopId} and seat = ${seat}`;
  const standing = row?.standing ?? "taken";
  if (standing === "own" || (standing === "turnedAway" && !anew)) return { standing, asks: false };
  const asked = await sql`
    update phone_seats set asked_hash = ${hash}, asked_at = now(), turned_away = array_remove(turned_away, ${hash})
    where workshop_id = ${workshopId} and seat = ${seat} and phone_hash <> ${hash}
      and asked_hash is distinct from ${hash} returning 1`;
  return { standing: "taken", asks: asked.length > 0 };
}

/** Seats for which a second phone asks, the one that waits longest first. */
export async function askingPhones(
  sql: Sql,
  workshopId: string,
): Promise<{ readonly seat: string; readonly at: Date }[]> {
  return sql<{ seat: string; at: Date }[]>`
    select seat, asked_at as at from phone_seats
    where workshop_id = ${workshopId} and asked_hash is not null order by asked_at, seat`;
}

/**
 * The phone that asks stands for the seat from now on, or is not heard for it any more.
 * @param seat null for all that ask
 */
export async function decidePhones(
  sql: Sql,
  workshopId: string,
  seat: string | null,
  letIn: boolean,
): Promise<void> {
  const which = sql`workshop_id = ${workshopId} and asked_hash is not null ${seat === null ? sql`` : sql`and seat = ${seat}`}`;
  if (letIn)
    await sql`
      update phone_seats set phone_hash = asked_hash, asked_hash = null, asked_at = null,
        turned_away = array_remove(turned_away, asked_hash) where ${which}`;
  else
    await sql`
      update phone_seats set asked_hash = null, asked_at = null,
        turned_away = (turned_away || asked_hash)[greatest(1, cardinality(turned_away) + 2 - ${MOST_TURNED_AWAY}::int):] where ${which}`;
}
