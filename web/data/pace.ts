/** What the studio's own classes say of how much quicker a second like thing goes. */
import { type Pace, type PaceSeen, secondPace } from "@elm-basket/core/scheduling/pace.ts";
import type { Sql } from "./client.ts";
import { stands } from "./log.ts";

/** Classes looked back on: what people did years ago says less of today's. */
const MOST_PAIRS = 60;

export async function studioPace(sql: Sql): Promise<Pace> {
  const seen = await sql<PaceSeen[]>`
    with done as (select workshop_id, step, sum(minutes)::float8 as minutes from log_events where kind = 'liveStep' and step is not null and minutes > 0 and ${stands(sql)} group by workshop_id, step),
      pairs as (select workshop_id, body->>'id' as step, body->>'like' as elder from steps where body->>'like' is not null)
    select f.minutes as first, l.minutes as second
    from pairs p join done f on f.workshop_id = p.workshop_id and f.step = p.elder join done l on l.workshop_id = p.workshop_id and l.step = p.step
    join workshops w on w.id = p.workshop_id order by w.class_date desc, w.id limit ${MOST_PAIRS}`;
  return secondPace(seen);
}
