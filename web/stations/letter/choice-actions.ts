"use server";

import { type ClassDocument, classDocumentSchema } from "@elm-basket/core/document/document.ts";
import { revalidatePath } from "next/cache";
import { requireHost } from "@/account/session.ts";
import { type Choice, decideChoice, lockNames, openChoices } from "@/data/choices.ts";
import { readClass, savePart } from "@/data/class-documents.ts";
import { withStudio } from "@/data/client.ts";
import { recordEdit } from "@/data/edits.ts";
import { withChoice } from "@/planning/with-choice.ts";
import { act, no, takes } from "@/requests/act.ts";
import { Refusal } from "@/requests/refusal.ts";
import { choiceActionsWords } from "./words.ts";

export interface Answer {
  readonly ok: boolean;
  readonly message: string;
}

const DONE: Answer = { ok: true, message: "" };
const gone = (): Answer => ({
  ok: false,
  message: choiceActionsWords().thatWasDecidedOrChanged,
});

export const setNamesLocked = act(
  [takes.id, takes.on],
  no,
  async (classId: string, locked: boolean): Promise<Answer> => {
    const host = await requireHost();
    await withStudio(host.studioId, (sql) => lockNames(sql, classId, locked === true));
    revalidatePath(`/classes/${classId}`, "layout");
    return DONE;
  },
);

/** Takes a participant's choice into the class, as an edit that can be undone, or declines it. */
export const decide = act(
  [takes.id, takes.text, takes.on],
  no,
  async (classId: string, choiceId: string, take: boolean): Promise<Answer> => {
    const say = choiceActionsWords();
    const host = await requireHost();
    if (!/^\d{1,18}$/u.test(choiceId)) return gone();
    const answer = await withStudio(host.studioId, async (sql): Promise<Answer> => {
      const found = (await openChoices(sql, classId)).find(({ id }) => id === choiceId);
      const stored = await readClass(sql, classId);
      if (!found || !stored || !(await decideChoice(sql, choiceId, take ? "taken" : "declined")))
        return gone();
      if (!take) return DONE;
      const read = classDocumentSchema.safeParse(
        withSeatChoice(stored.document, found.seat, found.choice),
      );
      if (!read.success) return { ok: false, message: say.thatChoiceDoesNotFit };
      const saved = await savePart(
        sql,
        host.studioId,
        classId,
        "seats",
        read.data,
        stored.versions.seats,
        stored.document,
      );
      // Thrown, so that the choice stays open.
      if (saved === null) throw new Refusal(gone().message);
      await recordEdit(sql, host.studioId, classId, {
        part: "seats",
        label: say.choiceOfSeat(found.seat),
        before: stored.document.seats,
      });
      return DONE;
    });
    revalidatePath(`/classes/${classId}`, "layout");
    return answer;
  },
);

const withSeatChoice = (
  document: ClassDocument,
  seatId: string,
  choice: Choice,
): ClassDocument => ({
  ...document,
  seats: document.seats.map((seat) =>
    seat.seat === seatId ? withChoice(document, seat, choice) : seat,
  ),
});
