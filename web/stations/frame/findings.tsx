"use client";

import { speakIn } from "@elm-basket/core/advice/speech.ts";
import type { Finding } from "@elm-basket/core/findings/finding.ts";
import { findingKey } from "@elm-basket/core/findings/finding.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { SeverityMark } from "@/ui/marks.tsx";
import { takeRemedy } from "./actions.ts";
import { adviceWords } from "./advice/words.ts";
import { findingsWords } from "./words.ts";

const SHOWN = 6;

/** Findings with their reasons; remedies are one press, and undone at the head of the page. */
export function Findings({
  classId,
  findings,
  unit,
  labels,
  things,
  quiet = findingsWords().nothingToReportAllSound,
  acts = true,
}: {
  classId: string;
  /** Null where there is no plan, so that nobody has looked. */
  findings: readonly Finding[] | null;
  unit: LengthUnit;
  labels: Readonly<Record<string, string>>;
  /** Where findings of several things stand together: which of them each speaks of. */
  things?: readonly { readonly id: string; readonly title: string }[];
  quiet?: string;
  /** Whether whoever reads may change the class. */
  acts?: boolean;
}) {
  const say = findingsWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [all, setAll] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const name = (seat: string) => say.seat(labels[seat], seat);
  if (findings === null) return <p className="py-3 text-soft">{say.nothingIsKnownBeforeThere}</p>;
  if (findings.length === 0) return <p className="py-3 text-soft">{quiet}</p>;
  const thingOf = ({ where }: Finding) =>
    things && things.length > 1 ? things.find(({ id }) => id === where.thing)?.title : undefined;
  const shown = all ? findings : findings.slice(0, SHOWN);
  return (
    <div aria-busy={busy}>
      <ul>
        {shown.map((finding) => {
          const said = speakIn(adviceWords(), finding, unit, name);
          return (
            <li key={findingKey(finding)} className="flex gap-3 border-rule border-b py-3">
              <span className="pt-1">
                <SeverityMark severity={finding.severity} />
              </span>
              <div className="min-w-0">
                <p>
                  {thingOf(finding) && <b>{thingOf(finding)}: </b>}
                  {said.sentence}
                </p>
                <p className="flex flex-wrap gap-x-4">
                  {(acts ? said.remedies : []).map(({ remedy, words }) => (
                    <button
                      key={`${remedy.code} ${words}`}
                      type="button"
                      className="verb"
                      disabled={busy}
                      onClick={() =>
                        start(async () => {
                          const answer = await takeRemedy(classId, remedy, words);
                          setTrouble(say.thatWasChangedMeanwhile(answer.ok));
                          router.refresh();
                        })
                      }
                    >
                      {words}
                    </button>
                  ))}
                </p>
              </div>
            </li>
          );
        })}
      </ul>
      {findings.length > SHOWN && !all && (
        <button type="button" className="verb mt-2" onClick={() => setAll(true)}>
          {say.more(findings.length, SHOWN)}
        </button>
      )}
      {trouble && (
        <p role="alert" className="mt-2 text-brick">
          {trouble}
        </p>
      )}
    </div>
  );
}
