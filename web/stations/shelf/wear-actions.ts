"use server";

import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { type Sql, withStudio } from "@/data/client.ts";
import { addMat, cleanMat, dropMat, newBlade, putMatIn } from "@/data/wear.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { wearActionsWords } from "./words.ts";

const nameSchema = z.string().trim().min(1).max(40);

async function kept(
  work: (sql: Sql, studioId: string) => Promise<boolean>,
  message: string,
): Promise<ActAnswer> {
  const host = await requireHost();
  const done = await withStudio(host.studioId, (sql) => work(sql, host.studioId));
  revalidatePath("/", "layout");
  return done ? { ok: true } : { ok: false, message };
}

export const keepMat = act([takes.text], no, async (name: string): Promise<ActAnswer> => {
  const say = wearActionsWords();
  const read = nameSchema.safeParse(name);
  if (!read.success) return { ok: false, message: say.giveTheMatAName };
  return kept((sql, studioId) => addMat(sql, studioId, read.data), say.thereIsAMat);
});

const MAT_ACTS = { in: putMatIn, cleaned: cleanMat, gone: dropMat } as const;

/** A mat is put in, cleaned, or thrown away. */
export const matAct = act(
  [takes.id, takes.word<keyof typeof MAT_ACTS>()],
  no,
  async (id: string, what: keyof typeof MAT_ACTS): Promise<ActAnswer> => {
    const say = wearActionsWords();
    if (!Object.hasOwn(MAT_ACTS, what)) return { ok: false, message: say.thereIsNoSuchMat };
    return kept((sql) => MAT_ACTS[what](sql, id), say.thisMatIsNotThere);
  },
);

export const bladeIsNew = act([], no, async (): Promise<ActAnswer> => {
  return kept(async (sql, studioId) => {
    await newBlade(sql, studioId);
    return true;
  }, "");
});
