/** A piece of work as Tonight lists it. */
import type { EveningTask } from "@elm-basket/core/calendar/evenings.ts";

export const TASK_KINDS = [
  "order",
  "blanks",
  "print",
  "cut",
  "weed",
  "tape",
  "pack",
  "post",
] as const;
export type TaskKind = (typeof TASK_KINDS)[number];

export interface TonightTask {
  readonly id: string;
  readonly minutes: number;
  readonly allMinutes: number;
  readonly title: string;
  readonly detail: string;
  readonly href: string;
  readonly kind: TaskKind;
  readonly dueDate: string;
  /** Its own day, where that has passed already: then it is due tonight. */
  readonly missed?: string;
  readonly notBefore?: string;
  /** What is ticked off by itself where it is listed. */
  readonly marks?: readonly { readonly id: string; readonly title: string }[];
  readonly classId: string;
}

export const plural = (n: number, word: string): string => `${n} ${word}${n === 1 ? "" : "s"}`;

/** What is overdue is due tonight, and says when it was. */
export const dueOn = (date: string, today: string): Pick<TonightTask, "dueDate" | "missed"> =>
  date < today ? { dueDate: today, missed: date } : { dueDate: date };

export const asEvening = ({ id, allMinutes, dueDate, notBefore }: TonightTask): EveningTask => ({
  id,
  minutes: allMinutes,
  dueDate,
  ...(notBefore === undefined ? {} : { notBefore }),
});
