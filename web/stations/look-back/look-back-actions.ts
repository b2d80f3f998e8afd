"use server";

import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { hasClass } from "@/data/films.ts";
import { addLog } from "@/data/log.ts";
import { eraseClassNames } from "@/data/names.ts";
import { readPicture } from "@/data/pictures.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import type { Answers } from "./answers.ts";
import { lookBackActionsWords } from "./words.ts";

const text = z.string().trim().max(400);
/** A picture alone is a note, too. */
const noteSchema = z
  .strictObject({ note: z.string().trim().max(300), picture: z.uuid().optional() })
  .refine(({ note, picture }) => note !== "" || picture !== undefined);
const answersSchema = z.strictObject({ again: text, explain: text, different: text });

/** Into the log, which is only ever added to: the last answers count. */
export const answerQuestions = act(
  [takes.id, takes.own<Answers>()],
  no,
  async (id: string, answers: Answers): Promise<ActAnswer> => {
    const say = lookBackActionsWords();
    const host = await requireHost();
    const read = answersSchema.safeParse(answers);
    if (!read.success) return { ok: false, message: say.anAnswerHas400Letters };
    const kept = await withStudio(host.studioId, async (sql) => {
      if (!(await hasClass(sql, id))) return false;
      await addLog(sql, host.studioId, id, { kind: "note", body: read.data });
      return true;
    });
    revalidatePath(`/classes/${id}/look-back`);
    return kept ? { ok: true } : { ok: false, message: say.thisClassIsNoLonger };
  },
);

/** What participants typed goes before its day. */
export const eraseNamesNow = act([takes.id], no, async (id: string): Promise<ActAnswer> => {
  const host = await requireHost();
  const gone = await withStudio(host.studioId, (sql) => eraseClassNames(sql, id));
  revalidatePath(`/classes/${id}`, "layout");
  return gone ? { ok: true } : { ok: false, message: lookBackActionsWords().thisClassIsNotOver };
});

/** Into the log, beside what was noted on the evening. */
export const addNote = act(
  [takes.id, takes.own<z.input<typeof noteSchema>>()],
  no,
  async (id: string, given: z.input<typeof noteSchema>): Promise<ActAnswer> => {
    const say = lookBackActionsWords();
    const host = await requireHost();
    const read = noteSchema.safeParse(given);
    if (!read.success) return { ok: false, message: say.aNoteOf300Letters };
    const kept = await withStudio(host.studioId, async (sql) => {
      if (
        !(await hasClass(sql, id)) ||
        (read.data.picture && !(await readPicture(sql, read.data.picture)))
      )
        return false;
      await addLog(sql, host.studioId, id, {
        kind: "note",
        body: read.data as { note: string; picture?: string } as Record<string, string>,
      });
      return true;
    });
    revalidatePath(`/classes/${id}/look-back`);
    return kept ? { ok: true } : { ok: false, message: say.thisClassOrThePicture };
  },
);
