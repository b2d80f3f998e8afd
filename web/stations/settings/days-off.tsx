"use client";

import type { StudioSettings } from "@elm-basket/core/studio/settings.ts";
import { MOST_DAYS_OFF } from "@elm-basket/core/studio/settings-kinds.ts";
import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { showDate } from "@/ui/dates.ts";
import { Field } from "@/ui/field.tsx";
import { DateField } from "@/ui/when-fields.tsx";
import { daysOffWords } from "./words.ts";

type DaysOff = StudioSettings["daysOff"];

/**
 * Days on which nothing is planned: a holiday, a fair. What has passed is left out of sight and
 * goes with the next change.
 */
export function DaysOffFields({
  days,
  today,
  onChange,
}: {
  days: DaysOff;
  today: string;
  onChange: (next: DaysOff) => void;
}) {
  const say = daysOffWords();
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  const [why, setWhy] = useState("");
  const ahead = days.filter((row) => row.to >= today);
  const last = to === "" ? from : to;
  const wrong = say.itEndsBeforeItBegins(from, last, today, ahead.length, MOST_DAYS_OFF);
  const add = () => {
    onChange(
      [...ahead, { from, to: last, why: why.trim() }].sort((a, b) => (a.from < b.from ? -1 : 1)),
    );
    setFrom("");
    setTo("");
    setWhy("");
  };
  return (
    <section aria-label={say.daysOff} className="grid gap-2">
      <h3 className="font-bold">{say.daysOff}</h3>
      {ahead.length > 0 && (
        <ul>
          {ahead.map((row) => (
            <li
              key={`${row.from} ${row.to} ${row.why}`}
              className="flex items-center justify-between gap-3 border-rule border-b"
            >
              <span>
                {showDate(row.from, "short")}
                {row.to !== row.from && say.to(showDate(row.to, "short"))}
                {row.why && <span className="text-soft">, {row.why}</span>}
              </span>
              <button
                type="button"
                className="verb min-h-11 text-sm"
                aria-label={say.removeTheDayOff(showDate(row.from, "short"))}
                onClick={() => onChange(ahead.filter((other) => other !== row))}
              >
                {say.remove}
              </button>
            </li>
          ))}
        </ul>
      )}
      <form
        className="grid grid-cols-2 items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (from !== "" && wrong === "") add();
        }}
      >
        <DateField label={say.from} value={from} today={today} mayBeEmpty onChange={setFrom} />
        <DateField
          label={say.toTheSameDay}
          value={to}
          today={today}
          mayBeEmpty
          error={wrong || undefined}
          onChange={setTo}
        />
        <Field label={say.why}>
          {(props) => (
            <input
              {...props}
              maxLength={60}
              className="min-h-11"
              value={why}
              onChange={(event) => setWhy(event.target.value)}
            />
          )}
        </Field>
        <Button type="submit" disabled={from === "" || wrong !== ""}>
          {say.addIt}
        </Button>
      </form>
    </section>
  );
}
