/** Three questions that take the host a minute, kept in the log; the last answers count. */
import type { LogRow } from "@/data/log.ts";
import { answersWords } from "./words.ts";

export const questionsAsked = () =>
  [
    { id: "again", words: answersWords().wouldYouTeach },
    { id: "explain", words: answersWords().whatHadToBeExplained },
    { id: "different", words: answersWords().whatWillYouDoDifferently },
  ] as const;

export type Answers = Readonly<Record<ReturnType<typeof questionsAsked>[number]["id"], string>>;

export function lastAnswers(log: readonly Pick<LogRow, "kind" | "body">[]): Answers {
  const last = log.findLast(
    ({ kind, body }) =>
      kind === "note" && questionsAsked().some(({ id }) => Object.hasOwn(body, id)),
  );
  return Object.fromEntries(
    questionsAsked().map(({ id }) => [id, String(last?.body[id] ?? "")]),
  ) as Answers;
}
