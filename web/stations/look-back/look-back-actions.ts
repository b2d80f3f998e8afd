"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { hasClass } from "@/data/films.ts";
import { addLog } from "@/data/log.ts";
import { isId } from "@/planning/planned-class.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import type { Answers } from "./answers.ts";

const text = z.string().trim().max(400);
const answersSchema = z.strictObject({ again: text, explain: text, different: text });

/** Into the log, which is only ever added to: the last answers count. */
export async function answerQuestions(id: string, answers: Answers): Promise<ActAnswer> {
  const host = await requireHost();
  const read = answersSchema.safeParse(answers);
  if (!isId(id) || !read.success) return { ok: false, message: "An answer has 400 letters at most." };
  const kept = await withStudio(host.studioId, async (sql) => {
    if (!(await hasClass(sql, id))) return false;
    await addLog(sql, host.studioId, id, { kind: "note", body: read.data });
    return true;
  });
  revalidatePath(`/classes/${id}/look-back`);
  return kept ? { ok: true } : { ok: false, message: "This class is no longer there." };
}
