import { dryings } from "@elm-basket/core/live/run.ts";
import type { LiveClass, LiveState, LiveStep } from "@/live/live-class.ts";
import { stepLineWords } from "./words.ts";

interface Props {
  readonly live: LiveClass;
  readonly steps: readonly LiveStep[];
  readonly state: LiveState;
  readonly now: number;
  readonly clock: (at: number) => string;
}

/**
 * All steps to the scale of their minutes, with where the class is, what is left out, and what
 * dries.
 */
export function StepLine({ live, steps, state, now, clock }: Props) {
  const total = steps.reduce((sum, step) => sum + step.minutes, 0) || 1;
  const drying = state.running ? dryings(steps, state, now) : [];
  const begins = state.running || state.ended ? state.startedAt : live.beginsAt;
  return (
    <div className="px-8 py-3">
      <p className="mb-1 flex justify-between text-sm text-stage-soft">
        <span>{clock(begins)}</span>
        <span>{clock(begins + live.endMinute * 60_000)}</span>
      </p>
      <ol className="flex gap-1" aria-label={stepLineWords().steps}>
        {steps.map((step) => {
          const here = state.running && step.id === state.stepId;
          const past = state.ended || Object.hasOwn(state.ends, step.id);
          const out = state.skipped.includes(step.id);
          const dry = drying.find(({ step: id }) => id === step.id);
          return (
            <li
              key={step.id}
              style={{ width: `${(100 * step.minutes) / total}%` }}
              className="min-w-0"
              aria-current={here ? "step" : undefined}
            >
              <div
                className={`h-6 border ${here ? "border-stage-text bg-stage-text" : past ? "border-stage-elm bg-stage-elm" : out ? "border-stage-soft border-dashed" : "border-stage-elm bg-stage-rule"}`}
              />
              <div
                className={`mt-1 h-1 ${dry ? "bg-[repeating-linear-gradient(90deg,var(--color-stage-ochre)_0_6px,transparent_6px_10px)]" : ""}`}
              />
              <p
                className={`truncate text-sm ${here ? "font-bold" : "text-stage-soft"} ${out ? "line-through" : ""}`}
                title={step.title}
              >
                {step.title}
              </p>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
