"use client";

import {
  type DeadlineCode,
  daysBetween,
  deadlines,
  leadDaysOf,
} from "@elm-basket/core/calendar/dates.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { preparedApart } from "@elm-basket/core/document/thing-document.ts";
import { useState } from "react";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { deadlineWords } from "@/ui/craft/deadlines.ts";
import { showDate, showDaysAway } from "@/ui/dates.ts";
import { NumberField } from "@/ui/fields.tsx";
import { SeverityMark } from "@/ui/marks.tsx";
import { deadlineListWords } from "./words.ts";

type Lead = { readonly leadDays: ClassDocument["leadDays"] | null };

interface Props {
  readonly classId: string;
  readonly document: Pick<ClassDocument, "when" | "setting" | "leadDays" | "things">;
  readonly version: number;
  readonly today: string;
}

/**
 * Deadlines counted back from the date; each is changed in its own row, by its days before the
 * class.
 */
export function DeadlineList({ classId, document, version, today }: Props) {
  const say = deadlineListWords();
  const usual = leadDaysOf(document.setting.kind, null);
  const editor = usePart<Lead>(
    classId,
    "class",
    { leadDays: document.leadDays ?? null },
    version,
    (answer) => ({ leadDays: (answer.document as ClassDocument).leadDays ?? null }),
  );
  const lead = editor.value.leadDays ?? usual;
  const [open, setOpen] = useState<DeadlineCode | null>(null);
  const { date, time } = document.when;
  const left = daysBetween(today, date);
  const missing = (Object.keys(deadlineWords().DEADLINE_WORDS) as DeadlineCode[]).filter(
    (code) => lead[code] === undefined,
  );
  const put = (leadDays: Lead["leadDays"], label: string) => editor.change({ leadDays }, label);
  const without = (code: DeadlineCode) => {
    const { [code]: _, ...rest } = lead;
    return rest;
  };
  return (
    <>
      <ol className="border-rule border-t">
        {deadlines(date, lead, preparedApart(document.things)).map(
          ({ code, date: day, daysBefore, thing }) => {
            const own = document.things.find(({ id }) => id === thing)?.title;
            const away = daysBetween(today, day);
            const late = away < 0 && left >= 0;
            const inHand = open === code && thing === undefined;
            return (
              <li
                key={`${code} ${thing ?? ""}`}
                className={`grid grid-cols-[110px_1fr_auto] items-center gap-4 border-rule border-b py-2 ${inHand ? "-mx-3 bg-paper px-3" : ""}`}
              >
                <span className="font-bold">{showDate(day, "short")}</span>
                <span>
                  {deadlineWords().DEADLINE_WORDS[code]}
                  {own ? `: ${own}` : ""}{" "}
                  {own ? (
                    <span className="text-soft text-sm">{say.before(daysBefore)}</span>
                  ) : (
                    <button
                      type="button"
                      className="verb text-sm"
                      aria-expanded={inHand}
                      aria-label={say.change(deadlineWords().DEADLINE_WORDS[code])}
                      onClick={() => setOpen(inHand ? null : code)}
                    >
                      {say.closeBefore(inHand, daysBefore)}
                    </button>
                  )}
                </span>
                <span
                  className={late ? "flex items-center gap-2 font-bold text-ochre" : "text-soft"}
                >
                  {late && <SeverityMark severity="check" size={13} />}
                  {showDaysAway(away)}
                </span>
                {inHand && (
                  <div className="col-span-3 flex flex-wrap items-end gap-4 pb-1">
                    <div className="w-36">
                      <NumberField
                        label={say.daysBeforeTheClass}
                        value={daysBefore}
                        least={0}
                        most={365}
                        onChange={(days) =>
                          put({ ...lead, [code]: days }, deadlineWords().DEADLINE_WORDS[code])
                        }
                      />
                    </div>
                    <button
                      type="button"
                      className="verb min-h-11"
                      onClick={() =>
                        put(without(code), say.removed(deadlineWords().DEADLINE_WORDS[code]))
                      }
                    >
                      {say.remove}
                    </button>
                  </div>
                )}
              </li>
            );
          },
        )}
        <li className="grid grid-cols-[110px_1fr_auto] items-center gap-4 border-rule border-b py-2">
          <span className="font-bold">{showDate(date, "short")}</span>
          <span>{say.classSaid(time)}</span>
          <span className="text-soft">{showDaysAway(left)}</span>
        </li>
      </ol>
      <p className="mt-1 flex flex-wrap gap-x-4 text-sm">
        {missing.map((code) => (
          <button
            key={code}
            type="button"
            className="verb"
            onClick={() =>
              put({ ...lead, [code]: usual[code] ?? 1 }, deadlineWords().DEADLINE_WORDS[code])
            }
          >
            {say.addBy(deadlineWords().DEADLINE_WORDS[code])}
          </button>
        ))}
        {editor.value.leadDays !== null && (
          <button type="button" className="verb" onClick={() => put(null, say.usualLeadDays)}>
            {say.takeTheUsualDays}
          </button>
        )}
      </p>
      {editor.state !== "saved" && <SaveNote editor={editor} />}
    </>
  );
}
