"use client";

import { useEffect, useState } from "react";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { nameGateWords } from "../words.ts";

const MOST_LETTERS = 40;
const keyOf = (bench: string): string => `elm-bench-name:${bench}`;

/** A helper says once who it is: the others see it beside the film in hand. */
export function NameGate({
  bench,
  title,
  onName,
}: {
  bench: string;
  title: string;
  onName: (name: string) => void;
}) {
  const say = nameGateWords();
  const [name, setName] = useState("");
  const [asked, setAsked] = useState(false);
  useEffect(() => {
    try {
      const known = localStorage.getItem(keyOf(bench));
      if (known) return onName(known);
    } catch {
      // Asked each time, then.
    }
    setAsked(true);
  }, [bench, onName]);
  if (!asked) return null;
  return (
    <main className="mx-auto grid max-w-md gap-4 p-6">
      <h1 className="text-3xl">{say.helpToWeed}</h1>
      <p className="[overflow-wrap:anywhere]">{say.youSeeTheFilms(title)}</p>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          const own = name.trim();
          if (own === "") return;
          try {
            localStorage.setItem(keyOf(bench), own);
          } catch {
            // Asked again next time.
          }
          onName(own);
        }}
      >
        <Field label={say.yourFirstName} hint={say.theOthersAtTheBench}>
          {(props) => (
            <input
              {...props}
              value={name}
              maxLength={MOST_LETTERS}
              autoComplete="given-name"
              onChange={(event) => setName(event.target.value)}
            />
          )}
        </Field>
        <Button tone="main" type="submit" disabled={name.trim() === ""}>
          {say.toTheBench}
        </Button>
      </form>
    </main>
  );
}
