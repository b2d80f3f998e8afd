"use client";

import { useActionState, useRef } from "react";
import { Button } from "@/ui/button.tsx";
import { type ImportAnswer, importClass } from "./actions.ts";
import { importClassWords } from "./words.ts";

export function ImportClass() {
  const say = importClassWords();
  const [answer, act, busy] = useActionState<ImportAnswer | null, FormData>(importClass, null);
  const form = useRef<HTMLFormElement>(null);
  const input = useRef<HTMLInputElement>(null);
  return (
    <form ref={form} action={act}>
      <input
        ref={input}
        type="file"
        name="file"
        accept=".json,application/json"
        aria-label={say.classDocument}
        className="sr-only"
        tabIndex={-1}
        onChange={() => form.current?.requestSubmit()}
      />
      <Button disabled={busy} onClick={() => input.current?.click()}>
        {say.readingBringInAClass(busy)}
      </Button>
      {answer && (
        <p role="alert" className="mt-2 max-w-md text-brick">
          {answer.message}
        </p>
      )}
    </form>
  );
}
