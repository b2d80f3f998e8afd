"use client";

import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { LongTextField } from "@/ui/fields.tsx";
import { useAct } from "@/ui/use-act.ts";
import { type Answers, questionsAsked } from "./answers.ts";
import { answerQuestions } from "./look-back-actions.ts";
import { questionsWords } from "./words.ts";

/** Three questions while it is fresh; they stand in the log and beside the class. */
export function Questions({ classId, answers }: { classId: string; answers: Answers }) {
  const say = questionsWords();
  const [own, setOwn] = useState(answers);
  const { busy, said, act } = useAct();
  const [kept, setKept] = useState(false);
  return (
    <section className="mt-6" aria-busy={busy}>
      <h2 className="mb-2 text-lg">{say.threeQuestionsWhile}</h2>
      <div className="grid gap-3">
        {questionsAsked().map(({ id, words }) => (
          <LongTextField
            key={id}
            label={words}
            value={own[id]}
            maxLength={400}
            onChange={(text) => setOwn((before) => ({ ...before, [id]: text }))}
          />
        ))}
      </div>
      {said && (
        <p role="alert" className="mt-2 text-brick">
          {said}
        </p>
      )}
      <Button
        className="mt-3"
        disabled={busy}
        onClick={() =>
          act(
            () => answerQuestions(classId, own),
            () => setKept(true),
          )
        }
      >
        {say.keepIt}
      </Button>
      <p role="status" className="mt-2 text-elm-dark empty:hidden">
        {say.keptWithThisClass(kept, said)}
      </p>
    </section>
  );
}
