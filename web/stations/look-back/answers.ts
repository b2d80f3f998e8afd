/** Three questions that take the host a minute, kept in the log; the last answers count. */
import type { LogRow } from "@/data/log.ts";

export const QUESTIONS = [
  { id: "again", words: "Would you teach it so again?" },
  { id: "explain", words: "What had to be explained twice?" },
  { id: "different", words: "What will you do differently?" },
] as const;

export type Answers = Readonly<Record<(typeof QUESTIONS)[number]["id"], string>>;

export function lastAnswers(log: readonly Pick<LogRow, "kind" | "body">[]): Answers {
  const last = log.findLast(
    ({ kind, body }) => kind === "note" && QUESTIONS.some(({ id }) => Object.hasOwn(body, id)),
  );
  return Object.fromEntries(
    QUESTIONS.map(({ id }) => [id, String(last?.body[id] ?? "")]),
  ) as Answers;
}
