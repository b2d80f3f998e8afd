"use client";

import type { WayCompared } from "@elm-basket/core/proposal/compare-ways.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import { useState } from "react";
import { waysCompared } from "@/stations/frame/proposal-actions.ts";
import { Button } from "@/ui/button.tsx";
import { Dialog } from "@/ui/dialog.tsx";
import { waysComparedWords } from "./words.ts";

interface Props {
  readonly classId: string;
  readonly school: string;
  readonly question: string;
  readonly words: Readonly<Record<string, { readonly name: string; readonly why: string }>>;
  readonly chosen: string;
  readonly onChoose: (way: string) => void;
}

/**
 * The whole wording of every way side by side, with what each needs and how long the class would
 * take.
 */
export function WaysCompared({ classId, school, question, words, chosen, onChoose }: Props) {
  const say = waysComparedWords();
  const [open, setOpen] = useState(false);
  const [rows, setRows] = useState<readonly WayCompared[] | null | "asked">("asked");
  const ask = async () => {
    setOpen(true);
    setRows("asked");
    setRows(await waysCompared(classId, school).catch(() => null));
  };
  const choose = (way: string) => {
    setOpen(false);
    onChoose(way);
  };
  return (
    <>
      <button
        type="button"
        className="verb min-h-11"
        aria-label={say.compareTheWording(question)}
        onClick={ask}
      >
        {say.compareTheWording2}
      </button>
      <Dialog open={open} onOpenChange={setOpen} title={question} wide>
        {rows === "asked" ? (
          <p role="status">{say.workingOutEachWay}</p>
        ) : rows === null ? (
          <p role="alert">{say.itCouldNotBeWorked}</p>
        ) : rows.length === 0 ? (
          <p>{say.inThisClassAllWays}</p>
        ) : (
          <Columns rows={rows} words={words} chosen={chosen} onChoose={choose} />
        )}
      </Dialog>
    </>
  );
}

function Columns({
  rows,
  words,
  chosen,
  onChoose,
}: Pick<Props, "words" | "chosen" | "onChoose"> & { rows: readonly WayCompared[] }) {
  const w = waysComparedWords();
  return (
    <div className="grid gap-x-8 gap-y-8 md:grid-flow-col md:auto-cols-fr">
      {rows.map(({ way, minutes, steps, materials }) => (
        <section
          key={way}
          className={`border-t-4 pt-3 ${way === chosen ? "border-elm" : "border-rule"}`}
          data-way={way}
        >
          <h3 className="text-lg">{words[way]?.name ?? way}</h3>
          <p className="mb-2 text-soft">{words[way]?.why}</p>
          <p className="mb-3">{w.theClassAsProposed(showMinutes(minutes))}</p>
          {way === chosen ? (
            <Button disabled>{w.thisIsYourWay}</Button>
          ) : (
            <Button onClick={() => onChoose(way)}>{w.workSoInThisClass}</Button>
          )}
          <ul className="mt-3">
            {steps.map(({ id, title, say, minutes: own }) => (
              <li key={id} className="border-rule border-t py-2">
                <b>{title}</b>{" "}
                {own !== null && <span className="text-soft text-sm">{w.min(own)}</span>}
                <p>{say ?? <span className="text-soft">{w.noSuchStepThisWay}</span>}</p>
              </li>
            ))}
          </ul>
          {materials.length > 0 && (
            <p className="border-rule border-t py-2 text-sm">{w.needs(materials.join(", "))}</p>
          )}
        </section>
      ))}
    </div>
  );
}
