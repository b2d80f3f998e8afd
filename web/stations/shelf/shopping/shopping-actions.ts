"use server";

import { MOST_AMOUNT } from "@elm-basket/core/stock/good-kinds.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { buy, unbuy } from "@/data/shopping.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { shoppingActionsWords } from "../words.ts";

const mark = z.string().regex(/^[A-Za-z0-9-]{8,40}$/u);
const purchase = z.strictObject({
  mark,
  good: z.uuid(),
  packs: z.number().int().min(1).max(10_000),
  size: z.number().positive().max(MOST_AMOUNT),
  shop: z.string().max(80),
});

/** Bought: so many packs come onto the shelf, once for each mark. */
export const tickOff = act(
  [takes.own<z.input<typeof purchase>>()],
  no,
  async (given: z.input<typeof purchase>): Promise<ActAnswer> => {
    const say = shoppingActionsWords();
    const host = await requireHost();
    const read = purchase.safeParse(given);
    if (!read.success || read.data.packs * read.data.size > MOST_AMOUNT)
      return { ok: false, message: say.n1To10000Packs };
    const { good, packs, size, shop } = read.data;
    const note = say.text(packs, shop);
    const done = await withStudio(host.studioId, (sql) =>
      buy(sql, host.studioId, { mark: read.data.mark, good, amount: packs * size, note }),
    );
    if (!done) return { ok: false, message: say.thisIsNoLonger };
    revalidatePath("/", "layout");
    return { ok: true };
  },
);

/** Not bought after all. */
export const takeBack = act([takes.text], no, async (given: string): Promise<ActAnswer> => {
  const say = shoppingActionsWords();
  const host = await requireHost();
  const read = mark.safeParse(given);
  const done = read.success
    ? await withStudio(host.studioId, (sql) => unbuy(sql, host.studioId, read.data))
    : "gone";
  if (done === "used")
    return {
      ok: false,
      message: say.someOfItHasBeen,
    };
  if (done === "gone") return { ok: false, message: say.thisWasNotTickedOff };
  revalidatePath("/", "layout");
  return { ok: true };
});
