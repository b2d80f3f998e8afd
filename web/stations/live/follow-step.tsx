"use client";

import { notBefore, secondsLeft } from "@elm-basket/core/live/run.ts";
import { showClock } from "@elm-basket/core/units/time.ts";
import type { FollowedStep, LiveState } from "@/live/live-class.ts";
import type { SeatView } from "@/live/seat-view.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { ThingPicture } from "./thing-picture.tsx";
import { useFollowWords } from "./use-follow-words.ts";
import { followStepWords } from "./words.ts";

interface Props {
  readonly step: FollowedStep;
  readonly next: FollowedStep | null;
  readonly steps: readonly FollowedStep[];
  readonly state: LiveState;
  readonly now: number;
  readonly seat: string;
  readonly view: SeatView | null;
  readonly label: string;
  readonly clock: (at: number) => string;
}

/** What to do now, with the own decal; while something dries, the drying. */
export function FollowStep({ step, next, steps, state, now, seat, view, label, clock }: Props) {
  const say = useFollowWords();
  const left = secondsLeft(step, state, now);
  const until = notBefore(step, state);
  const dry = until !== null && until > now;
  const thing = view?.things.find(({ thing: id }) => id === step.thing) ?? view?.things[0];
  return (
    <>
      <h1 className="text-4xl" data-step={step.id}>
        {step.title}
      </h1>
      {dry ? (
        <Drying step={step} steps={steps} state={state} until={until} now={now} clock={clock} />
      ) : (
        <p className="my-1 flex items-baseline gap-3">
          <span
            className={`font-bold font-head text-6xl ${left < 0 ? "text-brick" : ""}`}
            suppressHydrationWarning
            data-left
          >
            {left < 0 ? `+${showClock(-left)}` : showClock(left)}
          </span>
          <span className="text-soft">
            {followStepWords().min(
              left,
              say.over,
              say.leftOf,
              step.minutes,
              state.extraSeconds / 60,
            )}
          </span>
        </p>
      )}
      <p className="mb-4 text-soft">
        {state.heldAt ? say.held : next ? say.next(next.title) : say.last}
      </p>
      {state.line && seat && <Turn line={state.line} seat={seat} tool={step.tool?.name ?? ""} />}
      {thing && (
        <div className="mb-4">
          <ThingPicture thing={thing} name={label} maxHeight="38vh" />
          {step.lies !== "" && thing.lies !== "" && (
            <p className="mt-2 text-lg" data-lies>
              <b>{say.lies}</b>
              {thing.lies}
            </p>
          )}
        </div>
      )}
      {!thing && step.lies !== "" && (
        <p className="mb-3 text-lg" data-lies>
          <b>{say.where}</b>
          {step.lies}
        </p>
      )}
      <StepWords step={step} />
    </>
  );
}

/** What a participant reads of a step. */
export function StepWords({ step }: { step: FollowedStep }) {
  const say = useFollowWords();
  return (
    <>
      {step.doIt && <p className="mb-3 text-xl">{step.doIt}</p>}
      {step.check && (
        <p className="mb-3 text-lg">
          <b>{say.good}</b>
          {step.check}
        </p>
      )}
      {step.slip && (
        <p className="mb-3 text-lg">
          <b>{say.wrong}</b>
          {step.slip}
        </p>
      )}
      {step.care && (
        <p className="flex gap-3 border-rule border-t py-3 text-lg">
          <span className="pt-1">
            <SeverityMark severity="check" />
          </span>
          {step.care}
        </p>
      )}
    </>
  );
}

const RING = 2 * Math.PI * 44;

function Drying({
  step,
  steps,
  state,
  until,
  now,
  clock,
}: Pick<Props, "step" | "steps" | "state" | "now" | "clock"> & { until: number }) {
  const say = useFollowWords();
  const begun = Math.max(
    0,
    ...step.after.flatMap(({ step: of, wait }) =>
      wait > 0 && Object.hasOwn(state.ends, of) ? [state.ends[of] as number] : [],
    ),
  );
  const of = step.after.find(({ step: before }) => state.ends[before] === begun);
  const share = until > begun ? Math.min(1, Math.max(0, (now - begun) / (until - begun))) : 1;
  return (
    <div className="my-3 flex items-center gap-5" data-drying>
      <svg viewBox="0 0 100 100" className="w-36 shrink-0" aria-hidden>
        <circle cx="50" cy="50" r="44" fill="none" stroke="var(--color-rule)" strokeWidth="9" />
        <circle
          cx="50"
          cy="50"
          r="44"
          fill="none"
          stroke="var(--color-ochre)"
          strokeWidth="9"
          strokeDasharray={`${RING * share} ${RING}`}
          transform="rotate(-90 50 50)"
        />
        <text
          x="50"
          y="57"
          textAnchor="middle"
          fontSize="22"
          fontWeight="700"
          fill="var(--color-ink)"
          suppressHydrationWarning
        >
          {showClock((until - now) / 1000)}
        </text>
      </svg>
      <p className="text-lg" role="status">
        {say.dries[0]}
        <b>{clock(until)}</b>
        {say.dries[1]}
        {of && (
          <span className="block text-base text-soft">
            {say.wasDone(steps.find(({ id }) => id === of.step)?.title ?? "", clock(begun))}
          </span>
        )}
      </p>
    </div>
  );
}

function Turn({
  line,
  seat,
  tool,
}: {
  line: NonNullable<LiveState["line"]>;
  seat: string;
  tool: string;
}) {
  const say = useFollowWords();
  const at = line.waiting.indexOf(seat);
  const where = tool.toLowerCase();
  const words = line.turn.includes(seat)
    ? say.turn(where)
    : at >= 0
      ? say.before(line.turn.length + at, where)
      : line.through.includes(seat)
        ? say.through
        : "";
  return words === "" ? null : (
    <p className="mb-4 border-elm border-l-4 bg-elm-tint p-3 text-xl" role="status" data-turn>
      {words}
    </p>
  );
}
