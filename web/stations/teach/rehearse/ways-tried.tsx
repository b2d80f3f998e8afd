"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import type { Tried, TriedWay } from "@elm-basket/core/rehearsal/try-ways.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { takeWay } from "@/stations/frame/actions.ts";
import { rehearsalWords } from "@/ui/craft/rehearsal.ts";
import { waysTriedWords } from "../words.ts";

const MOST_SHOWN = 6;

/**
 * What would make it end sooner, each tried on the same evenings; one press takes it, undo at the
 * top takes it back.
 */
export function WaysTried({
  classId,
  tried,
  document,
  at,
}: {
  classId: string;
  tried: Tried | null;
  document: ClassDocument;
  at: (minute: number) => string;
}) {
  const say = waysTriedWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const [all, setAll] = useState(false);
  const take = ({ way }: TriedWay) =>
    start(async () => {
      const answer = await takeWay(
        classId,
        way,
        rehearsalWords().sayWay(way, document).slice(0, 120),
      ).catch(() => null);
      setSaid(
        answer?.ok ? "" : answer === null ? say.noConnection : say.theClassHasChangedMeanwhile,
      );
      router.refresh();
    });
  const shown = all ? tried?.ways : tried?.ways.slice(0, MOST_SHOWN);
  return (
    <section aria-busy={busy || tried === null}>
      <h2 className="mb-1 flex justify-between text-lg">
        {say.whatWouldChange}{" "}
        <span className="font-normal font-text text-sm text-soft">{say.n9In10}</span>
      </h2>
      {said && (
        <p role="alert" className="mb-2 text-brick">
          {said}
        </p>
      )}
      {tried === null && <p className="text-soft">{say.eachWayIsTried}</p>}
      {tried?.ways.length === 0 && <p className="text-soft">{say.nothingThatWasTriedMakes}</p>}
      <ul>
        {shown?.map((one) => (
          <li
            key={JSON.stringify(one.way)}
            className="grid grid-cols-[1fr_auto] items-baseline gap-x-3 border-rule border-b py-2"
            data-way={one.way.code}
          >
            <p>
              {rehearsalWords().sayWay(one.way, document)}{" "}
              <button
                type="button"
                className="verb min-h-6"
                disabled={busy || tried === null}
                onClick={() => take(one)}
                aria-label={say.use(rehearsalWords().sayWay(one.way, document))}
              >
                {say.use2}
              </button>
            </p>
            <b className="tabular-nums">{at(one.p90)}</b>
            <p className="col-span-2 text-soft text-sm">
              {say.inTimeIn100(
                Math.round(100 * one.pOnTime),
                rehearsalWords()
                  .sayCost(one)
                  .replace(/([^.])$/u, "$1."),
              )}
            </p>
          </li>
        ))}
      </ul>
      {tried && tried.ways.length > MOST_SHOWN && (
        <button type="button" className="verb min-h-11" onClick={() => setAll(!all)}>
          {all ? say.fewer : say.more(tried.ways.length, MOST_SHOWN)}
        </button>
      )}
      {tried && tried.whatIfs.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 font-bold">{say.whatYouCannotChoose}</h3>
          <ul>
            {tried.whatIfs.map((one) => (
              <li key={one.code} className="flex justify-between gap-3 border-rule border-b py-2">
                {rehearsalWords().sayWhatIf(one)} <b className="tabular-nums">{at(one.p90)}</b>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
