"use client";

import { useState, useTransition } from "react";
import type { Language } from "@/ui/language.ts";
import { readersTongue } from "@/ui/readers-tongue.ts";
import { chooseLanguage } from "./actions.ts";
import { languageChoiceWords } from "./words.ts";

/** Each by its own name, so that whoever does not read the page finds theirs. */
const NAMES: Readonly<Record<Language, string>> = { en: "English", de: "Deutsch" };

/** What this device's desk speaks. The page is made anew in it. */
export function LanguageChoice() {
  const say = languageChoiceWords();
  const [busy, start] = useTransition();
  const [failed, setFailed] = useState(false);
  const choose = (language: Language) =>
    start(async () => {
      try {
        await chooseLanguage(language);
        window.location.reload();
      } catch {
        setFailed(true);
      }
    });
  return (
    <div className="max-w-2xl">
      <select
        aria-label={say.language}
        disabled={busy}
        value={readersTongue()}
        onChange={(event) => choose(event.target.value as Language)}
      >
        {Object.entries(NAMES).map(([language, name]) => (
          <option key={language} value={language} lang={language}>
            {name}
          </option>
        ))}
      </select>
      <p className="mt-1 text-soft text-sm">{say.whatIsInIt}</p>
      <p role="alert" className="text-brick empty:hidden">
        {failed ? say.notChanged : ""}
      </p>
    </div>
  );
}
