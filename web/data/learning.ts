/**
 * What the studio's log says of its own hands, machines and rooms, and what the host has taken of
 * it.
 */

import { cuttingOf } from "@elm-basket/core/figures/figured.ts";
import { type Figures, figuresSchema } from "@elm-basket/core/figures/figures.ts";
import { WEEDING_TERMS, type WeedingCounts } from "@elm-basket/core/figures/terms.ts";
import type { Observed } from "@elm-basket/core/learning/factor.ts";
import type { FilmSeen } from "@elm-basket/core/learning/failures.ts";
import type { Model } from "@elm-basket/core/learning/offers.ts";
import type { WeededKit } from "@elm-basket/core/learning/weeding.ts";
import type { Sql } from "./client.ts";
import { stands } from "./log.ts";

type Json = Parameters<Sql["json"]>[0];

/** What hands did years ago says less of today's: so many of the newest count. */
const MOST_SEEN = 3000;
/** An evening that goes on after midnight is still the same. */
const EVENING_ENDS_HOURS = 5;

/** The evening of an entry in the studio's own time. */
const evening = (sql: Sql) =>
  sql`l.workshop_id || ' ' || to_char((l.at at time zone (select zone from studios where id = current_studio())) - make_interval(hours => ${EVENING_ENDS_HOURS}), 'YYYY-MM-DD')`;
/** `stands` speaks of the table by its own name. */
const standing = (sql: Sql, kind: string) =>
  sql`(select * from log_events where kind = ${kind} and ${stands(sql)} order by log_events.id desc limit ${MOST_SEEN}) l`;

/** Kits that were weeded with the clock running, the newest first. */
export async function weededKits(sql: Sql): Promise<WeededKit[]> {
  const rows = await sql<
    { group: string; of: string; minutes: number; body: Record<string, unknown> }[]
  >`
    select ${evening(sql)} as group, l.workshop_id::text as of, l.minutes, l.body from ${standing(sql, "weeded")} where l.minutes > 0 and l.body ? 'perPiece'`;
  return rows.map(({ body, ...row }) => ({
    ...row,
    counts: Object.fromEntries(
      WEEDING_TERMS.map((term) => [term, Number(body[term] ?? 0)]),
    ) as unknown as WeedingCounts,
  }));
}

/** Loads that went through whole, by the cutter's name. */
export async function cutLoads(sql: Sql): Promise<(Observed & { readonly cutter: string })[]> {
  return sql<(Observed & { cutter: string })[]>`
    select ${evening(sql)} as group, l.workshop_id::text as of, l.minutes / (l.body->>'guess')::float8 as ratio, l.body->>'cutter' as cutter
    from ${standing(sql, "cut")} where l.minutes > 0 and (l.body->>'guess')::float8 > 0 and l.body ? 'cutter'`;
}

/** Steps that were taught, against their first guess. */
export async function taughtSteps(sql: Sql): Promise<(Observed & { readonly step: string })[]> {
  return sql<(Observed & { step: string })[]>`
    select ${evening(sql)} as group, l.workshop_id::text as of, l.minutes / (l.body->>'guess')::float8 as ratio, l.step
    from ${standing(sql, "liveStep")} where l.minutes > 0 and l.step is not null and (l.body->>'guess')::float8 > 0`;
}

/**
 * What was found dry: before its time, or after somebody had found it wet. A touch long after its
 * time says only that it was dry by then.
 */
export async function driedCoats(
  sql: Sql,
): Promise<
  (Observed & { readonly step: string; readonly place: string; readonly date: string })[]
> {
  return sql<(Observed & { step: string; place: string; date: string })[]>`
    select ${evening(sql)} as group, l.workshop_id::text as of, l.minutes / (l.body->>'guess')::float8 as ratio, l.step, coalesce(w.setting->>'place', '') as place, to_char(w.class_date, 'YYYY-MM-DD') as date
    from ${standing(sql, "dry")} join workshops w on w.id = l.workshop_id
    where (l.body->>'dry')::boolean and l.minutes > 0 and (l.body->>'guess')::float8 > 0
      and (l.minutes <= coalesce((l.body->>'wait')::float8, (l.body->>'guess')::float8) + 2 or exists (select 1 from log_events b where b.workshop_id = l.workshop_id and b.kind = 'dry' and b.step = l.step and b.id < l.id and not (b.body->>'dry')::boolean and b.at > l.at - interval '12 hours'))`;
}

/** Films by name: how many kits of it were weeded or lost, and how many were lost. */
export async function filmsSeen(sql: Sql): Promise<FilmSeen[]> {
  return sql<FilmSeen[]>`
    with told as (
      select l.workshop_id, l.kind, coalesce(l.body->>'vinyl', reverse(split_part(reverse(l.body->>'film'), ':', 1))) as vinyl from log_events l
      where l.kind in ('weeded', 'lost') and (l.body ? 'vinyl' or l.body ? 'film')
        and not exists (select 1 from log_events f where f.workshop_id = l.workshop_id and f.kind = 'found' and l.id::text = any(string_to_array(f.body->>'lost', ' ')))
    )
    select g.name as film, count(*)::int as kits, count(*) filter (where t.kind = 'lost')::int as lost
    from told t join workshop_vinyls v on v.workshop_id = t.workshop_id and v.vinyl = t.vinyl join goods g on g.id = v.good_id
    group by 1 order by 2 desc, 1 limit 100`;
}

export interface FigureAct {
  readonly id: string;
  readonly at: Date;
  readonly model: Model;
  readonly act: "taken" | "refused" | "guess";
  readonly figures: unknown;
  readonly observations: number;
}

/** The last word on each model, and the last one that set its figures. */
export async function figureActs(sql: Sql): Promise<{
  readonly last: ReadonlyMap<Model, FigureAct>;
  readonly set: ReadonlyMap<Model, FigureAct>;
}> {
  const rows = await sql<
    FigureAct[]
  >`select id::text, at, model, act, figures, observations from figure_acts order by id desc limit 400`;
  const first = (list: readonly FigureAct[]) =>
    new Map(list.toReversed().map((row) => [row.model, row]));
  return { last: first(rows), set: first(rows.filter(({ act }) => act !== "refused")) };
}

export async function addFigureAct(
  sql: Sql,
  studioId: string,
  {
    model,
    act,
    figures,
    observations,
  }: Pick<FigureAct, "model" | "act" | "figures" | "observations">,
): Promise<void> {
  await sql`insert into figure_acts (studio_id, model, act, figures, observations) values (${studioId}, ${model}, ${act}, ${figures === null ? null : sql.json(figures as Json)}, ${observations})`;
}

/** What classes of the studio reckon with from now on. */
export async function studioFigures(sql: Sql): Promise<Figures> {
  const { set } = await figureActs(sql);
  const taken = [...set].flatMap(([model, { figures }]) =>
    figures === null ? [] : [[model, figures]],
  );
  const read = figuresSchema.safeParse(Object.fromEntries(taken));
  return read.success ? read.data : {};
}

/** With whose cutter a class is cut, and how long a load would have taken by first guesses. */
export async function guessOfCut(
  sql: Sql,
  workshopId: string,
  minutes: number,
): Promise<{ cutter: string; guess: number } | Record<string, never>> {
  const [row] = await sql<
    { cutter: string; figures: unknown }[]
  >`select c.body->>'name' as cutter, w.body->'figures' as figures from workshops w join cutters c on c.id = w.cutter_id where w.id = ${workshopId}`;
  if (!row) return {};
  const figures = figuresSchema.safeParse(row.figures ?? {});
  return {
    cutter: row.cutter,
    guess: minutes / cuttingOf(figures.success ? { figures: figures.data } : {}, row.cutter),
  };
}

/**
 * What is still to be weeded for these classes: counts of each film, and its minutes as planned.
 */
export async function weedingAhead(
  sql: Sql,
  ids: readonly string[],
): Promise<{ minutes: number; counts: WeedingCounts }[]> {
  return sql<{ minutes: number; counts: WeedingCounts }[]>`
    select minutes, weed->'counts' as counts from films where workshop_id = any(${ids as string[]}) and planned and weeded_hash is null and weed ? 'counts' limit 20000`;
}

/** Classes that are still to come. */
export async function comingClasses(sql: Sql, today: string): Promise<string[]> {
  const rows = await sql<{ id: string }[]>`
    select w.id from workshops w where w.class_date >= ${today} and not exists (select 1 from runs r where r.workshop_id = w.id) order by w.class_date limit 200`;
  return rows.map(({ id }) => id);
}
