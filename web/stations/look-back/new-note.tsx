"use client";

import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { PictureField } from "@/ui/picture-field.tsx";
import { useAct } from "@/ui/use-act.ts";
import { addNote } from "./look-back-actions.ts";
import { newNoteWords } from "./words.ts";

/** Something to remember of the class, with a picture where one says more. */
export function NewNote({ classId }: { classId: string }) {
  const say = newNoteWords();
  const [note, setNote] = useState("");
  const [picture, setPicture] = useState<string | null>(null);
  const { busy, said, act } = useAct();
  const empty = () => {
    setNote("");
    setPicture(null);
  };
  return (
    <section className="mt-6" aria-busy={busy}>
      <h2 className="mb-2 text-lg">{say.aNoteOrAPicture}</h2>
      <Field label={say.whatToRemember}>
        {(props) => (
          <textarea
            {...props}
            rows={2}
            maxLength={300}
            className="w-full"
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        )}
      </Field>
      <div className="mt-2">
        <PictureField
          label={say.aPicture}
          alt={say.thePictureOfThisNote}
          id={picture}
          onChange={setPicture}
        />
      </div>
      <Button
        className="mt-2"
        disabled={busy || (!note.trim() && picture === null)}
        onClick={() =>
          act(() => addNote(classId, { note, ...(picture ? { picture } : {}) }), empty)
        }
      >
        {say.keepTheNote}
      </Button>
      {said && (
        <p role="alert" className="mt-2 text-brick">
          {said}
        </p>
      )}
    </section>
  );
}
