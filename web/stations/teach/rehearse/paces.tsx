"use client";

import type { ClassDocument, RehearsalWays } from "@elm-basket/core/document/document.ts";
import { USUAL_REHEARSAL } from "@elm-basket/core/document/document-kinds.ts";
import { restsOn } from "@elm-basket/core/learning/words-en.ts";
import type { Rehearsed } from "@elm-basket/core/rehearsal/rehearse.ts";
import { GATE_WORDS } from "@elm-basket/core/rehearsal/words-en.ts";
import { GATES } from "@elm-basket/core/scheduling/step-kinds.ts";
import { showMinutes } from "@elm-basket/core/units/time.ts";
import type { PartEditor } from "@/stations/frame/use-part.ts";
import { NumberField } from "@/ui/fields.tsx";
import { FigureRow } from "@/ui/reckoned.tsx";
import { SelectField } from "@/ui/select-field.tsx";

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
            name="A seat waits, on average"
            reckoning={{
              title: minutes(report.waiting.mean),
              lines: [
                { what: "For the others", value: minutes(report.waiting.room) },
                { what: "For what dries", value: minutes(report.waiting.drying) },
                { what: "In line for a tool", value: minutes(report.waiting.tools) },
                ...(isRoom ? [{ what: "For help", value: minutes(report.waiting.help) }] : []),
                { what: "One in ten waits at least", value: minutes(report.waiting.p90) },
              ],
              rule: "Minutes in which a seat is done with its step and cannot begin the next. Listening to you does not count as waiting.",
              rests: `Paces of the steps: ${restsOn(document.figures, "steps")} Drying: ${restsOn(document.figures, "drying")}`,
            }}
          >
            {minutes(report.waiting.mean)}
          </FigureRow>
          {report.queues.map((queue) => (
            <FigureRow
              key={queue.step}
              name={`In line at “${titles.get(queue.step) ?? queue.step}”`}
              reckoning={{
                title: `${minutes(queue.waiting)} each`,
                lines: [
                  {
                    what: "Most at once, in the middle",
                    value: String(Math.round(queue.longest.p50)),
                  },
                  {
                    what: "Most at once, one evening in ten",
                    value: String(Math.round(queue.longest.p90)),
                  },
                  { what: "The tool is wanted for", value: minutes(queue.to - queue.from) },
                ],
                rule:
                  (document.setting.helpers ?? 0) > 0
                    ? "First come, first served; a helper calls people away from the next step when their turn comes."
                    : "First come, first served. You stand at the tool, and the room waits.",
              }}
            >
              {minutes(queue.waiting)}
            </FigureRow>
          ))}
        </div>
      )}
      <section className="mt-6">
        <h2 className="mb-2 text-lg">What it takes for granted</h2>
        <div className="grid gap-3">
          <SelectField
            label="The room goes on"
            hint="Where a step does not say otherwise."
            value={rehearsal.gate}
            words={GATES.map((gate) => [gate, GATE_WORDS[gate]] as const)}
            onChange={(gate) => put({ gate }, "When the room goes on")}
          />
          {isRoom && (
            <div className="grid grid-cols-2 gap-3">
              <NumberField
                label="Of 100 come late"
                value={Math.round(100 * rehearsal.lateShare)}
                least={0}
                most={100}
                onChange={(share) => put({ lateShare: share / 100 }, "Who comes late")}
              />
              <NumberField
                label="by minutes"
                value={rehearsal.lateMinutes}
                least={0}
                most={240}
                onChange={(lateMinutes) => put({ lateMinutes }, "How late they come")}
              />
              <NumberField
                label="Of 100 stuck at a step"
                value={Math.round(100 * rehearsal.stuckShare)}
                least={0}
                most={100}
                onChange={(share) => put({ stuckShare: share / 100 }, "Who is stuck")}
              />
              <NumberField
                label="need minutes of help"
                value={rehearsal.stuckMinutes}
                least={0}
                most={60}
                onChange={(stuckMinutes) => put({ stuckMinutes }, "Minutes of help")}
              />
            </div>
          )}
        </div>
        <p className="mt-3 text-soft text-sm">
          Paces are those of the steps: half are done after the one figure, three quarters after the
          other, both at Teach. Half of the scatter belongs to the person, who is slow or quick all
          evening.
          {same.length > 0 &&
            ` Taken as the same for all, since no half is said: ${same.join(", ")}.`}{" "}
          The same number gives the same evenings: {seed}.
        </p>
      </section>
    </>
  );
}
