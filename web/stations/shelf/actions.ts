"use server";

import { merge } from "@elm-basket/core/stages/merge.ts";
import { type Good, goodSchema, sameFilm } from "@elm-basket/core/stock/good.ts";
import { MOST_AMOUNT } from "@elm-basket/core/stock/good-kinds.ts";
import { goodKey, readGoodsCsv } from "@elm-basket/core/stock/goods-csv.ts";
import { countedAs, type Move, roundAmount } from "@elm-basket/core/stock/ledger.ts";
import { goodOf } from "@elm-basket/core/stock/stored-good.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { type Sql, withStudio } from "@/data/client.ts";
import {
  addGood,
  addMoves,
  changeGood,
  type GoodRow,
  goodsById,
  listGoods,
  MOST_GOODS,
  type MoveRow,
  movesOf,
  putAway,
} from "@/data/goods.ts";
import { isId } from "@/planning/planned-class.ts";
import { act, no, takes } from "@/requests/act.ts";
import { goodsWords } from "@/ui/craft/goods.ts";
import { actionsWords } from "./words.ts";

export type GoodAnswer =
  | { readonly ok: true; readonly id: string; readonly version: number; readonly good: Good }
  | {
      readonly ok: false;
      readonly reason: "invalid";
      readonly field: string;
      readonly message: string;
    }
  /** Somebody changed it meanwhile: what is there now. */
  | { readonly ok: false; readonly reason: "stale"; readonly now: GoodRow }
  | { readonly ok: false; readonly reason: "gone" };

const gone = { ok: false, reason: "gone" } as const;
const taken = (name: string) =>
  ({
    ok: false,
    reason: "invalid",
    field: "name",
    message: actionsWords().isOnTheShelfAlready(name),
  }) as const;

const unusable = (message: string): GoodAnswer => ({
  ok: false,
  reason: "invalid",
  field: "",
  message,
});

/**
 * Puts a good on the shelf, or writes what was changed of one (`base` is what the caller saw); what
 * another window changed meanwhile is merged where it does not collide.
 */
export const saveGood = act(
  [takes.idOrNone, takes.own<Good>(), takes.version, takes.ownOrNone<Good | null>()],
  unusable,
  async (
    id: string | null,
    good: Good,
    version: number,
    base: Good | null,
  ): Promise<GoodAnswer> => {
    const say = actionsWords();
    const host = await requireHost();
    const read = goodSchema.safeParse(good);
    if (!read.success)
      return {
        ok: false,
        reason: "invalid",
        field: read.error.issues[0]?.path.join(".") ?? "",
        message: say.notUsable(read.error.issues[0]?.message),
      };
    const answer = await withStudio(host.studioId, async (sql): Promise<GoodAnswer> => {
      if (id === null) {
        if ((await listGoods(sql)).length >= MOST_GOODS)
          return {
            ok: false,
            reason: "invalid",
            field: "name",
            message: say.theShelfHoldsGoods(MOST_GOODS),
          };
        const made = await addGood(sql, host.studioId, read.data, true);
        return made ? { ok: true, id: made, version: 1, good: read.data } : taken(read.data.name);
      }
      const before = (await goodsById(sql, [id], true)).get(id);
      // A film stays a film: plans depend on what it is.
      if (!before || (before.film === null) !== (read.data.film === undefined)) return gone;
      const merged =
        before.version === version || base === null
          ? { value: read.data, collisions: [] }
          : merge(base, read.data, goodOf(before));
      const next = goodSchema.safeParse(merged.value);
      if (
        merged.collisions.length > 0 ||
        !next.success ||
        (before.version !== version && base === null)
      )
        return { ok: false, reason: "stale", now: before };
      const saved = await changeGood(sql, id, next.data, before.version);
      if (saved === "taken") return taken(next.data.name);
      return saved === null
        ? { ok: false, reason: "stale", now: before }
        : { ok: true, id, version: saved, good: next.data };
    });
    if (answer.ok) revalidatePath("/", "layout");
    return answer;
  },
);

const moveSchema = z.strictObject({
  kind: z.enum(["received", "counted", "spoiled"]),
  amount: z.number().min(0).max(MOST_AMOUNT),
  note: z.string().trim().max(300),
});
export type MoveAnswer =
  | { readonly ok: true; readonly onHand: number }
  | { readonly ok: false; readonly message: string };

/** What came in, was counted or spoiled. */
export const recordMove = act(
  [takes.id, takes.own<z.input<typeof moveSchema>>()],
  no,
  async (id: string, given: z.input<typeof moveSchema>): Promise<MoveAnswer> => {
    const say = actionsWords();
    const host = await requireHost();
    const read = moveSchema.safeParse(given);
    if (!read.success) return { ok: false, message: say.aNumberFrom0(MOST_AMOUNT) };
    const answer = await withStudio(host.studioId, async (sql): Promise<MoveAnswer> => {
      const good = (await goodsById(sql, [id], true)).get(id);
      if (!good) return { ok: false, message: say.thisItemIsNoLonger };
      const move = moveOf(read.data, good.onHand);
      if (move === "tooMuch")
        return {
          ok: false,
          message: say.onlyIsKnown(good.onHand),
        };
      if (move) await addMoves(sql, host.studioId, id, [move]);
      return { ok: true, onHand: roundAmount(good.onHand + (move?.change ?? 0)) };
    });
    if (answer.ok) revalidatePath("/", "layout");
    return answer;
  },
);

function moveOf(
  { kind, amount, note }: z.infer<typeof moveSchema>,
  onHand: number,
): Move | "tooMuch" | null {
  if (kind === "counted") return countedAs(amount, onHand, note);
  if (roundAmount(amount) === 0) return null;
  if (kind === "spoiled")
    return amount > onHand ? "tooMuch" : { kind, change: 0 - roundAmount(amount), note };
  return { kind, change: roundAmount(amount), note };
}

export const historyOf = act(
  [takes.id],
  () => [],
  async (id: string): Promise<MoveRow[]> => {
    const host = await requireHost();
    return isId(id) ? withStudio(host.studioId, (sql) => movesOf(sql, id)) : [];
  },
);

export const putGoodAway = act(
  [takes.id],
  () => false,
  async (id: string): Promise<boolean> => {
    const host = await requireHost();
    const done = await withStudio(host.studioId, (sql) => putAway(sql, id));
    if (done) revalidatePath("/shelf");
    return done;
  },
);

const MOST_LETTERS = 1_000_000;

export interface ListAnswer {
  readonly fresh: readonly string[];
  readonly changed: readonly string[];
  readonly same: number;
  readonly trouble: readonly string[];
  readonly taken: boolean;
}

/**
 * What a list would change, and with `take` changes it: goods are found by name and unit, counted
 * anew where the list says how many are here.
 */
export const bringList = act(
  [takes.longText, takes.on],
  (why) => ({ fresh: [], changed: [], same: 0, trouble: [why], taken: false }),
  async (text: string, take: boolean): Promise<ListAnswer> => {
    const say = actionsWords();
    const host = await requireHost();
    const none = { fresh: [], changed: [], same: 0, taken: false };
    if (typeof text !== "string" || text.length > MOST_LETTERS)
      return {
        ...none,
        trouble: [say.theListIsLonger],
      };
    const { goods, findings } = readGoodsCsv(text, host.studio.settings.prices.currency);
    const answer = await withStudio(host.studioId, async (sql) => {
      const there = new Map((await listGoods(sql)).map((row) => [goodKey(goodOf(row)), row]));
      const [fresh, changed]: [string[], string[]] = [[], []];
      if (there.size + goods.filter(({ good }) => !there.has(goodKey(good))).length > MOST_GOODS)
        return {
          ...none,
          trouble: [say.theShelfHoldsGoods2(MOST_GOODS)],
        };
      for (const { good, here } of goods) {
        const row = there.get(goodKey(good));
        const differs =
          !row || differsFrom(good, row) || (here !== null && roundAmount(here) !== row.onHand);
        if (!row) fresh.push(good.name);
        else if (differs) changed.push(good.name);
        if (take && differs) await bring(sql, host.studioId, good, here, row);
      }
      return {
        fresh,
        changed,
        same: goods.length - fresh.length - changed.length,
        trouble: findings.map(goodsWords().sayGoodsFinding),
        taken: take,
      };
    });
    if (take) revalidatePath("/", "layout");
    return answer;
  },
);

/** A list that says nothing of offers or of when to buy again leaves them as they are. */
function merged(good: Good, row: GoodRow): Good {
  const offers =
    good.offers.length === 0
      ? row.offers
      : good.offers.map((offer, i) => ({
          ...offer,
          id: row.offers[i]?.id ?? offer.id,
          ...(row.offers[i]?.each ? { each: row.offers[i].each } : {}),
        }));
  const reorderAt = good.reorderAt ?? row.reorderAt;
  return { ...good, offers, ...(reorderAt === null ? {} : { reorderAt }) };
}

function differsFrom(good: Good, row: GoodRow): boolean {
  const { film, ...rest } = goodSchema.parse(merged(good, row));
  const { film: there, ...before } = goodSchema.parse(goodOf(row));
  return (
    JSON.stringify(rest) !== JSON.stringify(before) ||
    (film !== undefined && there !== undefined && !sameFilm(film, there))
  );
}

async function bring(
  sql: Sql,
  studioId: string,
  good: Good,
  here: number | null,
  row: GoodRow | undefined,
): Promise<void> {
  const id = row?.id ?? (await addGood(sql, studioId, good, true));
  if (!id) return;
  if (row && differsFrom(good, row)) await changeGood(sql, id, merged(good, row), row.version);
  if (here === null) return;
  const there = (await goodsById(sql, [id], true)).get(id);
  const move = there && countedAs(here, there.onHand, actionsWords().fromAList);
  if (move) await addMoves(sql, studioId, id, [move]);
}
