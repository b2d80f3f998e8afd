"use server";

import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { addTapePiece, dropTapePiece, useTapePiece } from "@/data/taping.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { tapeActionsWords } from "./words.ts";

const side = z
  .number()
  .min(5, { error: () => tapeActionsWords().atLeast5 })
  .max(10_000);
const pieceSchema = z.strictObject({
  tack: z.enum(["low", "medium", "strong"]),
  width: side,
  height: side,
  most: z.number().int().min(1).max(100),
});

const gone = (): ActAnswer => ({
  ok: false,
  message: tapeActionsWords().thisPieceIsNotThere,
});

export const keepTapePiece = act(
  [takes.own<z.input<typeof pieceSchema>>()],
  no,
  async (given: z.input<typeof pieceSchema>): Promise<ActAnswer> => {
    const say = tapeActionsWords();
    const host = await requireHost();
    const read = pieceSchema.safeParse(given);
    if (!read.success)
      return {
        ok: false,
        message: say.text(
          String(read.error.issues[0]?.path[0] ?? say.it),
          read.error.issues[0]?.message,
        ),
      };
    const label = await withStudio(host.studioId, (sql) =>
      addTapePiece(sql, host.studioId, read.data),
    );
    if (label === null) return { ok: false, message: say.n200PiecesAreKept };
    revalidatePath("/", "layout");
    return { ok: true };
  },
);

/** Laid once more, or once less after a slip. */
export const countTapeUse = act(
  [takes.id, z.union([z.literal(1), z.literal(-1)])],
  no,
  async (id: string, by: 1 | -1): Promise<ActAnswer> => {
    const host = await requireHost();
    if (by !== 1 && by !== -1) return gone();
    const done = await withStudio(host.studioId, (sql) => useTapePiece(sql, id, by));
    revalidatePath("/", "layout");
    return done ? { ok: true } : gone();
  },
);

export const throwTapeAway = act([takes.id], no, async (id: string): Promise<ActAnswer> => {
  const host = await requireHost();
  const done = await withStudio(host.studioId, (sql) => dropTapePiece(sql, id));
  revalidatePath("/", "layout");
  return done ? { ok: true } : gone();
});
