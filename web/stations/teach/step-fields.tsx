"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { titleOfStep } from "@elm-basket/core/document/steps-of-things.ts";
import { GATE_WORDS } from "@elm-basket/core/rehearsal/words-en.ts";
import type { Step, Tool } from "@elm-basket/core/scheduling/step.ts";
import { GATES } from "@elm-basket/core/scheduling/step-kinds.ts";
import { LongTextField, NumberField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";

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

const WHO_WORDS = {
  host: "the host shows it",
  together: "everybody at once",
  queue: "one after another at a tool",
} as const;

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
            label="Title of the step"
            value={step.title}
            maxLength={120}
            required="Give the step a title."
            onChange={(title) => set({ title }, "Title of a step")}
          />
        </div>
        <NumberField
          label={step.who === "queue" ? "Minutes each" : "Minutes"}
          value={step.minutes}
          least={1}
          most={1440}
          onChange={(minutes) => set({ minutes }, "Minutes of a step")}
        />
        <NumberField
          label="Half are done after, minutes"
          hint="Of the beginners; the minutes hold for the slowest quarter."
          value={step.half ?? step.minutes}
          least={1}
          most={step.minutes}
          onChange={(half) =>
            half >= step.minutes ? onChange(alike, "Half are done") : set({ half }, "Half are done")
          }
        />
        <SelectField
          label="Who"
          value={step.who}
          words={WHO_WORDS}
          onChange={(who) =>
            onChange(
              who === "queue"
                ? { ...step, who, tool: step.tool ?? tools[0]?.id ?? "" }
                : { ...free, who },
              "Who does a step",
            )
          }
        />
      </div>
      {step.who !== "host" && (
        <SelectField
          label="The room goes on"
          value={step.gate ?? ""}
          words={[
            ["", "as the class does"] as const,
            ...GATES.map((gate) => [gate, GATE_WORDS[gate]] as const),
          ]}
          onChange={(gate) => onChange(gate ? { ...step, gate } : ungated, "When the room goes on")}
        />
      )}
      {step.who === "queue" && (
        <SelectField
          label="At the tool"
          value={step.tool ?? ""}
          words={[
            ...(tools.some(({ id }) => id === step.tool)
              ? []
              : [["", tools.length === 0 ? "add a tool below first" : "choose"] as const]),
            ...tools.map(({ id, name }) => [id, name] as const),
          ]}
          onChange={(tool) => tool && set({ tool }, "Tool of a step")}
        />
      )}
      {things.length > 1 && (
        <SelectField
          label="Of"
          value={step.thing ?? ""}
          words={[
            ["", "all things"] as const,
            ...things.map(({ id, title }) => [id, title] as const),
          ]}
          onChange={(thing) => onChange(thing ? { ...step, thing } : everywhere, "Thing of a step")}
        />
      )}
      {(step.like !== undefined || things.length > 1) && before.length > 0 && (
        <SelectField
          label="Done before in the same way"
          hint="A second one like it goes quicker; after the class its pace is learned from both."
          value={step.like ?? ""}
          words={[
            ["", "no, told for the first time"] as const,
            ...before.map((one) => [one.id, titleOfStep(one, things)] as const),
          ]}
          onChange={(like) => onChange(like ? { ...step, like } : unlike, "What a step is like")}
        />
      )}
      <div className="grid gap-2">
        <p className="text-soft text-sm">
          Begins{" "}
          {after
            ? "when these are done and have waited"
            : previous
              ? `when “${titleOfStep(previous, things)}” is done`
              : "first"}
        </p>
        {(after ?? []).map((wait, i) => (
          <div
            key={wait.step}
            className="grid grid-cols-2 items-end gap-3 sm:grid-cols-[1fr_150px_auto]"
          >
            <SelectField
              label="After"
              value={wait.step}
              words={before
                .filter(({ id }) => id === wait.step || !after?.some((own) => own.step === id))
                .map((one) => [one.id, titleOfStep(one, things)] as const)}
              onChange={(id) =>
                setAfter(
                  (after ?? []).map((old, k) => (k === i ? { ...old, step: id } : old)),
                  "What a step follows",
                )
              }
            />
            <NumberField
              label="Then waits, minutes"
              value={wait.wait}
              least={0}
              most={10_000}
              step={5}
              onChange={(minutes) =>
                setAfter(
                  (after ?? []).map((old, k) => (k === i ? { ...old, wait: minutes } : old)),
                  "How long a step waits",
                )
              }
            />
            <button
              type="button"
              className="verb min-h-11"
              onClick={() =>
                setAfter(
                  (after ?? []).filter((_, k) => k !== i),
                  "What a step follows",
                )
              }
            >
              not after it
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
                  "What a step follows",
                );
            }}
          >
            {after ? "and after another step" : "let it wait or dry before"}
          </button>
        )}
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <LongTextField
          label="Say"
          value={step.say}
          onChange={(say) => set({ say }, "What is said")}
        />
        <LongTextField
          label="Show"
          value={step.show}
          onChange={(show) => set({ show }, "What is shown")}
        />
        <LongTextField
          label="Check"
          value={step.check}
          onChange={(check) => set({ check }, "What is checked")}
        />
        <LongTextField
          label="Usual slip and its rescue"
          value={step.slip ?? ""}
          onChange={(slip) =>
            slip === "" ? onChange(sure, "Usual slip") : set({ slip }, "Usual slip")
          }
        />
        <LongTextField
          label="Care"
          value={step.care}
          onChange={(care) => set({ care }, "Caution of a step")}
        />
        <div className="sm:col-span-2">
          <LongTextField
            label="What participants read on their phones"
            value={step.doIt}
            onChange={(doIt) => set({ doIt }, "What participants read")}
          />
        </div>
      </div>
      <p className="flex flex-wrap gap-x-5">
        {!first && (
          <button type="button" className="verb min-h-11" onClick={() => onMove(-1)}>
            up
          </button>
        )}
        {!last && (
          <button type="button" className="verb min-h-11" onClick={() => onMove(1)}>
            down
          </button>
        )}
        <button type="button" className="verb min-h-11" onClick={onCopy}>
          once more
        </button>
        <button type="button" className="verb min-h-11" onClick={onOut}>
          remove
        </button>
      </p>
    </div>
  );
}
