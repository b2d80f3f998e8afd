"use server";

import { merge } from "@elm-basket/core/stages/merge.ts";
import { filmFactsSchema } from "@elm-basket/core/stock/good.ts";
import { provedBy } from "@elm-basket/core/trials/rounds.ts";
import { type Trial, trialSchema } from "@elm-basket/core/trials/trial.ts";
import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { type Sql, withStudio } from "@/data/client.ts";
import { changeGood, type GoodRow, listGoods } from "@/data/goods.ts";
import { dropPictures } from "@/data/pictures.ts";
import { addTrial, changeTrial, dropTrial, trialById } from "@/data/trials.ts";
import { isId } from "@/planning/planned-class.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { trialActionsWords } from "../words.ts";

const gone = (): ActAnswer => ({
  ok: false,
  message: trialActionsWords().thisTrialIsNotThere,
});
const stale = (): ActAnswer => ({
  ok: false,
  message: trialActionsWords().itWasChangedInAnother,
});

const picturesOf = ({ samples }: Trial): string[] =>
  samples.flatMap(({ picture }) => picture ?? []);

/**
 * Writes a new trial down, or what was changed of one (`base` is what the caller saw); what was
 * changed meanwhile, in another window or by
 * a quick hand in this one, is merged where it does not collide. @param id null for a new one
 */
export const saveTrial = act(
  [takes.idOrNone, takes.own<Trial>(), takes.ownOrNone<Trial | null>()],
  no,
  async (id: string | null, given: Trial, base: Trial | null): Promise<ActAnswer> => {
    const say = trialActionsWords();
    const host = await requireHost();
    const read = trialSchema.safeParse(given);
    if (!read.success) return { ok: false, message: say.notUsable(read.error.issues[0]?.message) };
    if (id !== null && !isId(id)) return gone();
    const answer = await withStudio(host.studioId, async (sql): Promise<ActAnswer> => {
      if (id === null)
        return (await addTrial(sql, host.studioId, read.data))
          ? { ok: true }
          : { ok: false, message: say.noMoreTrialsAreKept };
      const before = await trialById(sql, id);
      if (!before) return gone();
      const merged = merge(base, read.data, before.trial);
      const next = trialSchema.safeParse(merged.value);
      if (
        merged.collisions.length > 0 ||
        !next.success ||
        (await changeTrial(sql, id, next.data, before.version)) === null
      )
        return stale();
      const kept = new Set(picturesOf(next.data));
      await dropPictures(
        sql,
        picturesOf(before.trial).filter((picture) => !kept.has(picture)),
      );
      return { ok: true };
    });
    revalidatePath("/shelf");
    return answer;
  },
);

export const takeTrialOut = act([takes.id], no, async (id: string): Promise<ActAnswer> => {
  const host = await requireHost();
  if (!isId(id)) return gone();
  await withStudio(host.studioId, async (sql) => {
    const before = await trialById(sql, id);
    await dropTrial(sql, id);
    if (before) await dropPictures(sql, picturesOf(before.trial));
  });
  revalidatePath("/shelf");
  return { ok: true };
});

const filmNamed = async (sql: Sql, name: string): Promise<GoodRow | undefined> =>
  (await listGoods(sql)).find(
    (good) => good.film && good.name.toLowerCase() === name.toLowerCase(),
  );

/**
 * Lets a trial count before what is said of the film's kind, or lets the rule decide again; classes
 * that draw on the film follow.
 */
export const letTrialCount = act(
  [takes.id, takes.on],
  no,
  async (id: string, counts: boolean): Promise<ActAnswer> => {
    const say = trialActionsWords();
    const host = await requireHost();
    const answer = await withStudio(host.studioId, async (sql): Promise<ActAnswer> => {
      const row = await trialById(sql, id);
      if (!row) return gone();
      const good = await filmNamed(sql, row.trial.film);
      if (!good?.film)
        return {
          ok: false,
          message: say.isNotOnTheShelf(row.trial.film),
        };
      const own = provedBy(row.trial);
      if (!own)
        return {
          ok: false,
          message: say.itSaysNothingYet,
        };
      const { proved: before, ...bare } = good.film;
      const washing =
        own.washing === undefined ? before?.washing : counts ? own.washing : undefined;
      const outdoors =
        own.outdoors === undefined ? before?.outdoors : counts ? own.outdoors : undefined;
      const proved =
        washing === undefined && outdoors === undefined
          ? undefined
          : {
              ...(washing ? { washing } : {}),
              ...(outdoors === undefined ? {} : { outdoors }),
              note: counts ? own.note : (before?.note ?? ""),
            };
      const { kind, name, unit, offers, reorderAt } = good;
      const film = filmFactsSchema.parse({ ...bare, ...(proved ? { proved } : {}) });
      const saved = await changeGood(
        sql,
        good.id,
        { kind, name, unit, offers, film, ...(reorderAt === null ? {} : { reorderAt }) },
        good.version,
      );
      return typeof saved === "number"
        ? { ok: true }
        : { ok: false, message: say.theFilmWasChangedMeanwhile };
    });
    revalidatePath("/", "layout");
    return answer;
  },
);
