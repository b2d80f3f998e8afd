"use client";

import { addMonths } from "@elm-basket/core/calendar/dates.ts";
import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { namesKeptFieldWords } from "./words.ts";

const USUAL_MONTHS = [1, 3, 6, 12, 24, 36];

interface Props {
  readonly months: number | null;
  readonly today: string;
  /** Days of the classes whose names are there. */
  readonly days: readonly string[];
  readonly onChange: (months: number | null) => void;
}

/** After how many months names go. Where some would go at once, it is asked once more. */
export function NamesKeptField({ months, today, days, onChange }: Props) {
  const say = namesKeptFieldWords();
  const [asked, setAsked] = useState<number | null>(null);
  const gone = asked === null ? 0 : days.filter((day) => addMonths(day, asked) <= today).length;
  const choose = (value: string) => {
    const next = value === "" ? null : Number(value);
    const some = next !== null && days.some((day) => addMonths(day, next) <= today);
    setAsked(some ? next : null);
    if (!some) onChange(next);
  };
  return (
    <>
      <SelectField
        label={say.namesAndTextsOfDecals}
        value={String(asked ?? months ?? "")}
        words={[
          ["", say.untilYouEraseThem] as const,
          ...[...new Set([...USUAL_MONTHS, months ?? 1])]
            .sort((a, b) => a - b)
            .map((count) => [String(count), wordsOf(count)] as const),
        ]}
        onChange={choose}
      />
      {asked !== null && (
        <div role="alert" className="border-brick border-l-4 pl-3">
          <p className="mb-2">{say.classesAreOlder(gone)}</p>
          <div className="flex flex-wrap gap-3">
            <Button
              tone="stop"
              onClick={() => {
                onChange(asked);
                setAsked(null);
              }}
            >
              {say.eraseAndKeep}
            </Button>
            <Button onClick={() => setAsked(null)}>{say.leaveAs}</Button>
          </div>
        </div>
      )}
      <p className="text-soft text-sm">{say.thenNamesTextsTheDrawings}</p>
    </>
  );
}

const wordsOf = (months: number): string => namesKeptFieldWords().oneMonthAfterTheClass(months);
