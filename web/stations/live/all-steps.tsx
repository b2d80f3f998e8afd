"use client";

import type { FollowedStep, LiveState } from "@/live/live-class.ts";
import type { SeatView } from "@/live/seat-view.ts";
import { StepWords } from "./follow-step.tsx";
import { ThingPicture } from "./thing-picture.tsx";
import { useFollowWords } from "./use-follow-words.ts";
import { allStepsWords } from "./words.ts";

/**
 * All steps, with what is done, now and to come; each opens to its words, also afterwards at home.
 */
export function AllSteps({
  steps,
  state,
  view,
  label,
}: {
  steps: readonly FollowedStep[];
  state: LiveState;
  view: SeatView | null;
  label: string;
}) {
  const say = useFollowWords();
  return (
    <ol className="mt-2 border-rule border-t" aria-label={say.allSteps}>
      {steps.map((step) => {
        const done = Object.hasOwn(state.ends, step.id);
        const here = state.running && step.id === state.stepId;
        const thing = view?.things.find(({ thing: id }) => id === step.thing) ?? view?.things[0];
        return (
          <li
            key={step.id}
            className="border-rule border-b"
            aria-current={here ? "step" : undefined}
          >
            <details>
              <summary
                className={`flex min-h-11 cursor-pointer items-center gap-3 py-2 text-lg ${here ? "font-bold" : done || state.skipped.includes(step.id) ? "text-soft" : ""}`}
              >
                <span
                  aria-hidden
                  className={`inline-block size-4 shrink-0 rounded-full border-2 border-elm ${done ? "bg-elm" : here ? "bg-elm-tint" : ""}`}
                />
                <span className={state.skipped.includes(step.id) ? "line-through" : ""}>
                  {step.title}
                </span>
                <span className="ml-auto shrink-0 text-base text-soft">
                  {here
                    ? say.now
                    : done
                      ? say.done
                      : allStepsWords().min(
                          state.skipped.includes(step.id),
                          say.leftOut,
                          step.minutes,
                        )}
                </span>
              </summary>
              <div className="pb-3 pl-7">
                <StepWords step={step} />
                {thing && step.lies !== "" && (
                  <>
                    <ThingPicture thing={thing} name={label} maxHeight="30vh" />
                    <p className="mt-1">{thing.lies || step.lies}</p>
                  </>
                )}
              </div>
            </details>
          </li>
        );
      })}
    </ol>
  );
}
