"use client";

import type { ClassDocument, RehearsalWays } from "@elm-basket/core/document/document.ts";
import { USUAL_REHEARSAL } from "@elm-basket/core/document/document-kinds.ts";
import type { Rehearsed } from "@elm-basket/core/rehearsal/rehearse.ts";
import { GATES } from "@elm-basket/core/scheduling/step-kinds.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import type { PartEditor } from "@/stations/frame/use-part.ts";
import { learnedWords } from "@/ui/craft/learned.ts";
import { rehearsalWords } from "@/ui/craft/rehearsal.ts";
import { NumberField } from "@/ui/fields.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { pacesWords } from "../words.ts";

export interface RehearsedWays {
  /** Null as long as nobody said otherwise than is taken for granted. */
  readonly rehearsal: RehearsalWays | null;
}

/** Waits of a seat, and what the rehearsal takes for granted: each figure is changed here. */
export function Paces({
  editor,
  document,
  report,
  titles,
  seed,
}: {
  editor: PartEditor<RehearsedWays>;
  document: ClassDocument;
  report: Rehearsed | null;
  titles: ReadonlyMap<string, string>;
  seed: number;
}) {
  const w = pacesWords();
  const rehearsal = editor.value.rehearsal ?? USUAL_REHEARSAL;
  const put = (patch: Partial<RehearsalWays>, label: string) =>
    editor.change({ rehearsal: { ...rehearsal, ...patch } }, label);
  const isRoom = document.setting.kind === "room";
  const same = document.steps
    .filter(({ who, half }) => who === "together" && half === undefined)
    .map(({ id }) => titles.get(id) ?? id);
  const minutes = (value: number) => (value < 0.5 ? "none" : showMinutes(Math.round(value)));
  return (
    <>
      {report && (
        <div className="mt-6">
          <FigureRow
            name={pacesWords().aSeatWaits}
            reckoning={{
              title: minutes(report.waiting.mean),
              lines: [
                { what: w.forTheOthers, value: minutes(report.waiting.room) },
                { what: w.forWhatDries, value: minutes(report.waiting.drying) },
                { what: w.inLineForATool, value: minutes(report.waiting.tools) },
                ...(isRoom ? [{ what: w.forHelp, value: minutes(report.waiting.help) }] : []),
                { what: w.oneInTenWaits, value: minutes(report.waiting.p90) },
              ],
              rule: w.minutesInWhichASeat,
              rests: w.pacesOfTheStepsDrying(
                learnedWords().restsOn(document.figures, "steps"),
                learnedWords().restsOn(document.figures, "drying"),
              ),
            }}
          >
            {minutes(report.waiting.mean)}
          </FigureRow>
          {report.queues.map((queue) => (
            <FigureRow
              key={queue.step}
              name={pacesWords().inLineAt(titles.get(queue.step) ?? queue.step)}
              reckoning={{
                title: w.each(minutes(queue.waiting)),
                lines: [
                  {
                    what: w.mostAtOnce,
                    value: String(Math.round(queue.longest.p50)),
                  },
                  {
                    what: w.mostAtOnceOneEvening,
                    value: String(Math.round(queue.longest.p90)),
                  },
                  { what: w.theToolIsWanted, value: minutes(queue.to - queue.from) },
                ],
                rule: w.firstComeFirstServed(document.setting.helpers),
              }}
            >
              {minutes(queue.waiting)}
            </FigureRow>
          ))}
        </div>
      )}
      <section className="mt-6">
        <h2 className="mb-2 text-lg">{w.whatItTakesForGranted}</h2>
        <div className="grid gap-3">
          <SelectField
            label={w.theRoomGoes}
            hint={w.whereAStep}
            value={rehearsal.gate}
            words={GATES.map((gate) => [gate, rehearsalWords().GATE_WORDS[gate]] as const)}
            onChange={(gate) => put({ gate }, w.whenTheRoomGoes)}
          />
          {isRoom && (
            <div className="grid grid-cols-2 gap-3">
              <NumberField
                label={w.of100ComeLate}
                value={Math.round(100 * rehearsal.lateShare)}
                least={0}
                most={100}
                onChange={(share) => put({ lateShare: share / 100 }, w.whoComesLate)}
              />
              <NumberField
                label={w.byMinutes}
                value={rehearsal.lateMinutes}
                least={0}
                most={240}
                onChange={(lateMinutes) => put({ lateMinutes }, w.howLateTheyCome)}
              />
              <NumberField
                label={w.of100Stuck}
                value={Math.round(100 * rehearsal.stuckShare)}
                least={0}
                most={100}
                onChange={(share) => put({ stuckShare: share / 100 }, w.whoIsStuck)}
              />
              <NumberField
                label={w.needMinutesOfHelp}
                value={rehearsal.stuckMinutes}
                least={0}
                most={60}
                onChange={(stuckMinutes) => put({ stuckMinutes }, w.minutesOfHelp)}
              />
            </div>
          )}
        </div>
        <p className="mt-3 text-soft text-sm">
          {w.pacesAreThose}
          {same.length > 0 && w.takenAsTheSame(same.join(", "))} {w.theSameNumberGives(seed)}
        </p>
      </section>
    </>
  );
}
