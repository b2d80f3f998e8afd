"use client";

import { useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { LongTextField, MoneyField, TextField } from "@/ui/fields.tsx";
import { saveWords, takeProjectOut } from "./actions.ts";
import { projectWordsWords } from "./words.ts";

interface Words {
  readonly title: string;
  readonly summary: string;
  readonly shopPrice: number | null;
}

/**
 * What it is called, what it is and what shops take for it; and out with it, after a second word.
 */
export function ProjectWords({
  id,
  words,
  currency,
}: {
  id: string;
  words: Words;
  currency: string;
}) {
  const say = projectWordsWords();
  const { title, summary } = words;
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const [open, setOpen] = useState(false);
  const [sure, setSure] = useState(false);
  const save = (patch: Partial<Words>) =>
    start(async () => setSaid(await saveWords(id, { ...words, ...patch })));
  return (
    <header className="mb-5" aria-busy={busy}>
      <h1 className="text-4xl">{title}</h1>
      <p className="mt-1 max-w-3xl text-lg">{summary}</p>
      {said && (
        <p role="alert" className="text-brick">
          {said}
        </p>
      )}
      <p className="mt-2 flex flex-wrap gap-x-6">
        <button
          type="button"
          className="verb min-h-11"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {say.closeChangeItsWords(open)}
        </button>
        {sure ? (
          <span className="flex flex-wrap items-center gap-3" role="alert">
            {say.itsVariantsGo}
            <Button
              tone="stop"
              disabled={busy}
              onClick={() => start(async () => setSaid(await takeProjectOut(id)))}
            >
              {say.takeItOut}
            </Button>
            <Button onClick={() => setSure(false)}>{say.keepIt}</Button>
          </span>
        ) : (
          <button type="button" className="verb min-h-11" onClick={() => setSure(true)}>
            {say.takeItOut2}
          </button>
        )}
      </p>
      {open && (
        <div className="mt-2 grid max-w-3xl gap-3 bg-paper p-4">
          <TextField
            label={say.title}
            value={title}
            maxLength={120}
            required={say.giveItATitle}
            onChange={(next) => save({ title: next })}
          />
          <LongTextField
            label={say.whatIt}
            value={summary}
            onChange={(next) => save({ summary: next })}
          />
          <MoneyField
            label={say.suchAThing(currency)}
            minor={words.shopPrice}
            currency={currency}
            onChange={(shopPrice) => save({ shopPrice })}
          />
        </div>
      )}
    </header>
  );
}
