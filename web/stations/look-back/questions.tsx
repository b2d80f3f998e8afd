"use client";

import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { LongTextField } from "@/ui/fields.tsx";
import { useAct } from "@/ui/use-act.ts";
import { type Answers, QUESTIONS } from "./answers.ts";
import { answerQuestions } from "./look-back-actions.ts";

/** Three questions while it is fresh; they stand in the log and beside the class. */
export function Questions({ classId, answers }: { classId: string; answers: Answers }) {
  const [own, setOwn] = useState(answers);
  const { busy, said, act } = useAct();
  const [kept, setKept] = useState(false);
  return (
    <section className="mt-6" aria-busy={busy}>
      <h2 className="mb-2 text-lg">Three questions, while it is fresh</h2>
      <div className="grid gap-3">
        {QUESTIONS.map(({ id, words }) => (
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
        Keep it
      </Button>
      <p role="status" className="mt-2 text-elm-dark empty:hidden">
        {kept && !said ? "Kept, with this class." : ""}
      </p>
    </section>
  );
}
