"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import type { Step, Tool } from "@elm-basket/core/scheduling/step.ts";
import { GATES } from "@elm-basket/core/scheduling/step-kinds.ts";
import { rehearsalWords } from "@/ui/craft/rehearsal.ts";
import { LongTextField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { stepFieldsWords } from "./words.ts";

interface FieldsProps {
  readonly step: Step;
  readonly before: readonly Step[];
  readonly tools: readonly Tool[];
  readonly things: ClassDocument["things"];
  readonly first: boolean;
  readonly last: boolean;
  readonly onChange: (step: Step, label: string) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onCopy: () => void;
  readonly onOut: () => void;
}

const whoWords = () =>
  ({
    host: stepFieldsWords().theHostShows,
    together: stepFieldsWords().everybodyAtOnce,
    queue: stepFieldsWords().oneAfterAnother,
  }) as const;

export function StepFields({
  step,
  before,
  tools,
  things,
  first,
  last,
  onChange,
  onMove,
  onCopy,
  onOut,
}: FieldsProps) {
  const w = stepFieldsWords();
  const set = (patch: Partial<Step>, label: string) => onChange({ ...step, ...patch }, label);
  const { after, ...loose } = step;
  const { thing: _, ...everywhere } = step;
  const { tool: __, ...free } = step;
  const { like: ___, ...unlike } = step;
  const { slip: ____, ...sure } = step;
  const { half: _____, ...alike } = step;
  const { gate: ______, ...ungated } = step;
  const setAfter = (next: NonNullable<Step["after"]>, label: string) =>
    onChange(next.length > 0 ? { ...loose, after: next } : loose, label);
  const previous = before.at(-1);
  return (
    <div className="grid gap-3">
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-[1fr_110px_150px_190px]">
        <div className="col-span-2 sm:col-span-1">
          <TextField
            label={w.titleOfTheStep}
            value={step.title}
            maxLength={120}
            required={w.giveTheStepATitle}
            onChange={(title) => set({ title }, w.titleOfAStep)}
          />
        </div>
        <NumberField
          label={w.minutesEachMinutes(step.who)}
          value={step.minutes}
          least={1}
          most={1440}
          onChange={(minutes) => set({ minutes }, w.minutesOfAStep)}
        />
        <NumberField
          label={w.halfAreDoneAfterMinutes}
          hint={w.ofTheBeginnersTheMinutes}
          value={step.half ?? step.minutes}
          least={1}
          most={step.minutes}
          onChange={(half) =>
            half >= step.minutes ? onChange(alike, w.halfAreDone) : set({ half }, w.halfAreDone)
          }
        />
        <SelectField
          label={w.who}
          value={step.who}
          words={whoWords()}
          onChange={(who) =>
            onChange(
              who === "queue"
                ? { ...step, who, tool: step.tool ?? tools[0]?.id ?? "" }
                : { ...free, who },
              w.whoDoesAStep,
            )
          }
        />
      </div>
      {step.who !== "host" && (
        <SelectField
          label={w.theRoomGoes}
          value={step.gate ?? ""}
          words={[
            ["", w.asTheClass] as const,
            ...GATES.map((gate) => [gate, rehearsalWords().GATE_WORDS[gate]] as const),
          ]}
          onChange={(gate) => onChange(gate ? { ...step, gate } : ungated, w.whenTheRoomGoes)}
        />
      )}
      {step.who === "queue" && (
        <SelectField
          label={w.atTheTool}
          value={step.tool ?? ""}
          words={[
            ...(tools.some(({ id }) => id === step.tool)
              ? []
              : [["", w.addAToolBelowFirst(tools.length)] as const]),
            ...tools.map(({ id, name }) => [id, name] as const),
          ]}
          onChange={(tool) => tool && set({ tool }, w.toolOfAStep)}
        />
      )}
      {things.length > 1 && (
        <SelectField
          label={w.ofSaid}
          value={step.thing ?? ""}
          words={[
            ["", w.allThings] as const,
            ...things.map(({ id, title }) => [id, title] as const),
          ]}
          onChange={(thing) => onChange(thing ? { ...step, thing } : everywhere, w.thingOfAStep)}
        />
      )}
      {(step.like !== undefined || things.length > 1) && before.length > 0 && (
        <SelectField
          label={w.doneBeforeInTheSame}
          hint={w.aSecondOneLike}
          value={step.like ?? ""}
          words={[
            ["", w.noToldForTheFirst] as const,
            ...before.map((one) => [one.id, titleOfStep(one, things)] as const),
          ]}
          onChange={(like) => onChange(like ? { ...step, like } : unlike, w.whatAStepIsLike)}
        />
      )}
      <div className="grid gap-2">
        <p className="text-soft text-sm">
          {w.begins}{" "}
          {after
            ? w.whenTheseAreDone
            : previous
              ? w.whenIsDone(titleOfStep(previous, things))
              : w.first}
        </p>
        {(after ?? []).map((wait, i) => (
          <div
            key={wait.step}
            className="grid grid-cols-2 items-end gap-3 sm:grid-cols-[1fr_150px_auto]"
          >
            <SelectField
              label={w.after}
              value={wait.step}
              words={before
                .filter(({ id }) => id === wait.step || !after?.some((own) => own.step === id))
                .map((one) => [one.id, titleOfStep(one, things)] as const)}
              onChange={(id) =>
                setAfter(
                  (after ?? []).map((old, k) => (k === i ? { ...old, step: id } : old)),
                  w.whatAStepFollows,
                )
              }
            />
            <NumberField
              label={w.thenWaitsMinutes}
              value={wait.wait}
              least={0}
              most={10_000}
              step={5}
              onChange={(minutes) =>
                setAfter(
                  (after ?? []).map((old, k) => (k === i ? { ...old, wait: minutes } : old)),
                  w.howLongAStepWaits,
                )
              }
            />
            <button
              type="button"
              className="verb min-h-11"
              onClick={() =>
                setAfter(
                  (after ?? []).filter((_, k) => k !== i),
                  w.whatAStepFollows,
                )
              }
            >
              {w.notAfter}
            </button>
          </div>
        ))}
        {previous && (after?.length ?? 0) < Math.min(before.length, 20) && (
          <button
            type="button"
            className="verb min-h-9 justify-self-start text-sm"
            onClick={() => {
              const next = [...before]
                .reverse()
                .find(({ id }) => !after?.some((own) => own.step === id));
              if (next)
                setAfter(
                  [...(after ?? []), { step: next.id, wait: after ? 0 : 15 }],
                  w.whatAStepFollows,
                );
            }}
          >
            {after ? w.andAfterAnotherStep : w.letItWaitOrDry}
          </button>
        )}
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <LongTextField
          label={w.say}
          value={step.say}
          onChange={(say) => set({ say }, w.whatIsSaid)}
        />
        <LongTextField
          label={w.show}
          value={step.show}
          onChange={(show) => set({ show }, w.whatIsShown)}
        />
        <LongTextField
          label={w.check}
          value={step.check}
          onChange={(check) => set({ check }, w.whatIsChecked)}
        />
        <LongTextField
          label={w.usualSlipAndItsRescue}
          value={step.slip ?? ""}
          onChange={(slip) =>
            slip === "" ? onChange(sure, w.usualSlip) : set({ slip }, w.usualSlip)
          }
        />
        <LongTextField
          label={w.care}
          value={step.care}
          onChange={(care) => set({ care }, w.cautionOfAStep)}
        />
        <div className="sm:col-span-2">
          <LongTextField
            label={w.whatParticipantsReadOnTheir}
            value={step.doIt}
            onChange={(doIt) => set({ doIt }, w.whatParticipantsRead)}
          />
        </div>
      </div>
      <p className="flex flex-wrap gap-x-5">
        {!first && (
          <button type="button" className="verb min-h-11" onClick={() => onMove(-1)}>
            {w.up}
          </button>
        )}
        {!last && (
          <button type="button" className="verb min-h-11" onClick={() => onMove(1)}>
            {w.down}
          </button>
        )}
        <button type="button" className="verb min-h-11" onClick={onCopy}>
          {w.onceMore}
        </button>
        <button type="button" className="verb min-h-11" onClick={onOut}>
          {w.remove}
        </button>
      </p>
    </div>
  );
}
