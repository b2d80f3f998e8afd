"use server";

import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { addTapePiece, dropTapePiece, useTapePiece } from "@/data/taping.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";

const side = z.number().min(5, "at least 5 mm").max(10_000);
const pieceSchema = z.strictObject({
  tack: z.enum(["low", "medium", "strong"]),
  width: side,
  height: side,
  most: z.number().int().min(1).max(100),
});

const GONE: ActAnswer = { ok: false, message: "This piece is not there any more." };

export const keepTapePiece = act(
  [takes.own<z.input<typeof pieceSchema>>()],
  no,
  async (given: z.input<typeof pieceSchema>): Promise<ActAnswer> => {
    const host = await requireHost();
    const read = pieceSchema.safeParse(given);
    if (!read.success)
      return {
        ok: false,
        message: `${String(read.error.issues[0]?.path[0] ?? "It")}: ${read.error.issues[0]?.message ?? "not usable"}.`,
      };
    const label = await withStudio(host.studioId, (sql) =>
      addTapePiece(sql, host.studioId, read.data),
    );
    if (label === null)
      return { ok: false, message: "200 pieces are kept at most: take worn ones out." };
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
    if (by !== 1 && by !== -1) return GONE;
    const done = await withStudio(host.studioId, (sql) => useTapePiece(sql, id, by));
    revalidatePath("/", "layout");
    return done ? { ok: true } : GONE;
  },
);

export const throwTapeAway = act([takes.id], no, async (id: string): Promise<ActAnswer> => {
  const host = await requireHost();
  const done = await withStudio(host.studioId, (sql) => dropTapePiece(sql, id));
  revalidatePath("/", "layout");
  return done ? { ok: true } : GONE;
});
